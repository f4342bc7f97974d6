import { nth } from '../../base/units/sure'
import type { Stretch } from '../../nature/calendar/calendar'
import { freeTime, type FreeTime } from './freeTime'

type FreeSlots = Pick<FreeTime, 'firstSlot' | 'firstPieces'>

/** Free time of a crew, as a whole and of its people: whoever is at something leaves the others free. */
export interface CrewTime {
  /** When so many of them are free, all where it is left out. */
  readonly of: (hands: number | undefined) => FreeSlots
  readonly take: (slot: Stretch, hands: number | undefined) => void
}

/**
 * Work takes all of a crew, one of it, or all but one: the first is then who holds the gun.
 *
 * @param people  how many there are who may be at different things; one is the whole crew
 * @param stayOn  how long they stay past the end of each stretch to finish what is not broken off, min
 */
export function crewTime(stretches: readonly Stretch[], people: number, stayOn: readonly number[] = []): CrewTime {
  const all = freeTime(stretches, stayOn)
  const each = people > 1 ? Array.from({ length: people }, () => freeTime(stretches, stayOn)) : []
  // All but the first; of two that is the other one.
  const rest = people > 1 ? freeTime(stretches, stayOn) : all
  const alone = anyOf(each)
  return {
    of: (hands) => (hands === undefined || hands >= people ? all : hands > 1 ? rest : alone),
    take(slot, hands) {
      all.take(slot)
      if (people < 2) return
      const team = teamOf(each, slot, hands ?? people)
      for (const i of team) nth(each, i).take(slot)
      if (team.some((i) => i > 0)) rest.take(slot)
    },
  }
}

/** Who of a crew takes a slot: of those who are free one who is through with something just then goes on; all but one are all but the first. */
function teamOf(each: readonly FreeTime[], slot: Stretch, hands: number): number[] {
  const everybody = [...each.keys()]
  if (hands >= each.length) return everybody
  if (hands > 1) return everybody.slice(1)
  const free = everybody.filter((i) => isFree(nth(each, i), slot))
  return [free.find((i) => !isFree(nth(each, i), { from: slot.from - 1, to: slot.from })) ?? free[0] ?? 0]
}

const isFree = (time: FreeTime, { from, to }: Stretch): boolean => time.firstSlot(from, to - from)?.from === from

/** The free time of whoever of several people is free first. */
const anyOf = (each: readonly FreeTime[]): FreeSlots => ({
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
})

const first = (slots: readonly (Stretch | null)[]): Stretch | null =>
  slots.reduce((best, slot) => (slot && (!best || slot.from < best.from) ? slot : best), null)
