import type { Pressing, Seal, Stroke } from './making'
import type { Texture } from './surfaces'

/** One way to make the edge that a trial compares: what differs between two of them is what is tried. */
export interface TrialWay {
  readonly tapeId: string
  readonly seal: Seal
  readonly pressing: Pressing
  readonly stroke: Stroke
  /** Hours the ground is left before tape goes on it. */
  readonly waitH: number
}

export const LEAST_WAYS = 2
export const MOST_WAYS = 6

/**
 * Some ways tried beside one another on one board, wall or door. Each row has every way once, in an order that is drawn, so that neither
 * place nor hand decides.
 */
export interface Trial {
  readonly id: string
  readonly name: string
  readonly texture: Texture
  /** The paint that goes over the edge. */
  readonly coatingId: string
  readonly ways: readonly TrialWay[]
  readonly rows: number
  /** Length of each piece, mm. */
  readonly pieceMm: number
  /** What the order is drawn by. */
  readonly seed: number
}
