import fc from 'fast-check'
import { door } from '../../demo/parts'
import { wetBetween } from '../src/nature/air/wet'
import { STARTER_SHELF } from '../src/survey/shelf/starterShelf'
import { edgesByHand, rowSplits } from '../src/survey/hems/byHand'
import { deriveHems } from '../src/survey/hems/deriveHems'
import { roomEdges } from '../src/survey/hems/edges'
import { holdingKind } from '../src/masking/load/holdingTape'
import { DEFAULT_PARAMETERS as BY } from '../src/base/parameters/parameters'
import { liftPerMetre, type KeepFinish } from '../src/nature/risk/lift'
import { isWhite } from '../src/survey/rooms/contrast'
import { stepsOf } from '../src/survey/rooms/faces'
import { USUAL_FACES } from '../src/survey/rooms/roomTemplate'
import { sayText } from '../src/edge/words'
import { jobOf, PLAIN_ROOM, recipeOf, spoken, tapeOfRecipe, TRIM, WALLS, type OneRoom } from './oneHem'

/** What a finish is, and what a shelf says of a tape, decides of the recipe. All of it: common practice, no published source. */
const CEIL = 'wall:w1|ceiling'
const glazedDoors = (id: string, name: string, wallId: string, atMm: number) =>
  door(id, wallId, atMm, {
    name,
    kind: 'glazed-doors',
    widthMm: 1500,
    casingMm: 0,
    casing: null,
    glazing: { leaves: 2, wide: 3, high: 5, sides: 2, barMm: 28, textured: false },
  })
const day = (days: number): KeepFinish => ({ soundness: 'sound', tool: 'roller', ageRefMin: days * 1440 })

describe('what nobody knows', () => {
  test('an unknown age never lifts less than a coat of yesterday, an unknown soundness never less than a sound one', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 12, noNaN: true }), fc.integer({ min: 1, max: 90 }), (grip, days) => {
        const mean = (finish: KeepFinish) => liftPerMetre(grip, finish, BY).mean
        expect(mean({ ...day(1), ageRefMin: null })).toBeGreaterThanOrEqual(mean(day(days)))
        expect(mean({ ...day(days), soundness: 'unknown' })).toBeGreaterThanOrEqual(mean(day(days)))
        // A cross-cut that shows a sound finish never makes it worse than not having looked.
        expect(mean({ ...day(days), soundness: 'unknown', crossCut: 0 })).toBeLessThanOrEqual(
          mean({ ...day(days), soundness: 'unknown' }) + 1e-12,
        )
      }),
    )
  })
  test('a day tape on a flat ceiling that nobody dated is warned of; one known to be old is not', () => {
    const tapes = STARTER_SHELF.tapes.filter((tape) => tape.id === 'teasel-three')
    const on = (at: string | null): OneRoom => ({
      shelf: { tapes },
      house: { maxLift: 0.5 },
      room: {
        steps: [WALLS],
        ceiling: {
          ...USUAL_FACES.ceiling,
          texture: 'smooth',
          last: at === null ? null : { at, tool: 'roller', coatingId: null, coats: 2, tempC: null, rh: null },
        },
      },
    })
    const told = (setup: OneRoom) => recipeOf(setup, CEIL).cautions.map((caution) => caution.code)
    expect(told(on(null))).toContain('care.day_tape')
    expect(told(on('2026-01-01T00:00:00Z'))).not.toContain('care.day_tape')
  })
})

describe('what a face is', () => {
  test('lacquered boards are a finish that can lift, stone is not; shiny trim bears more than a flat ceiling', () => {
    const grip = (face: Partial<KeepFinish>) => liftPerMetre(12, { ...day(60), ...face }, BY).mean
    expect(grip({ soundness: 'lacquered' })).toBeGreaterThan(10 * grip({ soundness: 'unpainted-hard' }))
    expect(grip({ sheen: 'gloss' })).toBeLessThan(grip({ sheen: 'flat' }))
  })
  test('the glass of a window is not painted because the leaves are', () => {
    const room = { ...PLAIN_ROOM, steps: [{ ...TRIM, targets: ['leaves', 'casings'] }] }
    const opening = {
      ...glazedDoors('o1', 'Window', 'w1', 500),
      kind: 'window' as const,
      glazing: null,
      paintedSides: 1,
      takenOff: false,
      leadsOut: null,
      leaf: USUAL_FACES.glass,
    }
    expect(stepsOf({ ...room, openings: [opening] }, 'leaf:o1')).toEqual([])
    expect(stepsOf({ ...room, openings: [{ ...opening, leaf: USUAL_FACES.trim }] }, 'leaf:o1')).toHaveLength(1)
  })
  test('white is what looks white', () => {
    expect(['#ffffff', '#FEFEFE', '#f6f4ee'].map(isWhite)).toEqual([true, true, true])
    expect(['#efe6cf', '#dddddd', '#fff2b0'].map(isWhite)).toEqual([false, false, false])
  })
})

