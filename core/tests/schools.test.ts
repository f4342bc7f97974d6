import { STARTER_SHELF } from '../src/survey/shelf/starterShelf'
import { planJob, type Plan } from '../src/answers/chain/planJob'
import type { Face, PaintStep, School } from '../src/base/nouns'
import type { Recipe } from '../src/masking/recipes/recipe'
import { STARTER_HOUSE } from '../src/survey/rooms/houseDefaults'
import { USUAL_FACES } from '../src/survey/rooms/roomTemplate'
import { sayText } from '../src/edge/words'
import { ternQuaySurvey } from '../../demo'
import { door } from '../../demo/parts'
import {
  answerOf,
  CEILING,
  jobOf as pricedJob,
  PLAIN_ROOM,
  recipeOf,
  spoken,
  stepCodes,
  tapeOfRecipe,
  TRIM,
  WALLS,
  type OneRoom,
  WITHIN,
} from './oneHem'
import { early } from './early'

/** Nothing here hangs on what a plan costs. */
const jobOf = (setup: OneRoom = {}) => early(pricedJob(setup))

/** Every school and switch of the house rules, on one hem where it can be seen. Common practice, no published source. */
const CEIL = 'wall:w1|ceiling'
const rough: Face = { ...USUAL_FACES.ceiling, texture: 'heavy-spray' }
const on = (face: Face, house: OneRoom['house'] = {}, steps: readonly PaintStep[] = [WALLS]): OneRoom => ({
  room: { ceiling: face, steps },
  house,
})

describe('schools', () => {
  test('wiped sealant on heavy texture, pulled wet', () => {
    expect(recipeOf(on(rough), CEIL)).toMatchObject({ school: 'wiped-sealant', seal: 'wiped-sealant', pull: 'wet' })
  })
  test('own colour where it is held; nobody holding it, glaze stands in and says so', () => {
    const held = recipeOf(on({ ...rough, paintAtHand: true }, { school: 'own-colour-seal' }), CEIL)
    expect(held).toMatchObject({ school: 'own-colour-seal', seal: 'own-colour' })
    const glazed = recipeOf(on(rough, { school: 'own-colour-seal' }), CEIL)
    expect(glazed.seal).toBe('clear-glaze')
    expect(glazed.reasons[0]!.code).toBe('why.glaze_instead')
    expect(glazed.ruledOut.map((each) => each.why.code)).toContain('out.no_own_paint')
  })
  test('clear glaze as the house way', () => {
    expect(recipeOf(on(rough, { school: 'clear-glaze' }), CEIL)).toMatchObject({
      school: 'clear-glaze',
      sealDryMin: 15,
    })
  })
  test('barrier edge alone on light texture; dust and solvent paint stop it', () => {
    const light: Face = { ...rough, texture: 'light-spray' }
    const house = { school: 'barrier-edge', sealAlways: true } as const
    expect(recipeOf(on(light, house), CEIL)).toMatchObject({ school: 'barrier-edge', seal: 'none' })
    const dusty = answerOf(on({ ...light, dusty: true }, house), CEIL)
    expect(dusty.ruledOut.map((each) => each.why.code)).toContain('out.barrier_dust')
  })
  test('plain tape under the gun on a smooth hard face; a brushed step is not its place', () => {
    const smooth: Face = { ...USUAL_FACES.trim }
    const room = { skirting: { ...PLAIN_ROOM.skirting!, face: smooth }, steps: [{ ...WALLS, tool: 'spray' as const }] }
    const sprayed = recipeOf({ room, house: { school: 'plain-sprayed', sealAlways: true } }, 'wall:w1|skirting')
    expect(sprayed).toMatchObject({ school: 'plain-sprayed', seal: 'none', way: 'mask-and-spray' })
    const rolled = recipeOf(on(rough, { school: 'plain-sprayed' }), CEIL)
    expect(rolled.reasons[0]!.code).toBe('why.school_fallback')
  })
  test('freehand wants a proven hand; straight trim at strong contrast is not for it, a pale ceiling line is', () => {
    const house = { school: 'freehand' } as const
    expect(recipeOf(on(USUAL_FACES.ceiling, house), CEIL).way).toBe('tape')
    const pale: PaintStep = { ...WALLS, colour: 'Off-white', swatch: '#f4f0e6' }
    const proven = { ...house, provenHand: true }
    const hand = recipeOf(on({ ...USUAL_FACES.ceiling, texture: 'smooth' }, proven, [pale]), CEIL)
    expect(hand).toMatchObject({ way: 'freehand', pull: 'none', tapeId: null, widthMm: 0 })
    expect(stepCodes(hand)).toEqual(['step.ladder', 'step.hand', 'step.coat'])
    expect(hand.risks.band).toBeGreaterThan(0)
    const dark: PaintStep = { ...WALLS, swatch: '#22303a' }
    const trim = recipeOf({ room: { steps: [dark] }, house: proven }, 'wall:w1|skirting')
    expect(trim.way).toBe('tape')
    expect(trim.ruledOut.map((each) => each.why.code)).toContain('out.slips')
  })
})

