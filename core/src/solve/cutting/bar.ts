import { nth } from '../../base/units/sure'
/** Something pieces are cut from: a roll as sold, a part roll, an offcut. Lengths and prices are whole units. */
export interface Bar {
  readonly id: string
  readonly length: number
  readonly price: number
  /** How many there are; null for as many as one buys. */
  readonly count: number | null
}

/** Pieces of one length to be cut. */
export interface Wanted {
  readonly length: number
  readonly count: number
}

/** One bar cut: how many of each wanted length. */
export interface Cut {
  readonly bar: number
  readonly pieces: readonly number[]
}

/** How pieces are cut from bars, and how good that is. */
export interface CutPlan {
  readonly cuts: readonly Cut[]
  readonly price: number
  /** No way to cut costs less: a proof. `price === lowerBound` means this one is as cheap as can be. */
  readonly lowerBound: number
  /** Of all that is taken, the share that is not wanted. */
  readonly wasteShare: number
}

/** What is wanted, and from what: the facts every part of the search goes by. */
export interface Cutting {
  readonly bars: readonly Bar[]
  readonly lengths: readonly number[]
  readonly demand: readonly number[]
  /** Longest bar. */
  readonly most: number
  /** Every price is a multiple of it, so every total is. */
  readonly coin: number
}

export const sum = (list: readonly number[]): number => list.reduce((all, each) => all + each, 0)

/** Total length of a cut's pieces. */
export const usedOf = (pieces: readonly number[], lengths: readonly number[]): number =>
  pieces.reduce((all, count, i) => all + count * nth(lengths, i), 0)

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b))
export const divisorOf = (numbers: readonly number[]): number => numbers.reduce(divisor, 0) || 1

/** The least total of coins that is not below a bound; a hair is taken off for what rounding may have added. */
export const coinsUp = (bound: number, coin: number): number => Math.max(0, Math.ceil(bound / coin - 1e-6)) * coin
