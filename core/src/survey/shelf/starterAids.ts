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

const tool = (id: string, name: string, kind: HandTool['kind'], widthMm: number, count: number): HandTool => ({
  id,
  name,
  kind,
  widthMm,
  airMs: 0,
  reachMm: 0,
  count,
  retired: false,
  defaults: [],
  mark: 'common-practice',
})

/** Tools a new job starts with. */
export const HAND_TOOLS: readonly HandTool[] = [
  tool('soft-brush', 'Soft sash brush', 'seal-brush', 38, 4),
  tool('press-card', 'Plastic press card', 'press-tool', 70, 6),
  tool('joint-scraper', 'Joint scraper', 'scraper', 75, 3),
  tool('snap-blade', 'Snap-off blade', 'blade', 9, 10),
  { ...tool('heron-gun', 'Airless gun, trim tip', 'gun', 0, 1), airMs: 2.5, reachMm: 75 },
  tool('hand-dispenser', 'Hand dispenser', 'dispenser', 300, 2),
]
