import { parseInstant, type Plan } from '@crisp-hem/core'
import { W, whenText } from '../words'
import { useMemo, useState } from 'react'
import { DisplayButton } from '../frame/DisplayButton'
import { PageHead } from '../frame/PageHead'
import { useNow } from '../state/clock'
import { useFacts, useLog, usePlan } from '../state/useJob'
import { boardAt } from './board'
import { Button } from '../ui/Button'
import { inRoom } from './inRoom'
import { Breathers } from './Breathers'
import { InspectList } from './InspectList'
import { PullCardView } from './PullCardView'
import { Register } from './Register'
import { TagFinder } from './TagFinder'
import { TodoList } from './TodoList'
import { useAlarm } from './useAlarm'
import { WhatChanged } from './WhatChanged'

/** The crew board: what comes off now, what is next, what must be left alone. */
export function PullsPage() {
  const plan = usePlan()
  const log = useLog()
  const { crews, rooms, site } = useFacts()
  const now = useNow(1000)
  const [crewId, setCrewId] = useState<string | null>(null)
  const [roomId, setRoomId] = useState<string | null>(null)
  // Windows open and close on the minute; the seconds are only for the countdowns.
  const minute = Math.floor(now)
  const board = useMemo(
    () => (plan ? inRoom(boardAt(plan, log, minute + 0.001, crewId), roomId) : null),
    [plan, log, minute, crewId, roomId],
  )
  const due = (board?.pulls ?? []).flatMap(({ stand, pull }) => (stand === 'now' ? [pull.roundId] : []))
  const { rings, setRings } = useAlarm(due)
  return (
    <>
      <PageHead title={W.pulls.title} line={plan ? stampWords(plan, now, site.zone) : undefined} onBoard>
        <DisplayButton />
        <Button onClick={() => setRings(!rings)}>{rings ? W.here.silent : W.here.alarm}</Button>
        <select
          aria-label={W.here.label}
          className="field w-auto"
          value={roomId ?? ''}
          onChange={(event) => setRoomId(event.target.value || null)}
        >
          <option value="">{W.here.all}</option>
          {rooms.map((room) => (
            <option key={room.id} value={room.id}>
              {room.name}
            </option>
          ))}
        </select>
        <select
          aria-label={W.rounds.crew}
          className="field w-auto"
          value={crewId ?? ''}
          onChange={(event) => setCrewId(event.target.value || null)}
        >
          <option value="">{W.pulls.crewAll}</option>
          {crews.map((crew) => (
            <option key={crew.id} value={crew.id}>
              {crew.name}
            </option>
          ))}
        </select>
      </PageHead>
      {!board && <p className="px-6 text-soft">{W.frame.working}</p>}
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
            <InspectList hemIds={board.toInspect} />
          </div>
          <div className="grid min-w-0 grid-cols-1 content-start gap-4">
            <Breathers subjects={board.breathers} />
            <TodoList cards={board.todo} now={now} />
            <TagFinder />
            <Register />
          </div>
        </div>
      )}
    </>
  )
}

/** Which plan the board goes by. */
const stampWords = ({ standing }: Plan, now: number, zone: string): string =>
  standing
    ? W.publish.stamp({ number: standing.number, when: whenText(parseInstant(standing.at), now, zone) })
    : W.publish.stampProposal
