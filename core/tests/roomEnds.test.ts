import { planJob, type Plan } from '../src/answers/chain/planJob'
import { WORK } from '../src/base/parameters/work'
import type { Band, Job, LogEvent, Prep, Room } from '../src/base/nouns'
import { faceAreaMm2 } from '../src/survey/rooms/areas'
import { newElevation } from '../src/survey/rooms/roomTemplate'
import { formatInstant } from '../src/base/units/time'
import { jobOf, PLAIN_ROOM, WALLS } from './oneHem'
import { logEvent } from './logEvent'

/** What begins and ends a room besides its colours, read off whole plans. */
const times = (plan: Plan) => new Map<string, Plan['placed'][number]>(plan.placed.map((each) => [each.taskId, each]))
const task = (plan: Plan, id: string) => plan.tasks.find((each) => each.id === id)
const withPrep = (room: Room, prep: readonly Prep[]): Room => ({
  ...room,
  walls: room.walls.map((wall) => ({ ...wall, face: { ...wall.face, prep } })),
})

describe('making ready', () => {
  const job = jobOf({ room: { ...withPrep(PLAIN_ROOM, ['dust', 'degrease', 'sand']), steps: [WALLS] } })
  const plan = planJob(job)
  const [room] = job.rooms as [Room]
  // By hand: degreasing 1 and sanding 1.5 min a square metre of wall; dust goes as the tape comes.
  test('takes what was ticked, by the area of its faces', () => {
    const m2 = room.walls.reduce((sum, wall) => sum + faceAreaMm2(room, `wall:${wall.id}`), 0) / 1e6
    const minutesOf = (id: string) => task(plan, id)!.work.map(({ minutes }) => minutes)
    expect(minutesOf('r/prep')).toEqual([expect.closeTo(m2, 6)])
    // What is degreased dries before it is sanded.
    expect(minutesOf('r/smooth')).toEqual([expect.closeTo(1.5 * m2, 6)])
  })
  test('comes once floors are covered, and dries before tape', () => {
    const at = times(plan)
    const lay = plan.tasks.find((each) => each.kind === 'lay')!
    expect(at.get('r/cover')!.to).toBeLessThanOrEqual(at.get('r/prep')!.from)
    expect(at.get('r/smooth')!.from - at.get('r/prep')!.to).toBeGreaterThanOrEqual(50)
    expect(at.get(lay.id)!.from).toBeGreaterThanOrEqual(at.get('r/smooth')!.to)
  })
  test('a front is washed and left to dry for days before paper lies below it', () => {
    const elevation = newElevation('f', 'Front', {
      widthMm: 8000,
      eavesMm: 4000,
      ridgeMm: null,
      material: 'render',
      facingDeg: 0,
      lapMm: null,
    })
    const washed = planJob({ ...jobOf(), rooms: [withPrep(elevation, ['wash'])] })
    const at = times(washed)
    expect(at.get('f/cover')!.from - at.get('f/prep')!.to).toBeGreaterThanOrEqual(WORK.washDryDays.value * 1440)
  })
  test('nothing ticked, nothing to do; tape that lies says that it was done', () => {
    expect(task(planJob(jobOf()), 'r/prep')).toBeUndefined()
    const lay = plan.tasks.find((each) => each.kind === 'lay')!
    const log: LogEvent[] = [logEvent('1', 'laid', '2027-05-11T09:00:00Z', lay.subjects)]
    expect(times(planJob({ ...job, log })).get('r/prep')!.done).toBe(true)
  })
})

describe('a two-tone line', () => {
  const band: Band = {
    id: 'b1',
    name: 'lower colour',
    kind: 'two-tone',
    wallIds: PLAIN_ROOM.walls.map((wall) => wall.id),
    fromMm: 0,
    toMm: 1400,
    shapes: [],
    face: PLAIN_ROOM.walls[0]!.face,
  }
  const lower = { ...WALLS, id: 's4', name: 'Lower', targets: ['bands'], colour: 'Plum', swatch: '#5a4660' }
  const plan = planJob(jobOf({ room: { bands: [band], steps: [WALLS, lower] } }))
  // By hand: 14 m round the room at 0.6 min, and 10 min to see that it closes.
  test('is marked and levelled before its tape: 14 m × 0.6 + 10 min', () => {
    const mark = task(plan, 'r/s4/mark')!
    expect(mark.work).toEqual([{ part: 'mark', minutes: expect.closeTo(14 * 0.6 + 10, 6) as number }])
    const at = times(plan)
    for (const lay of plan.tasks.filter((each) => each.kind === 'lay' && each.stepId === 's4'))
      expect(at.get(mark.id)!.to).toBeLessThanOrEqual(at.get(lay.id)!.from)
  })
  test('a rail that is there is followed: nobody marks a line along it', () => {
    const rail: Band = { ...band, name: 'rail', kind: 'chair-rail', fromMm: 900, toMm: 980 }
    const railed = planJob(jobOf({ room: { bands: [rail], steps: [WALLS, lower] } }))
    const lines = railed.hems.filter(({ kind }) => kind === 'two-tone-line')
    expect(lines.length).toBeGreaterThan(0)
    expect(new Set(lines.map(({ line }) => line))).toEqual(new Set(['true-joint']))
    expect(railed.tasks.filter(({ kind }) => kind === 'mark')).toEqual([])
    // Kept as it is, it is followed.
    const kept = planJob(jobOf({ room: { bands: [rail], steps: [WALLS] } }))
    expect(new Set(kept.hems.filter(({ kind }) => kind === 'two-tone-line').map(({ line }) => line))).toEqual(
      new Set(['follow']),
    )
    const steps = kept.recipes.flatMap((answer) => (answer.safe ? answer.steps.map(({ code }) => code) : []))
    expect(steps).not.toContain('step.mark')
  })
})

