import {
  faceKeys,
  groupOf,
  hasFace,
  stepOf,
  TARGET_GROUPS,
  face,
  type Coating,
  type PaintStep,
  type Room,
} from '@crisp-hem/core'
import type { Pick } from '../../app/drawing/pick'
import { W } from '../../app/words'
import { freeId } from './things'

/** A grey that nobody paints a wall in: it asks to be changed. */
const NEW_SWATCH = '#9aa3a8'

/** The face that is picked, where one is; things stand for what of them is painted. */
function pickedFace(room: Room, pick: Pick): string | null {
  const key =
    pick.kind === 'face'
      ? pick.key
      : pick.kind === 'band'
        ? face('band', pick.id)
        : pick.kind === 'piece'
          ? face('piece', pick.id)
          : pick.kind === 'opening'
            ? [face('leaf', pick.id), face('casing', pick.id)].find((each) => isPaintable(room, each))
            : undefined
  return key !== undefined && isPaintable(room, key) ? key : null
}

const isPaintable = (room: Room, key: string): boolean => hasFace(room, key) && faceKeys(room).includes(key)

/**
 * A step for what is picked: with the coating, tool and coats by which it would be painted so far, so that only the colour is to
 * be said. With nothing picked, for the first group that nobody paints yet, else for the walls once more.
 */
export function newStep(room: Room, pick: Pick, coatings: readonly Coating[]): PaintStep | null {
  const key = pickedFace(room, pick)
  const group = key === null ? (unpainted(room) ?? 'walls') : groupOf(key)
  // Groups and faces that go by group's name are told by it; a single wall, door or band by itself.
  const target = key === null || key === group ? group : key
  const like = key === null ? stepFor(room, group) : (stepOf(room, key)?.step ?? stepFor(room, group))
  const coating = coatings.find(({ id }) => id === like?.coatingId) ?? coatings[0]
  if (!coating) return null
  return {
    id: freeId('s', room.steps),
    name: W.walk.step,
    targets: [target],
    coatingId: coating.id,
    // What is picked gets a colour of its own: in the old one there would be no line to see.
    colour: key !== null ? W.walk.newColour : (like?.colour ?? 'White'),
    swatch: key !== null ? NEW_SWATCH : (like?.swatch ?? '#ffffff'),
    tool: like?.tool ?? (group === 'walls' || group === 'ceiling' ? 'roller' : 'brush'),
    coats: like?.coats ?? 2,
  }
}

/** The last step that paints a group, or what is nearest to it: trim goes by trim, all else by walls. */
function stepFor(room: Room, group: string): PaintStep | undefined {
  const near = ['skirting', 'casings', 'leaves', 'pieces'].includes(group)
    ? ['skirting', 'casings', 'leaves', 'pieces']
    : [group, 'walls']
  return (
    room.steps.findLast(({ targets }) => targets.includes(group)) ??
    room.steps.findLast(({ targets }) => targets.some((target) => near.includes(target)))
  )
}

/** The first group of which there is something and nothing is painted. */
const unpainted = (room: Room): string | null =>
  TARGET_GROUPS.filter((group) => group !== 'floor').find((group) => {
    const own = faceKeys(room).filter((key) => groupOf(key) === group)
    return own.length > 0 && own.every((key) => stepOf(room, key) === null)
  }) ?? null

/**
 * The targets of a step with one of them ticked or not. A face that is painted with its group is taken out by naming the
 * others; null where nothing would be left to paint.
 */
export function toggled(room: Room, step: PaintStep, target: string, on: boolean): readonly string[] | null {
  if (on) return step.targets.includes(target) ? step.targets : [...step.targets, target]
  const left = step.targets.filter((each) => each !== target)
  const group = groupOf(target)
  const isOfGroup = group !== target && left.includes(group)
  const others = faceKeys(room).filter((key) => groupOf(key) === group && key !== target)
  const next = isOfGroup ? [...left.filter((each) => each !== group), ...others] : left
  return next.length > 0 ? [...new Set(next)] : null
}
