import { planJob, type Plan } from '../src/answers/chain/planJob'
import { parseInstant, parseClock, toLocal } from '../src/base/units/time'
import type { Defect, Job, Opening, PaintStep, Piece, Room } from '../src/base/nouns'
import { waysOut } from '../src/masking/covers/waysOut'
import { newRoom, OUTLINE_TEMPLATES, USUAL_FACES } from '../src/survey/rooms/roomTemplate'
import { readySteps } from '../src/survey/ready/readying'
import { doorOf, jobOf, PLAIN_ROOM, WALLS } from './oneHem'

/** Doors with sides, places to mend, and either end of a day. Minutes: common practice, no published source. */
const DOORS: PaintStep = { ...WALLS, id: 'd', name: 'Doors', targets: ['pieces'], tool: 'spray', coats: 2 }
const FRONTS: Piece = {
  id: 'p1',
  name: 'fronts',
  kind: 'cabinets',
  wallId: PLAIN_ROOM.walls[0]!.id,
  atMm: 200,
  bottomMm: 0,
  widthMm: 3000,
  heightMm: 720,
  depthMm: 560,
  count: 12,
  inUse: false,
  paintedSides: 2,
  takenOff: true,
  face: { ...USUAL_FACES.trim, prep: ['degrease', 'sand'] },
}
/** Minutes of one practised painter. */
const minutesOf = (plan: Plan, pattern: RegExp): number =>
  plan.tasks
    .filter(({ id }) => pattern.test(id))
    .flatMap(({ work }) => work)
    .reduce((sum, { minutes }) => sum + minutes, 0)
const kitchen = (change: Partial<Piece> = {}, step: Partial<PaintStep> = {}): Plan =>
  planJob(jobOf({ room: { pieces: [{ ...FRONTS, ...change }], steps: [{ ...DOORS, ...step }] } }))

describe('doors are pieces with sides', () => {
  // By hand: 24 sides x (2 min to degrease, 5 to sand, 2 coats of 3.5), 12 doors off and on at 8: some seven hours besides masking.
  test('twelve doors sprayed on both sides are a day of work, not an hour', () => {
    const plan = kitchen()
    expect(minutesOf(plan, /\/(prep|smooth)$/)).toBe(24 * 7)
    expect(minutesOf(plan, /\/coat\d$/)).toBe(2 * 24 * 3.5)
    const doors = plan.tasks.flatMap((task) => task.work.filter(({ part }) => part === 'doors'))
    expect(doors.map(({ minutes }) => minutes)).toEqual([48, 48])
    expect(minutesOf(plan, /./)).toBeGreaterThan(7 * 60)
  })
  test('no gun is filled while the doors are still made ready', () => {
    const at = (end: string) => kitchen().placed.find(({ taskId }) => taskId.endsWith(end))!
    expect(at('/gun-up').from).toBeGreaterThanOrEqual(at('/smooth').to)
    expect(at('/coat1').from - at('/gun-up').to).toBeLessThan(60)
  })
  test('one side where they hang is half of it, and nothing is taken off', () => {
    const plan = kitchen({ paintedSides: 1, takenOff: false })
    expect(minutesOf(plan, /\/coat\d$/)).toBe(2 * 12 * 3.5)
    expect(plan.tasks.flatMap((task) => task.work.filter(({ part }) => part === 'doors'))).toEqual([])
  })
  test('a door by brush takes a quarter of an hour a side, and its second coat waits until it was turned and dried', () => {
    const of = (change: Partial<Opening>) =>
      planJob(
        jobOf({
          room: {
            openings: [doorOf(change)],
            steps: [{ ...DOORS, targets: ['leaves'], tool: 'brush' }],
          },
        }),
      )
    const gap = (plan: Plan) => {
      const [one, two] = [1, 2].map((n) => plan.placed.find(({ taskId }) => taskId.endsWith(`coat${n}`))!)
      return two!.from - one!.to
    }
    const [hung, off] = [of({}), of({ paintedSides: 2, takenOff: true })]
    const per = (plan: Plan) => minutesOf(plan, /coat1$/)
    expect(per(hung)).toBeGreaterThanOrEqual(10)
    expect(per(off) / per(hung)).toBeCloseTo(2, 0)
    expect(gap(off)).toBeGreaterThanOrEqual(gap(hung))
    // Nothing is masked round a leaf that is not there.
    expect(off.hems.filter(({ id }) => id.includes('leaf'))).toEqual([])
    expect(hung.hems.some(({ id }) => id.includes('leaf'))).toBe(true)
  })
})

