import {
  coatingOf,
  faceAreaMm2,
  faceOf,
  faceWords,
  formatInstant,
  MATERIALS,
  parseInstant,
  SHEENS,
  SOUNDNESS,
  stepOf,
  TEXTURES,
  TOOLS,
  type Face,
  type LastCoat,
  type Room,
} from '@crisp-hem/core'
import { instantOfInput, localInput } from '../frame/ClockDialog'
import { useNow } from '../state/clock'
import { useEditRoom, useFacts } from '../state/useJob'
import { Button } from '../ui/Button'
import { CheckField, ChoiceField, TextField } from '../ui/fields'
import { Panel } from '../ui/Panel'
import { W } from '../words'
import { withFace } from './editFace'
import { LengthOfWall } from './LengthOfWall'
import { ColourField } from './StepsPanel'

/** What a face is made of, how it holds, and what was put on it last. */
export function FaceForm({ room, faceKey }: { room: Room; faceKey: string }) {
  const editRoom = useEditRoom(room.id)
  const { shelf } = useFacts()
  const face = faceOf(room, faceKey)
  const set = (change: Partial<Face>) =>
    editRoom((before) => withFace(before, faceKey, (old) => ({ ...old, ...change })))
  const step = stepOf(room, faceKey)?.step
  const area = (faceAreaMm2(room, faceKey) / 1e6).toFixed(2)
  const isWall = faceKey.startsWith('wall:')
  return (
    <Panel title={faceWords(room, faceKey)} aside={<span className="text-soft">{area} m²</span>}>
      <p className="mb-2 text-sm">
        {step
          ? `${W.walk.paints}: ${step.name}, ${step.colour} (${coatingOf(shelf, step.coatingId).name})`
          : W.walk.kept}
      </p>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2">
        {isWall && <LengthOfWall room={room} wallId={faceKey.slice(5)} />}
        <ChoiceField
          label={W.walk.material}
          value={face.material}
          options={MATERIALS}
          onCommit={(material) => set({ material })}
        />
        <ChoiceField
          label={W.walk.texture}
          value={face.texture}
          options={TEXTURES}
          onCommit={(texture) => set({ texture })}
        />
        <ChoiceField label={W.walk.sheen} value={face.sheen} options={SHEENS} onCommit={(sheen) => set({ sheen })} />
        <ChoiceField
          label={W.walk.soundness}
          value={face.soundness}
          options={SOUNDNESS}
          onCommit={(soundness) => set({ soundness })}
        />
        <TextField label={W.walk.colour} value={face.colour} onCommit={(colour) => set({ colour })} />
        <ColourField value={face.swatch} onChange={(swatch) => set({ swatch })} />
        <CheckField label={W.walk.dusty} checked={face.dusty} onChange={(dusty) => set({ dusty })} />
        <CheckField label={W.walk.atHand} checked={face.paintAtHand} onChange={(paintAtHand) => set({ paintAtHand })} />
      </div>
      <LastCoatForm last={face.last} onChange={(last) => set({ last })} />
      {isWall && (
        <Button className="mt-3" onClick={() => editRoom((before) => withFace(before, 'walls', () => face))}>
          {W.walk.applyAll}
        </Button>
      )}
    </Panel>
  )
}

const KNOWN = ['none', 'unknown', 'known'] as const

/** When the finish that lies there was put on: recently and known, recently but nobody knows when, or long ago. */
function LastCoatForm({ last, onChange }: { last: LastCoat | null; onChange: (last: LastCoat | null) => void }) {
  const { site, shelf } = useFacts()
  const now = useNow(60_000)
  const known = last === null ? 'none' : last.at === null ? 'unknown' : 'known'
  const words = { none: W.walk.lastOld, unknown: W.walk.lastUnknown, known: W.walk.lastKnown }
  const pickKnown = (next: (typeof KNOWN)[number]) => {
    if (next === 'none') return onChange(null)
    const at = next === 'known' ? formatInstant(Math.floor(now) - 18 * 60) : null
    onChange({ at, tool: last?.tool ?? null, coatingId: last?.coatingId ?? null })
  }
  return (
    <div className="mt-3 grid grid-cols-2 gap-x-3 gap-y-2 border-t border-rule pt-2">
      <ChoiceField
        label={W.walk.lastCoat}
        value={known}
        options={KNOWN.map((value) => ({ value, text: words[value] }))}
        onCommit={pickKnown}
      />
      {last && (
        <ChoiceField
          label={W.walk.lastTool}
          value={last.tool ?? ''}
          options={['' as const, ...TOOLS].map((value) => ({ value, text: value || '?' }))}
          onCommit={(tool) => onChange({ ...last, tool: tool === '' ? null : tool })}
        />
      )}
      {last?.at && (
        <div className="col-span-2">
          <TextField
            label={W.walk.lastWhen}
            type="datetime-local"
            value={localInput(parseInstant(last.at), site.zone)}
            onCommit={(text) => {
              const at = instantOfInput(text, site.zone)
              if (at === null) return false
              onChange({ ...last, at: formatInstant(at) })
            }}
          />
        </div>
      )}
      {last && (
        <ChoiceField
          label={W.walk.coating}
          value={last.coatingId ?? ''}
          options={[{ value: '', text: '?' }, ...shelf.coatings.map(({ id, name }) => ({ value: id, text: name }))]}
          onCommit={(coatingId) => onChange({ ...last, coatingId: coatingId === '' ? null : coatingId })}
        />
      )}
    </div>
  )
}
