import type { Fact } from './said'
/** Where a constant comes from; the mark travels with the value to the screen. */
export const MARKS = ['published', 'common-practice', 'from-memory', 'label', 'own-log'] as const
export type Mark = (typeof MARKS)[number]

/** A constant that can be explained: its value, unit, how it is known, and from where. */
export interface Known {
  readonly value: number
  readonly unit: string
  readonly mark: Mark
  /** Where it comes from: a word of the catalogue, or the name of a product. */
  readonly source: Fact
  /** How far it may be off: standard deviation on a log scale. Left out where nobody has measured it. */
  readonly spread?: number
}

/** States a constant once, with its mark and source. */
export const known = (value: number, unit: string, mark: Mark, source: Fact): Known => ({
  value,
  unit,
  mark,
  source,
})

/** Whether a value is a constant with its mark, and not a group of them. */
export const isKnown = (value: object): value is Known => 'mark' in value && 'source' in value && 'value' in value

/** One constant an answer rests on: what it is called, and the value with its mark and source. */
export interface Constant {
  readonly name: string
  readonly value: Known
}
