import { SHELF_KINDS, shelfRows, STARTER_SHELF, withShelfRows } from '@crisp-hem/core'
import { shapeFaults, shelfSchema } from '@crisp-hem/core/wire'
import { newShelfRow } from './newShelfRow'

test.each(SHELF_KINDS)('a new line of %s can be taken as it is, twice', (kind) => {
  const rows = shelfRows(STARTER_SHELF, kind)
  const first = newShelfRow(kind, rows)
  const second = newShelfRow(kind, [...rows, first])
  expect(second.cells.id).not.toBe(first.cells.id)
  const all = [...rows, first, second]
  const shelf = withShelfRows({
    shelf: STARTER_SHELF,
    kind,
    read: all,
    places: all.map((_, i) => `line ${i + 1}`),
  })
  expect(shapeFaults(shelfSchema, shelf)).toEqual([])
  expect(shelf[kind]).toHaveLength(STARTER_SHELF[kind].length + 2)
})

test('a new tape has the grip and stay of its class, and says so', () => {
  const row = newShelfRow('tapes', [])
  expect(row.defaults).toEqual([
    'grip',
    'stay_days',
    'sun_stay_days',
    'thick_um',
    'bend_times',
    'dye',
    'tough',
    'tears',
    'holds_in',
  ])
  expect(row.cells).toMatchObject({ grip: 3.4, stay_days: 7 })
})
