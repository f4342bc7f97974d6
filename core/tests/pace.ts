/**
 * Bounds of time that hold on slow and on shared machines: what a piece of work takes of the processor, measured in
 * goes of a sum that the same machine has just been seen to do.
 */

/** What {@link sum} takes on the machine these bounds were set on, ms. Measured there, the middle of many. */
const SUM_MS = 60

/** Milliseconds of processor time this process has had. Those of other programs do not count. */
export function workedMs(): number {
  const { user, system } = process.cpuUsage()
  return (user + system) / 1000
}

/**
 * How many times slower this machine is at the moment than the one bounds were set on, by the clock on the wall; 1 where it is
 * quicker.
 */
export function slowness(): number {
  const from = performance.now()
  sum()
  return Math.max(1, (performance.now() - from) / SUM_MS)
}

/** A bound in ms of processor time, widened by as much as this machine is slower at the moment than the one the bound was set on. */
export function paced(limitMs: number): number {
  const from = workedMs()
  sum()
  return limitMs * Math.max(1, (workedMs() - from) / SUM_MS)
}

/** Numbers in a map and in an array, so that memory counts too. What it finds is of no interest. */
function sum(): number {
  const seen = new Map<number, number>()
  const figures = new Float64Array(100_000)
  let state = 1
  for (let i = 0; i < 300_000; i++) {
    state = (state * 48_271) % 2_147_483_647
    const at = state % figures.length
    figures[at] = Math.sqrt(state) + figures[(at * 7) % figures.length]!
    if (i % 3 === 0) seen.set(at, (seen.get(at) ?? 0) + 1)
  }
  return seen.size + figures[1]!
}
