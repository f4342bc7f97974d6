import { planJob } from '../src/answers/chain/planJob'
import { edgeOfHem, type Job, type LineWay, type Room } from '../src/base/nouns'
import { DEFAULT_PARAMETERS } from '../src/base/parameters/parameters'
import { deriveHems } from '../src/survey/hems/deriveHems'
import { hemMarks, STUDS_MM } from '../src/survey/hems/hemMarks'
import { sayText } from '../src/edge/words'
import { wayCosts } from '../src/masking/recipes/wayCost'
import { lineFor } from '../src/survey/lines/snapLine'
import { straightened } from '../src/survey/lines/straightened'
import { jointMm } from '../src/survey/ready/lineReady'
import { jobOf, PLAIN_ROOM, WALLS } from './oneHem'

const plain: Room = { ...PLAIN_ROOM, steps: [WALLS] }
const trim = deriveHems(plain, jobOf().shelf).hems.find(({ id }) => id.includes('skirting'))!
const READINGS = [
  { atMm: 0, offMm: 1 },
  { atMm: 1500, offMm: 6 },
  { atMm: 3000, offMm: 3 },
]
const jobWith = (way: LineWay, readings = READINGS): Job => ({
  ...jobOf({
    room: {
      steps: [WALLS],
      lines: [{ edge: edgeOfHem(trim.id), wanderMm: 5, way, readings, fit: 'least-area', lumps: [], through: [] }],
    },
  }),
  published: null,
  log: [],
})
const marking = (job: Job) => planJob(job).tasks.filter(({ kind }) => kind === 'mark')

test('a line over an edge that was read is marked before it is taped, in minutes of its length', () => {
  const job = jobWith('straighten')
  const plan = planJob(job)
  const [task, more] = marking(job)
  expect(more).toBeUndefined()
  const hem = plan.hems.find(({ id }) => id === trim.id)!
  const { markMinPerM, closeMin } = DEFAULT_PARAMETERS.work
  const part = task!.work.find((each) => each.part === 'mark')!
  expect(part.minutes).toBeCloseTo((hem.lengthMm / 1000) * markMinPerM.value + closeMin.value, 6)
  const at = new Map(plan.placed.map((each) => [each.taskId, each]))
  const lay = plan.tasks.find(({ kind, subjects }) => kind === 'lay' && subjects.includes(trim.id))!
  expect(at.get(task!.id)!.to).toBeLessThanOrEqual(at.get(lay.id)!.from)
})

test('nothing is marked where the edge is followed, or nobody read it', () => {
  expect(marking(jobWith('follow'))).toEqual([])
  expect(marking(jobWith('straighten', []))).toEqual([])
})

test('marks lie on the line that was chosen, from the left end, with the rest of the run as a check', () => {
  const job = jobWith('straighten')
  const [room] = job.rooms
  const hem = deriveHems(room!, job.shelf).hems.find(({ id }) => id === trim.id)!
  const { marks } = hemMarks(room!, hem, STUDS_MM.metric)!
  expect(marks.map(({ atMm }) => atMm)).toEqual([0, 600, 1200, 1800, 2400, 3000])
  for (const { atMm, fromRightMm } of marks) expect(atMm + fromRightMm).toBe(hem.lengthMm)
  // Over 1, 6 and 3 mm with least area: through 6 at the middle, as level as it may be.
  expect(marks.map(({ offMm }) => offMm)).toEqual([6, 6, 6, 6, 6, 6])
})

