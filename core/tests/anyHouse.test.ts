import fc from 'fast-check'
import { planJob } from '../src/answers/chain/planJob'
import {
  PRESS_RULES,
  PULL_OPINIONS,
  RUN_WAYS,
  SCHOOLS,
  SEAL_DRYNESS,
  SEALANT_COLOURS,
  type HouseRules,
  type Job,
  type Room,
} from '../src/base/nouns'
import { deriveHems } from '../src/survey/hems/deriveHems'
import { jobKit } from '../src/masking/kit/jobKit'
import { whatWouldChange } from '../src/masking/recipes/whatWouldChange'
import { sayText } from '../src/edge/words'
import { factsFaults } from '../src/edge/wire'
import { ternQuaySurvey } from '../../demo'
import { anyRoom } from './anyRoom'
import { early } from './early'

/** Laws that hold for any room under any house's rules. */
const base = early(ternQuaySurvey())
const anyHouse: fc.Arbitrary<HouseRules> = fc
  .record({
    school: fc.constantFrom(...SCHOOLS),
    pull: fc.constantFrom(...PULL_OPINIONS),
    sealAlways: fc.boolean(),
    stackSeals: fc.boolean(),
    sealantColour: fc.constantFrom(...SEALANT_COLOURS),
    sealDry: fc.constantFrom(...SEAL_DRYNESS),
    liquidOnPanes: fc.boolean(),
    provenHand: fc.boolean(),
    rollOverEdge: fc.boolean(),
    runs: fc.constantFrom(...RUN_WAYS),
    press: fc.constantFrom(...PRESS_RULES),
    holdFirstCoat: fc.boolean(),
    maxBleedMm: fc.constantFrom(0.3, 3, 30),
    maxLift: fc.constantFrom(0.005, 0.02, 0.1),
    tinMinor: fc.constantFrom(0, 150, 5000),
  })
  .map((rules) => ({ ...base.house, ...rules }))
const jobOf = (room: Room, house: HouseRules): Job => ({ ...base, house, rooms: [{ ...room, crewId: null }] })
const RUNS = { numRuns: 30 }

test('every recipe keeps the limits of its house and says what it is without gaps', () => {
  fc.assert(
    fc.property(anyRoom, anyHouse, (room, house) => {
      const { log: _log, published: _published, ...facts } = jobOf(room, house)
      expect(factsFaults(facts)).toEqual([])
      for (const answer of planJob(jobOf(room, house)).recipes) {
        const said = answer.safe
          ? [...answer.steps, ...answer.reasons, ...answer.cautions, ...answer.others.map((each) => each.why)]
          : [...answer.reasons, ...answer.wouldHelp]
        for (const each of said) expect(sayText(each)).not.toMatch(/\{\w+\}|undefined|NaN|Infinity/)
        if (!answer.safe) continue
        expect(answer.risks.bleedMm.mean).toBeLessThanOrEqual(house.maxBleedMm + 1e-12)
        expect(answer.risks.lift.mean).toBeLessThanOrEqual(house.maxLift + 1e-12)
        expect(answer.seal === 'wiped-sealant' && answer.pull === 'dry').toBe(false)
        expect(answer.tapeId === null).toBe(answer.way === 'liquid-mask' || answer.way === 'freehand')
        expect(answer.way === 'freehand' && !house.provenHand).toBe(false)
        for (const part of Object.values(answer.costParts)) expect(Number.isFinite(part) && part >= 0).toBe(true)
        expect(answer.layers.at(-1)!.kind).toBe('colour')
      }
    }),
    RUNS,
  )
})

test('what is masked comes off exactly once, after it is coated; what is cut by hand is in no pull', () => {
  fc.assert(
    fc.property(anyRoom, anyHouse, (room, house) => {
      const plan = planJob(jobOf(room, house))
      const recipes = new Map(plan.recipes.flatMap((recipe) => (recipe.safe ? [[recipe.hemId, recipe] as const] : [])))
      const off = plan.rounds.flatMap((round) => round.pulls.flatMap((pull) => pull.hemIds))
      const masked = plan.rounds
        .flatMap((round) => round.hemIds)
        .filter((id) => recipes.get(id) && recipes.get(id)!.pull !== 'none')
      expect([...off].sort()).toEqual([...masked].sort())
      const placed = new Map(plan.placed.map((task) => [task.taskId, task]))
      for (const round of plan.rounds)
        for (const pull of round.pulls) {
          const [at, coat] = [placed.get(pull.taskId), placed.get(`${round.id}/coat${coatsOf(room, round.stepId)}`)]
          if (!at || !coat) continue
          expect(at.from).toBeGreaterThanOrEqual(coat.to + 60 * pull.afterH - 1e-6)
        }
    }),
    RUNS,
  )
})
const coatsOf = (room: Room, stepId: string): number => room.steps.find((step) => step.id === stepId)!.coats

test('what would change a recipe is cheaper, and a kit never costs less than the best of every hem', () => {
  fc.assert(
    fc.property(anyRoom, anyHouse, (room, house) => {
      const job = jobOf(room, house)
      const [first] = deriveHems(room, job.shelf).hems
      if (!first) return
      for (const change of whatWouldChange(job, first.id)) {
        expect(change.savingMinor).toBeGreaterThanOrEqual(0)
        expect(sayText(change.what)).not.toMatch(/\{\w+\}|undefined|NaN/)
      }
      const { points, best } = jobKit(job)
      if (!best) return
      for (const point of points) {
        expect(point.kinds.length).toBeGreaterThan(0)
        expect(Number.isFinite(point.hemsMinor)).toBe(true)
      }
      expect(best.hemsMinor).toBeGreaterThan(0)
    }),
    { numRuns: 15 },
  )
})
