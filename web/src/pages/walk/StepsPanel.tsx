import { W, factText, sayText, wordText } from '../../app/words'
import { ChoiceField, inWords } from '../../app/ui/fields'
import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react'
import {
  coatingOf,
  faceName,
  facesOfStep,
  inOrder,
  ORDER_PRESETS,
  orderFaults,
  type PaintStep,
  type Room,
} from '@crisp-hem/core'
import { useEditRoom, useFacts, useTell } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { useState } from 'react'
import type { Pick } from '../../app/drawing/pick'
import { newStep } from './newStep'
import { StepForm } from './StepForm'

/** The coating plan of a room: what, with which colour and tool, in which order. Order decides the keep sides. */
export function StepsPanel({ room, pick }: { room: Room; pick: Pick }) {
  const tell = useTell()
  const editRoom = useEditRoom(room.id)
  const [open, setOpen] = useState<string | null>(null)
  const { shelf } = useFacts()
  const setSteps = (steps: readonly PaintStep[]) => editRoom((before) => ({ ...before, steps }))
  const move = (from: number, to: number) => {
    const steps = [...room.steps]
    steps.splice(to, 0, ...steps.splice(from, 1))
    setSteps(steps)
  }
  const add = () => {
    const step = newStep(room, pick, shelf.coatings)
    if (!step || !setSteps([...room.steps, step])) return
    setOpen(step.id)
    tell(addedWords({ ...room, steps: [...room.steps, step] }, room, step))
  }
  return (
    <Panel
      title={W.walk.steps}
      aside={
        <Button icon={<Plus size={15} aria-hidden />} onClick={add}>
          {W.walk.addStep}
        </Button>
      }
    >
      <div className="mb-2">
        <ChoiceField
          label={W.walk.orderPreset}
          value=""
          options={[{ value: '' as const, text: W.walk.orderKeep }, ...inWords('order', ORDER_PRESETS)]}
          onCommit={(preset) => preset !== '' && setSteps(inOrder(room, preset))}
        />
      </div>
      <ol className="grid gap-1">
        {room.steps.map((step, i) => (
          <StepRow
            key={step.id}
            room={room}
            place={i}
            open={open === step.id}
            onOpen={() => setOpen(open === step.id ? null : step.id)}
            onMove={(to) => move(i, to)}
            onChange={setSteps}
          />
        ))}
      </ol>
      <OrderFaults room={room} />
    </Panel>
  )
}

/** What a new step paints, and which steps paint it no longer. */
function addedWords(after: Room, before: Room, step: PaintStep): string {
  const faces = facesOfStep(after, step).map((key) => factText(faceName(after, key)))
  const left = before.steps.filter((each) => facesOfStep(after, each).length < facesOfStep(before, each).length)
  const paints = W.walk.stepAdded({ faces: faces.join(', ') })
  return left.length > 0 ? `${paints} ${W.walk.stepLeft({ steps: left.map(({ name }) => name).join(', ') })}` : paints
}

interface StepRowProps {
  readonly room: Room
  /** Its place in the order, from 0. */
  readonly place: number
  readonly open: boolean
  readonly onOpen: () => void
  readonly onMove: (to: number) => void
  readonly onChange: (steps: readonly PaintStep[]) => boolean
}

/** One step of the plan, which opens to be changed. */
function StepRow({ room, place, open, onOpen, onMove, onChange }: StepRowProps) {
  const { shelf } = useFacts()
  const step = room.steps[place]
  if (!step) return null
  return (
    <li className="border-b border-rule pb-1">
      <div className="flex items-center gap-2">
        <b className="w-5 text-soft">{place + 1}</b>
        <span className="size-5 shrink-0 border border-ink" style={{ background: step.swatch }} aria-hidden />
        <button
          type="button"
          className="min-w-0 flex-1 text-left hover:underline"
          aria-expanded={open}
          onClick={onOpen}
        >
          <b>{step.name}</b>
          <span className="block text-sm text-soft">
            {step.colour}, {coatingOf(shelf, step.coatingId).name},{' '}
            {W.scope.coats({ n: step.coats, tool: wordText('tool', step.tool) })}
          </span>
        </button>
        <IconButton label={`${W.walk.up}: ${step.name}`} disabled={place === 0} onClick={() => onMove(place - 1)}>
          <ArrowUp size={16} aria-hidden />
        </IconButton>
        <IconButton
          label={`${W.walk.down}: ${step.name}`}
          disabled={place === room.steps.length - 1}
          onClick={() => onMove(place + 1)}
        >
          <ArrowDown size={16} aria-hidden />
        </IconButton>
        <IconButton
          label={`${W.walk.remove}: ${step.name}`}
          onClick={() => onChange(room.steps.filter((each) => each.id !== step.id))}
        >
          <Trash2 size={16} aria-hidden />
        </IconButton>
      </div>
      {open && (
        <StepForm
          room={room}
          step={step}
          onChange={(change) =>
            onChange(room.steps.map((each) => (each.id === step.id ? { ...each, ...change } : each)))
          }
        />
      )}
    </li>
  )
}

function IconButton({
  label,
  ...rest
}: {
  label: string
  disabled?: boolean
  onClick: () => void
  children: React.ReactNode
}) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      className="p-1.5 hover:bg-deep disabled:opacity-30"
      {...rest}
    />
  )
}

/** What is impossible or unwise about the plan, with its reason. */
function OrderFaults({ room }: { room: Room }) {
  const faults = orderFaults(room)
  if (faults.length === 0) return null
  return (
    <ul className="mt-3 grid gap-1 border-l-4 border-act pl-3 text-sm">
      {faults.map((fault) => (
        <li key={sayText(fault)}>{sayText(fault)}</li>
      ))}
    </ul>
  )
}
