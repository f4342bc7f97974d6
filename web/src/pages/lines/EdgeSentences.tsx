import {
  COVERED_FROM_MM,
  straightened,
  wanderShows,
  type SplitLine,
  type StraightLine,
  type WanderPoint,
} from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { W } from '../../app/words'
import { aboutRun } from './aboutRun'
import { mmWords } from '../../app/words/mmWords'

interface EdgeSentencesProps {
  /** The line over the edge; null where it is only followed. */
  readonly of: StraightLine | SplitLine | null
  readonly points: readonly WanderPoint[]
  readonly trimMm: number | null
}

/** What to do, in a painter's words. */
export function EdgeSentences({ of, points, trimMm }: EdgeSentencesProps) {
  const mm = mmWords(useFacts().site.units)
  if (of === null)
    return <p className="mt-2 max-w-prose">{wanderShows(points) ? W.lines.followShows : W.lines.followHides}</p>
  const what = straightened(points, of, trimMm)
  const ends = { left: mm(what.leftMm), right: mm(what.rightMm) }
  const covered = {
    most: mm(what.mostMm),
    at: mm(what.mostAtMm),
    run: mm(aboutRun(what.coveredRunMm)),
    least: mm(COVERED_FROM_MM),
  }
  return (
    <div className="mt-2 grid max-w-prose gap-1">
      <p className="font-semibold">
        {what.joint
          ? W.lines.snapTwo({ ...ends, joint: mm(what.joint.atMm), there: mm(what.joint.offMm) })
          : W.lines.snap(ends)}
      </p>
      <p>
        {W.lines.covers(covered)}{' '}
        {trimMm !== null && what.staysMm !== null && W.lines.stays({ stays: mm(what.staysMm), trim: mm(trimMm) })}
      </p>
      {what.slants && <p>{W.lines.slants}</p>}
      {what.bendShows && <p>{W.lines.bends}</p>}
      {what.trim !== 'enough' && (
        <p role="alert" className="font-semibold text-act">
          {what.trim === 'gone' ? W.lines.trimGone : W.lines.trimUnderHalf}
        </p>
      )}
    </div>
  )
}
