import { nth } from '../../base/units/sure'
import type { Stretch } from '../../nature/calendar/calendar'
import { freeTime, type FreeTime } from './freeTime'

/** Free time of a crew, as a whole and of each of its people: whoever is at something by himself leaves the others free. */
export interface CrewTime {
  /** When all of them are free. */
  readonly all: FreeTime
  /** When so many of them are free; null stands for all. */
  readonly of: (hands: number | undefined) => FreeTime
  readonly take: (slot: Stretch, hands: number | undefined) => void
}

/**
 * @param people  how many there are who may work by themselves; one is the whole crew
 * @param stayOn  how long they stay past the end of each stretch to finish what is not broken off, min
 */
export function crewTime(stretches: readonly Stretch[], people: number, stayOn: readonly number[] = []): CrewTime {
  const all = freeTime(stretches, stayOn)
  const each = people > 1 ? Array.from({ length: people }, () => freeTime(stretches, stayOn)) : []
  const alone = anyOf(each)
  return {
    all,
    of: (hands) => (hands === undefined || hands >= people ? all : alone),
    take(slot, hands) {
      all.take(slot)
      if (hands === undefined || hands >= people) {
        for (const own of each) own.take(slot)
        return
      }
      const free = each.filter((own) => isFree(own, slot))
      // Whoever is through with something just then goes on: the others stay free for what takes more of them.
      const busyBefore = free.filter((own) => !isFree(own, { from: slot.from - 1, to: slot.from }))
      for (const own of [...busyBefore, ...free.filter((one) => !busyBefore.includes(one))].slice(0, hands))
        own.take(slot)
    },
  }
}

const isFree = (time: FreeTime, { from, to }: Stretch): boolean => time.firstSlot(from, to - from)?.from === from

/** The free time of whoever of several people is free first. */
const anyOf = (each: readonly FreeTime[]): FreeTime => ({
  firstSlot: (ready, minutes) => first(each.map((own) => own.firstSlot(ready, minutes))),
  firstPieces(ready, minutes, least) {
    const found = each.flatMap((own) => {
      const pieces = own.firstPieces(ready, minutes, least)
      return pieces ? [pieces] : []
    })
    return found.reduce<Stretch[] | null>(
      (best, pieces) => (!best || nth(pieces, pieces.length - 1).to < nth(best, best.length - 1).to ? pieces : best),
      null,
    )
  },
  take: () => {
    throw new TypeError('anyOf.take: expected a slot to be taken of somebody')
  },
})

const first = (slots: readonly (Stretch | null)[]): Stretch | null =>
  slots.reduce((best, slot) => (slot && (!best || slot.from < best.from) ? slot : best), null)
