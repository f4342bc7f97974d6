import type { PullSpan } from '@crisp-hem/core'

interface RibbonPiece {
  readonly span: PullSpan
  readonly x: number
  readonly width: number
}

/** Span lengths differ a thousandfold, so a piece's width grows with the logarithm of its minutes. */
const weight = (minutes: number): number => 2 + Math.log2(1 + minutes / 8)
/** What one acts on gets the room. */
const WET_SHARE = 1.7
const OPEN_ENDED_MIN = 240

/** Lays the spans of a window side by side over a width, px. */
export function ribbonPieces(spans: readonly PullSpan[], width: number): RibbonPiece[] {
  const weights = spans.map(
    (span) => weight(span.to === null ? OPEN_ENDED_MIN : span.to - span.from) * (span.kind === 'wet' ? WET_SHARE : 1),
  )
  const all = weights.reduce((sum, each) => sum + each, 0)
  let x = 0
  return spans.map((span, i) => {
    const piece = { span, x, width: (width * weights[i]!) / all }
    x += piece.width
    return piece
  })
}

/** Where an instant lies on the ribbon, px; null before it begins. */
export function ribbonX(pieces: readonly RibbonPiece[], at: number): number | null {
  const piece = pieces.find(({ span }) => at >= span.from && (span.to === null || at < span.to))
  if (!piece) return null
  const length = piece.span.to === null ? OPEN_ENDED_MIN : piece.span.to - piece.span.from
  return piece.x + piece.width * Math.min(1, (at - piece.span.from) / length)
}
