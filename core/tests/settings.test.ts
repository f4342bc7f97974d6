import { sash } from '../../demo/parts'
import { coverOf } from '../src/survey/shelf/find'
import { STARTER_SHELF } from '../src/survey/shelf/starterShelf'
import type { Face, Fitting, Opening, PaintStep, Piece } from '../src/base/nouns'
import { USUAL_FACES } from '../src/survey/rooms/roomTemplate'
import {
  CEILING,
  layerKinds,
  PLAIN_ROOM,
  recipeOf,
  spoken,
  stepCodes,
  tapeOfRecipe,
  TRIM,
  WALLS,
  type OneRoom,
} from './oneHem'

/** Each setting has to get its own recipe, layer on layer. All of them: common practice, no published source. */
const sprayed = (step: PaintStep, more: Partial<PaintStep> = {}): PaintStep => ({ ...step, tool: 'spray', ...more })
const SKIRTING: PaintStep = { ...TRIM, targets: ['skirting'] }
const floor = (face: Partial<Face>, gapMm: number, step = SKIRTING): OneRoom => ({
  room: {
    floor: { ...USUAL_FACES.floor, ...face },
    skirting: { ...PLAIN_ROOM.skirting!, gapMm },
    steps: [step],
  },
})
const FOOT = 'skirting|floor#w1:'
const order = (codes: readonly string[], ...wanted: readonly string[]) => {
  const places = wanted.map((code) => codes.indexOf(code))
  expect(places).not.toContain(-1)
  expect([...places].sort((a, b) => a - b)).toEqual(places)
}

describe('floors', () => {
  test('skirting sprayed over a hard floor: the paper that slides into the gap is the one masking, held down by a strip, cloths over both; C11, C29', () => {
    const recipe = recipeOf(floor({ material: 'wood' }, 4, sprayed(SKIRTING)), FOOT)
    expect(recipe).toMatchObject({ setting: 'skirting-over-hard-floor', way: 'mask-and-spray' })
    expect(layerKinds(recipe)).toEqual(['lining', 'tape', 'cloth', 'colour'])
    order(stepCodes(recipe), 'step.slide_under', 'step.lay_lining', 'step.press', 'step.cloths', 'step.coat')
    // C11: about 75 mm of mist, which 9 in paper holds.
    expect(recipe.cover).toMatchObject({ hold: 'lies', reachMm: 75 })
    expect(coverOf(STARTER_SHELF, recipe.cover!.coverId)).toMatchObject({ kind: 'paper', widthMm: 230 })
  })
  test('brushed over a hard floor without a gap worth lining: no lining', () => {
    const recipe = recipeOf({ ...floor({ material: 'tile' }, 2), house: { school: 'press-only' } }, FOOT)
    expect(layerKinds(recipe)).toEqual(['tape', 'paper', 'cloth', 'colour'])
  })
  test('over carpet: wide tape tucked half under, no barrier edge and no seal, then paper', () => {
    const recipe = recipeOf(floor({ material: 'carpet', texture: 'masonry' }, 6), FOOT)
    expect(recipe).toMatchObject({ setting: 'skirting-over-carpet', seal: 'none', widthMm: 48 })
    expect(tapeOfRecipe(recipe).edge).not.toBe('barrier')
    expect(recipe.layers[0]).toMatchObject({ kind: 'tape', seat: 'tucked' })
    order(stepCodes(recipe), 'step.lay_carpet', 'step.press', 'step.paper_over', 'step.cloths')
    const codes = recipe.ruledOut.map((each) => each.why.code)
    expect(codes).toContain('out.barrier_carpet')
    expect(codes).toContain('out.seal_carpet')
  })
  test('a flush joint: cleaned, then one long run pushed in with a scraper; C29', () => {
    const recipe = recipeOf(floor({ material: 'wood' }, 0), FOOT)
    expect(recipe.setting).toBe('tight-joint-at-the-floor')
    expect(recipe.layers[0]).toMatchObject({ kind: 'tape', seat: 'beside' })
    order(stepCodes(recipe), 'step.clean_joint', 'step.lay_joint', 'step.run_one_low', 'step.press', 'step.coat')
  })
  test('one that opens and closes along its wall: short lapped pieces, and nothing said of a long run; C29', () => {
    const setup = floor({ material: 'wood' }, 0)
    const [wall] = PLAIN_ROOM.walls
    const foot = [{ id: 'z1', wallId: wall!.id, fromMm: 1000, toMm: 2000, gapMm: 2, floor: null }]
    const recipe = recipeOf({ ...setup, room: { ...setup.room, foot } }, `${FOOT}..z1`)
    expect(recipe.layers[0]).toMatchObject({ kind: 'tape', seat: 'in-pieces' })
    order(stepCodes(recipe), 'step.clean_joint', 'step.lay_pieces', 'step.press', 'step.coat')
    expect(stepCodes(recipe).some((code) => code.startsWith('step.run'))).toBe(false)
  })
})

