import { type Opening, type PaintStep, type Room, said, type Shelf, face, writeFace } from '../ground'
import { stepOf, faceName } from '../survey/faces'
import { coversByKind, fromRoll, narrowestOver, type CoverNeed } from './coverNeed'
import { coverWidthMm, gunOf, oversprayMm } from './overspray'

/** What the gun's mist must not reach: glass and leaves, walls below a sprayed ceiling, a ceiling above sprayed walls. */
export function gunNeeds(room: Room, shelf: Shelf): CoverNeed[] {
  const sprayed = room.steps.filter((step) => step.tool === 'spray')
  if (sprayed.length === 0) return []
  return [
    ...leafNeeds(room, shelf),
    ...(sprays(sprayed, 'ceiling') ? wallNeeds(room, shelf) : []),
    ...(sprays(sprayed, 'walls', 'wall:') && !coatedLaterBySpray(room) ? ceilingNeeds(room, shelf) : []),
  ]
}

const sprays = (steps: readonly PaintStep[], group: string, single?: string): boolean =>
  steps.some((step) =>
    step.targets.some((target) => target === group || (single !== undefined && target.startsWith(single))),
  )

/** A ceiling that is sprayed together with the walls, or after them, hides what the walls' mist left on it. */
function coatedLaterBySpray(room: Room): boolean {
  const ceiling = stepOf(room, 'ceiling')
  const walls = room.walls.map((wall) => stepOf(room, face('wall', wall.id))?.index ?? -1)
  return ceiling?.step.tool === 'spray' && ceiling.index >= Math.max(...walls)
}

/** A leaf that is kept, or has its colour before the last gun comes. */
function isKeptFromGun(room: Room, opening: Opening): boolean {
  const own = stepOf(room, face('leaf', opening.id))
  const lastSpray = room.steps.reduce((last, step, i) => (step.tool === 'spray' ? i : last), -1)
  return own === null || own.index < lastSpray
}

/** Windows and door leaves: film cut to the opening, taped all round, so it may face the gun for two coats. */
function leafNeeds(room: Room, shelf: Shelf): CoverNeed[] {
  const { film } = coversByKind(shelf)
  return room.openings
    .filter((opening) => opening.leaf && isKeptFromGun(room, opening))
    .flatMap((opening) => {
      // From tape to tape: over a casing that is kept as well.
      const rim = 2 * opening.casingMm
      const [wide, high] = [opening.widthMm + rim, opening.heightMm + rim]
      const cover = narrowestOver(film, Math.min(high, wide))
      if (!cover) return []
      const place = { roomId: room.id, what: opening.name, hold: 'taut', why: said('cover.taut') } as const
      return [fromRoll(place, cover, high * wide, Math.max(high, wide))]
    })
}

/** Walls that keep their colour below a sprayed ceiling: film of the wall's drop hung from the line. */
function wallNeeds(room: Room, shelf: Shelf): CoverNeed[] {
  const { film } = coversByKind(shelf)
  return room.walls
    .filter((wall) => {
      const step = stepOf(room, face('wall', wall.id))
      const ceiling = stepOf(room, 'ceiling')
      return !step || (ceiling !== null && step.index < ceiling.index)
    })
    .flatMap((wall) => {
      const cover = narrowestOver(film, room.heightMm) ?? film.at(-1)
      const place = {
        roomId: room.id,
        what: faceName(room, face('wall', wall.id)),
        hold: 'hung',
        why: said('cover.hung'),
      } as const
      return cover ? [fromRoll(place, cover, wall.lengthMm * room.heightMm, wall.lengthMm)] : []
    })
}

/** A dry ceiling or a soffit above sprayed walls: film opened across as far as mist drifts. */
function ceilingNeeds(room: Room, shelf: Shelf): CoverNeed[] {
  const { film } = coversByKind(shelf)
  const wide = coverWidthMm(oversprayMm(gunOf(shelf), false, 0))
  const cover = narrowestOver(film, wide) ?? film.at(-1)
  if (!cover) return []
  const run = room.walls.filter((wall) => !wall.free).reduce((sum, wall) => sum + wall.lengthMm, 0)
  const what = faceName(room, writeFace({ kind: 'ceiling', id: null }))
  const place = { roomId: room.id, what, hold: 'hung', why: said('cover.across', { wide }) } as const
  return run > 0 ? [fromRoll(place, cover, run * Math.min(cover.widthMm, wide), run)] : []
}
