import { door, sash } from '../../demo/parts'
import { STARTER_SHELF } from '../src/survey/shelf/starterShelf'
import { planJob } from '../src/answers/chain/planJob'
import type { Face, HouseRules, Job, PaintStep, Room } from '../src/base/nouns'
import type { Recipe } from '../src/masking/recipes/recipe'
import { newRoom, OUTLINE_TEMPLATES, USUAL_FACES } from '../src/survey/rooms/roomTemplate'
import { sayText } from '../src/edge/words'
import { ternQuaySurvey } from '../../demo'
import { early } from './early'

/**
 * Whole jobs in which the recipe has to come out as the trade would do it. All of them: common practice, no published
 * source.
 */
const base = early(ternQuaySurvey())
const plain = newRoom('r', 'Room', OUTLINE_TEMPLATES.rectangle)
const [CEILING, TRIM, WALLS] = plain.steps as [PaintStep, PaintStep, PaintStep]

function job(room: Partial<Room>, house: Partial<HouseRules> = {}): Job {
  return {
    ...base,
    air: { tempC: 21, rh: 50, windows: 'shut', outside: null },
    house: { ...base.house, ...house },
    rooms: [{ ...plain, ...room }],
  }
}
function recipeOf(of: Job, key: string): Recipe {
  const answer = planJob(of).recipes.find((recipe) => recipe.hemId === `r/${key}`)
  if (!answer) throw new Error(`no hem ${key}`)
  if (!answer.safe) throw new Error(answer.reasons.map(sayText).join(' '))
  return answer
}
const steps = (recipe: Recipe) => recipe.steps.map(sayText).join(' ')
const tape = (recipe: Recipe) => STARTER_SHELF.tapes.find((each) => each.id === recipe.tapeId)!
const textured = (texture: Face['texture']): Face => ({ ...USUAL_FACES.ceiling, texture })

describe('laying', () => {
  test('C1: long steps on a ceiling line, short ones on trim, pieces round a rounded corner', () => {
    const usual = job({ steps: [CEILING, TRIM, WALLS] })
    expect(steps(recipeOf(usual, 'wall:w1|ceiling'))).toContain('setting 300 to 600 mm')
    expect(steps(recipeOf(usual, 'wall:w1|skirting'))).toContain('setting 150 to 200 mm')
    const accent: PaintStep = { ...WALLS, id: 's4', targets: ['wall:w2'], colour: 'Plum', swatch: '#5a4660' }
    const walls = plain.walls.map((wall) => ({ ...wall, cornerRadiusMm: 20 }))
    const rounded = recipeOf(job({ walls, steps: [WALLS, accent] }), 'wall:w1|wall:w2')
    expect(steps(rounded)).toContain('setting 150 to 300 mm')
  })
  test('C8: a first coat held off the tape stays about 1.5 mm away, and the edge is sealed before the last', () => {
    const held = recipeOf(job({ ceiling: textured('heavy-spray') }, { holdFirstCoat: true }), 'wall:w1|ceiling')
    expect(held.standOffMm).toBe(1.5)
    const order = held.steps.map((step) => step.code)
    expect(order.indexOf('step.hold_first')).toBeLessThan(order.indexOf('step.seal_wiped'))
    const both = recipeOf(job({ ceiling: textured('heavy-spray') }, { holdFirstCoat: false }), 'wall:w1|ceiling')
    expect(both.standOffMm).toBe(0)
  })
  test('C9: glaze goes on 15 to 20 min ahead; own colour as a thin smear likewise', () => {
    const kept = { steps: [WALLS], ceiling: textured('heavy-spray') }
    const glazed = recipeOf(job(kept, { school: 'own-colour-seal' }), 'wall:w1|ceiling')
    expect(glazed.seal).toBe('clear-glaze')
    expect(steps(glazed)).toContain('15 to 20 min ahead')
    const recipe = recipeOf(
      job({ steps: [CEILING, WALLS], ceiling: textured('heavy-spray') }, { school: 'own-colour-seal' }),
      'wall:w1|ceiling',
    )
    expect(recipe.seal).toBe('own-colour')
    expect(recipe.sealDryMin).toBeGreaterThanOrEqual(15)
    expect(recipe.sealDryMin).toBeLessThanOrEqual(20)
  })
  test('C10: every pull is slow and folded back at about 45°', () => {
    for (const pull of ['wet', 'dry'] as const)
      expect(steps(recipeOf(job({}, { pull }), 'wall:w1|skirting'))).toMatch(/slowly, folded back at about 45°/)
  })
})

describe('lines', () => {
  test('C13: a casing line that wanders 3/16 to 1/4 in is hidden by a straight line at its worst point', () => {
    const window = sash({ id: 'o1', wallId: 'w1', atMm: 1000, widthMm: 1200 })
    const edge = 'wall:w1|casing:o1'
    for (const wanderMm of [5, 6]) {
      const lines = [{ edge, wanderMm, way: null, readings: [], fit: 'least-area' as const, lumps: [], through: [] }]
      const walls = job({ openings: [window], lines, steps: [WALLS] })
      expect(steps(recipeOf(walls, edge))).toContain(`wanders ${wanderMm} mm at its worst`)
      expect(planJob(walls).hems.find((hem) => hem.id === `r/${edge}`)?.line).toBe('straighten')
      // With the trim repainted too, the joint itself is the line.
      expect(planJob(job({ openings: [window], lines })).hems.find((hem) => hem.id === `r/${edge}`)?.line).toBe(
        'true-joint',
      )
    }
  })
})