describe('ceilings', () => {
  const WALL_PAINTED: Face = { ...USUAL_FACES.wall, texture: 'smooth' }
  test('ceiling sprayed last: fine tape on the wall’s top, film of the wall’s drop hung and tacked; C12', () => {
    const walls = PLAIN_ROOM.walls.map((wall) => ({ ...wall, face: WALL_PAINTED }))
    const recipe = recipeOf({ room: { walls, heightMm: 2550, steps: [sprayed(CEILING)] } }, 'wall:w1|ceiling')
    expect(recipe.setting).toBe('ceiling-last')
    expect(layerKinds(recipe)).toEqual(['tape', 'film', 'colour'])
    expect(coverOf(STARTER_SHELF, recipe.cover!.coverId).widthMm).toBe(2600)
    expect(recipe.cover!.hold).toBe('hung')
    order(stepCodes(recipe), 'step.lay', 'step.press', 'step.film_hung', 'step.coat')
    expect(recipe.reasons.map((reason) => reason.code)).toEqual(expect.arrayContaining(['why.reach', 'why.tacks']))
    expect(recipe.cautions.map((caution) => caution.code)).toContain('care.film')
  })
  test('with general tape only, the hung film is tacked about every 60 cm; C12', () => {
    const tapes = STARTER_SHELF.tapes.filter((tape) => tape.id === 'marram-general')
    const walls = PLAIN_ROOM.walls.map((wall) => ({ ...wall, face: WALL_PAINTED }))
    const room = { walls, heightMm: 2550, steps: [sprayed(CEILING)] }
    const recipe = recipeOf({ room, shelf: { tapes } }, 'wall:w1|ceiling')
    expect(recipe.cover!.tackMm).toBeGreaterThanOrEqual(500)
    expect(recipe.cover!.tackMm).toBeLessThanOrEqual(700)
  })
  test('walls sprayed below a dry ceiling: film opened across it as far as mist drifts', () => {
    const recipe = recipeOf({ room: { steps: [sprayed(WALLS)] } }, 'wall:w1|ceiling')
    expect(recipe.setting).toBe('below-a-dry-ceiling')
    expect(recipe.cover).toMatchObject({ hold: 'hung', reachMm: 300 })
    expect(spoken(recipe)).toMatch(/opened across the ceiling from the tape, a tack every \d+ mm/)
  })
  test('a tape too weak to carry the film is out, with the grip that would do', () => {
    const weak = STARTER_SHELF.tapes.map((tape) => ({ ...tape, gripN25: tape.gripN25 / 10 }))
    const recipe = recipeOf({ room: { steps: [sprayed(WALLS)] }, shelf: { tapes: weak } }, 'wall:w1|ceiling')
    const out = recipe.ruledOut.filter((each) => each.why.code === 'out.cant_carry')
    expect(out.length).toBeGreaterThan(0)
    expect(tapeOfRecipe(recipe).gripN25 / 10).toBeGreaterThanOrEqual(
      (out[0]!.why.facts.floor as { value: number }).value - 0.05,
    )
  })
})

const opening = (more: Partial<Opening>): Opening => sash({ id: 'o1', wallId: 'w1', atMm: 700, widthMm: 1200, more })

