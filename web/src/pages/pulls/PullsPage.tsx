import { parseInstant, type Plan } from '@crisp-hem/core'
import { W, whenText } from '../../app/words'
import { useMemo, useState } from 'react'
import { DayQuestionPanel } from '../practice/DayQuestionPanel'
import { DisplayButton } from '../../app/frame/DisplayButton'
import { PageHead } from '../../app/frame/PageHead'
import { usePlanWait } from '../../app/frame/PlanTrouble'
import { useNow } from '../../app/state/clock'
import { useFacts, useLog, usePlan } from '../../app/state/useJob'
import { boardAt } from './board'
import { Button } from '../../app/ui/Button'
import { inRoom } from './inRoom'
import { Breathers } from './Breathers'
import { InspectList } from './InspectList'
import { MendList } from './MendList'
import { PullCardView } from './PullCardView'
import { Register } from './Register'
import { TagFinder } from './TagFinder'
import { TodoList } from './TodoList'
import { useAlarm } from './useAlarm'
import { WhatChanged } from './WhatChanged'

/** The crew board: what comes off now, what is next, what must be left alone. */
export function PullsPage() {
  const plan = usePlan()
  const wait = usePlanWait()
  const log = useLog()
  const { crews, rooms, site } = useFacts()
  const now = useNow(1000)
  const [crewId, setCrewId] = useState<string | null>(null)
  const [roomId, setRoomId] = useState<string | null>(null)
  // Windows open and close on the minute; the seconds are only for the countdowns.
  const minute = Math.floor(now)
  const board = useMemo(
    () => (plan ? inRoom(boardAt(plan, log, minute + 0.001, { crewId, crews }), roomId) : null),
    [plan, log, minute, crewId, crews, roomId],
  )
  const due = (board?.pulls ?? []).flatMap(({ stand, pull }) => (stand === 'now' ? [pull.roundId] : []))
  const { rings, setRings } = useAlarm(due)
  return (
    <>
      <PageHead title={W.pulls.title} line={plan ? stampWords(plan, now, site.zone) : undefined} onBoard>
        <DisplayButton />
        <Button onClick={() => setRings(!rings)}>{rings ? W.here.silent : W.here.alarm}</Button>
        <Pick label={W.here.label} all={W.here.all} of={rooms} value={roomId} onPick={setRoomId} />
        <Pick label={W.rounds.crew} all={W.pulls.crewAll} of={crews} value={crewId} onPick={setCrewId} />
      </PageHead>
      {!board && <p className="px-6 text-soft">{wait}</p>}
      {board && (
        <div className="grid grid-cols-1 gap-4 px-3 pb-8 lg:grid-cols-[minmax(0,1fr)_380px] lg:px-6">
          <div className="grid min-w-0 grid-cols-1 content-start gap-4">
            {board.pulls.length === 0 && <p className="panel text-soft">{W.pulls.nothingNow}</p>}
            {/* What comes off first stays first, whatever was changed. */}
            {board.pulls.slice(0, 1).map((card) => (
              <PullCardView key={`${card.pull.roundId}${card.pull.coatedFrom}`} card={card} now={now} />
            ))}
            {plan && <WhatChanged plan={plan} crewId={crewId} />}
            {board.pulls.slice(1).map((card) => (
              <PullCardView key={`${card.pull.roundId}${card.pull.coatedFrom}`} card={card} now={now} />
            ))}
            <TodoList cards={board.todo} now={now} />
          </div>
          <div className="grid min-w-0 grid-cols-1 content-start gap-4">
            <Breathers subjects={board.breathers} />
            {plan && <InspectList hemIds={board.toInspect} plan={plan} />}
            <MendList hemIds={board.toMend} />
            {plan && <DayQuestionPanel plan={plan} withMore />}
            <TagFinder />
            <Register />
          </div>
        </div>
      )}
    </>
  )
}

interface PickProps {
  readonly label: string
  readonly all: string
  readonly of: readonly { readonly id: string; readonly name: string }[]
  readonly value: string | null
  readonly onPick: (id: string | null) => void
}

/** One of a few things by name, or all of them. */
function Pick({ label, all, of, value, onPick }: PickProps) {
  return (
    <select
      aria-label={label}
      className="field w-auto"
      value={value ?? ''}
      onChange={(event) => onPick(event.target.value || null)}
    >
      <option value="">{all}</option>
      {of.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  )
}

/** Which plan the board goes by. */
const stampWords = ({ standing }: Plan, now: number, zone: string): string =>
  standing
    ? W.publish.stamp({ number: standing.number, when: whenText(parseInstant(standing.at), now, zone) })
    : W.publish.stampProposal
