import { nth } from '../../base/units/sure'

/** A place on a wall: from its left end, up from the floor, mm. */
export interface OnWall {
  readonly x: number
  readonly y: number
}

/**
 * What of a ring lies where a depth is not less than nothing: Sutherland and Hodgman's cut by one line. A ring that bends in may come
 * back with sides that run there and back along the line; its area is right all the same.
 */
export const cutRing = (ring: readonly OnWall[], depth: (p: OnWall) => number): OnWall[] =>
  ring.flatMap((b, i): OnWall[] => {
    const a = nth(ring, (i + ring.length - 1) % ring.length)
    const [da, db] = [depth(a), depth(b)]
    const share = da / (da - db)
    const meets = da >= 0 !== db >= 0 ? [{ x: a.x + share * (b.x - a.x), y: a.y + share * (b.y - a.y) }] : []
    return db >= 0 ? [...meets, b] : meets
  })
