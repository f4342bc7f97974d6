import { readEdge, readFace, type FaceKey, type LineNote, type Room } from '../../base/nouns'
import { lineFor } from '../lines/snapLine'
import { lumpAnswer } from '../lines/lumps'
import { straightened } from '../lines/straightened'

/** What a face wants along the lines that were noted on it, before tape lies on it, mm. */
export interface LineReady {
  /** Joint between the old edge and a straight line that leaves it: it shows as a shadow through the paint unless it is filled flush. */
  readonly sealMm: number
  /** Lumps and dips too steep for tape. */
  readonly fillMm: number
}

/**
 * What the notes on a room's lines ask of a face. A line is laid on what it keeps off, which where a wall meets something else is that other
 * thing. Where two colours meet on one wall nothing is open, so a straight line there needs no filler. From memory.
 */
export function lineReady({ lines }: Pick<Room, 'lines'>, key: FaceKey): LineReady {
  const own = lines.filter(({ edge }) => laidOn(edge) === key)
  return {
    sealMm: own.reduce((sum, note) => sum + jointMm(note), 0),
    fillMm: own.reduce((sum, { lumps }) => sum + filledMm(lumps), 0),
  }
}

/** Run along which paint goes over the joint, mm; 0 where the old edge is followed or was not read, or where there is no joint. */
export function jointMm({ edge, way, readings, fit, through }: LineNote): number {
  if (way !== 'straighten' || readings.length < 2 || !meetsAnother(edge)) return 0
  return Math.round(straightened(readings, lineFor(readings, fit, through), null).coveredRunMm)
}

const filledMm = (lumps: LineNote['lumps']): number =>
  lumps.reduce((sum, lump) => sum + (lumpAnswer(lump).way === 'mend' ? Math.round(lump.lengthMm) : 0), 0)

/** The face a line's tape lies on: of two different ones the one that is no wall. Null where no two faces meet. */
function laidOn(edge: LineNote['edge']): FaceKey | null {
  const ref = readEdge(edge)
  if (ref?.is !== 'meeting') return null
  return isWall(ref.a) && !isWall(ref.b) ? ref.b : ref.a
}

/** Whether a wall meets something that is none, so that there is a joint between them. */
export function meetsAnother(edge: LineNote['edge']): boolean {
  const ref = readEdge(edge)
  return ref?.is === 'meeting' && isWall(ref.a) !== isWall(ref.b)
}

const WALLS = ['wall', 'band']
const isWall = (key: FaceKey): boolean => WALLS.includes(readFace(key)?.kind ?? '')
