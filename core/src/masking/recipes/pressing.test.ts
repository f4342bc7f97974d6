import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { answerOf, jobOf, PLAIN_ROOM, recipeOf, type OneRoom } from '../../../tests/oneHem'
import { planJob } from '../../answers/chain/planJob'
import { STARTER_RATES } from '../../survey/rooms/houseDefaults'
import { PRESS_RULES, type HouseRules } from '../../base/nouns'
import type { Recipe } from './recipe'
import { sayText } from '../../edge/words'
import { pressingsOf, pressMinPerM } from './pressing'
import { early } from '../../../tests/early'

const EDGE = 'wall:w1|skirting'
const pressed = (press: HouseRules['press'], house: Partial<HouseRules> = {}): OneRoom => ({
  house: { school: 'press-only', ...house, press },
})
const reasons = (answer: Recipe): string[] => answer.reasons.map((reason) => reason.code)

describe('what a house presses with', () => {
  test('thumb, tool, or both to choose from', () => {
    expect(PRESS_RULES.map((press) => pressingsOf({ press }))).toEqual([['thumb'], ['tool'], ['thumb', 'tool']])
  })
  test('by hand: the rate is a tool’s, 0.25 min for a metre; a thumb takes four fifths of it, no pressing none', () => {
    const minutes = (['tool', 'thumb', 'none'] as const).map((each) =>
      pressMinPerM(each, STARTER_RATES, DEFAULT_PARAMETERS),
    )
    expect(minutes).toEqual([0.25, 0.25 * DEFAULT_PARAMETERS.work.thumbShare.value, 0])
  })
  test('a thumb lays more in a day: rounds plan with its minutes', () => {
    const layMinutes = (press: HouseRules['press']) =>
      planJob(early(jobOf(pressed(press, { rates: { ...STARTER_RATES, pressPerM: 2 } }))))
        .tasks.filter((task) => task.kind === 'lay')
        .reduce((sum, task) => sum + task.minutes, 0)
    expect(layMinutes('thumb')).toBeLessThan(layMinutes('tool'))
  })
})

describe('left open', () => {
  const costOf = (press: HouseRules['press'], mendBleedMinor: number): number =>
    recipeOf(pressed(press, { mendBleedMinor, maxBleedMm: 1000 }), EDGE).cost.total

  test('it costs what the cheaper of the two costs', () => {
    for (const mend of [0, 20, 200, 5000])
      expect(costOf('either', mend)).toBe(Math.min(costOf('thumb', mend), costOf('tool', mend)))
  })
  test('where mending is dear the tool is fetched, where it is cheap the thumb does, and each says by how much', () => {
    const { skirting } = PLAIN_ROOM
    const orange = { ...skirting!, face: { ...skirting!.face, texture: 'stipple' as const } }
    const by = (mendBleedMinor: number) =>
      recipeOf({ ...pressed('either', { mendBleedMinor, maxBleedMm: 1000 }), room: { skirting: orange } }, EDGE)
    const [cheap, dear] = [by(0), by(5000)]
    expect([cheap.pressing, dear.pressing]).toEqual(['thumb', 'tool'])
    for (const recipe of [cheap, dear]) {
      const why = recipe.reasons.find((reason) => reason.code === 'why.press_cheaper')!
      expect(sayText(why)).toMatch(/^Pressed with the (thumb|tool): €\d+\.\d\d less than with the (tool|thumb)/)
    }
  })
  test('where a thumb would bleed past the limit the tool is taken, whatever it costs', () => {
    const choice = {
      edge: EDGE,
      school: 'press-only' as const,
      tapeId: 'sedge-whisper',
      liquidId: null,
      pressing: null,
      pull: null,
    }
    const on = (press: HouseRules['press'], maxBleedMm: number) =>
      recipeOf(
        {
          ...pressed(press, { maxBleedMm, mendBleedMinor: 0 }),
          room: { choices: [{ ...choice, reason: 'trial' }] },
        },
        EDGE,
      )
    const [thumb, tool] = [on('thumb', 1000).risks.bleedMm.mean, on('tool', 1000).risks.bleedMm.mean]
    expect(tool).toBeLessThan(thumb)
    expect(on('either', 1000).pressing).toBe('thumb')
    const between = on('either', (thumb + tool) / 2)
    expect(between.pressing).toBe('tool')
    expect(reasons(between)).toContain('why.press_safe')
  })
  test('a pressing chosen by hand goes before it and needs no reason of its own', () => {
    const choice = {
      edge: EDGE,
      school: 'press-only' as const,
      tapeId: 'sedge-whisper',
      liquidId: null,
      pull: null,
      reason: 'trial',
    }
    for (const pressing of ['thumb', 'tool'] as const) {
      const answer = recipeOf({ ...pressed('either'), room: { choices: [{ ...choice, pressing }] } }, EDGE)
      expect(answer.pressing).toBe(pressing)
      expect(reasons(answer).filter((code) => code.startsWith('why.press_'))).toEqual([])
    }
  })
  test('no hem is listed twice among the other ways, and none is lost that one pressing would have served', () => {
    const keys = planJob(jobOf(pressed('either'))).hems.map((hem) => hem.id.slice(PLAIN_ROOM.id.length + 1))
    for (const key of keys) {
      const answers = PRESS_RULES.map((press) => answerOf(pressed(press), key))
      expect(answers[2]!.safe).toBe(answers[0]!.safe || answers[1]!.safe)
      if (!answers[2]!.safe) continue
      const ways = answers[2]!.others.map((each) => `${each.school} ${each.tapeId} ${each.seal}`)
      expect(new Set(ways).size).toBe(ways.length)
    }
  })
})
