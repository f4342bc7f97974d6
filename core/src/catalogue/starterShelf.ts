import type { Coating, Cover, Sealant, Shelf, Tape, TapeRoll } from './types'

/**
 * The shelf a new job starts with. Makers, names and prices are made up; clean-removal times and price steps
 * follow common practice, no published source. Grip of delicate and floor tape: 0.8 and 3.7 N per 10 mm.
 */
const rolls = (per24Minor: number, widthsMm: readonly number[], packOf: number): TapeRoll[] =>
  widthsMm.map((widthMm) => {
    const priceMinor = Math.round((per24Minor * widthMm) / 24)
    // A pack costs a tenth less than its singles.
    return { widthMm, priceMinor, packOf, packPriceMinor: packOf === 1 ? priceMinor : Math.round(priceMinor * packOf * 0.9) }
  })

const M50 = 50_000
const TAPES: Tape[] = [
  { id: 'teasel-day', name: 'Teasel Day', gripN25: 5, edge: 'plain', backing: 'creped paper', thickUm: 150, stayDays: 1, sunStayDays: 0.3, rollLengthMm: M50, rolls: rolls(240, [18, 24, 36, 48], 6), mark: 'common practice' },
  { id: 'teasel-three', name: 'Teasel Three', gripN25: 4.2, edge: 'plain', backing: 'creped paper', thickUm: 140, stayDays: 3, sunStayDays: 1, rollLengthMm: M50, rolls: rolls(340, [18, 24, 36, 48], 6), mark: 'common practice' },
  { id: 'marram-general', name: 'Marram General', gripN25: 3.4, edge: 'plain', backing: 'creped paper', thickUm: 130, stayDays: 7, sunStayDays: 3, rollLengthMm: M50, rolls: rolls(560, [18, 24, 36, 48], 4), mark: 'common practice' },
  { id: 'marram-low', name: 'Marram Low', gripN25: 1.7, edge: 'plain', backing: 'creped paper', thickUm: 120, stayDays: 7, sunStayDays: 2, rollLengthMm: M50, rolls: rolls(590, [24, 36, 48], 4), mark: 'common practice' },
  { id: 'sedge-mid', name: 'Sedge Fine Mid', gripN25: 2.8, edge: 'fine-line', backing: 'washi', thickUm: 85, stayDays: 14, sunStayDays: 5, rollLengthMm: M50, rolls: rolls(620, [18, 24, 36], 4), mark: 'from memory' },
  { id: 'sedge-delicate', name: 'Sedge Fine Delicate', gripN25: 2, edge: 'fine-line', backing: 'washi', thickUm: 80, stayDays: 21, sunStayDays: 7, rollLengthMm: M50, rolls: rolls(680, [18, 24, 36, 48], 4), mark: 'common practice' },
  { id: 'sedge-whisper', name: 'Sedge Whisper', gripN25: 1.1, edge: 'fine-line', backing: 'washi', thickUm: 75, stayDays: 21, sunStayDays: 5, rollLengthMm: M50, rolls: rolls(760, [24, 36], 1), mark: 'from memory' },
  { id: 'lapwing-barrier', name: 'Lapwing Barrier', gripN25: 3.2, edge: 'barrier', backing: 'creped paper', thickUm: 125, stayDays: 7, sunStayDays: 2, rollLengthMm: M50, rolls: rolls(640, [24, 36, 48], 4), mark: 'common practice' },
  { id: 'lapwing-soft', name: 'Lapwing Soft Barrier', gripN25: 1.9, edge: 'barrier', backing: 'washi', thickUm: 95, stayDays: 14, sunStayDays: 4, rollLengthMm: M50, rolls: rolls(720, [24, 36], 4), mark: 'from memory' },
  { id: 'rockrose-out', name: 'Rockrose Outdoor', gripN25: 7.5, edge: 'plain', backing: 'plastic', thickUm: 130, stayDays: 21, sunStayDays: 14, rollLengthMm: M50, rolls: rolls(820, [24, 36, 48], 1), mark: 'common practice' },
  { id: 'rockrose-bend', name: 'Rockrose Bend', gripN25: 3.8, edge: 'fine-line', backing: 'plastic', thickUm: 110, stayDays: 7, sunStayDays: 5, rollLengthMm: 33_000, rolls: rolls(900, [18, 24], 1), mark: 'from memory' },
  { id: 'bulrush-floor', name: 'Bulrush Floor', gripN25: 9.25, edge: 'plain', backing: 'creped paper', thickUm: 160, stayDays: 7, sunStayDays: 2, rollLengthMm: M50, rolls: rolls(520, [36, 48], 4), mark: 'common practice' },
]

