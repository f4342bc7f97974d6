import { trialOrder, type Trial } from '@crisp-hem/core'

/** Ways of a trial by letter: A, B, C … */
export const letterOf = (way: number): string => String.fromCharCode('A'.charCodeAt(0) + way)

/** Where a piece of a trial lies, and which way it is. Counted from 1. */
export interface TrialPiece {
  readonly piece: number
  readonly row: number
  readonly place: number
  readonly way: number
}

/** Every piece of a trial, row by row and from left to right. */
export const piecesOf = ({ ways, rows, seed }: Pick<Trial, 'ways' | 'rows' | 'seed'>): TrialPiece[] =>
  trialOrder(ways.length, rows, seed).flatMap((row, i) =>
    row.map((way, k) => ({ piece: i * ways.length + k, row: i + 1, place: k + 1, way })),
  )