describe('switches', () => {
  test('stacked: on texture a barrier edge is sealed as well; without the rule it never is', () => {
    const stacked = recipeOf(on(rough, { stackSeals: true }), CEIL)
    expect(tapeOfRecipe(stacked).edge).toBe('barrier')
    expect(['own-colour', 'clear-glaze', 'wiped-sealant']).toContain(stacked.seal)
    expect(stacked.reasons[0]!.code).toBe('why.stacked')
    const smooth = recipeOf(on({ ...rough, texture: 'smooth' }, { stackSeals: true, school: 'least-cost' }), CEIL)
    expect(smooth.seal).toBe('none')
    const never = answerOf(on(rough), CEIL)
    expect(never.ruledOut.map((each) => each.why.code)).toContain('out.no_stack')
  })
  test('left to what costs least an edge is sealed where that pays, or always; a school that was chosen is kept to', () => {
    const smooth: Face = { ...USUAL_FACES.ceiling, texture: 'smooth', material: 'wood' }
    const least = recipeOf(on(smooth, { school: 'least-cost' }), CEIL)
    expect([least.seal, least.reasons[0]!.code]).toEqual(['none', 'why.least_cost'])
    const sealed = recipeOf(on(smooth, { school: 'least-cost', sealAlways: true }), CEIL)
    expect([sealed.seal === 'none', sealed.reasons[0]!.code]).toEqual([false, 'why.sealed_always'])
    const kept = recipeOf(on(smooth, { school: 'wiped-sealant' }), CEIL)
    expect([kept.seal, kept.reasons[0]!.code]).toEqual(['wiped-sealant', 'why.school'])
  })
  test('what costs least is the cheapest of all that is safe, on every hem', () => {
    const setup = on(rough, { school: 'least-cost', kindMinor: 0, tinMinor: 0 })
    for (const answer of planJob(jobOf(setup)).recipes) {
      if (!answer.safe) continue
      for (const other of answer.others) expect(answer.cost.total).toBeLessThanOrEqual(other.costMinor + 1)
    }
  })
  test('a plain room gets by with two or three kinds of tape, and says that it spared one', () => {
    const house = { ...STARTER_HOUSE }
    const few = planJob(jobOf({ house }))
    const many = planJob(jobOf({ house: { ...house, kindMinor: 0 } }))
    expect(few.load.tapes.length).toBeGreaterThanOrEqual(2)
    expect(few.load.tapes.length).toBeLessThanOrEqual(3)
    const kinds = (plan: Plan) => plan.load.tapes.filter((line) => line.hemIds.length > 0).length
    const cost = (plan: Plan) => plan.recipes.reduce((sum, answer) => sum + (answer.safe ? answer.cost.total : 0), 0)
    expect(cost(few) + kinds(few) * house.kindMinor).toBeLessThanOrEqual(cost(many) + kinds(many) * house.kindMinor)
  })
  test('sealant white between whites, or clear always', () => {
    const white: PaintStep = { ...WALLS, colour: 'White', swatch: '#ffffff' }
    const ceiling: Face = { ...rough, colour: 'Ceiling white', swatch: '#ffffff' }
    const colourOf = (house: OneRoom['house'], step = white) => {
      const id = recipeOf(on(ceiling, house, [step]), CEIL).sealantId
      return STARTER_SHELF.sealants.find((sealant) => sealant.id === id)!.colour
    }
    expect(colourOf({})).toBe('white')
    expect(colourOf({ sealantColour: 'clear' })).toBe('clear')
    expect(colourOf({}, WALLS)).toBe('clear')
  })
  test('where clear is the rule and only white is there, no bead is laid', () => {
    const sealants = STARTER_SHELF.sealants.filter((sealant) => sealant.colour === 'white')
    const setup = on(rough, { sealantColour: 'clear' })
    expect(recipeOf({ ...setup, shelf: { sealants } }, CEIL).seal).not.toBe('wiped-sealant')
    expect(recipeOf({ ...on(rough), shelf: { sealants } }, CEIL).seal).toBe('wiped-sealant')
  })
  test('a dried seal touch-dry, or dry through', () => {
    const own = { ...rough, paintAtHand: true }
    const dry = (sealDry: 'touch' | 'through', school: 'own-colour-seal' | 'clear-glaze') =>
      recipeOf(on(own, { school, sealDry }), CEIL).sealDryMin
    expect(dry('through', 'own-colour-seal')).toBeGreaterThan(dry('touch', 'own-colour-seal'))
    expect([dry('touch', 'clear-glaze'), dry('through', 'clear-glaze')]).toEqual([15, 60])
  })
  test('first coat held off, or both onto the tape', () => {
    expect(recipeOf(on(rough, { holdFirstCoat: true }), CEIL).standOffMm).toBe(1.5)
    expect(recipeOf(on(rough, { holdFirstCoat: false }), CEIL).standOffMm).toBe(0)
  })
  test('roller kept off the edge: the brush takes over, and a band is counted; more on dark gloss', () => {
    const off = recipeOf(on(rough, { ...WITHIN, rollOverEdge: false }), CEIL)
    expect(off.stroke).toBe('outward')
    expect(off.risks.band).toBeGreaterThan(0)
    expect(spoken(off)).toMatch(/kept off the tape/)
    expect(recipeOf(on(rough, WITHIN), CEIL)).toMatchObject({ stroke: 'roller', risks: { band: 0 } })
    // A roller that comes once the tape is off meets most of the line while it is open: less of the band shows.
    const after = recipeOf(on(rough, { fieldOrder: 'after-pull' }), CEIL)
    expect(after.stroke).toBe('outward')
    expect(after.risks.band).toBeGreaterThan(0)
    expect(after.risks.band).toBeLessThan(off.risks.band)
    const darkGloss = recipeOf(
      on(rough, { ...WITHIN, rollOverEdge: false }, [{ ...WALLS, coatingId: 'bell-semi', swatch: '#111111' }]),
      CEIL,
    )
    expect(darkGloss.risks.band).toBeGreaterThan(2 * off.risks.band)
  })
  test('tool or thumb: the thumb leaves a little more', () => {
    const bare: Face = { ...USUAL_FACES.ceiling, texture: 'stipple' }
    const bleeds = (press: 'tool' | 'thumb') =>
      recipeOf(on(bare, { press, school: 'barrier-edge', sealAlways: true }), CEIL).risks.bleeds.mean
    expect(bleeds('thumb')).toBeGreaterThan(bleeds('tool'))
    expect(spoken(recipeOf(on(bare, { press: 'thumb' }), CEIL))).toContain('with the thumb')
  })
  test('one run or short pieces: pieces take longer and a little more tape', () => {
    const [run, pieces] = (['one-run', 'short-pieces'] as const).map((runs) => recipeOf(on(rough, { runs }), CEIL))
    expect(pieces!.costParts.lay).toBeGreaterThan(run!.costParts.lay)
    expect(pieces!.costParts.tape).toBeCloseTo(run!.costParts.tape * (1 + 25 / 1200), 9)
    expect([stepCodes(run!), stepCodes(pieces!)].map((codes) => codes.includes('step.run_short'))).toEqual([
      false,
      true,
    ])
    const load = (runs: 'one-run' | 'short-pieces') => planJob(jobOf(on(rough, { runs }))).load.tapes
    const tabs = (runs: 'one-run' | 'short-pieces') => load(runs).reduce((sum, line) => sum + line.tabsMm, 0)
    expect(tabs('short-pieces')).toBeGreaterThan(tabs('one-run'))
  })
})

