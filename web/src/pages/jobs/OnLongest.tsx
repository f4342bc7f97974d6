import { Link } from 'react-router'
import type { JobSummary } from '@crisp-hem/core/wire'
import { useNow } from '../../app/state/clock'
import { Panel } from '../../app/ui/Panel'
import { W, whenText } from '../../app/words'
import type { JobState } from './jobState'

/** As many as somebody would drive round for in a day. */
const SHOWN = 6

interface OnLongestProps {
  readonly jobs: readonly JobSummary[]
  readonly states: ReadonlyMap<string, JobState>
}

/** Tape that is easily forgotten, over all jobs: what should be off first, then what has been on longest. */
export function OnLongest({ jobs, states }: OnLongestProps) {
  const now = useNow(60_000)
  const lines = jobs
    .flatMap((job) =>
      (states.get(job.id)?.on ?? []).map((on) => ({ job, ...on, isOver: on.due !== null && on.due < now })),
    )
    .sort((a, b) => Number(b.isOver) - Number(a.isOver) || a.since - b.since)
    .slice(0, SHOWN)
  if (lines.length === 0) return null
  return (
    <Panel title={W.onLongest.title}>
      <ul>
        {lines.map(({ job, room, since, due, isOver }) => (
          <li key={`${job.id} ${room}`} className="flex flex-wrap gap-x-4 border-b border-rule py-1">
            <Link to={`/jobs/${job.id}/pulls`} className="font-semibold underline">
              {job.name}, {room}
            </Link>
            <span className="text-soft">{W.onLongest.since({ when: whenText(since, now, job.zone) })}</span>
            {due !== null && (
              <span className={isOver ? 'font-semibold text-act' : ''}>
                {(isOver ? W.onLongest.over : W.onLongest.until)({ due: whenText(due, now, job.zone) })}
              </span>
            )}
          </li>
        ))}
      </ul>
    </Panel>
  )
}