describe('the look', () => {
  const plan = planJob(jobOf())
  test('comes last inside, over covered floors, once the last colour is touch-dry; its touch-up is what recipes expect', () => {
    const at = times(plan)
    const look = task(plan, 'r/look')!
    const ends = plan.placed.filter((each) => /pull|roll/.test(each.taskId)).map((each) => each.to)
    expect(at.get('r/look')!.from - Math.max(...ends)).toBeGreaterThanOrEqual(40)
    expect(at.get('r/uncover')!.from).toBeGreaterThanOrEqual(at.get('r/look')!.to)
    const mending = plan.recipes.reduce((sum, answer) => sum + (answer.safe ? answer.cost.mending : 0), 0)
    const touchUp = look.work.find((part) => part.part === 'touch-up')!
    expect(touchUp.minutes).toBeCloseTo((mending / jobOf().house.wagePerHourMinor) * 60, 6)
  })
  test('is ticked as a whole, and taken back', () => {
    const job: Job = { ...jobOf(), log: [] }
    const at = formatInstant(times(plan).get('r/look')!.to)
    const ticked = logEvent('1', 'done', at, ['work:r/look'])
    expect(times(planJob({ ...job, log: [ticked] })).get('r/look')!.done).toBe(true)
    const undone: LogEvent = { ...logEvent('2', 'undone', at, []), undoes: '1' }
    expect(times(planJob({ ...job, log: [ticked, undone] })).get('r/look')!.done).toBe(false)
  })
})

describe('covers of one colour', () => {
  const sprayed = { ...WALLS, tool: 'spray' as const }
  const plan = planJob(jobOf({ room: { steps: [sprayed] } }))
  test('carrying tape, then film, then the gun, then paint; film off once the tape is', () => {
    const at = times(plan)
    const of = (kind: string, stepId: string | null) =>
      plan.tasks.filter((each) => each.kind === kind && each.stepId === stepId).map((each) => at.get(each.id)!)
    const ordered = [of('cover', null), of('lay', 's3'), of('cover', 's3'), of('gun-up', 's3'), of('coat', 's3')]
    ordered.slice(1).forEach((group, i) => {
      expect(group.length).toBeGreaterThan(0)
      const before = Math.max(...ordered[i]!.map((each) => each.to))
      expect(Math.min(...group.map((each) => each.from))).toBeGreaterThanOrEqual(before)
    })
    const [film] = of('uncover', 's3')
    for (const pull of of('pull', 's3')) expect(film!.from).toBeGreaterThanOrEqual(pull.to)
  })
  test('hung film is tacked along its outer edge: minutes and tape', () => {
    const cover = task(plan, 'r/s3/cover')!
    const hung = plan.load.covers.flatMap((line) => line.needs).filter((need) => need.hold === 'hung')
    const run = hung.reduce((sum, need) => sum + need.runMm, 0)
    expect(run).toBe(14_000)
    // By hand: 14 m at a tack every 60 cm, 0.15 min each.
    expect(cover.work.find((part) => part.part === 'tack')!.minutes).toBeCloseTo((14_000 / 600) * 0.15, 6)
    expect(plan.load.tapes.reduce((sum, line) => sum + line.holdMm, 0)).toBeGreaterThan(Math.ceil(14_000 / 600) * 100)
  })
})

test('cloths are counted by how many are down at once: two rooms one after the other take what the larger takes', () => {
  const rooms = ['a', 'b'].map((id) => ({ ...PLAIN_ROOM, id, name: id, steps: [WALLS] }))
  const cloths = (of: Job) => {
    const line = planJob(of).load.covers.find((cover) => cover.coverId === 'hessian-field')!
    return [line.count, line.needs.reduce((sum, need) => sum + need.pieces, 0)]
  }
  const base = jobOf()
  const one = { ...base, crews: [base.crews[0]!] }
  const [together, all] = cloths({ ...one, rooms }) as [number, number]
  expect(together).toBe(all)
  // The second room needed only weeks later begins when the first is done: its cloths are the first's.
  const apart = rooms.map((room, i) => ({ ...room, crewId: base.crews[i]!.id }))
  const night = { ...base.crews[1]!, shifts: [{ days: [6], from: '08:00', to: '20:00', breaks: [] }] }
  const [most, needed] = cloths({ ...base, crews: [base.crews[0]!, night], rooms: apart }) as [number, number]
  expect(needed).toBe(all)
  expect(most).toBe(all / 2)
})
