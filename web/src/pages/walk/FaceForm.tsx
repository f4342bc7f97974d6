import { CheckField, ChoiceField, TextField, inWords } from '../../app/ui/fields'
import {
  coatingOf,
  FACE_SCOPES,
  faceAreaMm2,
  faceOf,
  faceName,
  MATERIALS,
  PREPS,
  RUBS,
  scopeOf,
  SHEENS,
  SOUNDNESS,
  stepOf,
  type Face,
  type Room,
  isFace,
  face as keyOfFace,
  withFace,
} from '@crisp-hem/core'
import type { Pick } from '../../app/drawing/pick'
import { useEditRoom, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { ColourField } from './ColourField'
import { CROSS_CUT_OPTIONS } from './crossCutOptions'
import { withScope } from './editFace'
import { LastCoatForm } from './LastCoatForm'
import { DefectsPanel } from './DefectsPanel'
import { TexturePicker } from './TexturePicker'
import { WallShape } from './WallShape'
import { W, factText } from '../../app/words'

interface FaceFormProps {
  readonly room: Room
  readonly faceKey: string
  readonly onPick: (pick: Pick) => void
}

/** What a face is made of, how it holds, what the scope says of it, and what was put on it last. */
export function FaceForm({ room, faceKey, onPick }: FaceFormProps) {
  const editRoom = useEditRoom(room.id)
  const { shelf } = useFacts()
  const face = faceOf(room, faceKey)
  const set = (change: Partial<Face>) =>
    editRoom((before) => withFace(before, faceKey, (old) => ({ ...old, ...change })))
  const step = stepOf(room, faceKey)?.step
  const area = (faceAreaMm2(room, faceKey) / 1e6).toFixed(2)
  const wall = room.walls.find((each) => keyOfFace('wall', each.id) === faceKey)
  return (
    <Panel title={factText(faceName(room, faceKey))} aside={<span className="text-soft">{area} m²</span>}>
      <p className="mb-2 text-sm">
        {step
          ? `${W.walk.paints}: ${step.name}, ${step.colour} (${coatingOf(shelf, step.coatingId).name})`
          : W.walk.kept}
      </p>
      {wall && (
        <WallShape room={room} wall={wall} onNext={() => onPick({ kind: 'face', key: nextWall(room, wall.id) })} />
      )}
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        <ScopeField room={room} faceKey={faceKey} />
        <ChoiceField
          label={W.walk.material}
          value={face.material}
          options={inWords('material', MATERIALS)}
          onCommit={(material) => set({ material })}
        />
        <TexturePicker value={face.texture} onCommit={(texture) => set({ texture })} />
        <ChoiceField
          label={W.walk.sheen}
          value={face.sheen}
          options={inWords('sheen', SHEENS)}
          onCommit={(sheen) => set({ sheen })}
        />
        <ChoiceField
          label={W.walk.soundness}
          value={face.soundness}
          options={inWords('soundness', SOUNDNESS)}
          onCommit={(soundness) => set({ soundness })}
        />
        <TextField label={W.walk.colour} value={face.colour} onCommit={(colour) => set({ colour })} />
        <ColourField value={face.swatch} onChange={(swatch) => set({ swatch })} />
        <CheckField label={W.walk.dusty} checked={face.dusty} onChange={(dusty) => set({ dusty })} />
        <CheckField label={W.walk.atHand} checked={face.paintAtHand} onChange={(paintAtHand) => set({ paintAtHand })} />
      </div>
      <SiteChecks face={face} onChange={set} />
      <DefectsPanel room={room} faceKey={faceKey} />
      <LastCoatForm last={face.last} onChange={(last) => set({ last })} />
      {wall && (
        <Button className="mt-3" onClick={() => editRoom((before) => withFace(before, 'walls', () => face))}>
          {W.walk.applyAll}
        </Button>
      )}
    </Panel>
  )
}

/** The wall to the right; after the last one, the first. */
function nextWall(room: Room, wallId: string): string {
  const index = room.walls.findIndex((wall) => wall.id === wallId)
  return keyOfFace('wall', room.walls[(index + 1) % room.walls.length]!.id)
}

const AS_PLANNED = ''

function ScopeField({ room, faceKey }: { room: Room; faceKey: string }) {
  const editRoom = useEditRoom(room.id)
  return (
    <ChoiceField
      label={W.walk.scope}
      value={scopeOf(room, faceKey) ?? AS_PLANNED}
      options={[
        { value: AS_PLANNED, text: W.walk.asPlanned },
        ...inWords(
          'faceScope',
          FACE_SCOPES.filter((scope) => scope !== 'takes-wall-colour' || !isFace(faceKey, 'wall')),
        ),
      ]}
      onCommit={(scope) => editRoom((before) => withScope(before, faceKey, scope === AS_PLANNED ? null : scope))}
    />
  )
}

/** Tests made on site, and what has to be cleaned first. */
function SiteChecks({ face, onChange }: { face: Face; onChange: (change: Partial<Face>) => boolean }) {
  const reading = face.moisturePct === null ? '' : String(face.moisturePct)
  return (
    <details className="mt-3 border-t border-rule pt-2" open={face.rub !== 'not-made' || face.crossCut !== null}>
      <summary className="cursor-pointer font-semibold">{W.walk.checks}</summary>
      <div className="mt-1 grid grid-cols-2 gap-x-3 gap-y-2">
        <ChoiceField
          label={W.walk.rub}
          value={face.rub}
          options={inWords('rub', RUBS)}
          onCommit={(rub) => onChange({ rub })}
        />
        <ChoiceField
          label={W.walk.crossCut}
          value={String(face.crossCut ?? '')}
          options={[{ value: '', text: W.walk.notMade }, ...CROSS_CUT_OPTIONS]}
          onCommit={(text) => onChange({ crossCut: text === '' ? null : Number(text) })}
        />
        <TextField
          label={W.walk.moisture}
          value={reading}
          onCommit={(text) => onChange({ moisturePct: text.trim() === '' ? null : Number(text.replace(',', '.')) })}
        />
        <fieldset className="col-span-2">
          <legend className="text-[0.82rem] text-soft">{W.walk.prep}</legend>
          <div className="flex flex-wrap gap-x-4">
            {PREPS.map((prep) => (
              <CheckField
                key={prep}
                label={W.walk.preps[prep]}
                checked={face.prep.includes(prep)}
                onChange={(on) =>
                  onChange({ prep: PREPS.filter((each) => (each === prep ? on : face.prep.includes(each))) })
                }
              />
            ))}
          </div>
        </fieldset>
      </div>
    </details>
  )
}
