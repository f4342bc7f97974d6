import type { LearnedFault, OwnRecord } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import { ownFactors, type LineLaid, type OwnFactor } from '../../nature/learn/ownFactors'

/** A figure the record moves: how many times what the models expect, for one fault of one tape on one texture by such hands. */
export interface MovedFigure extends LineLaid {
  readonly fault: LearnedFault
  readonly factor: OwnFactor
}

/** Figures a record moves, those moved most first, up or down; those that rest on lines of that very kind alone. */
export function movedMost(record: OwnRecord): MovedFigure[] {
  const factors = ownFactors(record, null)
  const kinds = groupedBy(record.counts, ({ fault, tapeId, texture, laidBy }) =>
    [fault, tapeId, texture, laidBy].join('|'),
  )
  return [...kinds.values()]
    .flatMap(([first]): MovedFigure[] => {
      if (!first) return []
      const { fault, tapeId, texture, laidBy } = first
      const factor = factors(fault, first)
      return factor ? [{ fault, tapeId, texture, laidBy, factor }] : []
    })
    .sort((a, b) => Math.abs(Math.log(b.factor.mean)) - Math.abs(Math.log(a.factor.mean)))
}