describe('beads', () => {
  const rough = { ...USUAL_FACES.ceiling, texture: 'heavy-spray' } as const
  const matt = { ...WALLS, coatingId: 'quay-matt' }
  test('matt over a bead takes the paint-now sealant; without one the chance of cracks is said and paid for', () => {
    const best = recipeOf({ room: { steps: [matt], ceiling: rough }, house: { school: 'wiped-sealant' } }, CEIL)
    expect(best.sealantId).toBe('plover-quick')
    const plain = STARTER_SHELF.sealants.filter((sealant) => !sealant.paintAtOnce)
    const worse = recipeOf(
      { room: { steps: [matt], ceiling: rough }, house: { school: 'wiped-sealant' }, shelf: { sealants: plain } },
      CEIL,
    )
    expect(worse.risks.crack).toBeGreaterThan(4 * best.risks.crack)
    expect(worse.costParts.crack).toBeGreaterThan(0)
    expect(worse.reasons.map(sayText).join(' ')).toMatch(/Matt over a bead of Plover .* cracks on about/)
  })
  test('a barrier edge sealed as well may be sealed by a bead', () => {
    const stacked = recipeOf({ room: { steps: [WALLS], ceiling: rough }, house: { stackSeals: true } }, CEIL)
    expect([tapeOfRecipe(stacked).edge, stacked.seal]).toEqual(['barrier', 'wiped-sealant'])
  })
})

describe('glazed doors', () => {
  const doors = glazedDoors('o1', 'Doors', 'w1', 500)
  const room = { ...PLAIN_ROOM, openings: [doors], steps: [{ ...TRIM, targets: ['leaves'] }] }
  const key = 'leaf:o1|glass:o1'
  test('row by row: as many hems as rows, together as long and with as many panes as the whole', () => {
    const whole = roomEdges(room).find((edge) => edge.key === key)!
    const rows = doors.glazing!.high
    const splits = rowSplits(key, whole.lengthMm, rows, (row) => `r${row}`)
    const parts = edgesByHand({ ...room, splits }, [whole])
    expect(parts).toHaveLength(rows)
    expect(parts.reduce((sum, edge) => sum + edge.panes, 0)).toBe(whole.panes)
    expect(parts.reduce((sum, edge) => sum + edge.lengthMm, 0)).toBe(whole.lengthMm)
    expect(new Set(parts.map((part) => part.panes)).size).toBe(1)
    const tops = parts.map((part) => Math.max(...part.segments.flatMap((s) => [s.y1, s.y2])))
    expect(tops).toEqual([...tops].sort((a, b) => b - a))
    // Each row may then go its own way.
    const ways = deriveHems({ ...room, splits }, STARTER_SHELF).hems.filter((hem) => hem.kind === 'casing-to-glass')
    expect(ways).toHaveLength(rows)
  })
  test('a can leaves grit that is paid for; pools are looked for; bare wood beside the glass rules a yellowing mask out', () => {
    const cans = STARTER_SHELF.liquids.filter((liquid) => liquid.how === 'aerosol')
    const masked = recipeOf(
      { room, house: { school: 'liquid-mask', liquidOnPanes: true }, shelf: { liquids: cans } },
      key,
    )
    expect(masked.risks.grit).toBeGreaterThan(0)
    expect(masked.costParts.grit).toBeGreaterThan(0)
    expect(spoken(masked)).toMatch(/drips and pools.*Let it go clear/)
    const bare = { ...doors, leaf: { ...doors.leaf!, soundness: 'bare-wood' as const } }
    const yellows = STARTER_SHELF.liquids.map((liquid) => ({ ...liquid, yellows: true }))
    const answer = recipeOf(
      { room: { ...room, openings: [bare] }, house: { school: 'liquid-mask' }, shelf: { liquids: yellows } },
      key,
    )
    expect(answer.liquidId).toBeNull()
    expect(answer.ruledOut.map((each) => each.why.code)).toContain('out.liquid_yellows')
  })
})

