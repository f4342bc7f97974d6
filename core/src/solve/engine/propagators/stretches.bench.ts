import { Store } from '../kernel/store'
import { benchHeld, type PassBench } from './bench'
import { Stretches } from './stretches'

/** Work of a hundred and fifty tasks packed into the shifts of a week, with room to spare. */
export function stretchPass(): PassBench {
  const store = new Store()
  const held = benchHeld(store, 150)
  const there = Array.from({ length: 12 }, (_, k): [number, number] => [k * 480, k * 480 + 420])
  const stretches = new Stretches(store, 0, held, 60, there)
  return { what: 'packing of 150 tasks into 12 shifts, a pass', once: () => void stretches.propagate() }
}
