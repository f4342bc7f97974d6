import { coverOf, rollCuts, type CoverTaken, type Job, type RollCuts } from '@crisp-hem/core'

/** A kind of film or paper to look longer at. */
export interface CutAsked {
  readonly job: Job
  readonly line: CoverTaken
}
/** The best way to cut it so far. */
export interface CutFound {
  readonly cuts: RollCuts
  readonly ways: number
  readonly isOver: boolean
}

/** Ways looked at in each round, four times as many as in the one before; whoever stops keeps the last answer. */
const ROUNDS = [2e5, 8e5, 3.2e6, 1.28e7]

self.onmessage = ({ data: { job, line } }: MessageEvent<CutAsked>) => {
  const down = new Map(
    (line.cuts?.rolls ?? []).flatMap(({ panels }) =>
      panels.flatMap(({ roomId, from }) => (from === null ? [] : [[roomId, { from, to: from }] as const])),
    ),
  )
  for (const [i, ways] of ROUNDS.entries()) {
    const cuts = rollCuts({
      job,
      cover: coverOf(job.shelf, line.coverId),
      needs: line.needs,
      down,
      effort: { ways, isStopped: () => false },
    })
    const isOver = i === ROUNDS.length - 1 || cuts.priceMinor <= cuts.leastMinor
    self.postMessage({ cuts, ways, isOver } satisfies CutFound)
    if (isOver) return
  }
}
