import { useState } from 'react'
import {
  formatInstant,
  fromLocal,
  isOnlyWeather,
  PULL_OPINIONS,
  SMALLER_ROUNDS,
  supposed,
  toLocal,
  type WhatIfOutcome,
  type Plan,
  type Room,
  type Supposed,
} from '@crisp-hem/core'
import { instantOfInput, localInput } from '../../app/frame/ClockDialog'
import { useNow } from '../../app/state/clock'
import { useEdit, useFacts } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { useAppSelector } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { ChoiceField, TextField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { W, dayText, formatMoney, numberText, spanText, whenText } from '../../app/words'
import { percent } from './Share'
import type { WhatIfAnswer, WhatIfQuestion } from './whatIf.worker'

const KINDS = ['painter', 'starts', 'away', 'crew', 'gun', 'rounds', 'needed', 'pull', 'rain', 'dry', 'crews'] as const
type Kind = (typeof KINDS)[number]

/** Two plans side by side: as things are, and as they would be. */
export function WhatIfPanel({ plan }: { plan: Plan }) {
  const facts = useFacts()
  const log = useAppSelector((state) => state.log.events)
  const [asked, setAsked] = useState<{ key: number; question: WhatIfQuestion } | null>(null)
  const ask = (what: Supposed | null) =>
    setAsked({ key: (asked?.key ?? 0) + 1, question: { job: { ...facts, log, published: null }, now: plan.at, what } })
  return (
    <Panel title={W.whatIf.title}>
      <Question plan={plan} onAsk={ask} />
      {asked && <Answer key={asked.key} question={asked.question} />}
    </Panel>
  )
}

/** What is supposed, put together from a few fields. */
function Question({ plan, onAsk }: { plan: Plan; onAsk: (what: Supposed | null) => void }) {
  const { at } = plan
  const { crews, rooms, site, air, house } = useFacts()
  const [kind, setKind] = useState<Kind>('painter')
  const [crew, setCrew] = useState(crews[0]?.id ?? '')
  const [room, setRoom] = useState(rooms[0]?.id ?? '')
  const [clock, setClock] = useState('06:00')
  const [pull, setPull] = useState(PULL_OPINIONS.find((each) => each !== house.pull) ?? house.pull)
  const [when, setWhen] = useState(at + 24 * 60)
  const sprayed = rooms.filter((each) => isSprayedYet(each, plan))
  const kinds = KINDS.filter(
    (each) =>
      ((each !== 'rain' && each !== 'dry') || air.outside) &&
      (crews.length > 1 || !['crew', 'gun', 'crews'].includes(each)) &&
      (each !== 'gun' || sprayed.length > 0),
  )
  const ofKind = kind === 'gun' ? sprayed : rooms
  const [crewId, roomId] = [
    crews.some((each) => each.id === crew) ? crew : (crews[0]?.id ?? ''),
    ofKind.some((each) => each.id === room) ? room : (ofKind[0]?.id ?? ''),
  ]
  const { day } = toLocal(Math.floor(when), site.zone)
  const whats: Readonly<Record<Kind, Supposed | null>> = {
    painter: { if: 'painter', crewId },
    starts: { if: 'starts', crewId, clock },
    away: { if: 'away', crewId, day },
    crew: { if: 'crew', roomId, crewId },
    gun: { if: 'gun', roomId, crewId },
    rounds: { if: 'rounds', roomId, share: SMALLER_ROUNDS },
    needed: { if: 'needed', roomId, by: formatInstant(Math.floor(when)) },
    pull: { if: 'pull', pull },
    rain: { if: 'rain', day },
    dry: { if: 'dry', day },
    crews: null,
  }
  const needs = (...kindsWith: Kind[]) => kindsWith.includes(kind)
  return (
    <div className="no-print flex flex-wrap items-end gap-3">
      <ChoiceField
        label={W.whatIf.what}
        value={kind}
        options={kinds.map((value) => ({ value, text: W.whatIf.kinds[value] }))}
        onCommit={(value) => setKind(value)}
      />
      {needs('painter', 'starts', 'away', 'crew', 'gun') && (
        <ChoiceField
          label={W.rounds.crew}
          value={crewId}
          options={crews.map(({ id, name }) => ({ value: id, text: name }))}
          onCommit={setCrew}
        />
      )}
      {needs('crew', 'gun', 'rounds', 'needed') && (
        <ChoiceField
          label={W.walk.room}
          value={roomId}
          options={ofKind.map(({ id, name }) => ({ value: id, text: name }))}
          onCommit={setRoom}
        />
      )}
      {needs('pull') && (
        <ChoiceField
          label={W.site.pull}
          value={pull}
          options={PULL_OPINIONS.map((value) => ({ value, text: W.house.pulls[value] }))}
          onCommit={(value) => setPull(value)}
        />
      )}
      {needs('starts') && (
        <TextField
          label={W.site.from}
          type="time"
          value={clock}
          onCommit={(text) => (/^\d\d:\d\d$/.test(text) ? setClock(text) : false)}
        />
      )}
      {needs('away', 'needed', 'rain', 'dry') && <WhenField at={when} setAt={setWhen} isInstant={needs('needed')} />}
      <Button onClick={() => onAsk(whats[kind])}>{W.whatIf.ask}</Button>
    </div>
  )
}

/** A day, or a day with its hour. */
function WhenField({ at, setAt, isInstant }: { at: number; setAt: (at: number) => void; isInstant: boolean }) {
  const { site } = useFacts()
  const text = localInput(at, site.zone)
  return (
    <TextField
      label={isInstant ? W.walk.neededBy : W.rounds.day}
      type={isInstant ? 'datetime-local' : 'date'}
      value={isInstant ? text : text.slice(0, 10)}
      onCommit={(typed) => {
        const wanted = instantOfInput(typed.length > 10 ? typed : `${typed}T12:00`, site.zone)
        if (wanted === null) return false
        setAt(wanted)
      }}
    />
  )
}

/** Whether a coat by gun is still to come in a room: what is sprayed goes to no other crew. */
function isSprayedYet(room: Room, { tasks, placed }: Plan): boolean {
  const steps = new Set(room.steps.flatMap((step) => (step.tool === 'spray' ? step.id : [])))
  const done = new Set(placed.flatMap((task) => (task.done ? task.taskId : [])))
  return tasks.some(
    (task) => task.roomId === room.id && task.kind === 'coat' && steps.has(task.stepId ?? '') && !done.has(task.id),
  )
}

const start = () => new Worker(new URL('./whatIf.worker.ts', import.meta.url), { type: 'module' })

type Row = readonly [string, (outcome: WhatIfOutcome) => string, (outcome: WhatIfOutcome) => number]

/** What all that is still to come costs, where plans are compared by it. */
const priceRow = (money: (minor: number) => string): Row => [
  W.whatIf.rows.price,
  ({ priceMinor }) => money(priceMinor ?? 0),
  ({ priceMinor }) => priceMinor ?? 0,
]

function Answer({ question }: { question: WhatIfQuestion }) {
  const { site, crews, rooms } = useFacts()
  const now = useNow(60_000)
  const edit = useEdit()
  const [isTaken, setIsTaken] = useState(false)
  const answer = useWorkerAnswer<WhatIfQuestion, WhatIfAnswer>(start, question, 0)
  if (!answer) return <p className="mt-2 text-soft">{W.whatIf.working}</p>
  const { as, would, what, searched } = answer
  const tried = searched && searchWords(searched, now, site.zone)
  if (what.length === 0)
    return (
      <p className="mt-2">
        {W.whatIf.waysBest} {tried}
      </p>
    )
  const money = (minor: number) => formatMoney(minor, site.currency)
  const chance = (share: number | null) => (share === null ? '–' : percent(share))
  const hours = (minutes: number) => `${numberText(Math.round(minutes / 6) / 10)} h`
  const rows: readonly Row[] = [
    [W.whatIf.rows.end, ({ endsAt }) => whenText(endsAt, now, site.zone), ({ endsAt }) => endsAt],
    [
      W.whatIf.rows.late,
      ({ lateMin }) => (lateMin === 0 ? W.whatIf.inTime : spanText(Math.round(lateMin))),
      ({ lateMin }) => lateMin,
    ],
    [W.whatIf.rows.misses, ({ misses }) => numberText(misses), ({ misses }) => misses],
    [W.whatIf.rows.unsafe, ({ unsafe }) => numberText(unsafe), ({ unsafe }) => unsafe],
    ...(as.priceMinor !== null && would.priceMinor !== null ? [priceRow(money)] : []),
    [W.whatIf.rows.hours, ({ workedMin }) => hours(workedMin), ({ workedMin }) => workedMin],
    [W.whatIf.rows.wages, ({ wagesMinor }) => money(wagesMinor), ({ wagesMinor }) => wagesMinor],
    [W.whatIf.rows.moves, ({ moves }) => numberText(moves), ({ moves }) => moves],
    [W.whatIf.rows.worstPull, ({ worstPull }) => chance(worstPull), ({ worstPull }) => worstPull],
    [W.whatIf.rows.worstRoom, ({ worstRoom }) => chance(worstRoom), ({ worstRoom }) => worstRoom ?? 0],
  ]
  const names = what.map((each) => whatWords({ what: each, crews, rooms, zone: site.zone, now }))
  return (
    <div className="mt-3" aria-live="polite">
      <table className="w-full max-w-3xl text-[0.95rem]">
        <thead className="text-left text-sm text-soft">
          <tr>
            <th className="py-1 font-normal" />
            <th className="font-normal">{W.whatIf.as}</th>
            <th className="font-normal">{names.join(' ')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, text, value]) => {
            const by = value(would) - value(as)
            return (
              <tr key={name} className="border-b border-rule">
                <th scope="row" className="py-1 pr-3 text-left font-normal">
                  {name}
                </th>
                <td className="pr-3">{text(as)}</td>
                <td className={by < 0 ? 'font-semibold' : by > 0 ? 'font-semibold text-act' : ''}>
                  {text(would)} {by < 0 ? '▾' : by > 0 ? '▴' : ''}
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="mt-1 text-sm text-soft">
        {W.whatIf.note} {tried}
      </p>
      {what.some(isOnlyWeather) ? (
        <p>{W.whatIf.onlyWeather}</p>
      ) : (
        <Button
          className="mt-2"
          tone="act"
          disabled={isTaken}
          onClick={() => {
            const taken = edit((facts) => {
              const {
                log: _log,
                published: _published,
                ...next
              } = what.reduce(supposed, { ...facts, log: [], published: null })
              return next
            })
            setIsTaken(taken)
          }}
        >
          {isTaken ? W.whatIf.taken : W.whatIf.take}
        </Button>
      )}
    </div>
  )
}

type Named = readonly { readonly id: string; readonly name: string }[]

interface WhatWordsSetup {
  readonly what: Supposed
  readonly crews: Named
  readonly rooms: Named
  readonly zone: string
  readonly now: number
}

function whatWords({ what, crews, rooms, zone, now }: WhatWordsSetup): string {
  const crew = 'crewId' in what ? (crews.find((each) => each.id === what.crewId)?.name ?? '') : ''
  const room = 'roomId' in what ? (rooms.find((each) => each.id === what.roomId)?.name ?? '') : ''
  const day = 'day' in what ? dayText(fromLocal(what.day, 720, zone), zone) : ''
  const when = what.if === 'needed' ? whenText(Date.parse(what.by) / 60_000, now, zone) : ''
  const clock = what.if === 'starts' ? what.clock : ''
  const pull = what.if === 'pull' ? W.house.pulls[what.pull] : ''
  const percentText = what.if === 'rounds' ? percent(what.share) : ''
  return W.whatIf.names[what.if]({ crew, room, day, when, clock, pull, percent: percentText })
}

/** How many ways there were, and how sure it is that none is better. */
function searchWords(
  { count, isProved, boundAt }: NonNullable<WhatIfAnswer['searched']>,
  now: number,
  zone: string,
): string {
  if (count === 1) return W.whatIf.onlyWay
  const ways = numberText(count)
  if (isProved) return W.whatIf.proved({ ways })
  return boundAt === null ? W.whatIf.searched({ ways }) : W.whatIf.bounded({ ways, when: whenText(boundAt, now, zone) })
}
