import { known, word } from '../../base/nouns'

/** What a standing person reaches, mm; above it a painter stands on a step ladder. Common practice. */
export const STANDING_REACH_MM = known(2400, 'mm', 'common-practice', word('source', 'reach-of-a-standing-painter'))

/** Height up to which a step ladder does; above it people stand on a tower or a scaffold. */
export const LADDER_REACH_MM = known(3600, 'mm', 'from-memory', word('source', 'standing-reach-of-a-painter-on-a'))

interface Run {
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
}

/** The highest point of a line, mm above the floor. */
export const highestMm = (runs: readonly Run[]): number => Math.max(0, ...runs.flatMap(({ y1, y2 }) => [y1, y2]))

/** Which share of a line is laid from a step ladder, 0 … 1; higher up people stand on a tower and walk along it. */
export function shareOnLadder(runs: readonly Run[]): number {
  const reach = STANDING_REACH_MM.value
  if (highestMm(runs) > LADDER_REACH_MM.value) return 0
  let [all, above] = [0, 0]
  for (const { x1, y1, x2, y2 } of runs) {
    const long = Math.hypot(x2 - x1, y2 - y1)
    const [low, high] = [Math.min(y1, y2), Math.max(y1, y2)]
    all += long
    above += long * (high === low ? Number(low > reach) : Math.max(0, Math.min(1, (high - reach) / (high - low))))
  }
  return all === 0 ? 0 : above / all
}
