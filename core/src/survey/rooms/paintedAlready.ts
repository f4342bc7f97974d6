import {
  isFace,
  readFace,
  type Face,
  type FaceKey,
  type LastCoat,
  type PaintStep,
  type Room,
  type Tool,
} from '../../base/nouns'
import { faceKeys } from './faces'

/** What a room may have its colour on already, as a painter is asked for it. */
export const PAINTED_PARTS = ['ceiling', 'trim', 'walls'] as const
export type PaintedPart = (typeof PAINTED_PARTS)[number]

/** Brush on trim and roller elsewhere, as usual, or all of it sprayed. */
export const PAINTED_HOWS = ['by-hand', 'sprayed'] as const
export type PaintedHow = (typeof PAINTED_HOWS)[number]

const TARGETS: Readonly<Record<PaintedPart, readonly string[]>> = {
  ceiling: ['ceiling'],
  trim: ['skirting', 'casings'],
  walls: ['walls'],
}

/**
 * A room some of whose parts were painted before this job: their steps go, and their faces get that step's colour as the
 * finish that lies there, so that tape knows how young it is.
 *
 * @param at  when, ISO UTC; null where nobody knows
 */
export function paintedAlready(
  room: Room,
  parts: readonly PaintedPart[],
  at: string | null,
  how: PaintedHow = 'by-hand',
): Room {
  const targets = new Set(parts.flatMap((part) => TARGETS[part]))
  const done = room.steps.filter((step) => step.targets.every((target) => targets.has(target)))
  const finished = faceKeys(room).reduce((before, key) => {
    const step = done.find((each) => each.targets.includes(groupName(key)))
    return step ? withFinish(before, key, step, { at, tool: how === 'sprayed' ? 'spray' : step.tool }) : before
  }, room)
  return { ...finished, steps: room.steps.filter((step) => !done.includes(step)) }
}

const groupName = (key: FaceKey): string => {
  if (isFace(key, 'wall')) return 'walls'
  return isFace(key, 'casing') ? 'casings' : key
}

function withFinish(room: Room, key: FaceKey, step: PaintStep, when: { at: string | null; tool: Tool }): Room {
  const last: LastCoat = { ...when, coatingId: step.coatingId, coats: step.coats, tempC: null, rh: null }
  const finish = (face: Face): Face => ({ ...face, colour: step.colour, swatch: step.swatch, last })
  const id = readFace(key)?.id ?? null
  if (key === 'ceiling') return { ...room, ceiling: finish(room.ceiling) }
  if (key === 'skirting')
    return { ...room, skirting: room.skirting && { ...room.skirting, face: finish(room.skirting.face) } }
  if (isFace(key, 'wall'))
    return { ...room, walls: room.walls.map((wall) => (wall.id === id ? { ...wall, face: finish(wall.face) } : wall)) }
  return {
    ...room,
    openings: room.openings.map((opening) =>
      opening.id === id && opening.casing ? { ...opening, casing: finish(opening.casing) } : opening,
    ),
  }
}
