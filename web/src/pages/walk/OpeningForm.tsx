import { CheckField, ChoiceField, LengthField, NumberField, inWords } from '../../app/ui/fields'
import {
  OPENING_KINDS,
  panesOf,
  partsOf,
  USUAL_FACES,
  type Glazing,
  type Opening,
  type Room,
  face,
} from '@crisp-hem/core'
import type { Pick } from '../../app/drawing/pick'
import { useEditRoom, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { withoutFaces } from './editFace'
import { LeafFields } from './LeafFields'
import { PlaceFields } from './thingFields'
import { W } from '../../app/words'

interface OpeningFormProps {
  readonly room: Room
  readonly opening: Opening
  readonly onPick: (pick: Pick) => void
}

/** Where an opening is, how big, and what is round and in it. */
export function OpeningForm({ room, opening, onPick }: OpeningFormProps) {
  const { site } = useFacts()
  const editRoom = useEditRoom(room.id)
  const set = (change: Partial<Opening>) =>
    editRoom((before) => ({
      ...before,
      openings: before.openings.map((each) => (each.id === opening.id ? { ...each, ...change } : each)),
    }))
  const remove = () => {
    const gone = ['casing', 'leaf', 'glass'].map((part) => `${part}:${opening.id}`)
    onPick({ kind: 'room' })
    editRoom((before) => ({
      ...before,
      openings: before.openings.filter((each) => each.id !== opening.id),
      ...withoutFaces(before, gone),
    }))
  }
  return (
    <Panel title={opening.name}>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <PlaceFields
          room={room}
          thing={opening}
          foot={{ label: W.walk.sill, mm: opening.sillMm, set: (sillMm) => set({ sillMm }) }}
          onChange={set}
        />
        <ChoiceField
          label={W.walk.kind}
          value={opening.kind}
          options={inWords('opening', OPENING_KINDS)}
          onCommit={(kind) => set({ kind, ...partsOf(kind) })}
        />
        <LengthField
          label={W.walk.casing}
          mm={opening.casingMm}
          units={site.units}
          allowZero
          onCommit={(casingMm) =>
            set({ casingMm, casing: casingMm === 0 ? null : (opening.casing ?? USUAL_FACES.trim) })
          }
        />
        {opening.kind !== 'window' && opening.sillMm === 0 && (
          <ChoiceField
            label={W.walk.leads}
            value={LEADS.find(({ leadsOut }) => leadsOut === opening.leadsOut)!.value}
            options={LEADS.map(({ value }) => ({ value, text: W.walk.leadsTo[value] }))}
            onCommit={(value) => set({ leadsOut: LEADS.find((each) => each.value === value)!.leadsOut })}
          />
        )}
        {opening.kind === 'door' && opening.leaf && <LeafFields leaves={opening} onChange={set} />}
      </div>
      {(opening.kind === 'window' || opening.kind === 'glazed-doors') && (
        <GlazingFields opening={opening} onChange={(glazing) => set({ glazing })} />
      )}
      <div className="mt-3 flex flex-wrap gap-2">
        {opening.casing && opening.casingMm > 0 && (
          <Button onClick={() => onPick({ kind: 'face', key: face('casing', opening.id) })}>{W.walk.casingFace}</Button>
        )}
        {opening.leaf && (
          <Button onClick={() => onPick({ kind: 'face', key: face('leaf', opening.id) })}>
            {opening.kind === 'window' ? W.walk.glassFace : W.walk.leafFace}
          </Button>
        )}
        <Button tone="quiet" onClick={remove}>
          {W.walk.remove}
        </Button>
      </div>
    </Panel>
  )
}

/** Where a door leads: soles are wiped where it leaves the work. */
const LEADS = [
  { value: 'unsaid', leadsOut: null },
  { value: 'out', leadsOut: true },
  { value: 'inside', leadsOut: false },
] as const

const ONE_PANE: Glazing = { leaves: 1, wide: 1, high: 1, sides: 1, barMm: 25, textured: false }

/** Panes × sides × leaves, and how many that makes. */
function GlazingFields({ opening, onChange }: { opening: Opening; onChange: (glazing: Glazing) => boolean }) {
  const { site } = useFacts()
  const glazing = opening.glazing ?? ONE_PANE
  const number = (label: string, field: 'leaves' | 'wide' | 'high' | 'sides') => (
    <NumberField label={label} value={glazing[field]} onCommit={(value) => onChange({ ...glazing, [field]: value })} />
  )
  return (
    <fieldset className="mt-3 border-t border-rule pt-1">
      <legend className="pr-2 text-sm font-semibold">{W.walk.panes({ n: panesOf(opening).count })}</legend>
      <div className="grid grid-cols-4 gap-x-2 gap-y-2">
        {number(W.walk.leaves, 'leaves')}
        {number(W.walk.wide, 'wide')}
        {number(W.walk.high, 'high')}
        {number(W.walk.sides, 'sides')}
      </div>
      <div className="mt-2 grid grid-cols-2 items-end gap-x-3">
        <LengthField
          label={W.walk.bar}
          mm={glazing.barMm}
          units={site.units}
          allowZero
          onCommit={(barMm) => onChange({ ...glazing, barMm })}
        />
        <CheckField
          label={W.walk.textured}
          checked={glazing.textured}
          onChange={(textured) => onChange({ ...glazing, textured })}
        />
      </div>
    </fieldset>
  )
}
