import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { ENGLISH, speaker } from '../../edge/words'
import type { Piece, Room } from '../../base/nouns'
import { door } from '../../../../demo/parts'
import fc from 'fast-check'
import { STARTER_SHELF as SHELF } from '../../survey/shelf/starterShelf'
import { newRoom, OUTLINE_TEMPLATES, USUAL_FACES } from '../../survey/rooms/roomTemplate'
import { coverBeside, gripFloorN25, tackMm, type BesideSetup } from './besideHem'
import { coverNeeds } from './coverNeeds'
import { isBusy, waysOut } from './waysOut'
import { coverWidthMm, gunOf, oversprayMm } from './overspray'

const GUN = { reachMm: 75 }

describe('overspray', () => {
  // Common practice, no published source: C11.
  test('C11: a skirting throws about 75 mm of mist, and 9 in of paper holds it', () => {
    expect(oversprayMm(GUN, true, 0)).toBe(75)
    expect(coverWidthMm(75)).toBeLessThanOrEqual(230)
    expect(coverWidthMm(75)).toBeGreaterThan(200)
  })
  test('by hand: 2.3 m/s of wind carries it 250 × (2.3 − 0.3) = 500 mm farther', () => {
    expect(oversprayMm(GUN, true, 2.3)).toBe(575)
    expect(oversprayMm(GUN, false, 2.3)).toBe(800)
  })
  test('more wind never shortens it, and a field throws farther than a trim', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 15, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (wind, more) => {
          expect(oversprayMm(GUN, true, wind + more)).toBeGreaterThanOrEqual(oversprayMm(GUN, true, wind))
          expect(oversprayMm(GUN, false, wind)).toBeGreaterThan(oversprayMm(GUN, true, wind))
        },
      ),
    )
  })
  test('the gun is the shelf’s; a retired one is not taken', () => {
    const gun = { ...SHELF.tools.find((tool) => tool.kind === 'gun')!, reachMm: 140 }
    expect(gunOf({ tools: [gun] }).reachMm).toBe(140)
    expect(gunOf({ tools: [{ ...gun, retired: true }] }).reachMm).toBe(75)
  })
})

describe('beside a sprayed hem', () => {
  const setup: BesideSetup = {
    shelf: SHELF,
    place: 'floor',
    narrow: true,
    coats: 2,
    dropM: null,
    windMs: 0,
    parameters: DEFAULT_PARAMETERS,
  }
  const kindOf = (more: Partial<BesideSetup>) => coverBeside({ ...setup, ...more })!.cover.kind
  test('floor paper, glass film taut, loose film for one coat and paper from the second on', () => {
    expect(kindOf({})).toBe('paper')
    expect(coverBeside({ ...setup, place: 'glass' })).toMatchObject({ hold: 'taut', flakesPerM: 0 })
    expect(kindOf({ place: 'thing', coats: 1 })).toBe('film')
    expect(kindOf({ place: 'thing', coats: 2 })).toBe('paper')
  })
  test('where only film is there for a thing sprayed twice, flakes are expected and counted', () => {
    const covers = SHELF.covers.filter((cover) => cover.kind === 'film')
    const loose = coverBeside({ ...setup, shelf: { ...SHELF, covers }, place: 'thing' })!
    expect(loose.flakesPerM).toBeGreaterThan(0)
    expect(coverBeside({ ...setup, shelf: { ...SHELF, covers }, place: 'thing', coats: 1 })!.flakesPerM).toBe(0)
    expect(coverBeside({ ...setup, shelf: { ...SHELF, covers: [] } })).toBeNull()
  })
  test('a hung cover pulls at its tape, more in wind; what lies does not', () => {
    const hung = (windMs: number) => coverBeside({ ...setup, place: 'ceiling-line', dropM: 2.5, windMs })!.loadNPerM
    expect(hung(6)).toBeGreaterThan(hung(0))
    expect(coverBeside(setup)!.loadNPerM).toBe(0)
  })
  test('tacks come closer with the load until none hold; the grip floor is where they begin to', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 12, noNaN: true }), (load) => {
        const floor = gripFloorN25(load, DEFAULT_PARAMETERS)
        expect(tackMm({ gripN25: floor * 1.01 }, load, DEFAULT_PARAMETERS)).not.toBeNull()
        expect(tackMm({ gripN25: floor * 0.99 }, load, DEFAULT_PARAMETERS)).toBeNull()
      }),
    )
    const general = { gripN25: 3.4 }
    expect(tackMm(general, 0.9, DEFAULT_PARAMETERS)!).toBeGreaterThan(tackMm(general, 1.8, DEFAULT_PARAMETERS)!)
    expect(tackMm(general, 0.01, DEFAULT_PARAMETERS)).toBe(1000)
  })
})

