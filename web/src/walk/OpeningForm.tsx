import { OPENING_KINDS, USUAL_FACES, type Opening, type Room } from '@crisp-hem/core'
import type { Pick } from '../drawing/UnrolledRoom'
import { useEditRoom, useFacts } from '../state/useJob'
import { Button } from '../ui/Button'
import { ChoiceField, LengthField, TextField } from '../ui/fields'
import { Panel } from '../ui/Panel'
import { W } from '../words'

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
  const length = (label: string, field: 'atMm' | 'sillMm' | 'widthMm' | 'heightMm', allowZero = false) => (
    <LengthField
      label={label}
      mm={opening[field]}
      units={site.units}
      allowZero={allowZero}
      onCommit={(mm) => set({ [field]: mm })}
    />
  )
  const setKind = (kind: Opening['kind']) =>
    set({ kind, leaf: kind === 'gap' ? null : kind === 'window' ? USUAL_FACES.glass : USUAL_FACES.trim })
  return (
    <Panel title={opening.name}>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <TextField label={W.walk.name} value={opening.name} onCommit={(name) => set({ name })} />
        <ChoiceField label={W.walk.kind} value={opening.kind} options={OPENING_KINDS} onCommit={setKind} />
        <ChoiceField
          label={W.walk.onWall}
          value={opening.wallId}
          options={room.walls.map(({ id, name }) => ({ value: id, text: name }))}
          onCommit={(wallId) => set({ wallId })}
        />
        {length(W.walk.at, 'atMm', true)}
        {length(W.walk.width, 'widthMm')}
        {length(W.walk.heightOf, 'heightMm')}
        {length(W.walk.sill, 'sillMm', true)}
        <LengthField
          label={W.walk.casing}
          mm={opening.casingMm}
          units={site.units}
          allowZero
          onCommit={(casingMm) =>
            set({ casingMm, casing: casingMm === 0 ? null : (opening.casing ?? USUAL_FACES.trim) })
          }
        />
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        {opening.casing && opening.casingMm > 0 && (
          <Button onClick={() => onPick({ kind: 'face', key: `casing:${opening.id}` })}>Casing…</Button>
        )}
        {opening.leaf && (
          <Button onClick={() => onPick({ kind: 'face', key: `leaf:${opening.id}` })}>
            {opening.kind === 'window' ? 'Glass…' : 'Leaf…'}
          </Button>
        )}
        <Button
          tone="quiet"
          onClick={() => {
            onPick({ kind: 'room' })
            editRoom((before) => ({
              ...before,
              openings: before.openings.filter((each) => each.id !== opening.id),
              steps: withoutTargets(before, opening.id),
            }))
          }}
        >
          {W.walk.remove}
        </Button>
      </div>
    </Panel>
  )
}

/** Steps that named the opening's parts no longer do; one that named nothing else keeps its group name. */
const withoutTargets = (room: Room, openingId: string): Room['steps'] =>
  room.steps.map((step) => {
    const targets = step.targets.filter((target) => target !== `casing:${openingId}` && target !== `leaf:${openingId}`)
    return { ...step, targets: targets.length ? targets : ['casings'] }
  })
