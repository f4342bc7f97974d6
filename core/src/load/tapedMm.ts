import type { HouseRules } from '../ground'
import type { Hem } from '../hems/deriveHems'
import { endsMm } from '../hems/ends'
import { SHORT_PIECES } from '../recipes/laying'

/** Tape in the ends and corners of a hem, and in the laps of short pieces, mm. */
export const tabsMm = (house: Pick<HouseRules, 'runs'>, hem: Pick<Hem, 'lengthMm' | 'corners'>): number =>
  endsMm(hem) + (house.runs === 'one-run' ? 0 : Math.floor(hem.lengthMm / SHORT_PIECES.pieceMm) * SHORT_PIECES.lapMm)

/** Tape a hem takes as it is laid, mm, without what the hand wastes. */
export const tapedMm = (house: Pick<HouseRules, 'runs'>, hem: Pick<Hem, 'lengthMm' | 'corners'>): number =>
  hem.lengthMm + tabsMm(house, hem)