test('a lump or a dip stands in the recipe with what the tape does there, and its pieces cost what corners do', () => {
  const job = jobWith('straighten')
  const lumps = [
    { atMm: 500, lengthMm: 600, heightMm: -4 },
    { atMm: 2000, lengthMm: 40, heightMm: 6 },
  ]
  const room = { ...job.rooms[0]!, lines: job.rooms[0]!.lines.map((line) => ({ ...line, lumps })) }
  const recipeOf = (of: Job) => planJob(of).recipes.find(({ hemId }) => hemId === trim.id)!
  const [plain, lumpy] = [recipeOf(job), recipeOf({ ...job, rooms: [room] })]
  if (!plain.safe || !lumpy.safe) throw new Error('both are safe')
  const said = lumpy.steps.filter(({ code }) => code.startsWith('step.lump')).map(sayText)
  expect(said).toEqual([
    '500 mm from the left the face lies back 4 mm over 600 mm: lay pieces of 130 mm, press each down into it, and seal the edge.',
    '2 m from the left the face stands out 6 mm over 40 mm: fill or scrape it first, since no tape lies down on it.',
  ])
  const hem = (of: Job) => planJob(of).hems.find(({ id }) => id === trim.id)!
  expect(hem({ ...job, rooms: [room] }).corners).toBe(hem(job).corners + 5)
})

test('what a crooked edge costs by how it is treated, by hand', () => {
  const { house: plain, shelf } = jobOf()
  const house = { ...plain, rates: { ...plain.rates, layPerM: 1 }, wagePerHourMinor: 3600, mendBleedMinor: 100 }
  const tube = { ...shelf.sealants[0]!, metresPerTube: 50, priceMinor: 500 }
  const { markMinPerM, closeMin, sealGapMinPerM, spotMin } = DEFAULT_PARAMETERS.work
  const run = { lengthMm: 4000, straightSealMm: 3000, splitSealMm: 0 }
  const { straight, split, follow } = wayCosts(run, house, DEFAULT_PARAMETERS, tube)
  const mark = 4 * markMinPerM.value + closeMin.value
  expect(straight.minutes).toBeCloseTo(mark + Math.max(spotMin.value, 3 * sealGapMinPerM.value), 9)
  expect(split.minutes).toBeCloseTo(mark + closeMin.value / 2, 9)
  // Four metres at a minute each, 15 % slower in short pieces.
  expect(follow.minutes).toBeCloseTo(0.6, 9)
  // Three laps of 1.2 m pieces, one in ten of which is touched up; a minute is 60 minor, 3 m of sealant are 30.
  expect([straight.mends, split.mends, follow.mends].map((each) => each.toFixed(1))).toEqual(['0.0', '0.1', '0.3'])
  expect(straight.minor).toBe(Math.round(straight.minutes * 60 + 30))
  expect(follow.minor).toBe(Math.round(0.6 * 60 + 30))
})

test('a straight line over a joint has it filled first, with its minutes, its wait and its tube; along two colours of a wall nothing is open', () => {
  const job = jobWith('straighten')
  const plan = planJob(job)
  const prep = (each: typeof plan) => each.tasks.filter(({ kind }) => kind === 'prep')
  expect(prep(planJob(jobWith('follow')))).toEqual([])
  expect(prep(plan).length).toBeGreaterThan(0)
  const note = job.rooms[0]!.lines[0]!
  const covered = straightened(note.readings, lineFor(note.readings, note.fit, note.through), null).coveredRunMm
  expect(jointMm(note)).toBe(Math.round(covered))
  expect(jointMm({ ...note, edge: 'band:b1~wall:w1' })).toBe(0)
  const answer = plan.recipes.find(({ hemId }) => hemId === trim.id)!
  if (!answer.safe) throw new Error('it is safe')
  expect(answer.steps.map(sayText).join(' ')).toMatch(/seal open joints, [\d.]+ m?m along the line/)
  // Sealant dries before tape is laid on it.
  const at = new Map(plan.placed.map((each) => [each.taskId, each]))
  const lay = plan.tasks.find(({ kind, subjects }) => kind === 'lay' && subjects.includes(trim.id))!
  expect(at.get(lay.id)!.from - at.get(prep(plan)[0]!.id)!.to).toBeGreaterThanOrEqual(
    DEFAULT_PARAMETERS.work.filledMin.value / 2,
  )
})
