import { firstPast } from '../../base/units/firstPast'
import { nth } from '../../base/units/sure'
import type { Stretch } from '../../nature/calendar/calendar'
import { crumbPast, mostPast } from '../problem/stayOn'

/** A crew's free stretches; slots are taken out of it as work is placed. */
export interface FreeTime {
  /** The first slot of whole minutes at or after `ready` inside one free stretch, or null. */
  readonly firstSlot: (ready: number, minutes: number) => Stretch | null
  /** The first pieces from `ready` that add up to `minutes`, across breaks, the first of `least`, but for crumbs; null when time runs out. */
  readonly firstPieces: (ready: number, minutes: number, least?: number) => Stretch[] | null
  readonly take: (slot: Stretch) => void
}

/** Work that goes on after a break is begun before it only where this much of it gets done, min. From memory. */
export const LEAST_PIECE_MIN = 10

/** @param stayOn  how long the crew stays past the end of each stretch to finish what is not broken off, min */
export function freeTime(stretches: readonly Stretch[], stayOn: readonly number[] = []): FreeTime {
  const free: Stretch[] = [...stretches]
  const outside: Stretch[] = []
  /** How long the crew stays past an instant, which ends one of its stretches or lies in it. */
  const pastEnd = (at: number): number => {
    const i = firstPast(stretches.length, (k) => nth(stretches, k).to >= at)
    return stretches[i]?.to === at ? (stayOn[i] ?? 0) : 0
  }
  const isInside = ({ from, to }: Stretch): boolean => {
    const host = stretches[firstPast(stretches.length, (k) => nth(stretches, k).from > from) - 1]
    return host !== undefined && to <= host.to
  }
  const isFree = (from: number, to: number) => outside.every((slot) => slot.from >= to || slot.to <= from)
  /** Index of the first stretch that ends after an instant. */
  const firstAfter = (at: number): number => firstPast(free.length, (i) => nth(free, i).to > at)
  return {
    firstSlot(ready, minutes) {
      for (let i = firstAfter(ready); i < free.length; i++) {
        const from = Math.max(ready, nth(free, i).from)
        const { to: ends } = nth(free, i)
        const to = from + minutes
        if (to <= ends) return { from, to }
        if (to <= ends + mostPast(pastEnd(ends), minutes) && isFree(ends, to)) return { from, to }
      }
      return null
    },
    firstPieces(ready, minutes, asked = LEAST_PIECE_MIN) {
      const least = Math.min(minutes, asked)
      const pieces: Stretch[] = []
      let left = minutes
      for (let i = firstAfter(ready); i < free.length; i++) {
        const from = Math.max(ready, nth(free, i).from)
        const to = Math.min(nth(free, i).to, from + left)
        // Nobody begins for a few minutes before going home.
        if (pieces.length === 0 && to - from < least) continue
        const rest = left - (to - from)
        const isCrumb = rest > 0 && rest <= crumbPast(pastEnd(to), minutes) && isFree(to, to + rest)
        pieces.push({ from, to: isCrumb ? to + rest : to })
        left = isCrumb ? 0 : rest
        if (left <= 0) return pieces
      }
      return null
    },
    take(slot) {
      if (slot.to <= slot.from) return
      if (!isInside(slot)) outside.push(slot)
      let i = firstAfter(slot.from)
      for (let host = free[i]; host && host.from < slot.to; host = free[i]) {
        const { from, to } = host
        const rest = [
          { from, to: Math.min(slot.from, to) },
          { from: Math.max(slot.to, from), to },
        ].filter((each) => each.to > each.from)
        free.splice(i, 1, ...rest)
        i += rest.length
      }
    },
  }
}
