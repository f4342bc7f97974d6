export { improve, type Answer, type Ways } from './improve'
export {
  modelOf,
  startsById,
  type Instance,
  type InstanceLag,
  type InstanceResource,
  type InstanceTask,
} from './instance'
export {
  endOf,
  makespanOf,
  type ModelLag,
  type Model,
  type Schedule,
  type SharedResource,
  type ModelTask,
} from './model'
export { type PassBench } from './propagators/bench'
export { propagatorPasses } from './propagators/passes'
export { solveInstance, type InstanceAnswer } from './solveInstance'
export { validate } from './validate'
