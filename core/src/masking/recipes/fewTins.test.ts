import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { jobClocks } from '../../nature/cure/areaClocks'
import type { HouseRules, Job, PaintStep, Room } from '../../base/nouns'
import { ternQuaySurvey } from '../../../../demo'
import { deriveHems } from '../../survey/hems/deriveHems'
import { newRoom, OUTLINE_TEMPLATES, USUAL_FACES } from '../../survey/rooms/roomTemplate'
import { pickCandidate, safeOf } from './pickCandidate'
import { fewTins, tinOf } from './fewTins'
import { judgeRoom, type JudgedHem } from './judgeRoom'

const base = ternQuaySurvey()
const plain = newRoom('r', 'Room', OUTLINE_TEMPLATES.rectangle)
const rough = { texture: 'heavy-spray' } as const

/** A room whose ceiling is white and whose one wall is coloured: white and clear beads would both be opened. */
function judged(house: Partial<HouseRules>, room: Partial<Room> = {}): JudgedHem[] {
  const white: PaintStep = {
    ...plain.steps[2]!,
    id: 's8',
    targets: ['wall:w1', 'wall:w2', 'wall:w3'],
    colour: 'White',
    swatch: '#ffffff',
  }
  const plum: PaintStep = { ...plain.steps[2]!, id: 's9', targets: ['wall:w4'], colour: 'Plum', swatch: '#5a4660' }
  const job: Job = {
    ...base,
    house: { ...base.house, ...house },
    rooms: [
      {
        ...plain,
        ceiling: { ...USUAL_FACES.ceiling, ...rough, colour: 'Ceiling white', swatch: '#ffffff' },
        steps: [white, plum],
        ...room,
      },
    ],
  }
  const [own] = job.rooms
  return judgeRoom({
    job,
    room: own!,
    hems: deriveHems(own!, job.shelf).hems,
    clocks: jobClocks(job)('r'),
    nextShift: (at) => at,
    parameters: DEFAULT_PARAMETERS,
  })
}
const tinsOf = (hems: readonly JudgedHem[], few: ReturnType<typeof fewTins>) =>
  new Set(
    hems.flatMap(({ ctx, judged: list }, i) => {
      const pick = few[i] ?? pickCandidate(ctx, safeOf(list))
      const tin = pick && tinOf(ctx, pick.candidate)
      return tin ? [tin] : []
    }),
  )

test('a dear tin is spared: clear serves between whites too, and the hem says why', () => {
  const hems = judged({ tinMinor: 2000 })
  expect(
    tinsOf(
      hems,
      hems.map(() => null),
    ).size,
  ).toBe(2)
  const few = fewTins(hems)
  expect([...tinsOf(hems, few)]).toEqual(['sealant plover-clear'])
  const changed = few.filter((each) => each !== null)
  expect(changed.length).toBeGreaterThan(0)
  expect(changed.every((each) => each.also?.code === 'why.few_tins')).toBe(true)
})

test('a tin that costs nothing is opened', () => {
  const hems = judged({ tinMinor: 0 })
  expect(fewTins(hems).every((tin) => tin === null)).toBe(true)
})

/** The same by brute force: every choice of one safe candidate of its way for each hem. */
test('no set of tins would have been cheaper', () => {
  for (const tinMinor of [5, 20, 60, 150, 600]) {
    const hems = judged({ tinMinor })
    const cost = (few: ReturnType<typeof fewTins>) =>
      hems.reduce(
        (sum, { ctx, judged: list }, i) => {
          const pick = few[i] ?? pickCandidate(ctx, safeOf(list))
          return sum + (pick ? (pick.candidate.costPerM.total * ctx.hem.lengthMm) / 1000 : 0)
        },
        tinMinor * tinsOf(hems, few).size,
      )
    const chosen = cost(fewTins(hems))
    const own = cost(hems.map(() => null))
    // With two tins the other sets are: neither (no bead anywhere, another way), and each alone.
    const alone = fewTins(judged({ tinMinor: 100_000 }))
    expect(chosen).toBeLessThanOrEqual(own + 1e-9)
    expect(chosen).toBeLessThanOrEqual(cost(alone) + 1e-9)
  }
})

test('a way chosen by hand keeps its own tin open', () => {
  const edge = 'wall:w1|ceiling'
  const choices = [
    {
      edge,
      school: 'clear-glaze' as const,
      tapeId: 'sedge-delicate',
      liquidId: null,
      pressing: null,
      pull: null,
      reason: 'tried',
    },
  ]
  const hems = judged({ tinMinor: 2000 }, { choices })
  const few = fewTins(hems)
  const at = hems.findIndex(({ ctx }) => ctx.hem.id === `r/${edge}`)
  expect(few[at]).toBeNull()
})

test('own colour that is put on in the job stands open anyway; held for sealing only it is a tin', () => {
  const hems = judged(
    { school: 'own-colour-seal' },
    { ceiling: { ...USUAL_FACES.ceiling, ...rough, paintAtHand: true } },
  )
  const own = hems.flatMap(({ ctx, judged: list }) =>
    list
      .filter((candidate) => candidate.seal === 'own-colour')
      .map((candidate) => [ctx.hem.keepStepId, tinOf(ctx, candidate)] as const),
  )
  expect(own.length).toBeGreaterThan(0)
  for (const [step, tin] of own) expect(tin === null).toBe(step !== null)
})
