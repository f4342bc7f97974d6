import type { LineNote } from '../src/base/nouns'

/** An edge that wanders by so much at its worst, that nobody read. */
export const unreadLine = (edge: LineNote['edge'], wanderMm: number): LineNote => ({
  edge,
  wanderMm,
  way: null,
  readings: [],
  fit: 'least-area',
  lumps: [],
  through: [],
})
