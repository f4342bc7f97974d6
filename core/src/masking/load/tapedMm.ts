import { beginnersShare, known, word, type HouseRules, type Job } from '../../base/nouns'
import type { Hem } from '../../survey/hems/deriveHems'
import { endsMm } from '../../survey/hems/ends'
import { JOINT_LAYERS, JOINT_PIECE_MM, ROUNDED_PIECE_MM, SHORT_PIECES } from '../recipes/laying'
import type { Recipe } from '../recipes/recipe'

/** What of a hem says how much tape goes into it. */
type Taped = Pick<Hem, 'lengthMm' | 'corners' | 'radiusMm' | 'laps' | 'gapVaries'>

/** What of a recipe does. */
type TapedWay = Pick<Recipe, 'setting' | 'curvePieces'>

/** A joint that opens and closes is filled with two layers of pieces; along a flush one lies a run. */
const isPieced = ({ gapVaries }: Taped, setting: Recipe['setting']): boolean =>
  setting === 'tight-joint-at-the-floor' && gapVaries

/** Short pieces a hem is laid in, each of which laps the last: round a corner, into a joint, over boards, or by the house's way. */
function piecesOf(house: Pick<HouseRules, 'runs'>, hem: Taped, { setting, curvePieces }: TapedWay): number {
  if (curvePieces > 0) return curvePieces
  if (hem.laps > 0) return hem.laps
  if (hem.radiusMm > 0) return Math.ceil(hem.lengthMm / ROUNDED_PIECE_MM.value)
  if (isPieced(hem, setting)) return Math.ceil((JOINT_LAYERS * hem.lengthMm) / JOINT_PIECE_MM.value)
  return house.runs === 'one-run' ? 0 : Math.floor(hem.lengthMm / SHORT_PIECES.pieceMm)
}

/** Tape beyond the run of a hem, mm: its ends and corners, laps of pieces, and the second layer in a tight joint. */
export function tabsMm(house: Pick<HouseRules, 'runs'>, hem: Taped, recipe: TapedWay): number {
  const again = isPieced(hem, recipe.setting) ? (JOINT_LAYERS - 1) * hem.lengthMm : 0
  return endsMm(hem) + again + piecesOf(house, hem, recipe) * SHORT_PIECES.lapMm
}

/** Tape a hem takes as it is laid, mm, without what the hand wastes. */
export const tapedMm = (house: Pick<HouseRules, 'runs'>, hem: Taped, recipe: TapedWay): number =>
  hem.lengthMm + tabsMm(house, hem, recipe)

/** How many times what a practised hand wastes of tape a beginner's does. */
const BEGINNER_WASTE = known(2, '', 'from-memory', word('source', 'a-beginner-against-a-practised-hand'))

/**
 * Tape wasted in a room, % of what is laid: the house's figure for practised hands, more by the share of beginners in its
 * crew; where no crew is named, in all crews.
 */
export function wastePctIn({ house, crews, rooms }: Pick<Job, 'house' | 'crews' | 'rooms'>, roomId: string): number {
  const share = beginnersShare(crews, rooms.find((room) => room.id === roomId)?.crewId ?? null)
  return house.wastePct * (1 + share * (BEGINNER_WASTE.value - 1))
}
