import type { Glaze, HandTool, LiquidMask } from '../../base/nouns'

/** The glaze a new job starts with. Colour follows a quarter of an hour later by common practice; the rest is its class's. */
export const GLAZES: readonly Glaze[] = [
  {
    id: 'plover-glaze',
    name: 'Plover Clear Glaze',
    litres: 1,
    spreadM2PerL: 12,
    touchDryMin: 15,
    throughMin: 60,
    priceMinor: 1450,
    retired: false,
    defaults: ['spread_m2_per_l', 'through_min'],
    mark: 'common-practice',
  },
]

/** Liquid masks a new job starts with: made-up makers, price steps and times by common practice. */
export const LIQUIDS: readonly LiquidMask[] = [
  {
    id: 'heath-brush',
    name: 'Heath Brush-on',
    how: 'brush',
    spreadM2: 3.2,
    clearMin: 45,
    cutAfterH: 24,
    yellows: true,
    priceMinor: 1680,
    retired: false,
    defaults: [],
    mark: 'common-practice',
  },
  {
    id: 'heath-can',
    name: 'Heath Aerosol',
    how: 'aerosol',
    spreadM2: 3,
    clearMin: 45,
    cutAfterH: 24,
    yellows: true,
    priceMinor: 1050,
    retired: false,
    defaults: [],
    mark: 'common-practice',
  },
]

interface ToolSetup {
  readonly id: string
  readonly name: string
  readonly kind: HandTool['kind']
  readonly widthMm: number
  readonly count: number
}

const tool = ({ id, name, kind, widthMm, count }: ToolSetup): HandTool => ({
  id,
  name,
  kind,
  widthMm,
  airMs: 0,
  reachMm: 0,
  offMmPerM: 0,
  hardness: 'none',
  count,
  retired: false,
  defaults: [],
  mark: 'common-practice',
})

/** Tools a new job starts with. */
export const HAND_TOOLS: readonly HandTool[] = [
  tool({ id: 'soft-brush', name: 'Soft sash brush', kind: 'seal-brush', widthMm: 38, count: 4 }),
  tool({ id: 'press-card', name: 'Plastic press card', kind: 'press-tool', widthMm: 70, count: 6 }),
  tool({ id: 'joint-scraper', name: 'Joint scraper', kind: 'scraper', widthMm: 75, count: 3 }),
  tool({ id: 'snap-blade', name: 'Snap-off blade', kind: 'blade', widthMm: 9, count: 10 }),
  {
    ...tool({ id: 'heron-gun', name: 'Airless gun, trim tip', kind: 'gun', widthMm: 0, count: 1 }),
    airMs: 2.5,
    reachMm: 75,
  },
  tool({ id: 'step-ladder', name: 'Step ladder, four treads', kind: 'step-ladder', widthMm: 0, count: 3 }),
  tool({ id: 'line-brush', name: 'Angled line brush', kind: 'line-brush', widthMm: 50, count: 4 }),
  tool({ id: 'dust-brush', name: 'Dust brush', kind: 'dust-brush', widthMm: 80, count: 3 }),
  tool({ id: 'sealant-gun', name: 'Sealant gun', kind: 'sealant-gun', widthMm: 0, count: 2 }),
  tool({ id: 'hand-dispenser', name: 'Hand dispenser', kind: 'dispenser', widthMm: 300, count: 2 }),
  { ...tool({ id: 'cross-laser', name: 'Cross-line laser', kind: 'laser', widthMm: 0, count: 1 }), offMmPerM: 0.3 },
  {
    ...tool({ id: 'long-level', name: 'Spirit level, 1.2 m', kind: 'spirit-level', widthMm: 1200, count: 1 }),
    offMmPerM: 0.5,
  },
  {
    ...tool({ id: 'marking-pencil', name: 'Marking pencil', kind: 'pencil', widthMm: 0, count: 6 }),
    hardness: 'medium',
  },
]
