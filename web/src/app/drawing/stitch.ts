import { type Hem, type HemState, type PullSpan, edgeOfHem, face, isFace, readEdge } from '@crisp-hem/core'

/** The states a hem can be seen in, each with a stitch of its own. */
export const STITCHES = ['planned', 'laid', 'sealed', 'coated', 'due', 'pulled', 'inspected', 'skipped'] as const
export type Stitch = (typeof STITCHES)[number]

/** Which stitch a hem wears now, from its log and the spans of its pull window. */
export function stitchOf(state: HemState, coats: number, spans: readonly PullSpan[] | null, now: number): Stitch {
  if (state.skipped !== null) return 'skipped'
  if (state.inspectedAt !== null) return 'inspected'
  if (state.pulledAt !== null) return 'pulled'
  if (state.coatedAt.length >= coats) return spans && isDue(spans, now) ? 'due' : 'coated'
  if (state.coatedAt.length > 0) return 'coated'
  if (state.sealedAt !== null) return 'sealed'
  return state.laidAt !== null ? 'laid' : 'planned'
}

const isDue = (spans: readonly PullSpan[], now: number): boolean =>
  spans.some(
    (span) => (span.kind === 'wet' || span.kind === 'past') && now >= span.from && (span.to === null || now < span.to),
  )

/**
 * On which side of a segment the paint lies, looking along it: −1 left, 1 right. Segments of level hems run to the
 * right, upright ones up, loops clockwise, so left is above, left of, and outside.
 */
export function paintSide(hem: Pick<Hem, 'id' | 'kind' | 'paint' | 'keep' | 'place'>): -1 | 1 {
  const paintsWall = isFace(hem.paint, 'wall') || isFace(hem.paint, 'band')
  switch (hem.kind) {
    case 'wall-to-ceiling':
      return hem.paint === 'ceiling' ? -1 : 1
    case 'wall-to-skirting':
    case 'wall-to-floor':
      return paintsWall ? -1 : 1
    case 'skirting-to-floor':
    case 'casing-to-floor':
      return hem.paint === 'skirting' || isFace(hem.paint, 'casing') ? -1 : 1
    case 'wall-to-casing':
    case 'wall-to-frame':
    case 'wall-to-fitting':
    case 'wall-to-piece':
    case 'ceiling-to-window':
    case 'ceiling-to-fitting':
      return paintsWall ? -1 : 1
    case 'casing-to-glass':
    case 'cabinet-mouth':
      return isFace(hem.paint, 'glass') ? 1 : -1
    case 'two-tone-line':
      return bandSide(hem)
    case 'stair-string':
    case 'by-hand':
      return -1
    case 'wall-to-wall':
      return -1
  }
}

/** On which side of a band's line the paint lies. A shape lies to the left of its line, a level band below its upper one. */
function bandSide(hem: Pick<Hem, 'id' | 'paint' | 'place'>): -1 | 1 {
  const ref = readEdge(edgeOfHem(hem.id))
  if (ref?.is === 'shape') return hem.paint === face('band', ref.bandId) ? -1 : 1
  const isPaint = ref?.is === 'meeting' && hem.paint === ref.a
  return (hem.place.bandLine === 'over') === isPaint ? 1 : -1
}
