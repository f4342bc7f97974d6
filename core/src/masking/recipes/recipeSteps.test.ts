import type { Face, HouseRules, PaintStep } from '../../base/nouns'
import { recipeOf, spoken, WALLS, CEILING, type OneRoom, WITHIN } from '../../../tests/oneHem'
import { USUAL_FACES } from '../../survey/rooms/roomTemplate'

/** What a painter reads, word by word, where a rule or a fact changes it. */
const CEIL = 'wall:w1|ceiling'
const on = (face: Partial<Face>, house: Partial<HouseRules> = {}, step: Partial<PaintStep> = {}): OneRoom => ({
  room: { ceiling: { ...USUAL_FACES.ceiling, ...face }, steps: [{ ...WALLS, ...step }] },
  house,
})
const said = (setup: OneRoom, key = CEIL) => spoken(recipeOf(setup, key))

describe('making ready', () => {
  test('dust is wiped off, and other preparation comes first', () => {
    expect(said(on({ prep: ['dust'] }))).toMatch(/^From a step ladder[^.]*\. Wipe ceiling free of dust/)
    expect(said(on({ prep: ['wash', 'sand', 'dust'] }))).toMatch(
      /Make ceiling ready first: wash, sand with 180\. Let it dry\. Wipe/,
    )
  })
  test('an old edge that wanders is walked whole before tape goes on', () => {
    const setup: OneRoom = {
      room: {
        steps: [WALLS],
        lines: [
          {
            edge: CEIL,
            wanderMm: 6,
            way: 'straighten',
            readings: [],
            fit: 'least-area' as const,
            lumps: [],
            through: [],
          },
        ],
      },
    }
    expect(said(setup)).toMatch(/Walk the whole run; the old edge wanders 6 mm at its worst/)
  })
})

describe('pressing and coating', () => {
  test('rough faces are pressed twice, smooth ones once', () => {
    expect(said(on({ texture: 'light-spray' }))).toMatch(/with a plastic tool, twice;/)
    expect(said(on({ texture: 'smooth' }))).toMatch(/with a plastic tool; again/)
  })
  test('first of two coats held off; of three the first two; of one none', () => {
    expect(said(on({}, {}, { coats: 2 }))).toMatch(/First coat of Tide green: stay 1\.5 mm off the tape\./)
    expect(said(on({}, {}, { coats: 3 }))).toMatch(/Coats 1 to 2 of Tide green: stay 1\.5 mm off the tape\./)
    expect(said(on({}, {}, { coats: 1 }))).not.toMatch(/stay 1\.5 mm/)
    expect(said(on({}, { holdFirstCoat: false }, { coats: 2 }))).toMatch(/2 coats of/)
  })
  test('a brush strokes outward over an open edge, and freely over a dried seal', () => {
    const bare = { texture: 'smooth' } as const
    expect(said(on(bare, {}, { tool: 'brush' }))).toMatch(/by brush, stroking lightly from the tape outward/)
    const sealed = on({ texture: 'heavy-spray' }, { school: 'clear-glaze' }, { tool: 'brush' })
    expect(said(sealed)).toMatch(/by brush, brushing freely/)
  })
  test('a roller rolls to the edge, or is kept off it', () => {
    expect(said(on({ texture: 'smooth' }, WITHIN))).toMatch(/rolling to the edge without pressing/)
    expect(said(on({ texture: 'smooth' }, { ...WITHIN, rollOverEdge: false }))).toMatch(
      /kept off the tape; brush the band beside it/,
    )
  })
})

describe('beside a wet pull the field is rolled as the house does it', () => {
  const smooth = { texture: 'smooth' } as const
  test('after the pull, while the band is open', () => {
    expect(said(on(smooth))).toMatch(
      /brush only the line of the last coat.*Pull wet.*Roll the rest up to the line while .* still wet/,
    )
  })
  test('first, and the edge last', () => {
    expect(said(on(smooth, { fieldOrder: 'edge-last' }))).toMatch(
      /field of the last is rolled first, kept off the tape.*Pull wet/,
    )
  })
  test('pulled dry there is no haste: it is rolled over the edge', () => {
    expect(said(on(smooth, { pull: 'dry' }))).toMatch(/rolling to the edge without pressing/)
  })
})

describe('sealing', () => {
  const rough = { texture: 'heavy-spray' } as const
  test('a bead is wiped almost off with the sealant by name', () => {
    expect(said(on(rough))).toMatch(/Thin bead of Plover Clear, wiped almost off: finger, then damp rag/)
  })
  test('own colour by its name, and how long it dries', () => {
    const setup = on({ ...rough, paintAtHand: true, colour: 'Bone' }, { school: 'own-colour-seal' })
    expect(said(setup)).toMatch(/Push a thin smear of Bone under the edge, without lumps: dry in about 20 min/)
  })
  test('glaze a quarter of an hour ahead, or dry through', () => {
    expect(said(on(rough, { school: 'clear-glaze' }))).toMatch(/15 to 20 min ahead of colour/)
    expect(said(on(rough, { school: 'clear-glaze', sealDry: 'through' }))).toMatch(/let it dry through, 60 min/)
  })
  test('a held-off coat is followed by pressing again before the seal', () => {
    expect(said(on(rough))).toMatch(/stay 1\.5 mm off the tape\. Press the edge again before sealing\. Thin bead/)
  })
})

describe('taking off', () => {
  test('wet before the edge skins, or once hard; sheen is scored first', () => {
    const smooth = { texture: 'smooth' } as const
    expect(said(on(smooth, WITHIN))).toMatch(/Pull wet, slowly, folded back at about 45°, before the edge skins\.$/)
    expect(said(on(smooth, { pull: 'dry' }, { coatingId: 'quay-satin' }))).toMatch(
      /Pull once hard.*after scoring the edge\.$/,
    )
    expect(said(on(smooth, { pull: 'dry' }, { coatingId: 'quay-matt' }))).toMatch(
      /Pull once hard, slowly, folded back at about 45°\.$/,
    )
  })
})

describe('long edges', () => {
  test('one run for two and for one alone, or pieces of arm’s length', () => {
    expect(said(on({}))).toMatch(/One long run: two pass the roll; alone, leave slack/)
    expect(said(on({}, { runs: 'short-pieces' }))).toMatch(/Pieces of about 1\.2 m, each lapped 25 mm, trued up by eye/)
  })
  test('a short edge goes on in one piece either way', () => {
    const short = shortRoom()
    for (const runs of ['one-run', 'short-pieces'] as const)
      expect(said({ ...short, house: { runs } })).not.toMatch(/One long run|Pieces of about/)
  })
})

/** A wall under two metres, so that its ceiling line is one short piece. */
function shortRoom(): OneRoom {
  const turn = (id: string, lengthMm: number) => ({ id, name: id, lengthMm, turnDeg: 90 })
  const walls = [turn('w1', 1500), turn('w2', 3000), turn('w3', 1500), turn('w4', 3000)].map((wall) => ({
    ...wall,
    cornerRadiusMm: 0,
    top: [],
    free: false,
    lapMm: null,
    lapFromMm: 0,
    face: USUAL_FACES.wall,
  }))
  return { room: { walls, openings: [], steps: [CEILING, WALLS] } }
}
