import type { ActivityId, FaceKey, PaintStep, Room } from '../../base/nouns'
import { isFace, readFace } from '../../base/nouns'
import type { Hem } from '../../survey/hems/deriveHems'
import { facesOfStep, lastCoatOf } from '../../survey/rooms/faces'
import type { Activity } from './activity'
import type { RoundWork, Wait } from './roundWork'
import { atOnce, waitsFor } from './waits'

/** One colour of a room with what is done in it. */
export interface StepDone {
  readonly step: PaintStep
  readonly rounds: readonly RoundWork[]
  /** Its own covers coming off, if it has any. */
  readonly uncover: Activity | null
}

/** The last coats of a colour, and fields of them, with the walls of their rounds. */
export const lastCoats = (
  room: Room,
  { step, rounds }: Pick<StepDone, 'step' | 'rounds'>,
): { readonly act: Activity; readonly wallIds: readonly string[] }[] =>
  rounds.flatMap(({ round, activities }) =>
    activities.filter((act) => act.coat === lastCoatOf(room, step)).map((act) => ({ act, wallIds: round.wallIds })),
  )

interface TouchSetup {
  readonly room: Room
  readonly hems: readonly Hem[]
  readonly step: PaintStep
  /** Walls of the round that waits; null for all. */
  readonly wallIds: ReadonlySet<string> | null
}

/**
 * What masking for a colour waits for of the colours before it: of one that it touches, the rounds along the same walls; all of one
 * that is sprayed, and of a ceiling above walls or a wall above a floor, since those drip. Colours that neither touch nor drip on
 * one another do not wait: skirtings do not mind the second coat of a ceiling.
 */
export function freedBefore(setup: TouchSetup, through: readonly StepDone[]): Wait[] {
  return through.flatMap((done) => {
    const isAll = bindsWhole(setup, done.step)
    if (!isAll && !doTouch(setup, done.step)) return []
    const rounds = isAll ? done.rounds : done.rounds.filter(({ round }) => meets(setup.wallIds, round.wallIds))
    return [...rounds.flatMap(freeingActs).map(atOnce), ...waitsFor([done.uncover])]
  })
}

/** Activities of a round that come last in it, but for what stays on while work goes on beside it. */
export function freeingActs(work: RoundWork): string[] {
  const staying = new Set(stayingActs(work))
  const held = new Set(work.lags.filter((lag) => !staying.has(lag.to)).map((lag) => lag.from))
  return work.activities.map((act) => act.id).filter((id) => !staying.has(id) && !held.has(id))
}

/** Pulls that nothing else of the room waits for: a liquid mask on its panes for a day, tape on a floor until the walls are done. */
export const stayingActs = ({ round }: RoundWork): ActivityId[] =>
  round.pulls.filter((pull) => pull.manner === 'peel' || pull.stays).map((pull) => pull.taskId)

const meets = (wallIds: ReadonlySet<string> | null, others: readonly string[]): boolean =>
  wallIds === null || others.some((id) => wallIds.has(id))

/** Whether a colour has to be through as a whole: mist goes everywhere, and paint falls. */
function bindsWhole({ room, step }: TouchSetup, before: PaintStep): boolean {
  if (before.tool === 'spray' || step.tool === 'spray') return true
  const [above, below] = [facesOfStep(room, before), facesOfStep(room, step)]
  if (below.some((key) => isFace(key, 'floor'))) return true
  return above.some((key) => isFace(key, 'ceiling')) && below.some(isOfWall)
}

const isOfWall = (key: FaceKey): boolean => isFace(key, 'wall') || isFace(key, 'band')

/** Whether two colours share a face or meet at an edge. */
function doTouch({ room, hems, step }: TouchSetup, before: PaintStep): boolean {
  const [own, others] = [new Set(facesOfStep(room, step)), new Set(facesOfStep(room, before))]
  if ([...own].some((key) => others.has(key))) return true
  return hems.some(({ keep, paint }) => (own.has(keep) && others.has(paint)) || (own.has(paint) && others.has(keep)))
}

/** Walls at which a face is coated: its own, or those its line runs along. */
export function wallsOfFace(room: Room, key: FaceKey, hem: Hem): ReadonlySet<string> {
  const ref = readFace(key)
  if (ref?.kind === 'wall' && ref.id !== null) return new Set([ref.id])
  const standing = [...room.openings, ...room.pieces].find(({ id }) => id === ref?.id)
  return new Set(standing?.wallId ? [standing.wallId] : hem.segments.map(({ wallId }) => wallId))
}
