import type { Cover, Sealant, Shelf } from '../ground'
import { COATINGS } from './starterCoatings'
import { GLAZES, HAND_TOOLS, LIQUIDS } from './starterAids'
import { TAPES } from './starterTapes'

const COVERS: Cover[] = [
  {
    id: 'skein-drop',
    name: 'Skein taped film 2.6 m drop',
    kind: 'film',
    widthMm: 2600,
    lengthMm: 20_000,
    gramsPerM2: 9,
    priceMinor: 790,
    reusable: false,
    retired: false,
  },
  {
    id: 'skein-window',
    name: 'Skein taped film 1.4 m drop',
    kind: 'film',
    widthMm: 1400,
    lengthMm: 25_000,
    gramsPerM2: 9,
    priceMinor: 560,
    reusable: false,
    retired: false,
  },
  {
    id: 'fallow-paper',
    name: 'Fallow masking paper 230 mm',
    kind: 'paper',
    widthMm: 230,
    lengthMm: 50_000,
    gramsPerM2: 40,
    priceMinor: 420,
    reusable: false,
    retired: false,
  },
  {
    id: 'fallow-wide',
    name: 'Fallow floor paper 900 mm',
    kind: 'paper',
    widthMm: 900,
    lengthMm: 50_000,
    gramsPerM2: 180,
    priceMinor: 2650,
    reusable: false,
    retired: false,
  },
  {
    id: 'lodge-board',
    name: 'Lodge floor board',
    kind: 'board',
    widthMm: 965,
    lengthMm: 2400,
    gramsPerM2: 620,
    priceMinor: 980,
    reusable: true,
    retired: false,
  },
  {
    id: 'hessian-runner',
    name: 'Hessian runner',
    kind: 'cloth',
    widthMm: 1219,
    lengthMm: 3658,
    gramsPerM2: 270,
    priceMinor: 1850,
    reusable: true,
    retired: false,
  },
  {
    id: 'hessian-field',
    name: 'Hessian field cloth',
    kind: 'cloth',
    widthMm: 3658,
    lengthMm: 3658,
    gramsPerM2: 270,
    priceMinor: 4200,
    reusable: true,
    retired: false,
  },
]

const SEALANTS: Sealant[] = [
  {
    id: 'plover-clear',
    name: 'Plover Clear',
    colour: 'clear',
    skinMin: 24,
    shrinkPct: 35,
    paintAtOnce: false,
    metresPerTube: 60,
    priceMinor: 310,
    retired: false,
    mark: 'from-memory',
  },
  {
    id: 'plover-white',
    name: 'Plover White',
    colour: 'white',
    skinMin: 24,
    shrinkPct: 20,
    paintAtOnce: false,
    metresPerTube: 60,
    priceMinor: 260,
    retired: false,
    mark: 'from-memory',
  },
  {
    id: 'plover-quick',
    name: 'Plover Paint-now Clear',
    colour: 'clear',
    skinMin: 24,
    shrinkPct: 12,
    paintAtOnce: true,
    metresPerTube: 50,
    priceMinor: 520,
    retired: false,
    mark: 'label',
  },
]

/**
 * The shelf a new job starts with. Makers, names and prices are made up; clean-removal times and price steps
 * follow common practice, no published source. Grip of delicate and floor tape: 0.8 and 3.7 N per 10 mm.
 */
export const STARTER_SHELF: Shelf = {
  tapes: TAPES,
  coatings: COATINGS,
  covers: COVERS,
  sealants: SEALANTS,
  glazes: GLAZES,
  liquids: LIQUIDS,
  tools: HAND_TOOLS,
}
