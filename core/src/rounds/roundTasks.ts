import type { Coating, Crew, HouseRules, PaintStep, Room, Shelf } from '../ground'
import { coatOfStep } from '../cure/film'
import { liquidOf } from '../catalogue/find'
import type { Hem } from '../hems/deriveHems'
import { pressMinPerM } from '../recipes/pressing'
import type { Recipe } from '../recipes/recipe'
import { crewSpeed } from '../calendar/calendar'
import type { WallGroup } from './groupRounds'
import type { After, Round, RoundPull, Task } from './round'
import { mannerOf, roundPulls } from './roundPulls'
import { wetMinutes } from './stepWork'

export interface RoundSetup {
  readonly room: Room
  readonly step: PaintStep
  readonly crew: Crew
  readonly house: HouseRules
  readonly shelf: Shelf
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly group: WallGroup
  /** What laying waits for: cover, earlier steps pulled, cure of the keep sides. */
  readonly layAfter: readonly After[]
  readonly layRelease: number | null
}

/**
 * The tasks of one round in order: lay; seal that must dry; coats with their drying gaps; the last coat together
 * with a wet bead and a wet pull as one unbroken block; a dry pull once the film is hard.
 */
export function roundOf(setup: RoundSetup): Round {
  const { room, step, crew, group } = setup
  const hems = group.work.flatMap((work) => work.hems)
  const wallIds = group.work.map((work) => work.wallId)
  const id = `${room.id}/${step.id}/${wallIds.join('+')}`
  const names = wallIds.map((wallId) => room.walls.find((wall) => wall.id === wallId)!.name)
  const whole = wallIds.length === room.walls.length
  const pulls = roundPulls(
    id,
    hems.map((hem) => hem.id),
    setup.recipes,
  )
  return {
    id,
    name: whole ? `${step.name}, all round` : `${step.name}, wall ${names.join(', ')}`,
    roomId: room.id,
    stepId: step.id,
    crewId: crew.id,
    wallIds,
    hemIds: hems.map((hem) => hem.id),
    wet: pulls.some((pull) => pull.manner === 'wet'),
    pulls,
    metres: hems.reduce((sum, hem) => sum + hem.lengthMm, 0) / 1000,
    wetNeedMin: group.wetNeedMin,
    wetWindowMin: group.wetWindowMin,
    why: group.why,
    tasks: tasksOf(setup, id, pulls),
  }
}