describe('tape and time', () => {
  test('C3, C20: ceiling and trim coated in this job are left overnight and masked with low grip', () => {
    const recipe = recipeOf(job({ steps: [CEILING, WALLS] }, { school: 'own-colour-seal' }), 'wall:w1|ceiling')
    expect(tape(recipe).gripN25).toBeLessThanOrEqual(2.2)
    const plan = planJob(job({ steps: [CEILING, WALLS] }))
    const at = (id: string) =>
      plan.placed.find((task) => task.taskId.startsWith(`r/${id}/`) && task.taskId.includes('coat'))!
    const lay = plan.placed.find((task) => task.taskId.startsWith('r/s3/') && task.taskId.endsWith('/lay'))!
    expect(lay.from - at('s1').to).toBeGreaterThanOrEqual(12 * 60)
  })
  test('C4: a sprayed thin coat takes a mid grip the next day that a rolled one does not', () => {
    const yesterday = (tool: 'spray' | 'roller'): Face => ({
      ...USUAL_FACES.ceiling,
      last: { at: '2027-05-10T06:30:00Z', tool, coatingId: null, coats: 1, tempC: null, rh: null },
    })
    const safe = (tool: 'spray' | 'roller') =>
      planJob(job({ ceiling: yesterday(tool), steps: [WALLS] })).recipes.find(
        (recipe) => recipe.hemId === 'r/wall:w1|ceiling',
      )!
    const liftedOut = (tool: 'spray' | 'roller') =>
      safe(tool).ruledOut.filter((each) => each.why.code === 'out.lift').length
    expect(liftedOut('spray')).toBeLessThan(liftedOut('roller'))
  })
  test('C5, C6: heavy texture wants a seal however it is brushed; sprayed over smooth hard trim it wants none', () => {
    const rough = recipeOf(job({ ceiling: textured('heavy-spray'), steps: [WALLS] }), 'wall:w1|ceiling')
    expect(rough.seal).not.toBe('none')
    const sprayed = recipeOf(job({ steps: [{ ...WALLS, tool: 'spray' }] }), 'wall:w1|skirting')
    expect(sprayed).toMatchObject({ way: 'mask-and-spray', seal: 'none' })
    expect(sprayed.risks.bleeds.mean).toBeLessThan(0.02)
  })
  test('C18: a pair of doors of 15 panes a leaf, both sides, is masked pane by pane: 60 panes', () => {
    const doors = door('o1', 'w1', 800, {
      kind: 'glazed-doors',
      widthMm: 1600,
      glazing: { leaves: 2, wide: 3, high: 5, sides: 2, barMm: 25, textured: false },
    })
    const glass = (house: Partial<HouseRules>) =>
      recipeOf(job({ openings: [doors], steps: [{ ...TRIM, targets: ['leaves'] }] }, house), 'leaf:o1|glass:o1')
    const taped = glass({ liquidOnPanes: false })
    expect(steps(taped)).toContain('60 panes, four strips each')
    const canned = glass({})
    expect(canned).toMatchObject({ way: 'liquid-mask', liquidId: 'heath-can', pull: 'dry', pullAfterH: 24 })
    expect(steps(canned)).toMatch(/go clear, about 45 min.*24 h after the last coat cut round each pane/)
    const brushOnly = { liquids: STARTER_SHELF.liquids.filter((liquid) => liquid.how === 'brush'), tools: [] }
    const brushed = recipeOf(
      {
        ...job({ openings: [doors], steps: [{ ...TRIM, targets: ['leaves'] }] }, { school: 'liquid-mask' }),
        shelf: { ...STARTER_SHELF, ...brushOnly },
      },
      'leaf:o1|glass:o1',
    )
    // Price order of what is bought, a roll, a can, a tin: about 1 : 2 : 3.
    const roll = STARTER_SHELF.tapes.find((each) => each.id === 'marram-general')!.rolls[1]!.priceMinor
    const bought = ['heath-can', 'heath-brush'].map((id) => STARTER_SHELF.liquids.find((liquid) => liquid.id === id)!)
    expect(bought.map((mask) => Math.round(mask.priceMinor / roll))).toEqual([2, 3])
    // Finish order: brushed > can > tape. A can masks fifteen panes while tape does one or two.
    const faults = [brushed, canned, taped].map((recipe) => recipe.risks.bleeds.mean)
    expect([...faults].sort((a, b) => a - b)).toEqual(faults)
    expect(15 * canned.costParts.lay).toBeLessThan(2 * taped.costParts.lay)
  })
  test('C19: price steps of plain, general and barrier are about 3 : 7 : 8', () => {
    const price = (id: string) =>
      STARTER_SHELF.tapes.find((each) => each.id === id)!.rolls.find((roll) => roll.widthMm === 24)!.priceMinor
    const barrier = STARTER_SHELF.tapes.find((each) => each.edge === 'barrier')!
    expect(price('marram-general') / price('teasel-day')).toBeCloseTo(7 / 3, 1)
    expect(price(barrier.id) / price('teasel-day')).toBeCloseTo(8 / 3, 0)
  })
  test('C21: on a smooth painted panel a wiped bead leaves nothing to see; delicate tape unsealed bleeds most', () => {
    const panel: Face = { ...USUAL_FACES.wall, material: 'wood', texture: 'smooth', sheen: 'satin' }
    const walls = plain.walls.map((wall) => ({ ...wall, face: panel }))
    const brushed: PaintStep = {
      ...CEILING,
      targets: ['ceiling'],
      tool: 'brush',
      colour: 'Night blue',
      swatch: '#1f2f46',
    }
    const faults = (tapeId: string, house: Partial<HouseRules>) => {
      const tapes = STARTER_SHELF.tapes.filter((each) => each.id === tapeId)
      const of = job({ walls, steps: [brushed] }, { maxBleedMm: 1000, ...house })
      return recipeOf({ ...of, shelf: { ...STARTER_SHELF, tapes: tapes } }, 'wall:w1|ceiling').risks.bleeds.mean
    }
    const bead = faults('marram-general', { school: 'wiped-sealant', sealAlways: true })
    const bare = { school: 'press-only', sealAlways: true } as const
    const [general, gentle] = ['marram-general', 'sedge-whisper'].map((id) => faults(id, bare)) as [number, number]
    expect(bead).toBeLessThan(0.005)
    expect(gentle).toBeGreaterThan(general)
    expect(general).toBeGreaterThan(bead)
  })
  test('C21: on stippled metal pressed and stroked outward beats rolled with the thumb; own colour is clean', () => {
    const metal: Face = { ...USUAL_FACES.wall, material: 'metal', texture: 'stipple', paintAtHand: true }
    const walls = plain.walls.map((wall) => ({ ...wall, face: metal }))
    const faults = (tool: PaintStep['tool'], house: Partial<HouseRules>) =>
      recipeOf(
        {
          ...job(
            { walls, steps: [{ ...CEILING, tool, colour: 'Night blue', swatch: '#1f2f46' }] },
            { maxBleedMm: 1000, sealAlways: true, rollOverEdge: true, ...house },
          ),
          shelf: { ...STARTER_SHELF, tapes: STARTER_SHELF.tapes.filter((each) => each.id === 'marram-general') },
        },
        'wall:w1|ceiling',
      ).risks.bleeds.mean
    const own = faults('brush', { school: 'own-colour-seal', press: 'tool' })
    const thumbed = faults('brush', { school: 'press-only', press: 'thumb' })
    const pressed = faults('brush', { school: 'press-only', press: 'tool' })
    expect(thumbed).toBeGreaterThan(pressed)
    expect(pressed).toBeGreaterThan(own)
    expect(own).toBeLessThan(pressed / 20)
  })
  test('C22: flat paint gets no ordinary wet bead under it', () => {
    const flat = job({ ceiling: textured('heavy-spray'), steps: [{ ...WALLS, coatingId: 'lime-ceiling' }] })
    const recipe = recipeOf(flat, 'wall:w1|ceiling')
    const sealant = STARTER_SHELF.sealants.find((each) => each.id === recipe.sealantId)
    expect(sealant?.paintAtOnce ?? true).toBe(true)
    const satin = recipeOf(job({ ceiling: textured('heavy-spray'), steps: [WALLS] }), 'wall:w1|ceiling')
    expect(STARTER_SHELF.sealants.find((each) => each.id === satin.sealantId)?.paintAtOnce).toBe(false)
  })
})

