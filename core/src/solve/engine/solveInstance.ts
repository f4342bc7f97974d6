import { improve, type Ways } from './improve'
import { modelOf, startsById, type Instance } from './instance'
import { validate } from './validate'

/** An answer as files have it. A `lowerBound` is valid; `optimal` and `infeasible` are proofs. */
export interface InstanceAnswer {
  readonly status: 'optimal' | 'feasible' | 'infeasible' | 'unknown'
  readonly makespan?: number
  readonly lowerBound?: number
  readonly starts?: Readonly<Record<string, number>>
}

/** Solves an instance; what does not pass the validator is never given out. @throws Error when the engine erred */
export function solveInstance(instance: Instance, ways: Ways): InstanceAnswer {
  const { status, schedule, makespan, bound } = improve(modelOf(instance), ways)
  if (schedule === null || makespan === null)
    return { status, ...(status === 'unknown' && bound !== null ? { lowerBound: bound } : {}) }
  const starts = startsById(instance, schedule)
  const [fault] = validate(instance, starts)
  if (fault) throw new Error(`the engine’s answer does not pass the check: ${fault}`)
  return { status, makespan, lowerBound: status === 'optimal' ? makespan : (bound ?? 0), starts }
}
