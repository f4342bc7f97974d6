import { isFace, type FaceKey, type PaintStep, type Shelf } from '../../base/nouns'
import { coatOfStep } from '../../nature/cure/film'
import { filmClockOf, surfaceClockOf } from '../../nature/cure/paintClocks'
import { facesOfStep } from '../../survey/rooms/faces'
import type { Activity, Delay, Lag } from './activity'
import type { GunRuns } from './houseOrder'
import { makingReady } from './makingReady'
import type { Wait } from './roundWork'
import { freeingActs, lastCoats, stayingActs, type StepDone } from './touching'
import { atOnce, lagsTo, waitsFor } from './waits'
import {
  gunDown,
  gunUp,
  roomCover,
  roomLook,
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
  const cover = roomCover(setup)
  const { activities, lags, waits } = makingReady(setup)
  const [first] = activities
  if (!first) return { activities: [cover], lags: [], waits: () => waitsFor([cover]) }
  if (setup.room.kind === 'elevation')
    return {
      activities: [...activities, cover],
      lags: [...lags, ...lagsTo(cover, waits(null))],
      waits: () => waitsFor([cover]),
    }
  return { activities: [cover, ...activities], lags: [...lags, ...lagsTo(first, waitsFor([cover]))], waits }
}

/**
 * How a room ends. Lines are looked at and touched up once each colour is touch-dry where it was put on: inside while floors are still
 * covered, outside when everything is unmasked, the same day or on another, whichever is cheaper. Common practice, no published source.
 */
export function endRoom(setup: WholeSetup, shelf: Shelf, through: readonly StepDone[]): Omit<Ends, 'waits'> {
  const { room } = setup
  const [look, uncover] = [roomLook(setup), roomUncover(setup)]
  const last = through.flatMap(({ rounds, uncover: own }) => [
    ...rounds.flatMap((work) => [...freeingActs(work), ...stayingActs(work)]).map(atOnce),
    ...waitsFor([own]),
  ])
  if (!look) return { activities: [uncover], lags: lagsTo(uncover, last) }
  const dried = through.flatMap((done) => {
    const coating = coatOfStep(shelf, done.step)
    // Nobody looks along a line from a floor that cannot be walked on yet.
    const min: Delay = facesOfStep(room, done.step).some((key) => isFace(key, 'floor'))
      ? { clock: filmClockOf(coating), amount: coating.hardDryMin }
      : { clock: surfaceClockOf(coating), amount: coating.touchDryMin }
    return lastCoats(room, done).map(({ act }): Wait => ({ from: act.id, min }))
  })
  if (room.kind === 'elevation')
    return {
      activities: [uncover, look],
      lags: [...lagsTo(uncover, last), ...lagsTo(look, [...waitsFor([uncover]), ...dried])],
    }
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
