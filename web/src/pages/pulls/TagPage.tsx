import { useMemo } from 'react'
import { Link, useParams } from 'react-router'
import { asTagCode, tagCodes } from '@crisp-hem/core'
import { PageHead } from '../../app/frame/PageHead'
import { usePlanWait } from '../../app/frame/PlanTrouble'
import { useNow } from '../../app/state/clock'
import { useFacts, useHems, useLog, usePlan } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { W, factText, sayText, whenText } from '../../app/words'
import { boardAt } from './board'
import { PullCardView } from './PullCardView'
import { TodoList } from './TodoList'

/** One round by its tag: what is on it since when, when it comes off, and its ticks. */
export function TagPage() {
  const code = asTagCode(useParams().code ?? '')
  const plan = usePlan()
  const wait = usePlanWait()
  const log = useLog()
  const hems = useHems()
  const { id, rooms, site, crews } = useFacts()
  const now = useNow(1000)
  const minute = Math.floor(now)
  const board = useMemo(
    () => (plan ? boardAt(plan, log, minute + 0.001, { crewId: null, crews }) : null),
    [plan, log, minute, crews],
  )
  const round = useMemo(() => {
    const rounds = plan?.rounds ?? []
    const codes = tagCodes(
      id,
      rounds.map((each) => each.id),
    )
    return rounds.find((each) => codes.get(each.id) === code) ?? null
  }, [plan, id, code])
  if (!board) return <p className="p-6 text-soft">{wait}</p>
  const title = W.tags.title({ code })
  if (!round)
    return (
      <>
        <PageHead title={title} />
        <p className="px-6">{W.tags.none({ code })}</p>
        <BoardLink />
      </>
    )
  const states = round.hemIds.flatMap((hemId) => log.hems.get(hemId) ?? [])
  const laid = states.flatMap((state) => state.laidAt ?? [])
  const isOff = states.length === round.hemIds.length && states.every((state) => state.pulledAt !== null)
  const room = rooms.find((each) => each.id === round.roomId)?.name ?? ''
  return (
    <>
      <PageHead title={title} line={`${room}, ${sayText(round.name)}`} />
      <div className="grid grid-cols-1 gap-4 px-3 pb-8 lg:px-6">
        <p className="text-lg font-semibold">
          {isOff
            ? W.tags.off
            : laid.length === 0
              ? W.tags.notLaid
              : W.tags.since({ when: whenText(Math.min(...laid), now, site.zone) })}
        </p>
        {board.pulls
          .filter((card) => card.pull.roundId === round.id)
          .map((card) => (
            <PullCardView key={card.pull.coatedFrom} card={card} now={now} />
          ))}
        <TodoList cards={board.todo.filter((card) => card.task.roundId === round.id)} now={now} />
        <Panel>
          <ul>
            {round.hemIds.map((hemId) => {
              const hem = hems.get(hemId)
              return hem && <li key={hemId}>{factText(hem.place)}</li>
            })}
          </ul>
        </Panel>
        <BoardLink />
      </div>
    </>
  )
}

function BoardLink() {
  const { id } = useFacts()
  return (
    <Link className="px-6 underline" to={`/jobs/${id}/pulls`}>
      {W.tags.board}
    </Link>
  )
}
