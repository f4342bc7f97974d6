import type { Room } from '../../base/nouns'
import { hasOwnAir, type JobClocks } from '../../nature/cure/areaClocks'
import type { PaintClock } from '../../nature/cure/paintClocks'
import type { RateClock } from '../../nature/cure/rateClock'
import type { Delay } from '../work'
import type { ClockDelay, ClockTable } from './problem'

/** Names the clocks of a job's areas, and remembers those that were asked for. */
export interface ClockBook {
  readonly delay: (delay: Delay, roomId: string) => ClockDelay
  readonly paint: (clock: PaintClock, roomId: string) => string
  readonly stay: (roomId: string) => string
  /** Tables of all clocks asked for so far, by name. */
  readonly tables: () => ClockTable[]
}

/** Rooms share one air, every elevation has its own, and so has a room whose air is held. */
export function clockBook(rooms: readonly Room[], clocks: (roomId: string) => JobClocks): ClockBook {
  const own = new Set(rooms.filter(hasOwnAir).map((room) => room.id))
  const found = new Map<string, RateClock>()
  const named = (name: string, roomId: string, clock: RateClock): string => {
    const id = `${name}@${own.has(roomId) ? roomId : 'rooms'}`
    if (!found.has(id)) found.set(id, clock)
    return id
  }
  const paint = (clock: PaintClock, roomId: string) => named(clock, roomId, clocks(roomId).paint(clock))
  return {
    paint,
    stay: (roomId) => named('stay', roomId, clocks(roomId).stay),
    delay(delay, roomId) {
      const { amount } = delay
      switch (delay.clock) {
        case 'plain':
          return { clock: null, amount }
        case 'cure':
          return {
            clock: named(`cure ${delay.filmFormingC}`, roomId, clocks(roomId).cureAt(delay.filmFormingC)),
            amount,
          }
        default:
          return { clock: paint(delay.clock, roomId), amount }
      }
    },
    tables: () =>
      [...found]
        .map(([id, { startMin, rates }]) => ({ id, startMin, rates }))
        .sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0)),
  }
}
