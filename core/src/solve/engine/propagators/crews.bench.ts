import { Store } from '../kernel/store'
import { benchHeld, type PassBench } from './bench'
import { CrewResource } from './crews'

/** The time-table of a crew of sixty, so that it is full of work and nothing clashes. */
export function crewPass(): PassBench {
  const store = new Store()
  const held = benchHeld(store, 200)
  const crew = new CrewResource(store, 0, held, 60)
  return { what: 'time-table of 200 tasks, a pass', once: () => void crew.propagate() }
}
