import type { Cover, Shelf } from '../catalogue/types'
import { faceAreaMm2 } from '../survey/areas'
import { stepOf } from '../survey/faces'
import type { Room } from '../survey/types'

/** An area of a room to cover, with what and why. */
export interface CoverNeed {
  readonly roomId: string
  readonly what: string
  readonly why: string
  readonly coverId: string
  /** Run of a roll used up, mm; for pieces, how many. */
  readonly runMm: number
  readonly pieces: number
  readonly areaMm2: number
}

/** What has to be covered in a room before colour comes near it. Widths are chosen from the shelf, narrowest first. */
export function coverNeeds(room: Room, whole: Shelf): CoverNeed[] {
  if (room.steps.length === 0) return []
  const shelf = { ...whole, covers: whole.covers.filter((cover) => !cover.retired) }
  const sprayed = room.steps.filter((step) => step.tool === 'spray')
  return [
    ...floorNeed(room, shelf, sprayed.length > 0),
    ...pieceNeeds(room, shelf),
    ...(sprayed.length > 0 ? glassNeeds(room, shelf) : []),
    ...(sprayed.some((step) => step.targets.includes('ceiling')) ? wallNeeds(room, shelf) : []),
  ]
}

function floorNeed(room: Room, shelf: Shelf, sprayed: boolean): CoverNeed[] {
  if (stepOf(room, 'floor')) return []
  const areaMm2 = faceAreaMm2(room, 'floor')
  const cloth = widest(shelf.covers.filter((cover) => cover.kind === 'cloth'))
  const paper = widest(shelf.covers.filter((cover) => cover.kind === 'paper' && cover.widthMm >= 600))
  const wet = sprayed ? 'paint mist falls on it' : 'drips and spilled paint'
  if (sprayed && paper) return [rollNeed(room, 'floor', wet, paper, areaMm2 / paper.widthMm, areaMm2)]
  if (cloth) {
    // Neighbouring cloths overlap by about a tenth of their area.
    const pieces = Math.ceil(areaMm2 / (cloth.widthMm * cloth.lengthMm * 0.9))
    return [{ roomId: room.id, what: 'floor', why: wet, coverId: cloth.id, runMm: 0, pieces, areaMm2 }]
  }
  return paper ? [rollNeed(room, 'floor', wet, paper, areaMm2 / paper.widthMm, areaMm2)] : []
}

const widest = (covers: readonly Cover[]): Cover | undefined =>
  [...covers].sort((a, b) => b.widthMm * b.lengthMm - a.widthMm * a.lengthMm)[0]

/** Hems of a sheet hang over on every side, mm. From memory. */
const OVERHANG_MM = 300

/** Furniture is sheeted even where only the ceiling is painted; full cabinets are papered, stairs get a runner. */
function pieceNeeds(room: Room, shelf: Shelf): CoverNeed[] {
  const film = widest(shelf.covers.filter((cover) => cover.kind === 'film'))
  const paper = widest(shelf.covers.filter((cover) => cover.kind === 'paper' && cover.widthMm >= 600))
  const runner = [...shelf.covers.filter((cover) => cover.kind === 'cloth')].sort((a, b) => a.widthMm - b.widthMm)[0]
  return room.pieces.flatMap((piece): CoverNeed[] => {
    const painted = stepOf(room, `piece:${piece.id}`) !== null
    const roll = (cover: Cover, why: string, areaMm2: number) =>
      rollNeed(room, piece.name, why, cover, areaMm2 / cover.widthMm, areaMm2)
    switch (piece.kind) {
      case 'furniture': {
        // The sheet falls to the floor on all four sides.
        const long = piece.widthMm + 2 * (piece.heightMm + OVERHANG_MM)
        const deep = piece.depthMm + 2 * (piece.heightMm + OVERHANG_MM)
        return film ? [roll(film, 'a knocked-over bucket, a falling pole', long * deep)] : []
      }
      case 'cabinets':
        if (painted)
          return piece.inUse && paper
            ? [roll(paper, 'contents stay; paper, since paint flakes off film', piece.widthMm * piece.heightMm)]
            : []
        return film ? [roll(film, 'spatter on its fronts', piece.widthMm * (piece.heightMm + piece.depthMm))] : []
      case 'radiator':
        return painted || !film ? [] : [roll(film, 'spatter on it', piece.widthMm * (piece.heightMm + OVERHANG_MM))]
      case 'stairs': {
        const long = piece.heightMm + piece.depthMm
        const areaMm2 = long * piece.widthMm
        const pieces = runner ? Math.ceil(long / (runner.lengthMm * 0.9)) : 0
        return runner && !painted
          ? [
              {
                roomId: room.id,
                what: piece.name,
                why: 'feet; a runner that does not slip',
                coverId: runner.id,
                runMm: 0,
                pieces,
                areaMm2,
              },
            ]
          : []
      }
    }
  })
}

function glassNeeds(room: Room, shelf: Shelf): CoverNeed[] {
  return room.openings
    .filter((opening) => opening.leaf && !stepOf(room, `leaf:${opening.id}`))
    .flatMap((opening) => {
      const film = narrowestOver(shelf, Math.min(opening.heightMm, opening.widthMm))
      const run = Math.max(opening.heightMm, opening.widthMm)
      return film
        ? [
            rollNeed(
              room,
              opening.name,
              'the gun reaches it; tape it taut all round',
              film,
              run,
              opening.heightMm * opening.widthMm,
            ),
          ]
        : []
    })
}

function wallNeeds(room: Room, shelf: Shelf): CoverNeed[] {
  return room.walls
    .filter((wall) => {
      const step = stepOf(room, `wall:${wall.id}`)
      const ceiling = stepOf(room, 'ceiling')
      return !step || (ceiling !== null && step.index < ceiling.index)
    })
    .flatMap((wall) => {
      const film = narrowestOver(shelf, room.heightMm) ?? widest(shelf.covers.filter((cover) => cover.kind === 'film'))
      return film
        ? [
            rollNeed(
              room,
              `wall ${wall.name}`,
              'hangs below the sprayed ceiling',
              film,
              wall.lengthMm,
              wall.lengthMm * room.heightMm,
            ),
          ]
        : []
    })
}

const narrowestOver = (shelf: Shelf, mm: number): Cover | undefined =>
  shelf.covers.filter((cover) => cover.kind === 'film' && cover.widthMm >= mm).sort((a, b) => a.widthMm - b.widthMm)[0]

const rollNeed = (room: Room, what: string, why: string, cover: Cover, runMm: number, areaMm2: number): CoverNeed => ({
  roomId: room.id,
  what,
  why,
  coverId: cover.id,
  runMm: Math.ceil(runMm),
  pieces: 0,
  areaMm2: Math.round(areaMm2),
})
