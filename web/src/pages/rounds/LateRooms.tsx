import { useState } from 'react'
import { listed, type Help, type Plan } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { useAppSelector } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { W, factText, spanText, whenText } from '../../app/words'
import type { HelpAnswer, HelpQuestion } from './help.worker'

/** Rooms that will not be handed back in time: why, and what single change would help. */
export function LateRooms({ plan }: { plan: Plan }) {
  const { rooms } = useFacts()
  const late = plan.misses.filter((miss) => miss.kind === 'late-hand-back')
  if (late.length === 0) return null
  return (
    <Panel title={W.late.title}>
      {late.map((each) => (
        <LateRoom
          key={each.other}
          plan={plan}
          roomId={each.other ?? ''}
          line={W.late.by({
            room: rooms.find((room) => room.id === each.other)?.name ?? '',
            span: spanText(each.minutes ?? 0),
          })}
        />
      ))}
    </Panel>
  )
}

function LateRoom({ plan, roomId, line }: { plan: Plan; roomId: string; line: string }) {
  const [isOpen, setIsOpen] = useState(false)
  return (
    <div className="border-b border-rule py-1">
      <p className="flex flex-wrap items-baseline gap-3">
        {line}
        {!isOpen && <Button onClick={() => setIsOpen(true)}>{W.late.ask}</Button>}
      </p>
      {isOpen && <Answer plan={plan} roomId={roomId} />}
    </div>
  )
}

const start = () => new Worker(new URL('./help.worker.ts', import.meta.url), { type: 'module' })

function Answer({ plan, roomId }: { plan: Plan; roomId: string }) {
  const facts = useFacts()
  const log = useAppSelector((state) => state.log.events)
  // As it stood when it was asked: plans are made anew while the answer is worked out.
  const [question] = useState((): HelpQuestion => ({ job: { ...facts, log, published: null }, now: plan.at, roomId }))
  const answer = useWorkerAnswer<HelpQuestion, HelpAnswer>(start, question, 200)
  if (!answer) return <p className="text-soft">{W.late.working}</p>
  const { why, helps } = answer
  return (
    <>
      <p>{whyWords(why)}</p>
      {helps.length === 0 && <p>{W.late.nothing}</p>}
      <ul className="ml-5 list-disc">
        {helps.map((help) => (
          <HelpLine key={JSON.stringify(help.change)} help={help} />
        ))}
      </ul>
    </>
  )
}

function HelpLine({ help }: { help: Help }) {
  const { crews, site } = useFacts()
  const now = useNow(60_000)
  const { change } = help
  const crew = 'crewId' in change ? (crews.find((each) => each.id === change.crewId)?.name ?? '') : ''
  const pull = change.change === 'pull' ? W.late.pulls[change.pull] : ''
  const facts = { change: W.late.changes[change.change]({ crew, pull }), when: whenText(help.endsAt, now, site.zone) }
  return (
    <li className={help.isInTime ? 'font-semibold' : ''}>
      {help.isInTime ? W.late.inTime(facts) : W.late.sooner({ ...facts, span: spanText(Math.round(help.wonMin)) })}
    </li>
  )
}

function whyWords(why: HelpAnswer['why']): string {
  if (why === null) return W.late.notProved
  if (why.length === 0) return W.late.alone
  return W.late.because({ list: factText(listed(why.map((demand) => W.late.demands[demand]))) })
}
