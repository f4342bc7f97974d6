import { ternQuaySurvey } from '../../demo'
import { planJob, type Plan } from '../src/answers/chain/planJob'
import type { Crew, Job, Opening, PaintStep } from '../src/base/nouns'
import { partsOf } from '../src/survey/exchange/openingsCsv'
import { endsMm } from '../src/survey/hems/ends'
import { faceAreaMm2 } from '../src/survey/rooms/areas'
import { newElevation, USUAL_FACES } from '../src/survey/rooms/roomTemplate'
import { sayText } from '../src/edge/words'
import { byPrice } from './early'
import { jobOf } from './oneHem'

/** A whole front as a foreman would look at it: 11 m by 5.4 m of lapped boards, eight windows, trim by brush, walls by gun. */
const window = (id: string, atMm: number, sillMm: number): Opening => ({
  id,
  name: `window ${id}`,
  kind: 'window',
  wallId: 'w1',
  atMm,
  sillMm,
  widthMm: 1200,
  heightMm: 1400,
  casingMm: 70,
  casing: USUAL_FACES.trim,
  ...partsOf('window'),
})
const front = {
  ...newElevation('f', 'South front', {
    widthMm: 11_000,
    eavesMm: 5400,
    ridgeMm: null,
    facingDeg: 180,
    material: 'lapped-boards',
    lapMm: 150,
  }),
  openings: [800, 3200, 6000, 8600].flatMap((at, i) => [window(`a${i}`, at, 900), window(`b${i}`, at, 3400)]),
}
const base = byPrice(jobOf())
const crewOf = (people: number): Crew => ({
  ...base.crews[0]!,
  people: Array.from({ length: people }, (_, i) => ({ name: `P${i}`, skill: 'practised' })),
})
const jobWith = (people: number, more: Partial<Job> = {}): Job => ({
  ...base,
  crews: [crewOf(people)],
  rooms: [front],
  ...more,
})
const job = jobWith(3)
const plan = planJob(job)
const minutesOf = (people: number) => {
  const tasks = planJob(jobWith(people)).tasks.filter((task) => task.stepId === 's2')
  return new Map(tasks.map((task) => [task.coat ? `coat ${task.coat}` : task.kind, task.minutes]))
}

test('a gun covers a square metre in about a minute, and three people do not make it three guns', () => {
  const m2 = faceAreaMm2(front, 'wall:w1') / 1e6
  expect(m2).toBeGreaterThan(40)
  for (const people of [1, 2, 3])
    expect(minutesOf(people).get('coat 1')).toBe(Math.ceil(m2 * job.house.rates.sprayPerM2))
  // What hands do is shared out among them.
  expect(minutesOf(1).get('lay')! / minutesOf(3).get('lay')!).toBeGreaterThan(2.5)
})

test('readying and cleaning the gun are in the day', () => {
  const parts = plan.tasks.flatMap((task) =>
    task.work.filter((part) => part.part === 'gun').map((part) => [task.kind, part.minutes]),
  )
  expect(parts).toEqual([
    ['gun-up', 15],
    ['gun-down', 15],
  ])
})

test('both coats of the wall go on the same day, and it is unmasked once hard', () => {
  const at = (act: string) => plan.placed.find((task) => task.taskId === `f/s2/w1/${act}`)!
  expect(Math.floor(at('coat1').from / 1440)).toBe(Math.floor(at('coat2').from / 1440))
  expect(at('pull').from).toBeGreaterThan(at('coat2').to + 60)
})

test('where it meets the ground it has paper: no joint scraper, no glaze, no runners', () => {
  const ground = plan.recipes.find((recipe) => recipe.hemId === 'f/wall:w1|floor')!
  if (!ground.safe) throw new Error('no recipe')
  expect(ground.setting).toBe('ground-line')
  expect([ground.seal, ground.layers.map((layer) => layer.kind)]).toEqual(['none', ['tape', 'paper', 'colour']])
  expect(ground.steps.map(sayText).join(' ')).not.toMatch(/joint|scraper|ladder/)
})