describe('four opinions on the pull', () => {
  const pulled = (pull: 'wet' | 'dry' | 'soonest' | 'either', coatingId: string) => {
    const smooth: Face = { ...USUAL_FACES.ceiling, texture: 'smooth' }
    return recipeOf(on(smooth, { pull }, [{ ...WALLS, coatingId }]), CEIL)
  }
  test('wet, dry and soonest say it outright; either looks at the film', () => {
    expect((['wet', 'dry', 'soonest'] as const).map((pull) => pulled(pull, 'quay-satin').pull)).toEqual([
      'wet',
      'dry',
      'wet',
    ])
    expect(pulled('either', 'quay-matt').pull).toBe('dry')
    expect(pulled('either', 'quay-satin').pull).toBe('wet')
    expect(pulled('either', 'quay-satin').reasons.map(sayText).join(' ')).toMatch(/Satin film stretches once dry/)
    expect(pulled('soonest', 'quay-satin').reasons.map((reason) => reason.code)).toContain('why.pull_soonest')
  })
  test('dry: sheen is scored first, flat is not', () => {
    expect([pulled('dry', 'quay-satin').score, pulled('dry', 'quay-matt').score]).toEqual([true, false])
  })
  test('a dry house lays no wiped bead: dried, it tears the film', () => {
    const recipe = recipeOf(on(rough, { pull: 'dry' }), CEIL)
    expect(recipe.seal).not.toBe('wiped-sealant')
    expect(recipe.ruledOut.map((each) => each.why.code)).toContain('out.bead_dry')
  })
})