describe('what is not safe is not done', () => {
  test('chalk, dust and bare paper: no strong tape, and the answer says what would help', () => {
    const chalky: Face = { ...USUAL_FACES.ceiling, soundness: 'chalky' }
    const answer = planJob(job({ ceiling: chalky, steps: [WALLS] })).recipes.find(
      (recipe) => recipe.hemId === 'r/wall:w1|ceiling',
    )!
    expect(answer.safe).toBe(false)
    if (!answer.safe) expect(answer.wouldHelp.length).toBeGreaterThan(0)
    const paper: Face = { ...USUAL_FACES.ceiling, soundness: 'bare-board-paper' }
    expect(tape(recipeOf(job({ ceiling: paper, steps: [WALLS] }), 'wall:w1|ceiling')).gripN25).toBeLessThanOrEqual(2.2)
  })
  test('breathers are listed with their hems, and each kind of fitting has its own caution', () => {
    const vent = {
      id: 'f1',
      name: 'vent',
      kind: 'vent' as const,
      wallId: 'w1',
      atMm: 500,
      bottomMm: 2000,
      widthMm: 200,
      heightMm: 200,
      on: 'wall' as const,
      scope: 'mask' as const,
    }
    const recipe = recipeOf(job({ fittings: [vent] }), 'wall:w1|fitting:f1')
    expect(recipe.cautions.map((caution) => caution.code)).toContain('care.breathes')
  })
})
