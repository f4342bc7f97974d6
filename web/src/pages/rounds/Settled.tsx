import { X } from 'lucide-react'
import { parseInstant, supposed, withoutHolds, type Plan, type Supposed } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useEdit, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { W, whenText } from '../../app/words'
import { percent } from './Share'
import { taskWords } from '../../app/naming/taskWords'

/** What was settled by hand and still counts: held work and crews that are away, each to be let go again. */
export function Settled({ plan }: { plan: Plan }) {
  const { planning, rooms, crews, site } = useFacts()
  const edit = useEdit()
  const now = useNow(60_000)
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]))
  const done = new Set(plan.placed.flatMap((task) => (task.done ? [task.taskId] : [])))
  const holds = planning.holds.filter(
    (hold) => tasks.has(hold.taskId) && !done.has(hold.taskId) && parseInstant(hold.at) >= plan.at,
  )
  const away = planning.away.filter((each) => parseInstant(each.to) > plan.at)
  const ways = planning.rooms.filter((each) => rooms.some((room) => room.id === each.roomId))
  if (holds.length + away.length + ways.length === 0) return null
  const when = (iso: string) => whenText(parseInstant(iso), now, site.zone)
  return (
    <Panel title={W.settled.title}>
      <ul className="max-h-64 overflow-y-auto text-[0.95rem]">
        {away.map((each, i) => (
          <Line
            key={`${each.crewId}${each.from}${i}`}
            text={W.settled.away({
              crew: each.person ?? crews.find((crew) => crew.id === each.crewId)?.name ?? '',
              from: when(each.from),
              to: when(each.to),
            })}
            why={each.why}
            onDrop={() =>
              edit((facts) => ({
                ...facts,
                planning: { ...facts.planning, away: facts.planning.away.filter((one) => one !== each) },
              }))
            }
          />
        ))}
        {ways.flatMap((way) => {
          const room = rooms.find((each) => each.id === way.roomId)?.name ?? ''
          const crew = crews.find((each) => each.id === way.gunCrewId)?.name ?? ''
          const letGo = (what: Supposed) => () =>
            edit((facts) => ({
              ...facts,
              planning: supposed({ ...facts, log: [], published: null }, what).planning,
            }))
          const { roomId, roundShare, gunCrewId } = way
          return [
            ...(roundShare === 1
              ? []
              : [
                  <Line
                    key={`${roomId} rounds`}
                    text={W.settled.rounds({ room, percent: percent(roundShare) })}
                    why=""
                    onDrop={letGo({ if: 'rounds', roomId, share: 1 })}
                  />,
                ]),
            ...(gunCrewId === null
              ? []
              : [
                  <Line
                    key={`${roomId} gun`}
                    text={W.settled.gun({ room, crew })}
                    why=""
                    onDrop={letGo({ if: 'gun', roomId, crewId: null })}
                  />,
                ]),
          ]
        })}
        {holds.map((hold) => (
          <Line
            key={hold.taskId}
            text={W.settled.held({ what: taskWords(rooms, tasks.get(hold.taskId), hold.taskId), when: when(hold.at) })}
            why={hold.why}
            onDrop={() => edit((facts) => ({ ...facts, planning: withoutHolds(facts.planning, [hold.taskId]) }))}
          />
        ))}
      </ul>
    </Panel>
  )
}

function Line({ text, why, onDrop }: { text: string; why: string; onDrop: () => void }) {
  return (
    <li className="flex items-center gap-3 border-b border-rule py-0.5">
      <span className="min-w-0 flex-1">
        {text} {why && <span className="text-soft">{why}</span>}
      </span>
      <Button
        tone="quiet"
        aria-label={W.settled.drop({ what: text })}
        icon={<X size={15} aria-hidden />}
        onClick={onDrop}
      />
    </li>
  )
}
