import {
  judgeWithDoubt,
  overKeepAge,
  overPullTime,
  revealEdge,
  type BenchAnswer,
  type BenchSetup,
  type Curve,
  type Reveal,
  type Shelf,
} from '@crisp-hem/core'

/** What one setup shows. */
export interface BenchView {
  readonly setup: BenchSetup
  readonly answer: BenchAnswer
  readonly reveal: Reveal
  readonly overPull: readonly Curve[]
  readonly overAge: readonly Curve[]
}
export interface BenchRequest {
  readonly seq: number
  readonly setups: readonly BenchSetup[]
  readonly shelf: Shelf
}
export interface BenchReply {
  readonly seq: number
  readonly views: readonly BenchView[]
}

self.onmessage = ({ data }: MessageEvent<BenchRequest>) => {
  const views = data.setups.map((setup): BenchView => ({
    setup,
    answer: judgeWithDoubt(setup, data.shelf),
    reveal: revealEdge(setup, data.shelf),
    overPull: overPullTime(setup, data.shelf),
    overAge: overKeepAge(setup, data.shelf),
  }))
  self.postMessage({ seq: data.seq, views } satisfies BenchReply)
}
