import type { Cover, Said, Shelf, Fact } from '../ground'
import type { CoverHold } from './besideHem'

/** An area of a room to cover, with what, how it is held, and why. */
export interface CoverNeed {
  readonly roomId: string
  readonly what: Fact
  readonly why: Said
  readonly coverId: string
  readonly hold: CoverHold
  /** Run of a roll used up, mm; for pieces, how many. */
  readonly runMm: number
  readonly pieces: number
  readonly areaMm2: number
  /** The colours it is there for, in order; null where it lies from the first to the last. */
  readonly stepIds: readonly string[] | null
}

type Place = Pick<CoverNeed, 'roomId' | 'what' | 'why' | 'hold'> & Partial<Pick<CoverNeed, 'stepIds'>>

/** A need met from a roll: its run is the area over the roll's width. */
export const fromRoll = (place: Place, cover: Cover, areaMm2: number, runMm = areaMm2 / cover.widthMm): CoverNeed => ({
  ...place,
  coverId: cover.id,
  runMm: Math.ceil(runMm),
  pieces: 0,
  areaMm2: Math.round(areaMm2),
  stepIds: place.stepIds ?? null,
})

/** A need met with whole pieces that come back to the van. */
export const inPieces = (place: Place, cover: Cover, areaMm2: number, pieces: number): CoverNeed => ({
  ...place,
  coverId: cover.id,
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
