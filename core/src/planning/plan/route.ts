import type { WayMin } from '../problem/places'
import { firstPast } from '../../base/units/firstPast'
import { nth } from '../../base/units/sure'

/** Where from when to when. */
export interface Stop {
  readonly from: number
  readonly to: number
  readonly roomId: string
}

/** Where somebody, or something that is carried, is from when to when: stops in order of time, with the way between them. */
export class Route {
  private readonly stops: Stop[] = []

  constructor(private readonly way: WayMin) {}

  add(stop: Stop): void {
    this.stops.splice(this.place(stop.from), 0, stop)
  }

  /** The instant from which a stop is worth another look; its own start where it can be reached, and left again in time. */
  reached({ from, to, roomId }: Stop): number {
    const { stops, way } = this
    const i = this.place(from)
    const before = stops[i - 1]
    const ready = before ? before.to + way(before.roomId, roomId) : from
    if (ready > from) return ready
    const next = stops[i]
    return next && to + way(roomId, next.roomId) > next.from ? next.to + way(next.roomId, roomId) : from
  }

  /** Whether it has been nowhere yet. */
  get isNew(): boolean {
    return this.stops.length === 0
  }

  /** Whether it stands in a stop's room before it. */
  isAt({ from, roomId }: Stop): boolean {
    return this.stops[this.place(from) - 1]?.roomId === roomId
  }

  private place(from: number): number {
    return firstPast(this.stops.length, (i) => nth(this.stops, i).from > from)
  }
}
