import {
  clothShelves,
  coverOf,
  fieldSprays,
  floorPlan,
  formatRun,
  gatheredIn,
  groupedBy,
  lengthOf,
  type FloorPlan,
  type Load,
  type Room,
} from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { W } from '../../app/words'
import { FloorDrawing } from './FloorDrawing'

/** Floors as they are laid: cloths, paper, boards and doubled ways out over each room's real outline. */
export function FloorPlans({ load }: { load: Load }) {
  const { rooms, shelf } = useFacts()
  const shelves = clothShelves(rooms, shelf)
  const laid = rooms.flatMap((room) => {
    const own = shelves.get(room.id) ?? shelf
    const plan = room.steps.length > 0 ? floorPlan(room, own, fieldSprays(room).length > 0, rooms) : null
    return plan ? [{ room, plan }] : []
  })
  if (laid.length === 0) return <p className="panel text-soft">{W.floors.none}</p>
  return (
    <>
      <Missing load={load} />
      <p className="mb-3 text-sm">{W.floors.slip}</p>
      <div className="grid grid-cols-1 gap-4 md:grid-cols-2 xl:grid-cols-3">
        {laid.map(({ room, plan }) => (
          <Panel key={room.id} title={W.floors.of({ room: room.name })}>
            <FloorDrawing room={room} plan={plan} />
            <FloorWords room={room} plan={plan} />
          </Panel>
        ))}
      </div>
    </>
  )
}

/** Cloths and boards the van has not enough of on the day most lie at once. */
function Missing({ load }: { load: Load }) {
  const { shelf } = useFacts()
  const short = load.covers.filter((line) => line.short > 0)
  if (short.length === 0) return null
  return (
    <ul className="mb-3">
      {short.map((line) => (
        <li key={line.coverId} className="font-semibold text-act">
          {W.floors.missing({ n: line.short, name: coverOf(shelf, line.coverId).name })}
        </li>
      ))}
    </ul>
  )
}

function FloorWords({ room, plan }: { room: Room; plan: FloorPlan }) {
  const { shelf, site } = useFacts()
  const fields = [...groupedBy(plan.field, (laid) => laid.coverId)].map(([coverId, own]) => {
    const { name } = coverOf(shelf, coverId)
    const length = () =>
      formatRun(
        own.reduce((sum, laid) => sum + lengthOf(laid), 0),
        site.units,
      )
    return own[0]?.as !== 'field'
      ? W.floors.strips({ n: own.length, name, length: length() })
      : W.floors.field({ n: own.length, name })
  })
  const lines = [
    ...fields,
    ...(plan.boards.length > 0 ? [W.floors.boards({ n: plan.boards.length })] : []),
    ...(plan.waysOut.length > 0 ? [W.floors.ways({ n: plan.waysOut.length })] : []),
    ...furniture(room),
    ...(plan.stairs.length > 0 ? [W.floors.stairs] : []),
  ]
  return (
    <ul className="mt-2 list-disc pl-5 text-[0.92rem]">
      {lines.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  )
}

/** Furniture of a room, with the numbers it has in the drawing: gathered under one sheet, or sheeted where it stands. */
function furniture(room: Room): string[] {
  const pieces = room.pieces.filter((piece) => piece.kind === 'furniture')
  if (pieces.length === 0) return []
  const names = pieces.map((piece, i) => `${i + 1} ${piece.name}`).join(', ')
  return [(gatheredIn(room) ? W.floors.gathered : W.floors.pieces)({ n: pieces.length, names })]
}
