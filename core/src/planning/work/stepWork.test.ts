import { ternQuaySurvey } from '../../../../demo'
import { deriveHems } from '../../survey/hems/deriveHems'
import { facesOfStep } from '../../survey/rooms/faces'
import { planJob } from '../../answers/chain/planJob'
import { fieldMinutes } from '../../survey/rooms/fieldMinutes'
import { wetMinutes, workByWall, type WallWork } from './stepWork'
import { early } from '../../../tests/early'

const job = early(ternQuaySurvey())
const house = job.house
const plan = planJob(job)
const recipes = new Map(plan.recipes.flatMap((recipe) => (recipe.safe ? [[recipe.hemId, recipe] as const] : [])))
const works = job.rooms.flatMap((room) => {
  const { hems } = deriveHems(room, job.shelf)
  return room.steps.map((step) => {
    const own = hems.filter((hem) => hem.stepId === step.id)
    return { room, step, own, byWall: workByWall(room, step, own, house) }
  })
})
const sum = (values: readonly number[]): number => values.reduce((all, each) => all + each, 0)

test('shared among walls, a step’s field is neither more nor less than its faces at the tool’s rate', () => {
  for (const { room, step, byWall } of works) {
    const all = sum(facesOfStep(room, step).map((key) => fieldMinutes(room, key, step, house)))
    expect(sum(byWall.map((work) => work.restMin + sum([...work.alongMin.values()])))).toBeCloseTo(all, 6)
  }
})

test('walls come from left to right, each once, and every hem of the step is on one of them', () => {
  for (const { room, own, byWall } of works) {
    const order = room.walls.map((wall) => wall.id)
    const places = byWall.map((work) => order.indexOf(work.wallId))
    expect([...new Set(places)].sort((a, b) => a - b)).toEqual(places)
    expect(byWall.flatMap((work) => work.hems.map((hem) => hem.id)).sort()).toEqual(own.map((hem) => hem.id).sort())
  }
})

describe('minutes in the wet part of a round', () => {
  const { room, step, byWall } = works.find(
    (each) => each.step.tool === 'roller' && each.byWall.some((work) => work.hems.some((hem) => recipes.has(hem.id))),
  )!
  const work = byWall.find((each) => each.hems.length > 1)!
  const minutes = (more: Partial<WallWork> = {}, speed = 1) =>
    wetMinutes({ room, work: { ...work, ...more }, recipes, house, step, speed, isApart: false })

  test('a crew twice as fast takes half as long for each act', () => {
    const [one, two] = [minutes(), minutes({}, 2)]
    for (const act of ['seal', 'coat', 'pull'] as const)
      expect(sum(two.map((each) => each[act]))).toBeCloseTo(sum(one.map((each) => each[act])) / 2, 9)
  })
  test('the field is coated along the hems: cutting in and field together, no part twice', () => {
    const hand = minutes({ restMin: 0 })
    expect(sum(minutes().map((minute) => minute.coat)) - sum(hand.map((each) => each.coat))).toBeCloseTo(
      work.restMin,
      9,
    )
  })
  test('sealing and pulling count where the recipe does them wet, and only there', () => {
    work.hems.forEach((hem, i) => {
      const [recipe, each] = [recipes.get(hem.id), minutes()[i]!]
      const metres = hem.lengthMm / 1000
      expect(each.seal).toBeCloseTo(recipe?.seal === 'wiped-sealant' ? house.rates.sealPerM * metres : 0, 9)
      expect(each.pull).toBeCloseTo(recipe?.pull === 'wet' ? house.rates.pullPerM * metres : 0, 9)
    })
  })
  test('done apart, the field takes nothing of what has to stay wet', () => {
    const apart = wetMinutes({ room, work, recipes, house, step, speed: 1, isApart: true })
    expect(sum(apart.map((each) => each.coat))).toBeCloseTo(
      sum(minutes({ restMin: 0 }).map((minute) => minute.coat)),
      9,
    )
  })
  test('a wall without hems is field alone', () => {
    expect(minutes({ hems: [] })).toEqual([{ seal: 0, coat: work.restMin, pull: 0, wetSeal: false, wetPull: false }])
  })
  test('a gun cuts nothing in', () => {
    const [hem] = work.hems
    const gun = wetMinutes({
      room,
      work: { ...work, hems: [hem!], restMin: 0 },
      recipes,
      house,
      step: { ...step, tool: 'spray' },
      speed: 1,
      isApart: false,
    })
    expect(gun.map((each) => each.coat)).toEqual([0])
  })
})
