import { Store } from '../kernel/store'
import { benchTasks, type PassBench } from './bench'
import { Lags } from './lags'

/** A start with two hundred others behind it, none of them moved by it. */
export function lagPass(): PassBench {
  const store = new Store()
  const lags = new Lags(store, 0)
  const [first = 0, ...others] = benchTasks(201).map(({ least, most }) => store.variable(least, most + 100_000))
  for (const other of others) lags.add(first, other, -200_000)
  lags.close()
  return { what: 'lags of a start to 200 others, a pass', once: () => void lags.raised(first) }
}
