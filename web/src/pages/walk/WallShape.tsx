import { resizeWall, topLine, type Room, type TopPoint, type Wall } from '@crisp-hem/core'
import { useEditRoom, useFacts } from '../../app/state/useJob'
import { CheckField, ChoiceField, LengthField, NumberField } from '../../app/ui/fields'
import { W } from '../../app/words'

const TOPS = ['level', 'slope', 'gable'] as const
type TopKind = (typeof TOPS)[number]
const kindOfTop = (wall: Wall): TopKind => (wall.top.length === 0 ? 'level' : wall.top.length === 2 ? 'slope' : 'gable')

/** Length, corner and top of a wall; Enter in the length goes on to the next wall. A new length moves the wall opposite, so that the room stays closed. */
export function WallShape({ room, wall, onNext }: { room: Room; wall: Wall; onNext: () => void }) {
  const { site } = useFacts()
  const editRoom = useEditRoom(room.id)
  const index = room.walls.findIndex((each) => each.id === wall.id)
  const set = (change: Partial<Wall>) =>
    editRoom((before) => ({
      ...before,
      walls: before.walls.map((each) => (each.id === wall.id ? { ...each, ...change } : each)),
    }))
  const resize = (lengthMm: number) =>
    editRoom((before) => {
      if (before.kind === 'elevation')
        return {
          ...before,
          walls: before.walls.map((each) => (each.id === wall.id ? stretched(each, lengthMm) : each)),
        }
      const walls = resizeWall(before.walls, index, lengthMm)
      return walls
        ? { ...before, walls: walls.map((each, i) => stretched(before.walls[i]!, each.lengthMm, each)) }
        : before
    })
  return (
    <div className="mb-2 grid grid-cols-2 items-end gap-x-3 gap-y-2 border-b border-rule pb-2">
      <LengthField
        label={W.walk.length}
        mm={wall.lengthMm}
        units={site.units}
        autoFocus
        onCommit={resize}
        onEnter={onNext}
      />
      <ChoiceField
        label={W.walk.top}
        value={kindOfTop(wall)}
        options={TOPS.map((value) => ({ value, text: W.walk.tops[value] }))}
        onCommit={(kind) => set({ top: topOf(room, wall, kind) })}
      />
      {wall.top.map((point, i) => (
        <LengthField
          key={i}
          label={W.walk.topAt({ end: i === 0 ? 'left' : i === wall.top.length - 1 ? 'right' : 'ridge' })}
          mm={point.heightMm}
          units={site.units}
          onCommit={(heightMm) => set({ top: wall.top.map((each, k) => (k === i ? { ...each, heightMm } : each)) })}
        />
      ))}
      {room.kind === 'room' && (
        <>
          <LengthField
            label={W.walk.rounded}
            mm={wall.cornerRadiusMm}
            units={site.units}
            allowZero
            onCommit={(cornerRadiusMm) => set({ cornerRadiusMm })}
          />
          <CheckField label={W.walk.free} checked={wall.free} onChange={(free) => set({ free })} />
        </>
      )}
      {room.kind === 'elevation' && (
        <LengthField
          label={W.walk.lap}
          mm={wall.lapMm ?? 0}
          units={site.units}
          allowZero
          onCommit={(mm) => set({ lapMm: mm === 0 ? null : mm })}
        />
      )}
      {room.kind === 'elevation' && wall.lapMm !== null && (
        <LengthField
          label={W.walk.lapFrom}
          mm={wall.lapFromMm}
          units={site.units}
          allowZero
          onCommit={(lapFromMm) => set({ lapFromMm })}
        />
      )}
      {room.kind === 'elevation' && (
        <NumberField
          label={W.walk.facing}
          value={room.facingDeg ?? 180}
          onCommit={(facingDeg) => editRoom((before) => ({ ...before, facingDeg }))}
        />
      )}
    </div>
  )
}

/** A wall at another length; its top is stretched with it. */
const stretched = (wall: Wall, lengthMm: number, into: Wall = wall): Wall => ({
  ...into,
  lengthMm,
  top: wall.top.map((point) => ({ ...point, atMm: Math.round((point.atMm * lengthMm) / wall.lengthMm) })),
})

function topOf(room: Room, wall: Wall, kind: TopKind): TopPoint[] {
  const line = topLine(room, wall)
  const [left, right] = [line[0]!.heightMm, line[line.length - 1]!.heightMm]
  if (kind === 'level') return []
  const ends = { from: { atMm: 0, heightMm: left }, to: { atMm: wall.lengthMm, heightMm: right } }
  if (kind === 'slope') return [ends.from, { ...ends.to, heightMm: Math.round(right * 0.7) }]
  return [ends.from, { atMm: Math.round(wall.lengthMm / 2), heightMm: Math.round(left * 1.6) }, ends.to]
}
