/** An arc on a face: its radius, mm, and its angle, degrees. */
export interface Arc {
  readonly radiusMm: number
  readonly arcDeg: number
}

/** The arc over a chord whose middle stands so far off it, both more than 0 in size: r = (c²/4 + s²)/2s, angle 4·atan(2s/c). */
export function curveOf(chordMm: number, bendMm: number): Arc {
  const s = Math.abs(bendMm)
  const radiusMm = (chordMm * chordMm) / (8 * s) + s / 2
  return { radiusMm, arcDeg: ((4 * Math.atan2(2 * s, chordMm)) / Math.PI) * 180 }
}

/** Length of such an arc, mm; of a chord that does not bend its own. */
export function arcMm(chordMm: number, bendMm: number): number {
  if (bendMm === 0 || chordMm === 0) return chordMm
  const { radiusMm, arcDeg } = curveOf(chordMm, bendMm)
  return (radiusMm * arcDeg * Math.PI) / 180
}