/** Flow properties of paints: typical classes, from memory. */
const WALL_FLOW = { restPas: 450, shearedPas: 0.25, surfaceNm: 0.032 }
const TRIM_FLOW = { restPas: 220, shearedPas: 0.18, surfaceNm: 0.03 }
const COATINGS: Coating[] = [
  { id: 'lime-ceiling', name: 'Limekiln Flat Ceiling', sheen: 'flat', base: 'water', openMin: 18, touchDryMin: 40, recoatMin: 150, hardDryMin: 300, filmFormingC: 8, maxC: 32, maxRh: 85, spreadM2PerL: 11, priceMinorPerL: 720, ...WALL_FLOW, mark: 'label' },
  { id: 'quay-matt', name: 'Quayside Matt Wall', sheen: 'matt', base: 'water', openMin: 22, touchDryMin: 50, recoatMin: 180, hardDryMin: 420, filmFormingC: 8, maxC: 32, maxRh: 85, spreadM2PerL: 12, priceMinorPerL: 1080, ...WALL_FLOW, mark: 'label' },
  { id: 'quay-satin', name: 'Quayside Satin Wall', sheen: 'satin', base: 'water', openMin: 24, touchDryMin: 60, recoatMin: 240, hardDryMin: 600, filmFormingC: 8, maxC: 32, maxRh: 85, spreadM2PerL: 12, priceMinorPerL: 1260, ...WALL_FLOW, mark: 'label' },
  { id: 'bell-semi', name: 'Bellrope Semi-gloss Trim', sheen: 'semi-gloss', base: 'water', openMin: 20, touchDryMin: 70, recoatMin: 300, hardDryMin: 720, filmFormingC: 8, maxC: 30, maxRh: 80, spreadM2PerL: 13, priceMinorPerL: 1690, ...TRIM_FLOW, mark: 'label' },
  { id: 'bell-gloss', name: 'Bellrope Solvent Gloss', sheen: 'gloss', base: 'solvent', openMin: 45, touchDryMin: 300, recoatMin: 960, hardDryMin: 1440, filmFormingC: 5, maxC: 32, maxRh: 85, spreadM2PerL: 15, priceMinorPerL: 1780, restPas: 120, shearedPas: 0.35, surfaceNm: 0.027, mark: 'label' },
  { id: 'slip-siding', name: 'Slipway Siding Satin', sheen: 'satin', base: 'water', openMin: 20, touchDryMin: 60, recoatMin: 240, hardDryMin: 540, filmFormingC: 7, maxC: 32, maxRh: 85, spreadM2PerL: 10, priceMinorPerL: 1490, ...WALL_FLOW, mark: 'label' },
]

const COVERS: Cover[] = [
  { id: 'skein-drop', name: 'Skein taped film 2.6 m drop', kind: 'film', widthMm: 2600, lengthMm: 20_000, gramsPerM2: 9, priceMinor: 790, reusable: false },
  { id: 'skein-window', name: 'Skein taped film 1.4 m drop', kind: 'film', widthMm: 1400, lengthMm: 25_000, gramsPerM2: 9, priceMinor: 560, reusable: false },
  { id: 'fallow-paper', name: 'Fallow masking paper 230 mm', kind: 'paper', widthMm: 230, lengthMm: 50_000, gramsPerM2: 40, priceMinor: 420, reusable: false },
  { id: 'fallow-wide', name: 'Fallow floor paper 900 mm', kind: 'paper', widthMm: 900, lengthMm: 50_000, gramsPerM2: 180, priceMinor: 2650, reusable: false },
  { id: 'hessian-runner', name: 'Hessian runner', kind: 'cloth', widthMm: 1219, lengthMm: 3658, gramsPerM2: 270, priceMinor: 1850, reusable: true },
  { id: 'hessian-field', name: 'Hessian field cloth', kind: 'cloth', widthMm: 3658, lengthMm: 3658, gramsPerM2: 270, priceMinor: 4200, reusable: true },
]

const SEALANTS: Sealant[] = [
  { id: 'plover-clear', name: 'Plover Clear', colour: 'clear', skinMin: 24, shrinkPct: 35, paintAtOnce: false, metresPerTube: 60, priceMinor: 310, mark: 'from memory' },
  { id: 'plover-white', name: 'Plover White', colour: 'white', skinMin: 24, shrinkPct: 20, paintAtOnce: false, metresPerTube: 60, priceMinor: 260, mark: 'from memory' },
  { id: 'plover-quick', name: 'Plover Paint-now Clear', colour: 'clear', skinMin: 24, shrinkPct: 12, paintAtOnce: true, metresPerTube: 50, priceMinor: 520, mark: 'label' },
]

export const STARTER_SHELF: Shelf = { tapes: TAPES, coatings: COATINGS, covers: COVERS, sealants: SEALANTS }
