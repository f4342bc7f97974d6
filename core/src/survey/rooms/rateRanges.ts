import type { Mark, Rates } from '../../base/nouns'

/** What practised painters take, minutes: the least and the most that is usual, and how that is known. */
export interface RateRange {
  readonly low: number
  readonly high: number
  readonly mark: Extract<Mark, 'common-practice' | 'from-memory'>
}

const common = (low: number, high: number): RateRange => ({ low, high, mark: 'common-practice' })
const memory = (low: number, high: number): RateRange => ({ low, high, mark: 'from-memory' })

/**
 * Usual ranges beside the rates a house has put in. Taping 60 to 90 m an hour, cutting along tape 100 to 120, by hand
 * about 60, less where it has to be straight. Within them taping and cutting two coats takes about as long as hand-cutting two (C16).
 */
export const RATE_RANGES: Readonly<Partial<Record<keyof Rates, RateRange>>> = {
  layPerM: common(0.65, 1),
  pressPerM: memory(0.15, 0.4),
  stripEach: memory(0.3, 0.5),
  cutInPerM: common(0.5, 0.6),
  freehandPerM: common(0.9, 1.3),
  pullPerM: memory(0.15, 0.35),
  trimPerM: memory(2, 4),
  brushPerM2: memory(4, 8),
  doorSideEach: memory(10, 20),
  cabinetSideEach: memory(4, 8),
  sprayedSideEach: memory(2, 5),
  hangEach: memory(6, 12),
  rollPerM2: memory(2, 4),
  ceilingPerM2: memory(3, 5),
  sprayPerM2: memory(0.7, 1.3),
  towerEach: memory(20, 45),
  setUpEach: memory(10, 20),
  washOutEach: memory(10, 20),
}
