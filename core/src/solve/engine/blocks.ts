import { intAt, nth, sure } from '../../base/units/sure'
import type { Model } from './model'

/**
 * Tasks that lags tie into both directions, as blocks: what has a longest wait goes on the table as a whole or not at all.
 * Strongly connected components of the lags (Tarjan 1972), in an order in which a block comes behind all it waits for.
 */
export function blocksOf(model: Model): number[][] {
  const count = model.tasks.length
  const after: number[][] = Array.from({ length: count }, () => [])
  for (const { from, to } of model.lags) nth(after, from).push(to)
  const index = new Int32Array(count).fill(-1)
  const low = new Int32Array(count)
  const isOn = new Uint8Array(count)
  const stack: number[] = []
  const blocks: number[][] = []
  let next = 0
  // Walked by hand: chains of thousands of tasks are deeper than a call stack likes.
  for (let root = 0; root < count; root++) {
    if (intAt(index, root) >= 0) continue
    const walk: [task: number, edge: number][] = [[root, 0]]
    while (walk.length > 0) {
      const frame = nth(walk, walk.length - 1)
      const [task, edge] = frame
      if (edge === 0) {
        index[task] = low[task] = next++
        stack.push(task)
        isOn[task] = 1
      }
      const to = nth(after, task)[edge]
      if (to === undefined) {
        walk.pop()
        const above = walk[walk.length - 1]
        if (above) low[above[0]] = Math.min(intAt(low, above[0]), intAt(low, task))
        if (low[task] === index[task]) blocks.push(taken(stack, isOn, task))
        continue
      }
      frame[1]++
      if (intAt(index, to) < 0) walk.push([to, 0])
      else if (isOn[to]) low[task] = Math.min(intAt(low, task), intAt(index, to))
    }
  }
  return blocks.reverse()
}

function taken(stack: number[], isOn: Uint8Array, root: number): number[] {
  const block: number[] = []
  for (;;) {
    const task = sure(stack.pop())
    isOn[task] = 0
    block.push(task)
    if (task === root) return block.reverse()
  }
}
