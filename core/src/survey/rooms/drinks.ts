import {
  isFace,
  readRound,
  thingOf,
  type Face,
  type Material,
  type PaintStep,
  type Room,
  type RoundId,
} from '../../base/nouns'
import { coatsBelow, faceOf, facesOfStep } from './faces'

/** Materials that drink where nothing shuts them. */
export const DRINKING: readonly Material[] = [
  'render',
  'plaster',
  'brick',
  'block',
  'concrete',
  'wood',
  'lapped-boards',
  'board',
]

/** Whether a face takes water out of the first coat on it: bare, or with nothing on it but chalk or dusty filler. */
export const drinks = ({ material, soundness }: Pick<Face, 'material' | 'soundness'>): boolean =>
  soundness === 'bare-wood' ||
  soundness === 'bare-board-paper' ||
  soundness === 'thin-over-dusty-filler' ||
  soundness === 'chalky' ||
  (soundness === 'unpainted-hard' && DRINKING.includes(material))

interface CoatOn {
  readonly room: Room
  readonly step: PaintStep
  /** Counted from the first on the face. */
  readonly coat: number
  /** Walls it goes on: of other faces all that the step paints count. All walls where it is left out. */
  readonly wallIds?: readonly string[] | undefined
}

/** Whether a coat is the first on a face that drinks. */
export const isDrunk = ({ room, step, coat, wallIds }: CoatOn): boolean =>
  coat === 1 &&
  coatsBelow(room, step) === 0 &&
  facesOfStep(room, step).some(
    (key) => (!wallIds || !isFace(key, 'wall') || wallIds.includes(thingOf(key) ?? '')) && drinks(faceOf(room, key)),
  )

/** The same of a round: its own walls count. */
export const isDrunkInRound = (room: Room, step: PaintStep, coat: number, roundId: RoundId): boolean =>
  isDrunk({ room, step, coat, wallIds: readRound(roundId)?.wallIds })
