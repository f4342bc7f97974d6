import { known, word, type Tape } from '../../base/nouns'
import type { Arc } from '../../survey/rooms/curve'
import { piecesForArc } from '../../survey/lines/stripesOver'

/** Straight pieces may stand off a curve by this before it looks like corners. */
const OFF_MM = known(0.5, 'mm', 'from-memory', word('source', 'half-a-millimetre-off-a-curve-is-not-seen'))
const BENT = { count: 0, chordMm: 0 } as const

/** Whether a tape lies down on a curve in one run. */
export const bendsRound = ({ radiusMm }: Arc, { bendTimes }: Pick<Tape, 'bendTimes'>, widthMm: number): boolean =>
  radiusMm >= bendTimes * widthMm

/** Straight pieces a tape is laid in along a curve, and how long each is, mm: none where the line is straight or the tape bends round. */
export const curvePieces = (
  curve: Arc | null,
  tape: Pick<Tape, 'bendTimes'>,
  widthMm: number,
): { readonly count: number; readonly chordMm: number } =>
  curve === null || bendsRound(curve, tape, widthMm) ? BENT : piecesForArc(curve.radiusMm, curve.arcDeg, OFF_MM.value)