function tasksOf(setup: RoundSetup, id: string, pulls: readonly RoundPull[]): Task[] {
  const { room, step, crew, house, group, recipes } = setup
  const coating = coatOfStep(setup.shelf, step)
  const speed = crewSpeed(crew)
  const hems = group.work.flatMap((work) => work.hems)
  const acts = group.work.flatMap((work) => wetMinutes(work, recipes, house, step, speed))
  const sum = (pick: (act: (typeof acts)[number]) => number) =>
    Math.max(1, Math.ceil(acts.reduce((all, act) => all + pick(act), 0)))
  const masked = hems.filter((hem) => mannerOf(recipes.get(hem.id)) !== null)
  const wet = pulls.some((pull) => pull.manner === 'wet')
  const drySeals = hems.filter((hem) => (recipes.get(hem.id)?.sealDryMin ?? 0) > 0)
  const wetSeals = hems.filter((hem) => recipes.get(hem.id)?.seal === 'wiped sealant')
  const sealDryMin = Math.max(0, ...drySeals.map((hem) => recipes.get(hem.id)!.sealDryMin))
  const minutesFor = (perM: number, over: readonly { lengthMm: number }[]) =>
    Math.max(1, Math.ceil((over.reduce((all, hem) => all + hem.lengthMm, 0) / 1000 / speed) * perM))

  const base = {
    roomId: room.id,
    stepId: step.id,
    roundId: id,
    crewId: crew.id,
    coat: null,
    release: null,
    divisible: false,
  }
  // A round without hems (a ceiling whose edges a later colour covers) is ticked as a field.
  const all = hems.length > 0 ? hems.map((hem) => hem.id) : [`field:${id}`]
  const tasks: Task[] = []
  const add = (task: Omit<Task, keyof typeof base | 'block'> & Partial<Task>): string => {
    tasks.push({ block: task.id, ...base, ...task })
    return task.id
  }
  // A step that meets no hem still has its coats.
  let last: After[] = [...setup.layAfter]
  if (masked.length > 0) {
    const lay = add({
      id: `${id}/lay`,
      kind: 'lay',
      subjects: masked.map((hem) => hem.id),
      divisible: true,
      release: setup.layRelease,
      after: last,
      minutes: Math.max(1, Math.ceil(masked.reduce((all, hem) => all + layMinutes(setup, hem), 0) / speed)),
    })
    const clearMin = Math.max(0, ...masked.map((hem) => clearMinutes(setup, hem)))
    last = [{ taskId: lay, gap: clearMin > 0 ? { clock: 'drying', amount: clearMin } : { clock: 'plain', amount: 0 } }]
  }
  const sealAt = house.holdFirstCoat ? step.coats : 1
  for (let coat = 1; coat <= step.coats; coat++) {
    const block = coat === step.coats && wet ? `${id}/wet` : undefined
    if (coat === sealAt && drySeals.length > 0) {
      const seal = add({
        id: `${id}/seal`,
        kind: 'seal',
        subjects: drySeals.map((hem) => hem.id),
        after: last,
        minutes: minutesFor(house.rates.sealPerM, drySeals),
        divisible: true,
      })
      last = [...last, { taskId: seal, gap: { clock: 'drying', amount: sealDryMin } }]
    }
    if (coat === step.coats && wetSeals.length > 0) {
      const bead = add({
        id: `${id}/bead`,
        kind: 'seal',
        subjects: wetSeals.map((hem) => hem.id),
        after: last,
        minutes: sum((act) => act.seal),
        ...(block ? { block } : {}),
      })
      last = [{ taskId: bead, gap: { clock: 'plain', amount: 0 } }]
    }
    const done = add({
      id: `${id}/coat${coat}`,
      kind: 'coat',
      coat,
      subjects: all,
      after: last,
      minutes: Math.max(
        sum((act) => act.coat),
        block ? Math.ceil(group.settleMin) : 0,
      ),
      ...(block ? { block } : {}),
    })
    last = [{ taskId: done, gap: recoatGap(coating, coat < step.coats) }]
  }
  for (const pull of pulls) {
    const off = hems.filter((hem) => pull.hemIds.includes(hem.id))
    add({
      id: pull.taskId,
      kind: 'pull',
      subjects: pull.hemIds,
      after: [{ taskId: `${id}/coat${step.coats}`, gap: pullGap(pull, coating) }],
      minutes: minutesFor(pull.manner === 'peel' ? house.rates.peelPerM : house.rates.pullPerM, off),
      divisible: pull.manner !== 'wet',
      ...(pull.manner === 'wet' ? { block: `${id}/wet` } : {}),
    })
  }
  return tasks
}

/** Minutes one practised painter masks a hem in: tape laid and pressed, or a liquid put on its panes. */
function layMinutes({ recipes, house, shelf }: RoundSetup, hem: Hem): number {
  const recipe = recipes.get(hem.id)
  const { rates } = house
  const press = pressMinPerM(recipe?.pressing ?? 'tool', rates)
  if (!recipe?.liquidId) return ((rates.layPerM + press) * hem.lengthMm) / 1000
  const perM = liquidOf(shelf, recipe.liquidId).how === 'brush' ? rates.liquidBrushPerM : rates.liquidSprayPerM
  return (perM * hem.lengthMm) / 1000
}

function clearMinutes({ recipes, shelf }: RoundSetup, hem: Hem): number {
  const liquidId = recipes.get(hem.id)?.liquidId
  return liquidId ? liquidOf(shelf, liquidId).clearMin : 0
}

/** What a pull waits for after the last coat: nothing when wet, a hard film when dry, its hours when a mask is cut. */
function pullGap(pull: RoundPull, coating: Coating): After['gap'] {
  if (pull.manner === 'wet') return { clock: 'plain', amount: 0 }
  if (pull.manner === 'peel') return { clock: 'plain', amount: pull.afterH * 60 }
  return { clock: 'drying', amount: coating.hardDryMin }
}

const recoatGap = (coating: Coating, more: boolean): After['gap'] =>
  more ? { clock: 'drying', amount: coating.recoatMin } : { clock: 'plain', amount: 0 }
