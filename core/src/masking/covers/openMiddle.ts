import { isFace, type Cover, type Room } from '../../base/nouns'
import { facesOfStep } from '../../survey/rooms/faces'
import type { PlanPoint } from '../../survey/rooms/outline'
import { longestAngle, turn, type RowSpan } from './layFloor'
import { fieldSprays } from './mist'

/** From here on a gun that sprays walls is away, mm: people stand and walk nearer to the wall. From memory. */
const AWAY_MM = 1500
/** A middle narrower than this is not worth its own sheet and the tape round it, mm. From memory. */
const WORTH_MM = 4000
/** Paint that has dried on loose film flakes off in the gun's air: film lies for so many coats and no more, taut. Common practice. */
const MOST_COATS = 2

/** A rectangle in a floor's plan, in a frame turned by an angle. */
interface Rectangle {
  readonly angle: number
  readonly x: RowSpan
  readonly y: RowSpan
}

/** The middle of a floor and the strips of floor round it, as outlines, mm. */
export interface OpenMiddle {
  readonly middle: readonly PlanPoint[]
  readonly round: readonly (readonly PlanPoint[])[]
  /** What of an outline lies in the middle: a last panel of film is cut along. */
  readonly within: (corners: readonly PlanPoint[]) => PlanPoint[]
}

/**
 * The open middle of a rectangular floor that may lie under film, taped all round, where mist falls: far enough from every sprayed
 * wall that nobody stands there with the gun, large enough to be worth it, with nothing sprayed overhead and two coats at the most.
 * Null where paper goes over the whole floor. Common practice: film away from the gun, paper near it.
 *
 * @param ring  the floor's outline, mm
 * @param paper  what the rest is laid with; film that costs no less by the area is not taken
 */
export function openMiddle(
  room: Room,
  ring: readonly PlanPoint[],
  { paper, film }: { readonly paper: Cover; readonly film: Cover },
): OpenMiddle | null {
  const sprays = fieldSprays(room)
  const isOverhead = sprays.some((step) => facesOfStep(room, step).some((key) => isFace(key, 'ceiling')))
  const coats = sprays.reduce((sum, step) => sum + step.coats, 0)
  if (room.kind !== 'room' || isOverhead || coats > MOST_COATS || costPerMm2(film) >= costPerMm2(paper)) return null
  const whole = rectangleOf(ring)
  if (!whole) return null
  const [x, y] = [inside(whole.x), inside(whole.y)]
  if (Math.min(x.to - x.from, y.to - y.from) < WORTH_MM) return null
  const at = (xs: RowSpan, ys: RowSpan) => cornersOf({ angle: whole.angle, x: xs, y: ys })
  return {
    middle: at(x, y),
    round: [
      at(whole.x, { from: whole.y.from, to: y.from }),
      at(whole.x, { from: y.to, to: whole.y.to }),
      at({ from: whole.x.from, to: x.from }, y),
      at({ from: x.to, to: whole.x.to }, y),
    ],
    within: (corners) =>
      corners.map((corner) => {
        const point = turn(corner, -whole.angle)
        return turn({ x: clamped(point.x, x), y: clamped(point.y, y) }, whole.angle)
      }),
  }
}

const clamped = (value: number, { from, to }: RowSpan): number => Math.min(Math.max(value, from), to)

const inside = ({ from, to }: RowSpan): RowSpan => ({ from: from + AWAY_MM, to: to - AWAY_MM })

const costPerMm2 = ({ priceMinor, widthMm, lengthMm }: Cover): number => priceMinor / (widthMm * lengthMm)

const cornersOf = ({ angle, x, y }: Rectangle): PlanPoint[] =>
  [
    { x: x.from, y: y.from },
    { x: x.to, y: y.from },
    { x: x.to, y: y.to },
    { x: x.from, y: y.to },
  ].map((point) => turn(point, angle))

/** An outline as a rectangle along its longest wall; null where it is none. */
function rectangleOf(ring: readonly PlanPoint[]): Rectangle | null {
  const angle = longestAngle(ring)
  const turned = ring.map((point) => turn(point, -angle))
  const [xs, ys] = [turned.map(({ x }) => x), turned.map(({ y }) => y)]
  const [x, y] = [spanOf(xs), spanOf(ys)]
  const isAtCorner = (at: PlanPoint) => isEnd(at.x, x) && isEnd(at.y, y)
  return ring.length === 4 && turned.every(isAtCorner) ? { angle, x, y } : null
}

const spanOf = (values: readonly number[]): RowSpan => ({ from: Math.min(...values), to: Math.max(...values) })
const isEnd = (value: number, { from, to }: RowSpan): boolean =>
  Math.min(Math.abs(value - from), Math.abs(value - to)) < 1
