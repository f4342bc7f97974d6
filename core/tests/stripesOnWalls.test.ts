import { face, type Room } from '../src/base/nouns'
import { stripesOver } from '../src/survey/lines/stripesOver'
import { deriveHems } from '../src/survey/hems/deriveHems'
import { turnsCorner } from '../src/survey/hems/turnsCorner'
import { shareOnWall } from '../src/survey/rooms/fieldMinutes'
import { levelBands, withPattern } from '../src/survey/rooms/wallPattern'
import { expectWholePattern } from './wholePattern'
import { jobOf, PLAIN_ROOM, WALLS } from './oneHem'

const room = { ...PLAIN_ROOM, steps: [{ ...WALLS, colour: 'White' }] }
const wallIds = [room.walls[0]!.id]
const swatchOf = () => '#7f9c86'
/** Nine stripes from the skirting up, every other one green. */
const plan = stripesOver({
  wallsMm: [1800],
  by: { count: 9 },
  slantDeg: 0,
  heightMm: room.walls[0]!.lengthMm,
  colours: ['White', 'Green'],
  openings: [],
})
const green = plan.stripes
  .filter(({ colour }) => colour === 'Green')
  .map((stripe) => ({ ...stripe, fromMm: stripe.fromMm + 200, toMm: stripe.toMm + 200 }))
const striped = withPattern(room, { wallIds, bands: levelBands(green) }, swatchOf)!

test('level stripes become bands, their edges hems of the step of their colour, after the walls', () => {
  expect(striped.bands.map(({ fromMm, toMm }) => [fromMm, toMm])).toEqual([
    [400, 600],
    [800, 1000],
    [1200, 1400],
    [1600, 1800],
  ])
  expect(striped.steps.map(({ name, targets }) => [name, targets.length])).toEqual([
    [WALLS.name, WALLS.targets.length],
    ['Green', 4],
  ])
  const lines = deriveHems(striped, jobOf().shelf).hems.filter(({ stepId }) => stepId === striped.steps[1]!.id)
  // Two edges a stripe, each as long as its wall.
  expect(lines.filter(({ kind }) => kind === 'two-tone-line')).toHaveLength(8)
  for (const { lengthMm } of lines) expect(lengthMm).toBeLessThanOrEqual(room.walls[0]!.lengthMm)
})

test('a whole job: every edge of every stripe has a recipe, and is marked, taped and pulled', () => {
  expectWholePattern(striped, striped.steps[1]!.id)
})

test('put there anew they take the place of those before; other bands stay', () => {
  const twice = withPattern(striped, { wallIds, bands: levelBands(green.slice(0, 1)) }, swatchOf)!
  expect(twice.bands).toHaveLength(1)
  expect(twice.steps).toHaveLength(2)
  const none = withPattern(striped, { wallIds, bands: levelBands([]) }, swatchOf)!
  expect([none.bands, none.steps]).toEqual([[], room.steps])
  expect(withPattern({ ...room, steps: [] }, { wallIds, bands: levelBands(green) }, swatchOf)).toBeNull()
  const other = { ...striped, bands: striped.bands.map((band) => ({ ...band, kind: 'two-tone' as const })) }
  expect(withPattern(other, { wallIds, bands: levelBands([]) }, swatchOf)!.bands).toHaveLength(4)
  expect(new Set(striped.bands.map(({ id }) => face('band', id))).size).toBe(4)
})

test('the minutes of a band are those of the walls it lies on, and of no other', () => {
  const two = [room.walls[0]!.id, room.walls[2]!.id]
  const { bands, walls } = withPattern(room, { wallIds: two, bands: levelBands(green.slice(0, 1)) }, swatchOf)!
  const shares = walls.map(({ id }) => [id, shareOnWall({ ...room, bands }, face('band', bands[0]!.id), id)] as const)
  for (const [id, share] of shares) expect(share > 0).toBe(two.includes(id))
  expect(shares.reduce((sum, [, share]) => sum + share, 0)).toBeCloseTo(1, 9)
})

test('two stripes that meet have one line between them, taped once, the first one dry under the tape of the second', () => {
  const two = levelBands([
    { fromMm: 800, toMm: 1200, colour: 'Green' },
    { fromMm: 1200, toMm: 1600, colour: 'Grey' },
  ])
  const both = withPattern(room, { wallIds, bands: two }, swatchOf)!
  const lines = deriveHems(both, jobOf().shelf).hems.filter(({ kind }) => kind === 'two-tone-line')
  expect(lines).toHaveLength(3)
  const [green, grey] = both.bands.map(({ id }) => face('band', id))
  const between = lines.find(({ keep, paint }) => keep === green && paint === grey)!
  expect(between.segments[0]!.y1).toBe(1200)
  expect(between.place.bandLine).toBe('over')
})

test('tape is begun anew at a corner where the stripe goes on round it, and only there', () => {
  const turns = (ids: readonly string[], change: Partial<Room> = {}) => {
    const one = { ...withPattern(room, { wallIds: ids, bands: levelBands(green.slice(1, 2)) }, swatchOf)!, ...change }
    const lines = deriveHems(one, jobOf().shelf).hems.filter(({ kind }) => kind === 'two-tone-line')
    return lines.map((hem) => turnsCorner(one, hem))
  }
  const [first, second, third] = room.walls.map(({ id }) => id)
  expect(turns([first!])).toEqual([false, false])
  expect(turns([first!, third!])).toEqual([false, false, false, false])
  expect(turns([first!, second!])).toEqual([true, true, true, true])
  // The last wall of a room meets the first; of a front it does not.
  const last = room.walls.at(-1)!.id
  expect(turns([first!, last])).toEqual([true, true, true, true])
  expect(turns([first!, last], { kind: 'elevation' })).toEqual([false, false, false, false])
})