test('a wander wider than the trim is told: nothing is left to hide it in', () => {
  const wander = (mm: number): OneRoom => ({
    room: {
      steps: [WALLS],
      lines: [
        {
          edge: 'wall:w1|skirting',
          wanderMm: mm,
          way: 'straighten',
          readings: [],
          fit: 'least-area' as const,
          lumps: [],
          through: [],
        },
      ],
    },
  })
  const told = (mm: number) => recipeOf(wander(mm), 'wall:w1|skirting').cautions.map((caution) => caution.code)
  expect(told(6)).not.toContain('care.wander')
  expect(told(120)).toContain('care.wander')
  // A skirting of 120 mm: half of it is 60.
  expect(told(60)).not.toContain('care.half_trim')
  expect(told(69)).toContain('care.half_trim')
})

test('an edge that was read is snapped by its readings, as the step says', () => {
  const readings = [
    { atMm: 0, offMm: 6 },
    { atMm: 2000, offMm: -1 },
    { atMm: 4000, offMm: 2 },
  ]
  const lines = [
    {
      edge: 'wall:w1|skirting',
      wanderMm: 7,
      way: 'straighten' as const,
      readings,
      fit: 'least-area' as const,
      lumps: [],
      through: [],
    },
  ]
  const recipe = recipeOf({ room: { steps: [WALLS], lines } }, 'wall:w1|skirting')
  expect(recipe.steps.map(sayText).join(' ')).toContain('6 mm off the reference at the left end, 2 mm at the right')
})

describe('what the shelf says of a tape', () => {
  test('a dye costs on white and nothing on cream; only tape that holds in rain goes out before rain', () => {
    const general = STARTER_SHELF.tapes.filter((tape) => tape.id === 'marram-general')
    const on = (dye: boolean, swatch: string): OneRoom => ({
      shelf: { tapes: general.map((tape) => ({ ...tape, dye })) },
      room: { steps: [WALLS], ceiling: { ...USUAL_FACES.ceiling, texture: 'smooth', swatch } },
      house: { pull: 'dry', maxLift: 0.5 },
    })
    const residue = (dye: boolean, swatch: string) => recipeOf(on(dye, swatch), CEIL).risks.residue
    expect(residue(true, '#ffffff')).toBeGreaterThan(residue(false, '#ffffff') + 0.01)
    expect(residue(true, '#e0cfa0')).toBe(residue(false, '#e0cfa0'))
  })
  test('rain in any hour of its stay counts before dew; a face under the dew point is wet', () => {
    const hour = { tempC: 15, rh: 70, windMs: 1 }
    const air = (...hours: object[]) => ({ startMin: 0, hours: hours.map((each) => ({ ...hour, ...each })) })
    expect(wetBetween(air({}, {}, {}), 0, 170)).toBeNull()
    expect(wetBetween(air({}, { rh: 96, faceC: 13 }, {}), 0, 170)).toBe('dew')
    expect(wetBetween(air({}, { rh: 96, faceC: 13 }, { rainMm: 1 }), 0, 170)).toBe('rain')
    expect(wetBetween(air({}, {}, { rainMm: 1 }), 0, 59)).toBeNull()
  })
})

test('covers hang from the tape that is there anyway: no roll is opened for 2.5 m', () => {
  const job = jobOf()
  const kind = (id: string) => {
    const tape = STARTER_SHELF.tapes.find((each) => each.id === id)!
    return { tape, roll: tape.rolls[0]! }
  }
  expect(holdingKind(job, [kind('lapwing-barrier')], 2500)!.tape.id).toBe('lapwing-barrier')
  // For a whole house of paper a cheap roll is worth opening.
  expect(holdingKind(job, [kind('lapwing-barrier')], 400_000)!.tape.id).toBe('teasel-day')
  // What hardly grips holds no paper.
  expect(holdingKind(job, [kind('sedge-whisper')], 2500)!.tape.id).toBe('teasel-day')
})