describe('glass', () => {
  test('a window before its casing is sprayed: tape borders, then film between, taut', () => {
    const room = { openings: [opening({})], steps: [sprayed({ ...TRIM, targets: ['casings'] })] }
    const recipe = recipeOf({ room }, 'casing:o1|leaf:o1')
    expect(recipe).toMatchObject({ setting: 'glass', cover: { hold: 'taut' } })
    order(stepCodes(recipe), 'step.lay', 'step.press', 'step.film_taut', 'step.coat')
    expect(recipe.risks.band).toBe(0)
  })
  const doors = opening({
    kind: 'glazed-doors',
    sillMm: 0,
    widthMm: 1500,
    heightMm: 2040,
    leaf: USUAL_FACES.trim,
    glazing: { leaves: 2, wide: 3, high: 5, sides: 2, barMm: 25, textured: false },
  })
  const glass = (more: OneRoom) =>
    recipeOf(
      { ...more, room: { openings: [doors], steps: [{ ...TRIM, targets: ['leaves'] }], ...more.room } },
      'leaf:o1|glass:o1',
    )
  test('glazed doors three ways: taped, brushed mask, aerosol', () => {
    const brush = { liquids: STARTER_SHELF.liquids.filter((liquid) => liquid.how === 'brush') }
    const ways = [
      glass({ house: { liquidOnPanes: false } }),
      glass({ house: { school: 'liquid-mask' }, shelf: brush }),
      glass({}),
    ]
    expect(ways.map((recipe) => recipe.way)).toEqual(['tape', 'liquid-mask', 'liquid-mask'])
    expect(stepCodes(ways[0]!)).toContain('step.panes')
    expect(stepCodes(ways[1]!)[0]).toBe('step.liquid_brush')
    order(stepCodes(ways[2]!), 'step.liquid_can', 'step.liquid_clear', 'step.coat', 'step.liquid_cut')
    expect(ways[2]!.reasons[0]!.code).toBe('why.liquid_cheaper')
    expect(ways[0]!.widthMm).toBe(18)
  })
  test('textured glass takes no liquid mask', () => {
    const textured = { ...doors, glazing: { ...doors.glazing!, textured: true } }
    const recipe = glass({ room: { openings: [textured] } })
    expect(recipe.way).toBe('tape')
    expect(recipe.ruledOut.map((each) => each.why.code)).toContain('out.liquid_textured')
  })
})

describe('single things', () => {
  test('a socket: strips over the whole plate, trimmed round; power off', () => {
    const socket: Fitting = {
      id: 'f1',
      name: 'socket',
      kind: 'socket',
      wallId: 'w1',
      atMm: 900,
      bottomMm: 300,
      widthMm: 86,
      heightMm: 86,
      on: 'wall',
      scope: 'mask',
    }
    const recipe = recipeOf({ room: { fittings: [socket] } }, 'wall:w1|fitting:f1')
    expect(recipe.setting).toBe('plate')
    expect(stepCodes(recipe)).toContain('step.lay_plate')
    expect(recipe.cautions.map((caution) => caution.code)).toContain('care.power')
  })
  test('cabinets in use: paper over each opening, contents stay', () => {
    const cabinets: Piece = {
      id: 'p1',
      name: 'cabinets',
      kind: 'cabinets',
      wallId: 'w1',
      atMm: 300,
      bottomMm: 0,
      widthMm: 1800,
      heightMm: 900,
      depthMm: 600,
      count: 3,
      inUse: true,
      paintedSides: 1,
      takenOff: false,
      face: USUAL_FACES.trim,
    }
    const steps = [sprayed({ ...TRIM, id: 's9', targets: ['piece:p1'] })]
    const recipe = recipeOf({ room: { pieces: [cabinets], steps } }, 'piece:p1|inside')
    expect(recipe.setting).toBe('cabinets-in-use')
    expect(spoken(recipe)).toMatch(/Paper, since dried paint flakes off film/)
    expect(coverOf(STARTER_SHELF, recipe.cover!.coverId).kind).toBe('paper')
  })
  test('a rounded corner: short pieces, the line along the middle of the curve', () => {
    const walls = PLAIN_ROOM.walls.map((wall) => ({ ...wall, cornerRadiusMm: 30 }))
    const accent: PaintStep = { ...WALLS, id: 's4', targets: ['wall:w2'], colour: 'Plum', swatch: '#5a4660' }
    const recipe = recipeOf({ room: { walls, steps: [WALLS, accent] } }, 'wall:w1|wall:w2')
    expect(recipe).toMatchObject({ setting: 'rounded-corner', widthMm: 36 })
    expect(stepCodes(recipe)).toContain('step.rounded')
  })
  test('overlaps of an easy-release tape are held with plain tape', () => {
    const tapes = STARTER_SHELF.tapes.filter((tape) => tape.id === 'sedge-whisper')
    const room = { openings: [opening({})], steps: [WALLS] }
    const gentle = recipeOf({ room, shelf: { tapes } }, 'wall:w1|casing:o1')
    expect(stepCodes(gentle)).toContain('step.fix_overlaps')
    const general = STARTER_SHELF.tapes.filter((tape) => tape.id === 'marram-general')
    expect(stepCodes(recipeOf({ room, shelf: { tapes: general } }, 'wall:w1|casing:o1'))).not.toContain(
      'step.fix_overlaps',
    )
  })
})
