import { MIN_PER_DAY } from '../../base/units/time'
import { isFace, type FaceKey, type PaintStep, type Shelf } from '../../base/nouns'
import { coatOfStep } from '../../nature/cure/film'
import { filmClockOf, surfaceClockOf } from '../../nature/cure/paintClocks'
import { faceOf, facesOfStep } from '../../survey/rooms/faces'
import { AT_ONCE, type Activity, type Delay, type Lag } from './activity'
import type { GunRuns } from './houseOrder'
import type { Wait } from './roundWork'
import { freeingActs, lastCoats, peelActs, type StepDone } from './touching'
import { atOnce, lagsTo, waitsFor } from './waits'
import {
  gunDown,
  gunUp,
  prepped,
  roomCover,
  roomLook,
  roomPrep,
  roomUncover,
  stepCover,
  stepMark,
  stepUncover,
  type WholeSetup,
} from './wholeActs'

interface Ends {
  readonly activities: readonly Activity[]
  readonly lags: readonly Lag[]
  /** What masking or coating waits for that meets some faces of the room, or any of them for null. */
  readonly waits: (faces: ReadonlySet<FaceKey> | null) => readonly Wait[]
}

/**
 * How a room begins. Inside, floors are covered before anything is made ready on them; outside a front is washed and left to
 * dry for days before paper lies below it.
 */
export function beginRoom(setup: WholeSetup): Ends {
  const { room } = setup
  const [cover, prep] = [roomCover(setup), roomPrep(setup)]
  if (!prep) return { activities: [cover], lags: [], waits: () => waitsFor([cover]) }
  const dried = (faces: ReadonlySet<FaceKey> | null): Wait => ({ from: prep.id, min: dryingAfter(setup, faces) })
  if (room.kind === 'elevation')
    return { activities: [prep, cover], lags: lagsTo(cover, [dried(null)]), waits: () => waitsFor([cover]) }
  return { activities: [cover, prep], lags: lagsTo(prep, waitsFor([cover])), waits: (faces) => [dried(faces)] }
}

/** How long what was washed or primed is left: a floor that dries holds up nobody at a wall. */
function dryingAfter({ room, parameters }: WholeSetup, faces: ReadonlySet<FaceKey> | null): Delay {
  const met = prepped(room).filter((key) => faces === null || faces.has(key))
  const done = new Set(met.flatMap((key) => faceOf(room, key).prep))
  if (room.kind === 'elevation' && done.has('wash'))
    return { clock: 'plain', amount: parameters.work.washDryDays.value * MIN_PER_DAY }
  if (done.has('prime')) return { clock: 'drying', amount: parameters.work.primedMin.value }
  if (done.has('wash') || done.has('degrease')) return { clock: 'drying', amount: parameters.work.washedMin.value }
  return AT_ONCE
}

/**
 * How a room ends. Inside, lines are looked at and touched up while floors are still covered, once each colour is touch-dry where it
 * was put on; outside everything is unmasked the same day, and looked at the next.
 */
export function endRoom(setup: WholeSetup, shelf: Shelf, through: readonly StepDone[]): Omit<Ends, 'waits'> {
  const { room } = setup
  const [look, uncover] = [roomLook(setup), roomUncover(setup)]
  const last = through.flatMap(({ rounds, uncover: own }) => [
    ...rounds.flatMap((work) => [...freeingActs(work), ...peelActs(work)]).map(atOnce),
    ...waitsFor([own]),
  ])
  if (!look) return { activities: [uncover], lags: lagsTo(uncover, last) }
  if (room.kind === 'elevation') {
    const nextDay: Wait = { from: uncover.id, min: { clock: 'plain', amount: setup.parameters.work.nextDayMin.value } }
    return { activities: [uncover, look], lags: [...lagsTo(uncover, last), ...lagsTo(look, [nextDay])] }
  }
  const dried = through.flatMap((done) => {
    const coating = coatOfStep(shelf, done.step)
    // Nobody looks along a line from a floor that cannot be walked on yet.
    const min: Delay = facesOfStep(room, done.step).some((key) => isFace(key, 'floor'))
      ? { clock: filmClockOf(coating), amount: coating.hardDryMin }
      : { clock: surfaceClockOf(coating), amount: coating.touchDryMin }
    return lastCoats(room, done).map(({ act }): Wait => ({ from: act.id, min }))
  })
  return {
    activities: [look, uncover],
    lags: [...lagsTo(look, [...last, ...dried]), ...lagsTo(uncover, waitsFor([look]))],
  }
}

/** What one colour needs as a whole besides its rounds. */
interface StepWhole {
  readonly mark: Activity | null
  readonly cover: Activity | null
  readonly gunUp: Activity | null
  readonly gunDown: Activity | null
  readonly uncover: Activity | null
}

export const stepWhole = (setup: WholeSetup, step: PaintStep, guns: GunRuns): StepWhole => ({
  mark: stepMark(setup, step),
  cover: stepCover(setup, step),
  gunUp: guns.begins(setup.room.id, step) ? gunUp(setup, step) : null,
  gunDown: guns.ends(setup.room.id, step) ? gunDown(setup, step) : null,
  uncover: stepUncover(setup, step),
})
