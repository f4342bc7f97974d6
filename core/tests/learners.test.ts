import { gullRow } from '../../demo'
import { sayText } from '../src/edge/words'
import type { Job, Skill } from '../src/base/nouns'
import { beginnersShare } from '../src/base/nouns'
import { planJob } from '../src/answers/chain/planJob'
import { parseInstant } from '../src/base/units/time'
import { early } from './early'

const base = early(gullRow())
const [first] = base.crews
/** The same rooms with one crew of these people. */
const by = (...skills: Skill[]): Job => {
  const people = skills.map((skill, i) => ({ name: `P ${i}`, skill }))
  return {
    ...base,
    crews: [{ ...first!, people }],
    rooms: base.rooms.map((room) => ({ ...room, crewId: first!.id })),
  }
}
const planned = (...skills: Skill[]) => {
  const plan = planJob(by(...skills), parseInstant(base.start))
  const taped = plan.recipes.flatMap((answer) => (answer.safe && answer.tapeId ? [answer] : []))
  const look = plan.tasks.filter(({ kind }) => kind === 'look').flatMap(({ work }) => work)
  return { taped, lookMin: look.reduce((sum, { part, minutes }) => sum + (part === 'look' ? minutes : 0), 0) }
}

// A beginner wants wider tape, and leaves more to find. Common practice, no published source.
describe('lines of a crew with beginners', () => {
  const [pair, half, third] = [
    planned('practised', 'practised'),
    planned('practised', 'beginner'),
    planned('practised', 'practised', 'beginner'),
  ]
  const widths = (taped: typeof pair.taped) => taped.map(({ widthMm }) => widthMm)

  test('half of it: tape a size wider, with the reason; one of three: as wide as ever', () => {
    expect(widths(third.taped)).toEqual(widths(pair.taped))
    const usual = new Map(pair.taped.map(({ hemId, widthMm }) => [hemId, widthMm]))
    const wider = half.taped.filter(({ hemId, widthMm }) => widthMm > (usual.get(hemId) ?? widthMm))
    expect(wider.length).toBeGreaterThan(half.taped.length / 2)
    for (const { hemId, widthMm, reasons } of half.taped) {
      expect(widthMm).toBeGreaterThanOrEqual(usual.get(hemId) ?? 0)
      const told = reasons.map(sayText).some((text) => text.includes('beginners'))
      expect([hemId, told]).toEqual([hemId, wider.some((recipe) => recipe.hemId === hemId)])
    }
  })

  test('and they are looked along for longer, by as much as is theirs', () => {
    expect(half.lookMin).toBeCloseTo(1.5 * pair.lookMin, 6)
    expect(third.lookMin).toBeCloseTo((4 / 3) * pair.lookMin, 6)
  })

  test('nobody at all is no beginner', () => {
    expect(beginnersShare([], null)).toBe(0)
  })
})
