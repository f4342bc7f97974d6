import { BREATHER_KINDS, face, writeFace, type FaceKey, type Fitting, type Room } from '../../base/nouns'
import { stepsOf } from './faces'

/** The face a fitting sits on. */
export const hostOf = ({ on, wallId }: Pick<Fitting, 'on' | 'wallId'>): FaceKey =>
  on === 'ceiling' ? writeFace({ kind: 'ceiling', id: null }) : face('wall', wallId)

/** Things that stand out from a wall: tape alone does not cover a lantern or a tap. */
const STANDS_OUT: readonly Fitting['kind'][] = ['light', 'tap', 'meter-box', 'alarm', 'sprinkler', 'flue', 'exit']
/** Grilles are flat; those wider than tape laps over get film within it. */
const GRILLES: readonly Fitting['kind'][] = ['vent', 'air-inlet']
const TAPE_COVERS_MM = 100

/**
 * Whether a fitting gets a bag or film beside its tape; a plate gets tape and nothing else. What must breathe, be heard
 * or be seen is only covered against a gun. Common practice.
 */
export function isBagged(room: Room, fitting: Fitting): boolean {
  const out =
    STANDS_OUT.includes(fitting.kind) ||
    (GRILLES.includes(fitting.kind) && Math.min(fitting.widthMm, fitting.heightMm) > TAPE_COVERS_MM)
  if (!out || !BREATHER_KINDS.includes(fitting.kind)) return out
  return stepsOf(room, hostOf(fitting)).some(({ step }) => step.tool === 'spray')
}
