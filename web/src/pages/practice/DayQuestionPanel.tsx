import { useMemo, useState } from 'react'
import { Link } from 'react-router'
import { tapeOf, toLocal, type Plan } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts, useHems } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { factText, sayText, W } from '../../app/words'
import { questionOf } from './question'

interface DayQuestionProps {
  readonly plan: Plan
  /** Whether the way to more of it is shown. */
  readonly withMore: boolean
}

/** A question from this job's own lines while paint dries. */
export function DayQuestionPanel({ plan, withMore }: DayQuestionProps) {
  const { id, rooms, shelf, site } = useFacts()
  const hems = useHems()
  const now = useNow(60_000)
  const day = `${id} ${toLocal(now, site.zone).day}`
  const question = useMemo(() => questionOf(plan, shelf, day), [plan, shelf, day])
  const [chosen, setChosen] = useState<{ readonly day: string; readonly tapeId: string } | null>(null)
  const hem = question && hems.get(question.hemId)
  if (!question || !hem) return null
  const room = rooms.find((each) => each.id === hem.roomId)?.name ?? ''
  const tapeId = chosen?.day === day ? chosen.tapeId : null
  const answered = question.options.find((each) => each.tapeId === tapeId)
  const right = question.options.find(({ whyNot }) => whyNot === null)
  const nameOf = (tapeId: string) => tapeOf(shelf, tapeId).name
  return (
    <Panel title={W.practice.question.title}>
      <p className="font-semibold">{W.practice.question.ask({ room, place: factText(hem.place) })}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        {question.options.map(({ tapeId: each }) => (
          <Button
            key={each}
            className="min-h-11"
            aria-pressed={answered?.tapeId === each}
            onClick={() => setChosen({ day, tapeId: each })}
          >
            {nameOf(each)}
          </Button>
        ))}
      </div>
      {answered && right && (
        <div className="mt-2" role="status">
          <p className="font-semibold">
            {answered.whyNot === null
              ? W.practice.question.right({ tape: nameOf(right.tapeId) })
              : W.practice.question.wrong({ tape: nameOf(right.tapeId) })}
          </p>
          {question.why && <p>{W.practice.question.why({ why: sayText(question.why) })}</p>}
          {answered.whyNot && (
            <p>{W.practice.question.whyNot({ tape: nameOf(answered.tapeId), why: sayText(answered.whyNot) })}</p>
          )}
        </div>
      )}
      {withMore && (
        <Link className="mt-2 inline-flex min-h-11 items-center underline" to={`/jobs/${id}/practice`}>
          {W.practice.question.more}
        </Link>
      )}
    </Panel>
  )
}
