import { CheckField, ChoiceField, NumberField, TextField, inWords } from '../../app/ui/fields'
import {
  coatsToHide,
  faceKeys,
  faceName,
  facesOfStep,
  stepOf,
  stepsOf,
  swatchBelow,
  TARGET_GROUPS,
  TOOLS,
  type PaintStep,
  type Room,
  isFace,
} from '@crisp-hem/core'
import { useFacts, useTell } from '../../app/state/useJob'
import { ColourField } from './ColourField'
import { toggled } from './newStep'
import { W, factText } from '../../app/words'

interface StepFormProps {
  readonly room: Room
  readonly step: PaintStep
  readonly onChange: (change: Partial<PaintStep>) => boolean
}

/** One colour of the coating plan: coating, tool, coats, and the faces it goes on. */
export function StepForm({ room, step, onChange }: StepFormProps) {
  const { shelf } = useFacts()
  const tell = useTell()
  const toggle = (target: string, on: boolean) => {
    const targets = toggled(room, step, target, on)
    if (targets) onChange({ targets })
    else tell(W.walk.lastTarget)
  }
  const single = faceKeys(room).filter((key) => isFace(key, 'wall') || isFace(key, 'band') || isFace(key, 'piece'))
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
      <ChoiceField
        label={W.walk.tool}
        value={step.tool}
        options={inWords('tool', TOOLS)}
        onCommit={(tool) => onChange({ tool })}
      />
      <NumberField label={W.walk.coats} value={step.coats} onCommit={(coats) => onChange({ coats })} />
      <HidingLine room={room} step={step} />
      <fieldset className="col-span-2">
        <legend className="text-[0.82rem] text-soft">{W.walk.targets}</legend>
        <div className="flex flex-wrap gap-x-4">
          {TARGET_GROUPS.map((group) => (
            <CheckField
              key={group}
              label={W.walk.targetNames[group]}
              checked={step.targets.includes(group)}
              onChange={(on) => toggle(group, on)}
            />
          ))}
          {single.map((key) => (
            <CheckField
              key={key}
              label={factText(faceName(room, key))}
              checked={stepsOf(room, key).some((each) => each.step.id === step.id)}
              onChange={(on) => toggle(key, on)}
            />
          ))}
        </div>
      </fieldset>
    </div>
  )
}

/** About how many coats hide what lies there now. */
function HidingLine({ room, step }: { room: Room; step: PaintStep }) {
  const worst = facesOfStep(room, step)
    .filter((key) => stepOf(room, key)?.step.id === step.id)
    .map((key) => ({ key, hiding: coatsToHide(swatchBelow(room, key, step), step.swatch) }))
    .sort((a, b) => b.hiding.coats - a.hiding.coats)[0]
  if (!worst) return null
  const { coats, perCoat } = worst.hiding
  return (
    <p className="col-span-2 text-sm text-soft">
      {W.walk.hiding({ coats, face: factText(faceName(room, worst.key)), percent: Math.round(perCoat * 100) })}
    </p>
  )
}
