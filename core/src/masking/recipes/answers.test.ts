import { LAYER_KINDS } from './layer'
import type { Face, Fitting } from '../../base/nouns'
import { ternQuaySurvey } from '../../../../demo'
import { answerOf, CEILING, recipeOf, WALLS, type OneRoom } from '../../../tests/oneHem'
import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import { USUAL_FACES } from '../../survey/rooms/roomTemplate'
import { sayText } from '../../edge/words'
import { jobRecipes } from './jobRecipes'

const CEIL = 'wall:w1|ceiling'
const on = (face: Partial<Face>, more: OneRoom = {}): OneRoom => ({
  ...more,
  room: { ceiling: { ...USUAL_FACES.ceiling, ...face }, steps: [WALLS], ...more.room },
})

describe('what would help where nothing is safe', () => {
  const helps = (setup: OneRoom) => {
    const answer = answerOf(setup, CEIL)
    if (answer.safe) throw new Error('something was safe')
    return answer.wouldHelp.map((said) => said.code)
  }
  test('chalk: bind it; nobody with a hand: one would do', () => {
    expect(helps(on({ soundness: 'chalky' }))).toEqual(expect.arrayContaining(['help.sound', 'help.freehand']))
  })
  test('too fresh: wait, and until when', () => {
    const strong = { tapes: STARTER_SHELF.tapes.filter((tape) => tape.gripN25 > 3) }
    const setup: OneRoom = { room: { steps: [CEILING, WALLS] }, shelf: strong, house: { restHours: 0 } }
    const answer = answerOf(setup, CEIL)
    if (answer.safe) throw new Error('something was safe')
    const wait = answer.wouldHelp.find((said) => said.code === 'help.wait')!
    expect(sayText(wait)).toMatch(/Wait until .*\d{2}:\d{2}.*: then .* is safe/)
  })
  test('too rough for any seal allowed: allow one, or accept more', () => {
    const bare = { sealants: [] }
    const codes = helps(
      on(
        { texture: 'heavy-spray' },
        { shelf: { ...bare, tapes: STARTER_SHELF.tapes.filter((t) => t.edge === 'barrier') } },
      ),
    )
    expect(codes).toContain('help.seal')
  })
  test('the tape would stay too long: one with a longer time', () => {
    const short = STARTER_SHELF.tapes.map((tape) => ({ ...tape, stayDays: 0.1 }))
    expect(helps(on({}, { shelf: { tapes: short }, house: { pull: 'dry' } }))).toContain('help.tape')
  })
  test('nothing holds the film: two tapes, or paper', () => {
    const weak = STARTER_SHELF.tapes.map((tape) => ({ ...tape, gripN25: 0.2 }))
    expect(helps(on({}, { room: { steps: [{ ...WALLS, tool: 'spray' }] }, shelf: { tapes: weak } }))).toContain(
      'help.two_tapes',
    )
  })
})

describe('cautions', () => {
  const cautions = (setup: OneRoom, key = CEIL) => recipeOf(setup, key).cautions.map((caution) => caution.code)
  test('sanding wants a mask, damp faces want time, spray wants air, a blade goes away from the hand', () => {
    expect(cautions(on({ prep: ['sand'] }))).toContain('care.dust_mask')
    expect(cautions(on({ moisturePct: 20 }, { house: { provenHand: true } }))).toContain('care.damp')
    expect(cautions(on({ moisturePct: 5 }))).not.toContain('care.damp')
    expect(cautions(on({}, { room: { steps: [{ ...WALLS, tool: 'spray' }] } }))).toEqual(
      expect.arrayContaining(['care.spray', 'care.film']),
    )
    expect(cautions(on({}, { house: { pull: 'dry' } }))).toContain('care.blade')
  })
  test('solvent paint: air, no spark, local codes', () => {
    const coatings = STARTER_SHELF.coatings.map((coating) => ({ ...coating, base: 'solvent' as const }))
    const recipe = recipeOf(on({}, { shelf: { coatings } }), CEIL)
    const said = recipe.cautions.find((caution) => caution.code === 'care.solvent')!
    expect(sayText(said)).toMatch(/no flame or spark.*local codes/)
  })
  const roundOne = (kind: Fitting['kind']): readonly string[] => {
    const fitting: Fitting = {
      id: 'f1',
      name: kind,
      kind,
      wallId: 'w1',
      atMm: 500,
      bottomMm: 1100,
      widthMm: 86,
      heightMm: 86,
      on: 'wall',
      scope: 'mask',
    }
    return cautions({ room: { fittings: [fitting] } }, 'wall:w1|fitting:f1')
  }
  test('plates: power off', () => {
    expect(roundOne('switch')).toContain('care.power')
  })
  test.each([
    ['sprinkler', 'care.sprinkler'],
    ['alarm', 'care.alarm'],
    ['exit', 'care.exit'],
    ['flue', 'care.breathes'],
    ['vent', 'care.breathes'],
  ] as const)('%s has its own, and nobody is told to switch it off at the plate', (kind, code) => {
    const found = roundOne(kind)
    expect(found).toContain(code)
    expect(found).not.toContain('care.power')
  })
})

describe('layers of every recipe of the demo', () => {
  const recipes = jobRecipes(ternQuaySurvey()).flatMap((answer) => (answer.safe ? [answer] : []))
  test('go on in order: lining, tape or mask, covers, seal, colour', () => {
    const rank = (kind: (typeof LAYER_KINDS)[number]) => LAYER_KINDS.indexOf(kind)
    for (const { layers } of recipes) {
      const ranks = layers.map((layer) => rank(layer.kind))
      expect([...ranks].sort((a, b) => a - b)).toEqual(ranks)
      expect(layers.filter((layer) => layer.kind === 'colour')).toHaveLength(1)
    }
  })
  test('name the tape, width and seal of their recipe', () => {
    for (const recipe of recipes) {
      const tape = recipe.layers.find((layer) => layer.kind === 'tape')
      expect(tape?.widthMm ?? 0).toBe(recipe.widthMm)
      expect(recipe.layers.some((layer) => layer.kind === 'seal')).toBe(recipe.seal !== 'none')
      expect(recipe.layers.some((layer) => layer.kind === 'liquid')).toBe(recipe.way === 'liquid-mask')
    }
  })
  test('steps name each cover they draw', () => {
    for (const recipe of recipes) {
      const spoken = recipe.steps.map(sayText).join(' ')
      for (const layer of recipe.layers.filter((each) => ['paper', 'film', 'cloth', 'lining'].includes(each.kind)))
        expect(spoken).toContain(layer.name)
    }
  })
  test('every step is said once, and colour comes before the pull', () => {
    for (const recipe of recipes) {
      const codes = recipe.steps.map((step) => step.code)
      expect(new Set(codes).size).toBe(codes.length)
      const [coat, off] = [codes.indexOf('step.coat'), codes.findIndex((code) => /pull|liquid_cut/.test(code))]
      expect(coat).toBeGreaterThan(-1)
      if (recipe.pull !== 'none') expect(off).toBeGreaterThan(coat)
    }
  })
})
