import { USUAL_FACES, type FootStretch, type Room, face } from '@crisp-hem/core'
import type { Pick } from '../../app/drawing/pick'
import { useEditRoom, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { CheckField, LengthField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { W } from '../../app/words'

/** A stretch along a wall where the floor is another, or the gap under the skirting differs. */
export function FootForm({
  room,
  stretch,
  onPick,
}: {
  room: Room
  stretch: FootStretch
  onPick: (pick: Pick) => void
}) {
  const { site } = useFacts()
  const editRoom = useEditRoom(room.id)
  const set = (change: Partial<FootStretch>) =>
    editRoom((before) => ({
      ...before,
      foot: before.foot.map((each) => (each.id === stretch.id ? { ...each, ...change } : each)),
    }))
  const length = (label: string, field: 'fromMm' | 'toMm' | 'gapMm') => (
    <LengthField
      label={label}
      mm={stretch[field]}
      units={site.units}
      allowZero={field !== 'toMm'}
      onCommit={(mm) => set({ [field]: mm })}
    />
  )
  return (
    <Panel title={W.walk.footTitle}>
      <div className="grid grid-cols-2 items-end gap-x-3 gap-y-2">
        {length(W.walk.at, 'fromMm')}
        {length(W.walk.until, 'toMm')}
        {length(W.walk.gap, 'gapMm')}
        <CheckField
          label={W.walk.otherFloor}
          checked={stretch.floor !== null}
          onChange={(on) => set({ floor: on ? USUAL_FACES.floor : null })}
        />
      </div>
      <div className="mt-3 flex gap-2">
        {stretch.floor && (
          <Button onClick={() => onPick({ kind: 'face', key: face('floor', stretch.id) })}>{W.walk.itsFace}</Button>
        )}
        <Button
          tone="quiet"
          onClick={() => {
            onPick({ kind: 'room' })
            editRoom((before) => ({ ...before, foot: before.foot.filter((each) => each.id !== stretch.id) }))
          }}
        >
          {W.walk.remove}
        </Button>
      </div>
    </Panel>
  )
}
