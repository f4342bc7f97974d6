/** From the first to the last stroke of a stretch of work, minutes since the epoch. */
interface Strokes {
  readonly from: number
  readonly to: number
}

/**
 * When some edges of a piece of work were done, from their ticks. A tick says when its edges were through, so their
 * first stroke lies before it: by the work's minutes, or by the share that was ticked together with them.
 *
 * @param ticks  of the edges asked for; null where none came yet
 * @param all  ticks of every edge of the work, those among them
 * @param minutes  what the whole work takes
 * @returns null while no tick came
 */
export function strokesOf(
  ticks: readonly (number | null)[],
  all: readonly (number | null)[],
  minutes: number,
): Strokes | null {
  const times = ticks.filter((at) => at !== null)
  if (times.length === 0) return null
  const first = Math.min(...times)
  const together = all.filter((at) => at === first).length / Math.max(1, all.length)
  return { from: first - minutes * together, to: Math.max(...times) }
}
