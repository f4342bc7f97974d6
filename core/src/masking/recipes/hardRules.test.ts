import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import type { Face, PaintStep, Tape } from '../../base/nouns'
import { USUAL_FACES } from '../../survey/rooms/roomTemplate'
import type { RecipeAnswer } from './recipe'
import { answerOf, CEILING, WALLS, type OneRoom } from '../../../tests/oneHem'

/** Each hard rule, broken on purpose by one fact, and not broken without it. */
const CEIL = 'wall:w1|ceiling'
const ceiling = (face: Partial<Face>, more: OneRoom = {}): OneRoom => ({
  ...more,
  room: { ceiling: { ...USUAL_FACES.ceiling, ...face }, steps: [WALLS], ...more.room },
})
const tapes = (change: (tape: Tape) => Partial<Tape>) => ({
  tapes: STARTER_SHELF.tapes.map((tape) => ({ ...tape, ...change(tape) })),
})
const codes = (answer: RecipeAnswer): string[] => answer.ruledOut.map((each) => each.why.code)
const fresh: PaintStep[] = [CEILING, WALLS]

describe.each<[rule: string, broken: OneRoom, kept: OneRoom]>([
  ['out.retired', ceiling({}, { shelf: tapes((tape) => ({ retired: tape.id === 'marram-general' })) }), ceiling({})],
  ['out.barrier_dust', ceiling({ dusty: true }), ceiling({})],
  [
    'out.barrier_solvent',
    ceiling(
      {},
      { shelf: { coatings: STARTER_SHELF.coatings.map((coating) => ({ ...coating, base: 'solvent' as const })) } },
    ),
    ceiling({}),
  ],
  ['out.no_stack', ceiling({}), ceiling({}, { house: { stackSeals: true } })],
  ['out.no_glaze', ceiling({}, { shelf: { glazes: [] } }), ceiling({})],
  ['out.no_own_paint', ceiling({}), ceiling({ paintAtHand: true })],
  ['out.full_skim', ceiling({ texture: 'smooth' }), ceiling({ texture: 'stipple' })],
  ['out.bead_dry', ceiling({}, { house: { pull: 'dry' } }), ceiling({})],
  ['out.no_sealant', ceiling({}, { shelf: { sealants: [] } }), ceiling({})],
  [
    'out.bead_cracks',
    ceiling(
      {},
      {
        room: { steps: [{ ...WALLS, coatingId: 'lime-ceiling' }] },
        shelf: { sealants: STARTER_SHELF.sealants.filter((sealant) => !sealant.paintAtOnce) },
      },
    ),
    ceiling({}),
  ],
  ['out.lift', { room: { steps: fresh } }, ceiling({})],
  [
    'out.never_safe',
    ceiling({ soundness: 'chalky' }),
    ceiling({ soundness: 'sound' }, { shelf: { tapes: STARTER_SHELF.tapes.filter((tape) => tape.gripN25 < 4) } }),
  ],
  [
    'out.stay',
    ceiling(
      {},
      { house: { pull: 'dry' }, shelf: tapes((tape) => (tape.id === 'teasel-day' ? { stayDays: 0.5 } : {})) },
    ),
    ceiling({}, { shelf: tapes(() => ({ stayDays: 60 })) }),
  ],
  ['out.bleeds', ceiling({ texture: 'heavy-spray' }), ceiling({ texture: 'glassy' })],
  ['out.no_hand', ceiling({}), ceiling({}, { house: { provenHand: true } })],
  [
    'out.hand_spray',
    ceiling({}, { house: { provenHand: true }, room: { steps: [{ ...WALLS, tool: 'spray' }] } }),
    ceiling({}, { house: { provenHand: true } }),
  ],
])('%s', (rule, broken, kept) => {
  test('is met where its fact is, and only there', () => {
    expect(codes(answerOf(broken, CEIL))).toContain(rule)
    expect(codes(answerOf(kept, CEIL))).not.toContain(rule)
  })
})

test('every rule broken says so in a whole sentence', () => {
  const everything = answerOf(ceiling({ texture: 'heavy-spray', dusty: true, soundness: 'wallpaper' }), CEIL)
  for (const each of everything.ruledOut) {
    expect(Object.values(each.why.facts).every((fact) => fact !== undefined)).toBe(true)
    expect(each.tapeId !== null || each.liquidId !== null || each.school === 'freehand').toBe(true)
  }
})

test('a limit on lift that is tightened never lets a stronger grip in', () => {
  const strongest = (maxLift: number) => {
    const answer = answerOf({ room: { steps: fresh }, house: { maxLift } }, CEIL)
    const out = new Set(
      answer.ruledOut
        .filter((each) => each.why.code === 'out.lift' || each.why.code === 'out.never_safe')
        .map((each) => each.tapeId),
    )
    return Math.max(0, ...STARTER_SHELF.tapes.filter((tape) => !out.has(tape.id)).map((tape) => tape.gripN25))
  }
  const grips = [0.001, 0.005, 0.02, 0.1, 0.4].map(strongest)
  expect([...grips].sort((a, b) => a - b)).toEqual(grips)
})

test('a tape that cannot carry the film is told the grip that would', () => {
  const room = { steps: [{ ...WALLS, tool: 'spray' as const }], heightMm: 2600 }
  const weak = tapes((tape) => ({ gripN25: tape.gripN25 / 8 }))
  const out = answerOf({ room, shelf: weak }, CEIL).ruledOut.filter((each) => each.why.code === 'out.cant_carry')
  expect(out.length).toBeGreaterThan(0)
  for (const { why } of out) expect(valueOf(why.facts.floor)).toBeGreaterThan(valueOf(why.facts.grip))
})

const valueOf = (fact: unknown): number => (fact as { value: number }).value