describe('a way chosen by hand', () => {
  const choose = (
    choice: Partial<{ pressing: 'thumb' | 'tool' | null; pull: 'wet' | 'dry' | null }>,
    school = 'barrier-edge',
  ) =>
    ({
      room: {
        ceiling: { ...USUAL_FACES.ceiling, texture: 'smooth' as const },
        steps: [CEILING, WALLS],
        choices: [
          {
            edge: CEIL,
            school: school as 'barrier-edge',
            tapeId: 'lapwing-soft',
            liquidId: null,
            pressing: null,
            pull: null,
            reason: 'left over',
            ...choice,
          },
        ],
      },
    }) satisfies OneRoom
  test('keeps its reason, its pressing and its pull', () => {
    const recipe = recipeOf(choose({ pressing: 'thumb', pull: 'dry' }), CEIL)
    expect(recipe).toMatchObject({ tapeId: 'lapwing-soft', pressing: 'thumb', pull: 'dry' })
    expect(sayText(recipe.reasons[0]!)).toContain('left over')
  })
  test('a dry pull among wet ones gets a task of its own, later than the wet round', () => {
    const plan = planJob(jobOf(choose({ pull: 'dry' })))
    const round = plan.rounds.find((each) => each.stepId === 's3' && each.hemIds.includes(`r/${CEIL}`))!
    expect(round.pulls.map((pull) => pull.manner)).toEqual(['wet', 'dry'])
    const at = (id: string) => plan.placed.find((task) => task.taskId === id)!.from
    expect(at(`${round.id}/pull-dry`)).toBeGreaterThan(at(`${round.id}/pull`) + 120)
    const spans = plan.pulls.find((pull) => pull.taskId === `${round.id}/pull-dry`)!.spans.map((span) => span.kind)
    expect(spans).not.toContain('wet')
  })
  test('is challenged when the facts make it unsafe, and something safe is taken', () => {
    const setup = choose({})
    const chalky = {
      ...setup,
      room: { ...setup.room, steps: [TRIM, WALLS], ceiling: { ...setup.room.ceiling, dusty: true } },
    }
    const recipe = recipeOf(chalky, CEIL)
    expect(recipe.reasons[0]!.code).toBe('why.choice_unsafe')
    expect(recipe.tapeId).not.toBe('lapwing-soft')
  })
})

test('a choice that is not to be had any more is told, and the rule decides', () => {
  const choices = [
    {
      edge: CEIL,
      school: 'barrier-edge' as const,
      tapeId: 'long-gone',
      liquidId: null,
      pressing: null,
      pull: null,
      reason: 'old',
    },
  ]
  const recipe = recipeOf({ room: { ceiling: rough, steps: [WALLS], choices } }, CEIL)
  expect(recipe.reasons[0]!.code).toBe('why.choice_gone')
  expect(recipe.school).toBe('wiped-sealant')
})

