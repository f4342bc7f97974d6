import { type Defect, type FaceKey, type Room } from '../../base/nouns'
import { lineReady } from './lineReady'
import { faceKeys, faceOf, hasFace } from '../rooms/faces'

/** What is done to a face before paint, in the order of the work inside. */
export const READY_ACTS = [
  'scrape',
  'wash',
  'degrease',
  'seal-gaps',
  'fill',
  'sand',
  'wipe',
  'prime',
  'look-over',
] as const
export type ReadyAct = (typeof READY_ACTS)[number]

/** One thing to do to a face, and the places it is done at where they are known. */
export interface ReadyStep {
  readonly act: ReadyAct
  readonly places: readonly Defect[]
  /** How much of a line that was noted on the face wants it besides, mm; 0 where none does. */
  readonly lineMm: number
  /** What it is sanded with; null for all else. */
  readonly grit: number | null
}

/** Grit for filler and scraped edges, and for a sound finish that is only dulled. Common practice, no published source. */
const FILLER_GRIT = 120
const DULLING_GRIT = 180

/**
 * What a face wants before anything is laid on it: what the survey ticked, and what its marked places and lines ask for. Filler is sanded, what
 * was sanded is wiped, and primer is looked over, since it shows what is left. Common practice, no published source.
 */
export function readySteps(room: Room, key: FaceKey): ReadyStep[] {
  const ticked = new Set(faceOf(room, key).prep)
  const of = (...kinds: readonly Defect['kind'][]) =>
    room.defects.filter((defect) => defect.face === key && kinds.includes(defect.kind))
  const [flaking, gaps, holes] = [of('flaking'), of('gap'), of('crack', 'hole')]
  const { sealMm, fillMm } = lineReady(room, key)
  const isFilled = ticked.has('fill') || holes.length > 0 || fillMm > 0
  const isSanded = ticked.has('sand') || isFilled || flaking.length > 0
  const wanted: readonly (readonly [ReadyAct, boolean, readonly Defect[], number?])[] = [
    ['scrape', flaking.length > 0, flaking],
    ['wash', ticked.has('wash'), []],
    ['degrease', ticked.has('degrease'), []],
    ['seal-gaps', gaps.length > 0 || sealMm > 0, gaps, sealMm],
    ['fill', isFilled, holes, fillMm],
    ['sand', isSanded, [...flaking, ...holes], fillMm],
    ['wipe', isSanded || ticked.has('dust'), []],
    ['prime', ticked.has('prime'), []],
    ['look-over', ticked.has('prime'), []],
  ]
  const steps = wanted.flatMap(([act, isWanted, places, lineMm = 0]): ReadyStep[] =>
    isWanted ? [{ act, places, lineMm, grit: act === 'sand' ? (isFilled ? FILLER_GRIT : DULLING_GRIT) : null }] : [],
  )
  return room.kind === 'elevation' ? washedLast(steps) : steps
}

/** Outside joints are sealed and filled first, and all of it is washed then: common practice, no published source. */
function washedLast(steps: readonly ReadyStep[]): ReadyStep[] {
  const isWash = ({ act }: ReadyStep) => act === 'wash' || act === 'degrease'
  const primed = steps.findIndex(({ act }) => act === 'prime')
  const [dry, primer] = primed < 0 ? [steps, []] : [steps.slice(0, primed), steps.slice(primed)]
  return [...dry.filter((step) => !isWash(step)), ...dry.filter(isWash), ...primer]
}

/** Faces of a room with something to be done to them before anything is laid on them; dust is wiped off as tape goes on. */
export const facesToReady = (room: Room): FaceKey[] =>
  faceKeys(room).filter((key) => hasFace(room, key) && readySteps(room, key).some(({ act }) => act !== 'wipe'))
