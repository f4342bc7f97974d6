import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react'
import { coatingOf, faceWords, stepOf, TARGET_GROUPS, TOOLS, type PaintStep, type Room } from '@crisp-hem/core'
import { useEditRoom, useFacts } from '../state/useJob'
import { Button } from '../ui/Button'
import { CheckField, ChoiceField, NumberField, TextField } from '../ui/fields'
import { Panel } from '../ui/Panel'
import { useState } from 'react'
import { W } from '../words'
import { freeId } from './AddToWall'

/** The coating plan of a room: what, with which colour and tool, in which order. Order decides the keep sides. */
export function StepsPanel({ room }: { room: Room }) {
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
    const [coating] = shelf.coatings
    if (!coating) return
    const step: PaintStep = {
      id: freeId('s', room.steps),
      name: W.walk.step,
      targets: ['walls'],
      coatingId: coating.id,
      colour: 'White',
      swatch: '#ffffff',
      tool: 'roller',
      coats: 2,
    }
    if (setSteps([...room.steps, step])) setOpen(step.id)
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
      <ol className="grid gap-1">
        {room.steps.map((step, i) => (
          <li key={step.id} className="border-b border-rule pb-1">
            <div className="flex items-center gap-2">
              <b className="w-5 text-soft">{i + 1}</b>
              <span className="size-5 shrink-0 border border-ink" style={{ background: step.swatch }} aria-hidden />
              <button
                type="button"
                className="min-w-0 flex-1 text-left hover:underline"
                aria-expanded={open === step.id}
                onClick={() => setOpen(open === step.id ? null : step.id)}
              >
                <b>{step.name}</b>
                <span className="block text-sm text-soft">
                  {step.colour}, {coatingOf(shelf, step.coatingId).name}, {step.tool}, {step.coats}{' '}
                  {step.coats === 1 ? 'coat' : 'coats'}
                </span>
              </button>
              <IconButton label={`${W.walk.up}: ${step.name}`} disabled={i === 0} onClick={() => move(i, i - 1)}>
                <ArrowUp size={16} aria-hidden />
              </IconButton>
              <IconButton
                label={`${W.walk.down}: ${step.name}`}
                disabled={i === room.steps.length - 1}
                onClick={() => move(i, i + 1)}
              >
                <ArrowDown size={16} aria-hidden />
              </IconButton>
              <IconButton
                label={`${W.walk.remove}: ${step.name}`}
                onClick={() => setSteps(room.steps.filter((each) => each.id !== step.id))}
              >
                <Trash2 size={16} aria-hidden />
              </IconButton>
            </div>
            {open === step.id && (
              <StepForm
                room={room}
                step={step}
                onChange={(change) =>
                  setSteps(room.steps.map((each) => (each.id === step.id ? { ...each, ...change } : each)))
                }
              />
            )}
          </li>
        ))}
      </ol>
    </Panel>
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

function StepForm({
  room,
  step,
  onChange,
}: {
  room: Room
  step: PaintStep
  onChange: (change: Partial<PaintStep>) => boolean
}) {
  const { shelf } = useFacts()
  const toggle = (target: string, on: boolean) => {
    const targets = on ? [...step.targets, target] : step.targets.filter((each) => each !== target)
    if (targets.length > 0) onChange({ targets })
  }
  return (
    <div className="mt-2 grid grid-cols-2 gap-x-3 gap-y-2 bg-deep p-3">
      <TextField label={W.walk.name} value={step.name} onCommit={(name) => onChange({ name })} />
      <ChoiceField
        label={W.walk.coating}
        value={step.coatingId}
        options={shelf.coatings.map(({ id, name }) => ({ value: id, text: name }))}
        onCommit={(coatingId) => onChange({ coatingId })}
      />
      <TextField label={W.walk.colour} value={step.colour} onCommit={(colour) => onChange({ colour })} />
      <ColourField value={step.swatch} onChange={(swatch) => onChange({ swatch })} />
      <ChoiceField label={W.walk.tool} value={step.tool} options={TOOLS} onCommit={(tool) => onChange({ tool })} />
      <NumberField label={W.walk.coats} value={step.coats} onCommit={(coats) => onChange({ coats })} />
      <fieldset className="col-span-2">
        <legend className="text-[0.82rem] text-soft">{W.walk.targets}</legend>
        <div className="flex flex-wrap gap-x-4">
          {TARGET_GROUPS.map((group) => (
            <CheckField
              key={group}
              label={W.walk.targetNames[group]!}
              checked={step.targets.includes(group)}
              onChange={(on) => toggle(group, on)}
            />
          ))}
          {room.walls.map((wall) => {
            const key = `wall:${wall.id}`
            return (
              <CheckField
                key={key}
                label={faceWords(room, key)}
                checked={stepOf(room, key)?.step.id === step.id}
                onChange={(on) => toggle(key, on)}
              />
            )
          })}
        </div>
      </fieldset>
    </div>
  )
}

/** A colour for drawings. */
export function ColourField({ value, onChange }: { value: string; onChange: (value: string) => void }) {
  return (
    <label className="block">
      <span className="mb-0.5 block text-[0.82rem] text-soft">On drawings</span>
      <input
        type="color"
        className="h-[2.1rem] w-full border border-seam bg-sheet p-0.5"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  )
}
