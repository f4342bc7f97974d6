import { unreadLine } from '../../../tests/lineNote'
import type { Face, HouseRules, Job } from '../../base/nouns'
import { ternQuaySurvey } from '../../../../demo'
import { planJob } from '../../answers/chain/planJob'
import { sayText } from '../../edge/words'
import type { Recipe, RecipeAnswer } from './recipe'
import { early } from '../../../tests/early'

/** Practice room 2 alone, with the house rules, ceiling face and walls step of a case. */
function job(house: Partial<HouseRules> = {}, ceiling: Partial<Face> = {}, coatingId = 'quay-matt'): Job {
  const base = early(ternQuaySurvey())
  const [room] = base.rooms
  return {
    ...base,
    house: { ...base.house, ...house },
    rooms: [
      {
        ...room!,
        ceiling: { ...room!.ceiling, ...ceiling },
        steps: room!.steps.map((step) => ({ ...step, coatingId })),
      },
    ],
  }
}
const ceilingLine = (of: Job): RecipeAnswer =>
  planJob(of).recipes.find((answer) => answer.hemId === 'practice2/wall:w1|ceiling')!
function safe(answer: RecipeAnswer): Recipe {
  if (!answer.safe) throw new Error(answer.reasons.map(sayText).join(' '))
  return answer
}
const codes = (recipe: Recipe) => recipe.reasons.map((reason) => reason.code)

describe('house schools on a heavy sprayed ceiling', () => {
  test('wet pull with wiped sealant', () => {
    const recipe = safe(ceilingLine(job({ school: 'wiped-sealant' })))
    expect(recipe).toMatchObject({ school: 'wiped-sealant', seal: 'wiped-sealant', pull: 'wet' })
    expect(codes(recipe)).toContain('why.school')
    expect(recipe.risks.bleeds.mean).toBeLessThan(0.1)
  })
  test('own colour where it is on the van, clear glaze where it is not', () => {
    expect(safe(ceilingLine(job({ school: 'own-colour-seal' }, { paintAtHand: true })))).toMatchObject({
      seal: 'own-colour',
      sealDryMin: 20,
    })
    const glazed = safe(ceilingLine(job({ school: 'own-colour-seal' })))
    expect(glazed).toMatchObject({ seal: 'clear-glaze', sealDryMin: 15 })
    expect(codes(glazed)).toContain('why.glaze_instead')
  })
  test('barrier edge alone is not enough there, and the answer says so', () => {
    const recipe = safe(ceilingLine(job({ school: 'barrier-edge' })))
    expect(recipe.school).not.toBe('barrier-edge')
    expect(codes(recipe)).toContain('why.school_fallback')
    expect(recipe.ruledOut.some((each) => each.school === 'barrier-edge' && each.why.code === 'out.bleeds')).toBe(true)
  })
  test('barrier edge alone does on light texture', () => {
    expect(
      safe(ceilingLine(job({ school: 'barrier-edge', sealAlways: true }, { texture: 'light-spray' }))),
    ).toMatchObject({ school: 'barrier-edge', seal: 'none' })
  })
})

describe('common practice, no published source', () => {
  test('C8: a first coat that is held off stays 1.5 mm away', () => {
    expect(safe(ceilingLine(job())).standOffMm).toBe(1.5)
    expect(safe(ceilingLine(job({ holdFirstCoat: false }))).standOffMm).toBe(0)
  })
  test('C9: own-colour seal dries to touch at least, glaze goes on 15 to 20 min ahead', () => {
    const glaze = safe(ceilingLine(job({ school: 'own-colour-seal' })))
    expect(glaze.steps.find((step) => step.code === 'step.seal_glaze')?.facts).toMatchObject({ from: 15, to: 20 })
  })
  test('C22: flat paint over a wet bead gets a paint-now sealant, satin does not need it', () => {
    expect(safe(ceilingLine(job({}, {}, 'lime-ceiling'))).sealantId).toBe('plover-quick')
    expect(safe(ceilingLine(job({}, {}, 'quay-satin'))).sealantId).toBe('plover-clear')
  })
  test('nothing may stay on a full skim: no wiped bead there', () => {
    const recipe = safe(ceilingLine(job({ sealAlways: true }, { texture: 'smooth' })))
    expect(recipe.seal).not.toBe('wiped-sealant')
    expect(recipe.ruledOut.some((each) => each.why.code === 'out.full_skim')).toBe(true)
  })
})