test('windows get film from tape to tape, casing and all, never floor paper', () => {
  const round = plan.hems.filter((hem) => hem.kind === 'wall-to-casing').map((hem) => hem.id)
  expect(round).toHaveLength(8)
  for (const recipe of plan.recipes) {
    if (!recipe.safe || !round.includes(recipe.hemId)) continue
    expect([recipe.hemId, recipe.cover?.hold]).toEqual([recipe.hemId, 'taut'])
    expect(recipe.layers.some((layer) => layer.kind === 'paper')).toBe(false)
  }
  const film = plan.load.covers.flatMap((line) => line.needs).filter((need) => need.why.code === 'cover.taut')
  expect(film).toHaveLength(8)
  // 1200 by 1400 mm of window and 70 mm of casing all round.
  for (const need of film) expect(need.areaMm2).toBe(1340 * 1540)
})

test('every strip of paper that a recipe names is on the van once: by its run, or in the paper over its whole floor', () => {
  const demo = planJob(ternQuaySurvey())
  const runs = new Map<string, number>()
  const needs = demo.load.covers.flatMap((line) => line.needs)
  for (const hem of demo.hems) {
    const recipe = demo.recipes.find((answer) => answer.hemId === hem.id)
    if (!recipe?.safe) continue
    for (const { coverId, widthMm } of recipe.layers) {
      if (coverId === null || widthMm === null) continue
      const field = needs.some(
        (need) => need.roomId === hem.roomId && need.coverId === coverId && need.why.code === 'cover.mist',
      )
      if (field && hem.keep.startsWith('floor')) continue
      const key = `${hem.roomId} ${coverId}`
      runs.set(key, (runs.get(key) ?? 0) + hem.lengthMm + endsMm(hem))
    }
  }
  expect(runs.size).toBeGreaterThan(0)
  const beside = needs.filter((need) => need.why.code === 'cover.beside')
  expect(new Map(beside.map((need) => [`${need.roomId} ${need.coverId}`, need.runMm]))).toEqual(runs)
})

describe('rolled by hand', () => {
  const rolled = front.steps.map((step): PaintStep => ({ ...step, tool: 'roller' }))
  const still = (tempC: number, windMs: number) => {
    const job = jobWith(2, { rooms: [{ ...front, steps: rolled }], house: { ...base.house, sealAlways: true } })
    const hour = { tempC, rh: 60, windMs, cloud: 1, rainMm: 0 }
    const outside = { source: 'file' as const, from: job.start, hours: Array.from({ length: 24 * 14 }, () => hour) }
    return planJob({ ...job, air: { ...job.air, outside } })
  }
  const reasons = (plan: Plan) => plan.recipes.flatMap((recipe) => recipe.reasons.map(sayText))
  test('in mild air it goes part by part, each sealed, cut in and pulled wet, and the field after the last', () => {
    const plan = still(16, 1)
    expect(plan.pulls.map((pull) => pull.manner)).toEqual(plan.pulls.map(() => 'wet'))
    expect(plan.rounds.length).toBeGreaterThan(1)
    for (const round of plan.rounds) expect(round.wetNeedMin).toBeLessThanOrEqual(round.wetWindowMin!)
    expect(plan.misses).toEqual([])
  })
  test('in wind its edge skins too soon: dry, with the reason, sealed by another school than a bead', () => {
    const plan = still(26, 6)
    expect(reasons(plan).some((text) => text.includes('In this sun and wind its edge skins in about'))).toBe(true)
    expect(reasons(plan).some((text) => text.includes('sprayed'))).toBe(false)
    expect(new Set(plan.pulls.map((pull) => pull.manner))).toEqual(new Set(['dry']))
    const seals = plan.recipes.flatMap((recipe) => (recipe.safe ? [recipe.seal] : []))
    expect(seals).not.toContain('wiped-sealant')
    expect(seals).not.toContain('none')
  })
})

test('at the floor nobody takes up a ladder; nothing is pressed for a seal that is not there', () => {
  const room = planJob(jobOf({ house: { holdFirstCoat: true } }))
  for (const hem of room.hems) {
    const recipe = room.recipes.find((answer) => answer.hemId === hem.id)
    if (!recipe?.safe) continue
    const said = recipe.steps.map(sayText).join(' ')
    if (hem.paint === 'skirting' || hem.keep === 'skirting') expect(said).not.toContain('ladder')
    if (recipe.seal === 'none') expect(said).not.toContain('before sealing')
  }
})

