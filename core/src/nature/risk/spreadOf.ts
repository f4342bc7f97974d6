import type { Known, Mark } from '../../base/nouns'

/** How far a figure may be off by how it is known, as a standard deviation on a log scale: what is from memory within a factor of two, nineteen times in twenty. */
export const SPREAD_OF: Readonly<Record<Mark, number>> = {
  published: 0.02,
  label: 0.1,
  'own-log': 0.1,
  'common-practice': 0.2,
  'from-memory': 0.35,
}

/** How far one figure may be off: what its record says, or else what its mark stands for. */
export const spreadOfKnown = (one: Known): number => one.spread ?? SPREAD_OF[one.mark]
