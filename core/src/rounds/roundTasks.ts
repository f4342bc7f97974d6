import { coatOfStep } from '../cure/film'
import type { Coating, Shelf } from '../catalogue/types'
import type { Recipe } from '../recipes/recipe'
import { crewSpeed } from '../schedule/calendar'
import type { Crew, HouseRules, PaintStep, Room } from '../survey/types'
import type { WallGroup } from './groupRounds'
import type { After, Round, Task } from './round'
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
  const { room, step, crew, house, group } = setup
  const hems = group.work.flatMap((work) => work.hems)
  const wallIds = group.work.map((work) => work.wallId)
  const id = `${room.id}/${step.id}/${wallIds.join('+')}`
  const names = wallIds.map((wallId) => room.walls.find((wall) => wall.id === wallId)!.name)
  const whole = wallIds.length === room.walls.length
  return {
    id,
    name: whole ? `${step.name}, all round` : `${step.name}, wall ${names.join(', ')}`,
    roomId: room.id,
    stepId: step.id,
    crewId: crew.id,
    wallIds,
    hemIds: hems.map((hem) => hem.id),
    wet: house.pull === 'wet',
    metres: hems.reduce((sum, hem) => sum + hem.lengthMm, 0) / 1000,
    wetNeedMin: group.wetNeedMin,
    wetWindowMin: group.wetWindowMin,
    why: group.why,
    tasks: tasksOf(setup, id),
  }
}

function tasksOf(setup: RoundSetup, id: string): Task[] {
  const { room, step, crew, house, group, recipes } = setup
  const coating = coatOfStep(setup.shelf, step)
  const speed = crewSpeed(crew)
  const hems = group.work.flatMap((work) => work.hems)
  const acts = group.work.flatMap((work) => wetMinutes(work, recipes, house, step, speed))
  const sum = (pick: (act: (typeof acts)[number]) => number) =>
    Math.max(1, Math.ceil(acts.reduce((all, act) => all + pick(act), 0)))
  const metres = hems.reduce((all, hem) => all + hem.lengthMm, 0) / 1000
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
  if (metres > 0) {
    const lay = add({
      id: `${id}/lay`,
      kind: 'lay',
      subjects: all,
      divisible: true,
      release: setup.layRelease,
      after: last,
      minutes: minutesFor(house.rates.layPerM + house.rates.pressPerM, hems),
    })
    last = [{ taskId: lay, gap: { clock: 'plain', amount: 0 } }]
  }
  const sealAt = house.holdFirstCoat ? step.coats : 1
  for (let coat = 1; coat <= step.coats; coat++) {
    const block = coat === step.coats && house.pull === 'wet' ? `${id}/wet` : undefined
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
  if (metres > 0) {
    const wet = house.pull === 'wet'
    const after: After[] = wet
      ? [{ taskId: `${id}/coat${step.coats}`, gap: { clock: 'plain', amount: 0 } }]
      : [{ taskId: `${id}/coat${step.coats}`, gap: { clock: 'drying', amount: coating.hardDryMin } }]
    add({
      id: `${id}/pull`,
      kind: 'pull',
      subjects: all,
      after,
      minutes: sum((act) => act.pull),
      divisible: !wet,
      ...(wet ? { block: `${id}/wet` } : {}),
    })
  }
  return tasks
}

const recoatGap = (coating: Coating, more: boolean): After['gap'] =>
  more ? { clock: 'drying', amount: coating.recoatMin } : { clock: 'plain', amount: 0 }
