import {
  type Opening,
  type PaintStep,
  type Room,
  said,
  type Shelf,
  face,
  roughLength,
  writeFace,
} from '../../base/nouns'
import type { UnitSystem } from '../../base/units/length'
import { skirtingRunMm } from '../../survey/rooms/trim'
import { stepOf, faceName } from '../../survey/rooms/faces'
import { coversByKind, fromRoll, narrowestOver, rolledOff, type CoverNeed } from './coverNeed'
import { mistReaches } from './mist'
import { coverWidthMm, gunOf, oversprayMm } from './overspray'

/** What the gun's mist must not reach: glass and leaves, walls below a sprayed ceiling, a ceiling above sprayed walls. */
export function gunNeeds(room: Room, shelf: Shelf, units: UnitSystem): CoverNeed[] {
  const sprayed = room.steps.filter((step) => step.tool === 'spray')
  if (sprayed.length === 0) return []
  return [
    ...leafNeeds(room, shelf),
    ...wallNeeds(room, shelf, idsOf(spraying(sprayed, 'ceiling'))),
    ...skirtingNeeds(room, shelf, spraying(sprayed, 'ceiling')),
    ...(coatedLaterBySpray(room) ? [] : ceilingNeeds(room, shelf, units, idsOf(spraying(sprayed, 'walls', 'wall:')))),
  ]
}

const spraying = (steps: readonly PaintStep[], group: string, single?: string): PaintStep[] =>
  steps.filter((step) =>
    step.targets.some((target) => target === group || (single !== undefined && target.startsWith(single))),
  )

const idsOf = (steps: readonly PaintStep[]): string[] => steps.map((step) => step.id)

/** A ceiling that is sprayed together with the walls, or after them, hides what the walls' mist left on it. */
function coatedLaterBySpray(room: Room): boolean {
  const ceiling = stepOf(room, 'ceiling')
  const walls = room.walls.map((wall) => stepOf(room, face('wall', wall.id))?.index ?? -1)
  return ceiling?.step.tool === 'spray' && ceiling.index >= Math.max(...walls)
}

/** Sprayed colours whose mist gets as far as a leaf: all of them, or those that come once it has its own. */
function sprayedBeside(room: Room, shelf: Shelf, opening: Opening): PaintStep[] {
  const own = stepOf(room, face('leaf', opening.id))
  return room.steps.filter(
    (step, i) => step.tool === 'spray' && (own === null || own.index < i) && mistReaches(room, shelf, step, opening),
  )
}

/** Whether a casing has all its colour before a step, or gets none: it goes under the film. What is to be painted stays bare. */
function isCasingKept(room: Room, opening: Opening, first: PaintStep): boolean {
  const step = stepOf(room, face('casing', opening.id))
  return step === null || step.index < room.steps.indexOf(first)
}

/** Windows and door leaves: film cut to the opening, taped all round, so it may face the gun for two coats. */
function leafNeeds(room: Room, shelf: Shelf): CoverNeed[] {
  const { film } = coversByKind(shelf)
  return room.openings
    .filter((opening) => opening.leaf !== null)
    .flatMap((opening) => {
      const steps = sprayedBeside(room, shelf, opening)
      const [first] = steps
      if (!first) return []
      const stepIds = idsOf(steps)
      // From tape to tape: over a casing that is kept as well.
      const rim = isCasingKept(room, opening, first) ? 2 * opening.casingMm : 0
      const [wide, high] = [opening.widthMm + rim, opening.heightMm + rim]
      const cover = narrowestOver(film, Math.min(high, wide))
      if (!cover) return []
      const place = { roomId: room.id, what: opening.name, hold: 'taut', why: said('cover.taut'), stepIds } as const
      return [fromRoll(place, cover, high * wide, rolledOff(Math.max(high, wide), cover))]
    })
}

/** Walls that keep their colour below a sprayed ceiling: film of the wall's drop hung from the line. */
function wallNeeds(room: Room, shelf: Shelf, stepIds: readonly string[]): CoverNeed[] {
  if (stepIds.length === 0) return []
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
        stepIds,
      } as const
      return cover ? [fromRoll(place, cover, wall.lengthMm * room.heightMm, rolledOff(wall.lengthMm, cover))] : []
    })
}

/** A dry ceiling or a soffit above sprayed walls: film opened across as far as mist drifts. */
function ceilingNeeds(room: Room, shelf: Shelf, units: UnitSystem, stepIds: readonly string[]): CoverNeed[] {
  if (stepIds.length === 0) return []
  const { film } = coversByKind(shelf)
  const wide = coverWidthMm(oversprayMm(gunOf(shelf), false, 0))
  const cover = narrowestOver(film, wide) ?? film.at(-1)
  if (!cover) return []
  const walls = room.walls.filter((wall) => !wall.free)
  const run = walls.reduce((sum, wall) => sum + wall.lengthMm, 0)
  const cuts = walls.flatMap((wall) => rolledOff(wall.lengthMm, cover))
  const what = faceName(room, writeFace({ kind: 'ceiling', id: null }))
  const place = {
    roomId: room.id,
    what,
    hold: 'hung',
    why: said('cover.across', { wide: roughLength(wide, units) }),
    stepIds,
  } as const
  return run > 0 ? [fromRoll(place, cover, run * Math.min(cover.widthMm, wide), cuts)] : []
}

/** How far paper stands over a skirting, mm. From memory. */
const OVER_SKIRTING_MM = 50

/** A skirting that is kept, or has its colour, below a ceiling that is sprayed while its wall is still bare: fall-out settles on it. */
function skirtingNeeds(room: Room, shelf: Shelf, ceilings: readonly PaintStep[]): CoverNeed[] {
  const [first] = ceilings
  const high = room.skirting?.heightMm ?? 0
  if (!first || high === 0 || room.kind !== 'room') return []
  const index = room.steps.indexOf(first)
  const step = stepOf(room, 'skirting')
  if (step && step.index > index) return []
  const bare = room.walls.filter((wall) => (stepOf(room, face('wall', wall.id))?.index ?? -1) > index)
  const run = bare.reduce((sum, wall) => sum + skirtingRunMm(room, wall.id), 0)
  const { paper, film } = coversByKind(shelf)
  const cover = narrowestOver([...paper, ...film], high + OVER_SKIRTING_MM)
  if (!cover || run === 0) return []
  const what = faceName(room, writeFace({ kind: 'skirting', id: null }))
  const place = { roomId: room.id, what, hold: 'taut', why: said('cover.fall_out'), stepIds: idsOf(ceilings) } as const
  return [fromRoll(place, cover, run * (high + OVER_SKIRTING_MM), rolledOff(run, cover))]
}
