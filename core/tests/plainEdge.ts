import { STARTER_SHELF } from '../src/survey/shelf/starterShelf'
import type { EdgeSetup } from '../src/nature/risk/bleed'

/** A plain creped tape pressed by thumb on a smooth face, satin wall paint stroked outward; tests change what they ask of. */
export const PLAIN_EDGE: EdgeSetup = {
  texture: 'smooth',
  dusty: false,
  edge: 'plain',
  backing: 'creped-paper',
  gripN25: 3.4,
  pressing: 'thumb',
  seal: 'none',
  stroke: 'outward',
  coating: STARTER_SHELF.coatings.find((coating) => coating.id === 'quay-satin')!,
}