describe('either end of a day', () => {
  test('no work lies in the minutes in which a crew sets up, or washes out', () => {
    const job = jobOf({ room: { steps: [WALLS] }, house: { stayOnMin: 0 } })
    const { setUpEach, washOutEach } = job.house.rates
    expect([setUpEach, washOutEach].every((minutes) => minutes >= 10)).toBe(true)
    const placed = planJob(job).placed.flatMap(({ crewId, pieces }) => pieces.map((piece) => ({ ...piece, crewId })))
    expect(placed.length).toBeGreaterThan(0)
    for (const { crewId, from, to } of placed) {
      const [shift] = job.crews.find(({ id }) => id === crewId)!.shifts
      expect(toLocal(from, job.site.zone).minute).toBeGreaterThanOrEqual(parseClock(shift!.from) + setUpEach)
      expect(toLocal(to, job.site.zone).minute).toBeLessThanOrEqual(parseClock(shift!.to) - washOutEach)
    }
    expect(parseInstant(job.start)).toBeGreaterThan(0)
  })
})

test('walls do not wait for a primer that dries on cabinets', () => {
  const primed: Piece = { ...FRONTS, face: { ...FRONTS.face, prep: ['sand', 'prime'] } }
  const plan = planJob(jobOf({ room: { pieces: [primed], steps: [WALLS, DOORS] } }))
  const at = (pattern: RegExp) => plan.placed.find(({ taskId }) => pattern.test(taskId))!
  expect(at(/\/walls\/.*lay$|s3\/.*lay$/).from).toBeLessThan(at(/\/mend$/).from)
  expect(at(/\/d\/.*coat1$/).from).toBeGreaterThanOrEqual(at(/\/mend$/).to)
})

describe('places to mend', () => {
  const wall = `wall:${PLAIN_ROOM.walls[0]!.id}` as const
  const place = (kind: Defect['kind'], lengthMm: number): Defect => ({
    id: `${kind}${lengthMm}`,
    face: wall,
    kind,
    atMm: 800,
    heightMm: 1500,
    lengthMm,
  })
  const withPlaces = (defects: readonly Defect[]): Room => ({ ...PLAIN_ROOM, defects })
  test('a crack is filled, sanded with 120 and wiped; what flakes is scraped first; a joint is sealed', () => {
    const acts = (defects: readonly Defect[]) =>
      readySteps(withPlaces(defects), wall).map(({ act, grit }) => (grit ? `${act} ${grit}` : act))
    expect(acts([place('crack', 900)])).toEqual(['fill', 'sand 120', 'wipe'])
    expect(acts([place('flaking', 300), place('gap', 2000)])).toEqual(['scrape', 'seal-gaps', 'sand 180', 'wipe'])
    expect(acts([])).toEqual([])
  })
  test('filler dries before it is sanded, whatever else goes on', () => {
    const plan = planJob(jobOf({ room: { ...withPlaces([place('crack', 2000)]), steps: [WALLS] } }))
    const [fill, sand] = ['prep', 'smooth'].map((act) => plan.placed.find(({ taskId }) => taskId.endsWith(`/${act}`))!)
    expect(sand!.from - fill!.to).toBeGreaterThanOrEqual(60)
  })
})

describe('ways out are doors that lead out of the work', () => {
  const door = (id: string, change: Partial<Opening> = {}) => doorOf({ id, name: id, ...change })
  const room = (id: string, openings: readonly Opening[]): Room => ({
    ...newRoom(id, id, OUTLINE_TEMPLATES.rectangle),
    steps: [WALLS],
    openings,
  })
  const outOf = (rooms: readonly Room[]) => rooms.map((each) => waysOut(each, rooms).map(({ id }) => id))
  test('of a flat with a hall it is the door nobody else uses, and a door to a garden', () => {
    const hall = room('hall', [door('a'), door('b'), door('c')])
    const parlour = room('parlour', [door('d'), door('garden', { kind: 'glazed-doors' })])
    expect(outOf([hall, parlour, room('bed', [door('e')])])).toEqual([['c'], ['garden'], []])
  })
  test('rooms without their corridor all open out of it, and so does a room by itself', () => {
    expect(outOf([room('one', [door('a')]), room('two', [door('b')])])).toEqual([['a'], ['b']])
    expect(outOf([room('one', [door('a'), door('b')])])).toEqual([['a', 'b']])
  })
  test('what the survey says stands', () => {
    const hall = room('hall', [door('a', { leadsOut: true }), door('b'), door('c', { leadsOut: false })])
    // The door nobody spoke of leads to a room that is not worked in.
    expect(outOf([hall, room('bed', [door('e', { leadsOut: true })])])).toEqual([['a', 'b'], ['e']])
  })
})

test('sanding old paint of a house that may hold lead is a problem told, with its minutes', () => {
  const of = (yearBuilt: number): Job => {
    const job = jobOf({
      room: {
        steps: [WALLS],
        walls: PLAIN_ROOM.walls.map((wall) => ({ ...wall, face: { ...wall.face, prep: ['sand'] as const } })),
      },
    })
    return { ...job, site: { ...job.site, yearBuilt } }
  }
  const [old, young] = [planJob(of(1938)), planJob(of(2010))]
  expect(old.problems.map(({ code }) => code)).toContain('work.lead')
  expect(young.problems.map(({ code }) => code)).not.toContain('work.lead')
  expect(minutesOf(old, /\/(un)?cover$/) - minutesOf(young, /\/(un)?cover$/)).toBe(60)
})
