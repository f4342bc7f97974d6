/** A stripe between two edges, mm from the left. */
interface Stripe {
  readonly fromMm: number
  readonly toMm: number
  /** Painted in the first turn, or once the tape has been moved. */
  readonly turn: 1 | 2
}

/**
 * Stripes of equal width over a wall, to the whole millimetre: no two differ by more than one, and edges never stray more
 * than half a millimetre from the true ones. Tape stands outside the stripe being painted, so every other one waits until
 * it has been moved.
 *
 * @param count  at least one
 */
export function equalStripes(widthMm: number, count: number): Stripe[] {
  const edge = (i: number) => Math.round((widthMm * i) / count)
  return Array.from({ length: count }, (_, i) => ({ fromMm: edge(i), toMm: edge(i + 1), turn: i % 2 === 0 ? 1 : 2 }))
}

/** Lines of tape for one turn, mm from the left: both edges of its stripes, those at a wall's end left out. */
export const tapeLines = (stripes: readonly Stripe[], turn: Stripe['turn']): number[] => {
  const end = stripes[stripes.length - 1]?.toMm ?? 0
  return stripes
    .filter((stripe) => stripe.turn === turn)
    .flatMap(({ fromMm, toMm }) => [fromMm, toMm])
    .filter((mm) => mm > 0 && mm < end)
}