describe('nothing safe', () => {
  test('chalk holds no tape: the reason, and what would make one possible', () => {
    const answer = ceilingLine(job({}, { soundness: 'chalky' }))
    if (answer.safe) throw new Error('a chalky ceiling got a recipe')
    expect(answer.reasons.map((reason) => reason.code)).toContain('out.never_safe')
    expect(answer.wouldHelp.map((help) => help.code)).toEqual(expect.arrayContaining(['help.sound', 'help.freehand']))
    expect(answer.reasons.map(sayText).join(' ')).toMatch(/chalky/)
  })
  test('with an empty shelf there is nothing to rule out, and still an answer', () => {
    const base = job()
    const answer = ceilingLine({ ...base, shelf: { ...base.shelf, tapes: [] } })
    expect(answer.safe).toBe(false)
  })
})

// By hand for one metre, Teasel Day on 24 mm, wiped bead: lay 1 + ladder 0.4 + press 0.25 + seal 0.25 + two coats
// cut in at 0.5 + pull 0.25 = 3.15 min at 38.00 an hour = 199.5 cents; × 4.12 m = 822 cents. Under matt the paint-now bead: 240/50 m × 1.05
// + 520/50 m = 15.44 cents × 4.12 = 64.
test('expected cost by hand', () => {
  const recipe = safe(ceilingLine({ ...job({ kindMinor: 0 }), kit: [{ tapeId: 'teasel-day', widthMm: 24 }] }))
  expect(recipe).toMatchObject({ tapeId: 'teasel-day', widthMm: 24 })
  expect(recipe.cost.labour).toBe(822)
  expect(recipe.cost.material).toBe(64)
  expect(recipe.cost.total).toBe(recipe.cost.material + recipe.cost.labour + recipe.cost.mending)
})

test('over old paint that may hold lead only a quarter of the lift is taken, and it says so', () => {
  const usual = safe(ceilingLine(job({}, { soundness: 'unknown' })))
  const old = job({ maxLift: 2 * usual.risks.lift.mean }, { soundness: 'unknown' })
  const before = { ...old, site: { ...old.site, yearBuilt: 1950, country: 'US' } }
  const out = (of: Job) => ceilingLine(of).ruledOut.filter((each) => each.why.code === 'out.lead_lift')
  expect(out(old)).toEqual([])
  expect(out(before).map((each) => each.tapeId)).toContain(usual.tapeId)
  const built = job()
  const caution = safe(ceilingLine({ ...built, site: before.site })).cautions.map((said) => said.code)
  expect(caution).toContain('care.lead')
})

test('tests on site decide: chalk on the cloth leaves no tape, a clean cross-cut allows what an unknown history did not', () => {
  expect(ceilingLine(job({}, { rub: 'chalks' })).safe).toBe(false)
  const tooStrong = (face: Partial<Face>) =>
    ceilingLine(job({}, face)).ruledOut.filter((each) => /^out.(lift|never_safe)$/.test(each.why.code)).length
  expect(tooStrong({ soundness: 'unknown', crossCut: 0 })).toBeLessThan(tooStrong({ soundness: 'unknown' }))
})

test('a wandering edge, a two-tone line and cleaning stand in the steps', () => {
  const base = job({}, { prep: ['degrease', 'dust'] })
  const [room] = base.rooms
  const lines = [unreadLine('wall:w1|ceiling', 6)]
  const recipe = safe(ceilingLine({ ...base, rooms: [{ ...room!, lines }] }))
  expect(recipe.steps.map((step) => step.code).slice(0, 4)).toEqual([
    'step.ladder',
    'step.prep',
    'step.clean',
    'step.straighten',
  ])
})
