import { W, whenText, sayText, factText } from '../../app/words'
import {
  BREATHER_KINDS,
  formatRun,
  type Hem,
  type Room,
  type Task,
  face,
  parseInstant,
  readRound,
  readSubject,
  tellReadied,
  tickDoubts,
  type Said,
  writeSubject,
  type ActivityId,
  type SubjectKey,
} from '@crisp-hem/core'
import { useState } from 'react'
import { useFacts, useHems, useLog, usePlan, useTick } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { coatInStep } from '../../app/naming/taskWords'
import { withNames } from '../../app/naming/whoWords'
import type { TodoCard } from './board'
import { useSeenPlan } from './seenPlans'
import { MarksOnCard } from './MarksOnCard'
import { TickTruly } from './TickTruly'
import { coverTick, taskTick, tornTick } from './ticks'
import { Torn } from './Torn'

const DONE_WORDS = {
  prep: W.pulls.ready,
  cover: W.pulls.covered,
  mark: W.pulls.marked,
  'gun-up': W.pulls.gunReady,
  'gun-down': W.pulls.gunClean,
  look: W.pulls.looked,
  lay: W.pulls.laid,
  seal: W.pulls.sealed,
  coat: W.pulls.coated,
  roll: W.pulls.rolled,
  pull: W.pulls.pulled,
  uncover: W.pulls.uncovered,
} as const
const SHOWN = 8
const LATE_SHOWN = 4
/** A tick comes a little after the work; from memory. */
const LATE_AFTER_MIN = 15

/** Work on edges whose tape is on. */
const ON_TAPE: readonly Task['kind'][] = ['seal', 'coat']

/** The crew's next tasks in order, each with one big tick. */
export function TodoList({ cards, now }: { cards: readonly TodoCard[]; now: number }) {
  if (cards.length === 0) return null
  const late = cards.filter((card) => isLate(card, now))
  const next = cards.filter((card) => !isLate(card, now))
  return (
    <>
      {late.length > 0 && (
        <Panel title={W.pulls.lateTitle({ n: late.length })} className="border-2 border-act">
          <Lines cards={late} now={now} shown={LATE_SHOWN} />
        </Panel>
      )}
      {next.length > 0 && (
        <Panel title={W.pulls.work}>
          <Lines cards={next} now={now} shown={SHOWN} />
        </Panel>
      )}
    </>
  )
}

/** What was to be through a while ago. */
const isLate = ({ to }: TodoCard, now: number): boolean => to + LATE_AFTER_MIN <= now

function Lines({ cards, now, shown }: { cards: readonly TodoCard[]; now: number; shown: number }) {
  const [all, setAll] = useState(false)
  return (
    <>
      <ol>
        {(all ? cards : cards.slice(0, shown)).map((card) => (
          <TodoLine key={card.task.id} card={card} now={now} />
        ))}
      </ol>
      {cards.length > shown && !all && (
        <button type="button" className="mt-2 min-h-11 underline" onClick={() => setAll(true)}>
          {W.frame.more} ({cards.length - shown})
        </button>
      )}
    </>
  )
}

function TodoLine({ card, now }: { card: TodoCard; now: number }) {
  const facts = useFacts()
  const { site, rooms } = facts
  const hems = useHems()
  const plan = usePlan()
  const log = useLog()
  const tick = useTick()
  const { task } = card
  const room = rooms.find((each) => each.id === task.roomId)
  const roomName = room?.name ?? W.frame.goneRoom
  const round = plan?.rounds.find((each) => each.id === task.roundId)
  const own = card.subjects.map((id) => hems.get(id)).filter((hem) => hem !== undefined)
  const what =
    task.kind === 'coat' || task.kind === 'roll'
      ? COAT_OF[coatKind(task)](
          coatWords(coatInStep(room, task) ?? 1, room?.steps.find((step) => step.id === task.stepId)?.coats ?? 1),
        )
      : W.rounds.kinds[task.kind]
  const metres = own.length
    ? `, ${formatRun(
        own.reduce((sum, hem) => sum + hem.lengthMm, 0),
        site.units,
      )}`
    : ''
  const done = (subjects: readonly SubjectKey[], minutesAgo: number) => {
    const at = now - minutesAgo
    const events = [taskTick({ task, subjects, crewId: card.crewId, now: at, expected: card.to })]
    const laid = own.filter((hem) => subjects.includes(hem.id))
    const breathers = task.kind === 'lay' ? coveredBreathers(room, laid) : []
    if (breathers.length > 0) events.push(coverTick(breathers, at))
    const asked = { kind: task.kind, coat: task.coat, subjects }
    const doubts = plan ? tickDoubts({ job: { site }, plan, log, asked, now: at }) : []
    tick(events, W.pulls.ticked({ what: `${roomName}, ${DONE_WORDS[task.kind].toLowerCase()}` }), doubts)
  }
  const name = `${roomName}, ${round ? sayText(round.name) : ''} ${what}`
  return (
    <li className="border-b border-rule py-1.5">
      <div className="flex items-center gap-3">
        <div className="min-w-0 flex-1">
          <p className="font-semibold">{withNames(`${roomName}: ${what}`, card.names)}</p>
          <p className="text-sm text-soft">
            {isLate(card, now) ? (
              <Late card={card} now={now} />
            ) : (
              `${whenText(card.from, now, site.zone)} – ${whenText(card.to, now, site.zone)}`
            )}
            {task.kind === 'roll' ? ` · ${wallsOf(room, card.subjects)}` : round && ` · ${sayText(round.name)}`}
            {metres}
            <Was taskId={task.id} now={now} />
          </p>
          {room && <Readied lines={tellReadied(facts, room, task.id)} />}
          {room && task.kind === 'mark' && <MarksOnCard room={room} stepId={task.stepId} />}
        </div>
        <Button
          className="min-h-12 shrink-0 px-4"
          onClick={() => done(card.subjects, 0)}
          aria-label={`${DONE_WORDS[task.kind]}: ${name}`}
        >
          {DONE_WORDS[task.kind]}
        </Button>
      </div>
      <TickTruly
        name={name}
        word={DONE_WORDS[task.kind]}
        hems={own}
        onDone={(hemIds, minutesAgo) => done(hemIds ?? card.subjects, minutesAgo)}
      />
      {ON_TAPE.includes(task.kind) && (
        <Torn
          name={name}
          hems={own.filter((hem) => log.hems.get(hem.id)?.laidAt)}
          onTorn={(hem) =>
            tick([tornTick(hem.id, card.crewId, now)], W.pulls.toreTicked({ place: factText(hem.place) }), [])
          }
        />
      )}
    </li>
  )
}