test('outside the kit: said only where the pick itself is not carried', () => {
  const kit = [{ tapeId: 'bulrush-floor', widthMm: 36 }]
  const answer = planJob({ ...jobOf(on(rough)), kit }).recipes.find((recipe) => recipe.hemId === `r/${CEIL}`)!
  expect(answer.safe && answer.reasons.map((reason) => reason.code)).toContain('why.outside_kit')
  expect(recipeOf(on(rough), CEIL).reasons.map((reason) => reason.code)).not.toContain('why.outside_kit')
})

describe('other ways offered', () => {
  const glazes = [...STARTER_SHELF.glazes, { ...STARTER_SHELF.glazes[0]!, id: 'second', priceMinor: 1500 }]
  test.each(['wiped-sealant', 'clear-glaze'] as const)('%s: none twice, nor what the hem gets already', (school) => {
    const base = jobOf({ house: { school, sealAlways: true }, shelf: { glazes } })
    const answers = planJob({ ...base, rooms: ternQuaySurvey().rooms }).recipes
    const doubled = answers.filter((answer) => {
      if (!answer.safe) return false
      const ways = [answer, ...answer.others].map((way) => `${way.school} ${way.tapeId} ${way.liquidId}`)
      return new Set(ways).size < ways.length
    })
    expect(doubled.map((answer) => answer.hemId)).toEqual([])
  })
  const doors = door('o1', 'w1', 800, {
    kind: 'glazed-doors',
    widthMm: 1600,
    glazing: { leaves: 2, wide: 3, high: 5, sides: 2, barMm: 25, textured: false },
  })
  const panes = (choice: { school: School; tapeId: string | null; liquidId: string | null } | null): Recipe =>
    recipeOf(
      {
        room: {
          openings: [doors],
          steps: [{ ...TRIM, targets: ['leaves'] }],
          choices: choice
            ? [{ edge: 'leaf:o1|glass:o1', pressing: null, pull: null, reason: 'as asked', ...choice }]
            : [],
        },
      },
      'leaf:o1|glass:o1',
    )
  test('each of them, taken by hand, is what the hem then gets, at the cost that was told', () => {
    const offered = panes(null).others
    expect(offered.map((way) => way.liquidId)).toContain('heath-brush')
    for (const { school, tapeId, liquidId, costMinor } of offered) {
      const taken = panes({ school, tapeId, liquidId })
      expect(taken).toMatchObject({ school, tapeId, liquidId })
      expect(taken.reasons[0]!.code).toBe('why.own_choice')
      expect(Math.abs(taken.cost.total - costMinor)).toBeLessThanOrEqual(2)
    }
  })
  test('a mask that has gone from the shelf is told', () => {
    const codes = panes({ school: 'liquid-mask', tapeId: null, liquidId: 'long-gone' }).reasons.map(
      (reason) => reason.code,
    )
    expect(codes).toContain('why.choice_gone')
  })
})

test('few kinds never put a narrow tape where a wide one is wanted: over carpet it is 48 mm', () => {
  const plan = planJob({ ...early(ternQuaySurvey()), house: STARTER_HOUSE })
  const carpet = plan.recipes.flatMap((recipe) =>
    recipe.safe && recipe.setting === 'skirting-over-carpet' ? [recipe] : [],
  )
  expect(carpet.length).toBeGreaterThan(0)
  for (const recipe of carpet) expect(recipe.widthMm).toBe(48)
})

// Common practice, no published source: white between whites, but an ordinary bead cracks under flat and matt paint.
test('the right colour of a bead gives way where it would crack: white under satin, one to paint at once under matt', () => {
  const white = '#f3efe4'
  const beadOf = (sheen: string) => {
    const { shelf } = jobOf()
    const coatingId = shelf.coatings.find((coating) => coating.sheen === sheen)!.id
    const room = {
      ceiling: { ...PLAIN_ROOM.ceiling, swatch: '#ffffff' },
      steps: [{ ...WALLS, coatingId, swatch: white }],
    }
    const recipe = recipeOf({ room, house: { school: 'wiped-sealant', sealantColour: 'by-colour' } }, 'wall:w1|ceiling')
    return { bead: shelf.sealants.find(({ id }) => id === recipe.sealantId)!, crack: recipe.risks.crack }
  }
  expect(beadOf('satin').bead.colour).toBe('white')
  const { bead, crack } = beadOf('matt')
  expect(bead).toMatchObject({ colour: 'clear', paintAtOnce: true })
  expect(crack).toBeLessThan(0.1)
})
