import type { Coded } from '../../base/units/errors'
import { atCell, atRow, expects, FIRST_ROW } from '../../base/units/faults'
import { sure } from '../../base/units/sure'
import { CoreError, type Opening, OPENING_KINDS, type OpeningKind, type Room } from '../../base/nouns'
import { readCsv, writeCsv } from '../../base/units/csvText'
import { USUAL_FACES } from '../rooms/roomTemplate'
import { formatLength, parseMm, type UnitSystem } from '../../base/units/length'

const COLUMNS = ['room', 'wall', 'kind', 'name', 'at', 'sill', 'width', 'height', 'casing'] as const
type Column = (typeof COLUMNS)[number]

/** An opening read from a file, and the room it belongs to. */
interface ReadOpening {
  readonly roomId: string
  readonly opening: Opening
}

/** Openings of all rooms as CSV, lengths as the site writes them. */
export const writeOpeningsCsv = (rooms: readonly Room[], units: UnitSystem): string =>
  writeCsv(
    COLUMNS,
    rooms.flatMap((room) =>
      room.openings.map((o) => [
        room.name,
        room.walls.find((wall) => wall.id === o.wallId)?.name ?? '',
        o.kind,
        o.name,
        ...[o.atMm, o.sillMm, o.widthMm, o.heightMm, o.casingMm].map((mm) => formatLength(mm, units)),
      ]),
    ),
  )

/**
 * Reads openings for rooms that exist. The whole file is refused at its first wrong row.
 * @throws CoreError csv.invalid with the row, the column and what was expected
 */
export function readOpeningsCsv(text: string, rooms: readonly Room[], units: UnitSystem): ReadOpening[] {
  const { data } = readCsv(text)
  const missing = COLUMNS.find((column) => !(column in (data[0] ?? {})))
  if (missing) throw wrong(FIRST_ROW, expects('columns', { columns: COLUMNS.join(', '), missing }))
  const taken = new Map(rooms.map((room) => [room.id, new Set(room.openings.map((opening) => opening.id))]))
  return data.map((row, i) => readRow({ row, number: i + 2, rooms, units, taken }))
}

interface ReadRowSetup {
  readonly row: Record<string, string>
  readonly number: number
  readonly rooms: readonly Room[]
  readonly units: UnitSystem
  readonly taken: ReadonlyMap<string, Set<string>>
}

function readRow({ row, number, rooms, units, taken }: ReadRowSetup): ReadOpening {
  const cell = (column: Column) => (row[column] ?? '').trim()
  const place = (column: Column) => atCell(atRow(number), column)
  const room = rooms.find((each) => each.name.toLowerCase() === cell('room').toLowerCase())
  if (!room) throw wrong(place('room'), expects('room_called', { name: cell('room') }))
  const wall = room.walls.find((each) => each.name.toLowerCase() === cell('wall').toLowerCase())
  if (!wall) throw wrong(place('wall'), expects('wall_called', { room: room.name, name: cell('wall') }))
  const kind = OPENING_KINDS.find((each) => each === cell('kind').toLowerCase().replace(/ /g, '-'))
  if (!kind) throw wrong(place('kind'), expects('one_of', { options: OPENING_KINDS.join(', ') }))
  const length = (column: Column, zero: boolean): number => {
    if (zero && /^0\D*$/.test(cell(column))) return 0
    try {
      return parseMm(cell(column), units)
    } catch (error) {
      if (!(error instanceof CoreError)) throw error
      throw wrong(place(column), expects('length', { text: cell(column) }))
    }
  }
  const ids = sure(taken.get(room.id))
  let n = ids.size + 1
  while (ids.has(`o${n}`)) n += 1
  ids.add(`o${n}`)
  const casingMm = length('casing', true)
  const opening: Opening = {
    id: `o${n}`,
    name: cell('name') || `${kind} ${n}`,
    kind,
    wallId: wall.id,
    atMm: length('at', true),
    sillMm: length('sill', true),
    widthMm: length('width', false),
    heightMm: length('height', false),
    casingMm,
    casing: casingMm > 0 ? USUAL_FACES.trim : null,
    ...partsOf(kind),
  }
  return { roomId: room.id, opening }
}

const AS_HUNG = { paintedSides: 1, takenOff: false, leadsOut: null } as const

/** What fills an opening of a kind when nothing else is said. */
export function partsOf(
  kind: OpeningKind,
): Pick<Opening, 'leaf' | 'glazing' | 'paintedSides' | 'takenOff' | 'leadsOut'> {
  switch (kind) {
    case 'door':
      return { leaf: USUAL_FACES.trim, glazing: null, ...AS_HUNG }
    case 'window':
      return { leaf: USUAL_FACES.glass, glazing: null, ...AS_HUNG }
    case 'glazed-doors':
      return {
        leaf: USUAL_FACES.trim,
        glazing: { leaves: 2, wide: 3, high: 5, sides: 2, barMm: 25, textured: false },
        ...AS_HUNG,
      }
    case 'gap':
      return { leaf: null, glazing: null, ...AS_HUNG }
  }
}

const wrong = (place: Coded, expected: Coded) => new CoreError('csv.invalid', { place, expected })