/** What is done to which face, and where on it. */
function Readied({ lines }: { lines: readonly Said[] }) {
  return (
    <ul className="text-sm">
      {lines.map((line, i) => (
        <li key={`${line.code}${i}`}>{sayText(line)}</li>
      ))}
    </ul>
  )
}

/** When it was due, and when it would be done if planning began anew now. */
function Late({ card, now }: { card: TodoCard; now: number }) {
  const { site } = useFacts()
  const anew = usePlan()?.proposed.find((task) => task.taskId === card.task.id && !task.done)
  const due = whenText(card.to, now, site.zone)
  return (
    <b className="text-act">
      {anew
        ? W.pulls.lateNew({ due, next: whenText(Math.max(anew.from, now), now, site.zone) })
        : W.pulls.lateDue({ due })}
    </b>
  )
}

/** When it was to begin by the plan before, until the new one is seen. */
function Was({ taskId, now }: { taskId: ActivityId; now: number }) {
  const { id, site } = useFacts()
  const standing = usePlan()?.standing
  const { seen } = useSeenPlan(id)
  const before = standing?.changes.find((change) => change.taskId === taskId)?.before
  if (!standing || standing.number < 2 || seen >= standing.number || !before) return null
  return <b className="text-act"> · {W.changed.was({ before: whenText(parseInstant(before), now, site.zone) })}</b>
}

/** The walls whose fields are left to roll, by name. */
const wallsOf = (room: Room | undefined, subjects: readonly SubjectKey[]): string => {
  const ids = subjects.flatMap((subject) => {
    const ref = readSubject(subject)
    return ref?.of === 'field' ? (readRound(ref.roundId)?.wallIds ?? []) : []
  })
  const names = (room?.walls ?? []).flatMap(({ id, name }) => (ids.includes(id) ? [name] : []))
  return W.pulls.walls({ n: names.length, list: names.join(', ') })
}

/** What of a coat a task is: all of it, or its lines where the field is rolled apart from them. */
function coatKind(task: Task): 'coat' | 'line' | 'field' {
  if (task.kind === 'roll') return 'field'
  return task.work.some((part) => part.part === 'field' || part.part === 'spray') ? 'coat' : 'line'
}

const COAT_OF: Record<ReturnType<typeof coatKind>, (coat: string) => string> = {
  coat: (coat) => coat,
  line: (coat) => W.pulls.lineOf({ coat }),
  field: (coat) => W.pulls.fieldOf({ coat }),
}

/** Fittings that must breathe and are masked by these hems. */
function coveredBreathers(room: Room | undefined, hems: readonly Hem[]): string[] {
  if (!room) return []
  const masked = new Set(hems.map((hem) => hem.keep))
  return room.fittings
    .filter((fitting) => BREATHER_KINDS.includes(fitting.kind) && masked.has(face('fitting', fitting.id)))
    .map((fitting) => writeSubject({ of: 'fitting', roomId: room.id, fittingId: fitting.id }))
}

const coatWords = (n: number, of: number): string => (of > 1 ? W.pulls.coatOf({ n, of }) : W.pulls.coat)
