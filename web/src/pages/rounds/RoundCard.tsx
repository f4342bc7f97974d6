import { useState } from 'react'
import { holdsOf, REACHES, withHolds, withoutHolds, type Plan, type ActivityId } from '@crisp-hem/core'
import { instantOfInput, localInput } from '../../app/frame/ClockDialog'
import { useNow } from '../../app/state/clock'
import { useEdit, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { ChoiceField, TextField } from '../../app/ui/fields'
import { Switch } from '../../app/ui/Tabs'
import { W, clockText, numberText, sayText, spanText, whenText } from '../../app/words'
import { Share } from './Share'
import { taskWords } from '../../app/naming/taskWords'
import type { Move } from './useMove'

/** The picked work: when and why, what it is made of, how far it can slip, and where else it might go. */
export function RoundCard({
  plan,
  placed,
  move,
  onMoved,
}: {
  plan: Plan
  placed: Plan['placed']
  move: Move
  onMoved: () => void
}) {
  const { site, rooms, planning } = useFacts()
  const now = useNow(60_000)
  const task = plan.tasks.find((each) => each.id === move.pickedId)
  const own = placed.find((each) => each.taskId === move.pickedId)
  if (!task || !own) return null
  const picked = move.picked?.taskId === task.id ? move.picked : null
  const hold = planning.holds.find((each) => each.taskId === task.id)
  const along = (picked?.taskIds ?? []).filter((id) => id !== task.id)
  const tasks = new Map(plan.tasks.map((each) => [each.id, each]))
  return (
    <section
      aria-label={W.card.title}
      className="sticky bottom-14 z-10 mt-3 max-h-[46vh] overflow-y-auto border-t-2 border-ink bg-card pt-2 pb-2 lg:bottom-0"
    >
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h3 className="font-head text-lg font-semibold">{taskWords(rooms, task, task.id)}</h3>
        <p>
          {whenText(own.from, now, site.zone)} – {clockText(own.to, site.zone)} · {spanText(task.minutes)}
        </p>
        <Button tone="quiet" className="ml-auto" onClick={move.drop}>
          {W.card.close}
        </Button>
      </div>
      <div className="grid gap-x-8 gap-y-2 lg:grid-cols-2">
        <div className="text-[0.95rem]">
          {hold && (
            <p>
              <b>{W.card.held({ when: whenText(own.from, now, site.zone) })}</b> {hold.why}
            </p>
          )}
          {plan.underWay.includes(task.id) && <UnderWay plan={plan} taskId={task.id} />}
          <p aria-live="polite">{picked ? slipWords(picked.slip) : W.card.working}</p>
          {picked && <Chances chance={picked.chance} />}
          {picked && picked.why.length > 0 && (
            <ol className="ml-5 list-decimal">
              {picked.why.map((link, i) => (
                <li key={i}>{sayText(link)}</li>
              ))}
            </ol>
          )}
          {along.length > 0 && (
            <p>
              {(move.reach === 'round' ? W.card.round : W.card.along)({
                list: along.map((id) => W.rounds.kinds[tasks.get(id)?.kind ?? 'lay']).join(', '),
              })}
            </p>
          )}
          {task.work.length > 0 && (
            <p className="text-soft">
              {W.card.parts}{' '}
              {task.work
                .map((part) => `${W.card.partNames[part.part]} ${numberText(Math.round(10 * part.minutes) / 10)}`)
                .join(' · ')}
            </p>
          )}
        </div>
        <MoveForm
          key={task.id}
          plan={plan}
          placed={placed}
          move={move}
          taskId={task.id}
          isHeld={hold !== undefined}
          onMoved={onMoved}
        />
      </div>
    </section>
  )
}

/** That nobody has said so, but people are taken to be at it. */
function UnderWay({ plan, taskId }: { plan: Plan; taskId: ActivityId }) {
  const { site } = useFacts()
  const now = useNow(60_000)
  const over = plan.proposed.find((task) => task.taskId === taskId)
  return over ? <p>{W.card.underWay({ when: whenText(over.to, now, site.zone) })}</p> : null
}

/** How a pull and its room may fare, as figures with a bar each. */
function Chances({ chance }: { chance: NonNullable<Move['picked']>['chance'] }) {
  const { runs, missed, late } = chance
  const lines = [
    ...(missed === null ? [] : [{ text: W.card.missed({ runs }), share: missed }]),
    ...(late === null ? [] : [{ text: W.card.late({ runs }), share: late }]),
  ]
  return lines.map(({ text, share }) => (
    <p key={text} className="flex items-center gap-2">
      <Share share={share} /> {text}
    </p>
  ))
}

const slipWords = (slip: number | null): string =>
  slip === null ? W.card.slipUnknown : slip === 0 ? W.card.noSlip : W.card.slip({ span: spanText(slip) })

interface MoveFormProps {
  readonly plan: Plan
  readonly placed: Plan['placed']
  readonly move: Move
  readonly taskId: ActivityId
  readonly isHeld: boolean
  readonly onMoved: () => void
}

/** Another hour, another crew, and what that breaks, before anybody is told. */
function MoveForm({ plan, placed, move, taskId, isHeld, onMoved }: MoveFormProps) {
  const { site, crews } = useFacts()
  const edit = useEdit()
  const [why, setWhy] = useState('')
  const task = placed.find((each) => each.taskId === taskId)!
  const { target, breaks } = move
  const at = target?.at ?? task.from
  const crewId = target?.crewId ?? task.crewId
  const isWrong = (breaks?.length ?? 0) > 0
  const hasRound = plan.tasks.find((each) => each.id === taskId)?.roundId !== null
  const ids: readonly string[] = move.picked?.taskIds ?? [taskId]
  const keep = () => {
    const there = target ? move.placed : placed.filter((each) => ids.includes(each.taskId))
    if (!edit((facts) => ({ ...facts, planning: withHolds(facts.planning, holdsOf(there, why)) }))) return
    move.drop()
    if (target) onMoved()
  }
  const loose = () => {
    edit((facts) => ({ ...facts, planning: withoutHolds(facts.planning, ids) }))
    move.drop()
  }
  return (
    <div className="no-print">
      {hasRound && (
        <Switch
          label={W.card.reach}
          value={move.reach}
          options={REACHES.map((value) => ({ value, text: W.card.reaches[value] }))}
          onChange={move.widen}
        />
      )}
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <TextField
          label={W.card.start}
          type="datetime-local"
          value={localInput(at, site.zone)}
          onCommit={(text) => {
            const wanted = instantOfInput(text, site.zone)
            if (wanted === null) return false
            move.carry(taskId, wanted, crewId)
          }}
        />
        <ChoiceField
          label={W.rounds.crew}
          value={crewId}
          options={crews.filter((crew) => crew.people.length > 0).map((crew) => ({ value: crew.id, text: crew.name }))}
          onCommit={(id) => move.carry(taskId, at, id)}
        />
        <TextField label={W.publish.why} value={why} onCommit={setWhy} />
      </div>
      <div aria-live="polite" className="mt-2">
        {target && !breaks && <p className="text-soft">{W.card.trying}</p>}
        {target && breaks?.length === 0 && <p>{W.card.fits}</p>}
        {isWrong && (
          <ul className="border-l-4 border-act pl-3">
            {breaks?.map((breach, i) => (
              <li key={i}>{sayText(breach)}</li>
            ))}
          </ul>
        )}
        {isWrong && why === '' && <p className="text-sm text-soft">{W.card.sayWhy}</p>}
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        {target ? (
          <Button tone="act" disabled={!breaks || (isWrong && why === '')} onClick={keep}>
            {isWrong ? W.card.anyway : W.card.put}
          </Button>
        ) : (
          !isHeld && <Button onClick={keep}>{W.card.lock}</Button>
        )}
        {isHeld && <Button onClick={loose}>{W.card.unlock}</Button>}
        {target && <Button onClick={move.drop}>{W.card.leave}</Button>}
      </div>
      {plan.standing && target && <p className="mt-1 text-sm text-soft">{W.card.notTold}</p>}
    </div>
  )
}