const spoken = speaker(ENGLISH).fact
const plain = newRoom('r', 'Room', OUTLINE_TEMPLATES.rectangle)
const needs = (room: Partial<Room>) => coverNeeds({ ...plain, ...room }, SHELF, 'metric')
const kinds = (room: Partial<Room>, what: RegExp) =>
  needs(room)
    .filter((need) => what.test(spoken(need.what)))
    .map((need) => SHELF.covers.find((cover) => cover.id === need.coverId)!.kind)
const sprayed = (coats: number) => plain.steps.map((step) => ({ ...step, tool: 'spray' as const, coats }))

describe('floors by material and traffic', () => {
  test('one door: cloths, and a doubled one at the way out', () => {
    const room = { openings: [door('o1', 'w1', 600)] }
    expect(kinds(room, /floor$/)).toEqual(['cloth'])
    expect(needs(room).find((need) => spoken(need.what) === 'way out')).toMatchObject({ pieces: 2, hold: 'lies' })
  })
  test('two doors: people pass, so boards on a hard floor, none on carpet', () => {
    const openings = [door('o1', 'w1', 600), door('o2', 'w3', 600)]
    expect(isBusy({ ...plain, openings })).toBe(true)
    expect(kinds({ openings }, /^floor$/)).toEqual(['cloth', 'board'])
    expect(kinds({ openings, floor: { ...plain.floor, material: 'carpet' } }, /^floor/)).toEqual(['cloth'])
    expect(needs({ openings }).find((need) => spoken(need.what) === '2 ways out')!.pieces).toBe(4)
  })
  test('windows are no way out; a sprayed room gets paper over the field; a painted floor nothing', () => {
    expect(waysOut({ ...plain, openings: [door('o1', 'w1', 600, { kind: 'window', sillMm: 0 })] }, [])).toEqual([])
    expect(kinds({ steps: sprayed(1) }, /^floor$/)).toEqual(['paper'])
    expect(kinds({ steps: [{ ...plain.steps[0]!, targets: ['floor'] }] }, /^floor/)).toEqual([])
  })
})

describe('things and the gun', () => {
  const sofa: Piece = {
    id: 'p1',
    name: 'sofa',
    kind: 'furniture',
    wallId: 'w1',
    atMm: 500,
    bottomMm: 0,
    widthMm: 1800,
    heightMm: 900,
    depthMm: 900,
    count: 1,
    inUse: false,
    paintedSides: 1,
    takenOff: false,
    face: USUAL_FACES.trim,
  }
  test('a sheet may hang loose for one coat of the gun, and is taped all round for two', () => {
    const hold = (coats: number) =>
      needs({ pieces: [sofa], steps: sprayed(coats) }).find((need) => spoken(need.what) === 'sofa')!
    expect(hold(1)).toMatchObject({ hold: 'loose', why: { code: 'cover.falls' } })
    expect(hold(2)).toMatchObject({ hold: 'taut', why: { code: 'cover.taut_again' } })
  })
  test('a radiator sprayed past twice gets paper, once film', () => {
    const radiator: Piece = { ...sofa, name: 'radiator', kind: 'radiator', depthMm: 90 }
    expect(kinds({ pieces: [radiator], steps: sprayed(1) }, /radiator/)).toEqual(['film'])
    expect(kinds({ pieces: [radiator], steps: sprayed(2) }, /radiator/)).toEqual(['paper'])
  })
  test('every need names a cover on the shelf, holds an area, and never is without a reason', () => {
    for (const coats of [1, 2, 3])
      for (const need of needs({
        pieces: [sofa],
        openings: [door('o1', 'w1', 600), door('o2', 'w2', 600)],
        steps: sprayed(coats),
      })) {
        expect(SHELF.covers.some((cover) => cover.id === need.coverId)).toBe(true)
        expect(need.areaMm2).toBeGreaterThan(0)
        expect(need.why.code).toMatch(/^cover\./)
      }
  })
})
