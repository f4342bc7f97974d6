import type { Cover, Said, Shelf, Fact } from '../../base/nouns'
import type { CoverHold } from './besideHem'

/** An area of a room to cover, with what, how it is held, and why. */
export interface CoverNeed {
  readonly roomId: string
  readonly what: Fact
  readonly why: Said
  readonly coverId: string
  readonly hold: CoverHold
  /** Lengths cut off a roll, mm, one for each panel; none for whole pieces, and for strips that are run off and join anywhere. */
  readonly cuts: readonly number[]
  /** What of a roll is used up, mm. */
  readonly runMm: number
  readonly pieces: number
  readonly areaMm2: number
  /** The colours it is there for, in order; null where it lies from the first to the last. */
  readonly stepIds: readonly string[] | null
}

type Place = Pick<CoverNeed, 'roomId' | 'what' | 'why' | 'hold'> & Partial<Pick<CoverNeed, 'stepIds'>>

/** Neighbouring panels of film or paper lie over one another by so much, mm. From memory. */
const PANEL_LAP_MM = 50

/** Panels that cover a rectangle, side by side along whichever side takes less of the roll; none longer than the roll. */
export function panelsOver(longMm: number, deepMm: number, cover: Cover): number[] {
  const ways = [
    [longMm, deepMm],
    [deepMm, longMm],
  ].map(([run = 0, across = 0]) => {
    const rows = Math.max(1, Math.ceil((across - PANEL_LAP_MM) / (cover.widthMm - PANEL_LAP_MM)))
    return Array.from({ length: rows }, () => rolledOff(run, cover)).flat()
  })
  const total = (cuts: readonly number[]) => cuts.reduce((sum, cut) => sum + cut, 0)
  return ways.reduce((best, way) => (total(way) < total(best) ? way : best))
}

/** A run as lengths off a roll: one, or where the roll ends several that lap. */
export function rolledOff(runMm: number, { lengthMm }: Pick<Cover, 'lengthMm'>): number[] {
  const cuts: number[] = []
  let left = Math.ceil(runMm)
  while (left > lengthMm) {
    cuts.push(lengthMm)
    left -= lengthMm - PANEL_LAP_MM
  }
  return left > 0 ? [...cuts, left] : cuts
}

/** A need met from a roll with these panels. */
export const fromRoll = (place: Place, cover: Cover, areaMm2: number, cuts: readonly number[]): CoverNeed => ({
  ...place,
  coverId: cover.id,
  cuts: cuts.map((cut) => Math.ceil(cut)),
  runMm: cuts.reduce((sum, cut) => sum + Math.ceil(cut), 0),
  pieces: 0,
  areaMm2: Math.round(areaMm2),
  stepIds: place.stepIds ?? null,
})

/** A need met with whole pieces that come back to the van. */
export const inPieces = (place: Place, cover: Cover, areaMm2: number, pieces: number): CoverNeed => ({
  ...place,
  coverId: cover.id,
  cuts: [],
  runMm: 0,
  pieces,
  areaMm2: Math.round(areaMm2),
  stepIds: place.stepIds ?? null,
})

/** Covers of a shelf by kind, those taken off it left out; by size, smallest first. */
export function coversByKind(shelf: Shelf): Record<Cover['kind'], readonly Cover[]> {
  const of = (kind: Cover['kind']) =>
    shelf.covers
      .filter((cover) => cover.kind === kind && !cover.retired)
      .sort((a, b) => a.widthMm * a.lengthMm - b.widthMm * b.lengthMm)
  return { film: of('film'), paper: of('paper'), board: of('board'), cloth: of('cloth') }
}

/** The narrowest of some covers that is wide enough. */
export const narrowestOver = (covers: readonly Cover[], mm: number): Cover | undefined =>
  [...covers].sort((a, b) => a.widthMm - b.widthMm).find((cover) => cover.widthMm >= mm)