test('rough block takes half as much paint again, and what a gun loses is bought too', () => {
  const litres = (material: 'block' | 'lapped-boards', tool: PaintStep['tool']) => {
    const wall = newElevation('f', 'Front', {
      widthMm: 10_000,
      eavesMm: 4000,
      ridgeMm: null,
      facingDeg: 0,
      material,
      lapMm: null,
    })
    const steps = wall.steps
      .filter((step) => step.targets.includes('walls'))
      .map((step) => ({ ...step, tool, coats: 1 }))
    const smooth = wall.walls.map((each) => ({
      ...each,
      face: { ...each.face, texture: material === 'block' ? ('masonry' as const) : ('smooth' as const) },
    }))
    return planJob(jobWith(2, { rooms: [{ ...wall, walls: smooth, steps }] })).load.coatings[0]!.exact
  }
  const plain = litres('lapped-boards', 'roller')
  expect(litres('block', 'roller') / plain).toBeCloseTo(1.5, 6)
  expect(litres('lapped-boards', 'spray') / plain).toBeCloseTo(1.2, 6)
})

describe('a house in a day: four fronts, three people', () => {
  const sides = ['South', 'West', 'North', 'East'].map((name, i) => ({
    ...front,
    id: `f${i}`,
    name,
    facingDeg: 180 + 90 * i,
  }))
  const steps = front.steps.filter(({ tool }) => tool === 'spray')
  const house = (frontsInADay: boolean): Job =>
    jobWith(3, { rooms: sides.map((side) => ({ ...side, steps })), house: { ...base.house, frontsInADay } })
  const [soft, hard] = [planJob(house(true)), planJob(house(false))]
  const tasks = (plan: Plan, match: RegExp) =>
    [...plan.placed].filter(({ taskId }) => match.test(taskId)).sort((a, b) => a.from - b.from)
  const dayOf = (at: number) => Math.floor(at / 1440)

  const part = (plan: Plan, name: string) => plan.price.parts.find((each) => each.part === name)!

  test('whoever is free unmasks a front while the next is sprayed, and nobody looks along a front that is masked', () => {
    // A gun is cleaned the day it was used, be it after hours.
    expect(
      soft.misses.filter(({ kind, activityId }) => kind !== 'outside-shift' || !activityId.includes('gun-down')),
    ).toEqual([])
    for (const { id } of sides) {
      const last = tasks(soft, new RegExp(`^${id}/.*/coat2$`)).at(-1)!
      const off = tasks(soft, new RegExp(`^${id}/(.*/(pull|uncover)|uncover)$`))
      expect(off.length).toBeGreaterThan(2)
      // What is sprayed last thing in the afternoon comes off first thing in the morning.
      const wait = off[0]!.from - last.to
      if (dayOf(off[0]!.from) === dayOf(last.to)) expect(wait).toBeLessThan(180)
      else
        expect(off[0]!.from).toBe(
          Math.min(...soft.placed.flatMap(({ from }) => (dayOf(from) > dayOf(last.to) ? from : []))),
        )
      for (const task of off) expect(dayOf(task.from)).toBe(dayOf(off[0]!.from))
    }
    const gun = tasks(soft, /coat2$/)
    expect(tasks(soft, /^f0\/.*\/pull$/)[0]!.to).toBeLessThan(gun.at(-1)!.to)
    // Nobody looks along the lines of a front that is still masked.
    for (const { id } of sides)
      expect(tasks(soft, new RegExp(`^${id}/look$`))[0]!.from).toBeGreaterThanOrEqual(
        tasks(soft, new RegExp(`^${id}/uncover$`))[0]!.to,
      )
  })

  test('it takes fewer visits, and more mending: the film is soft, which is told', () => {
    expect(part(soft, 'visits').amount).toBeLessThan(part(hard, 'visits').amount)
    const mending = (plan: Plan) =>
      plan.tasks.filter(({ kind }) => kind === 'look').reduce((sum, { minutes }) => sum + minutes, 0)
    expect(mending(soft)).toBeGreaterThan(mending(hard))
    const why = soft.recipes.flatMap((recipe) => recipe.reasons).map(({ code }) => code)
    expect(why).toContain('why.pull_front_soft')
  })

  test('each coat goes round the house in the order of its fronts', () => {
    for (const plan of [soft, hard])
      for (const coat of [1, 2])
        expect(tasks(plan, new RegExp(`coat${coat}$`)).map(({ taskId }) => taskId.slice(0, 2))).toEqual([
          'f0',
          'f1',
          'f2',
          'f3',
        ])
  })
})
