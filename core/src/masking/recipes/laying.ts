import { known, word, type HouseRules, type Tape } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'
import type { EdgeSegment } from '../../survey/hems/edge'
import { shareOnLadder } from '../../survey/rooms/reach'
import { curvePieces } from './curvePieces'
import { settingOf, type SettingFacts } from './setting'

/** What decides how a hem's tape goes on. */
type LayingFacts = SettingFacts & { readonly house: HouseRules }

/** Short pieces take longer to lay, and each laps the last. From memory. */
export const SHORT_PIECES = { layFactor: 1.15, pieceMm: 1200, lapMm: 25 } as const
/** Finishing a run in one go alone: no factor; the rate was taken from long runs. */
const ONE_RUN = { layFactor: 1, lapShare: 0 } as const

/** How the house lays its runs, and what laps it. */
export const runWay = (house: Pick<HouseRules, 'runs'>) =>
  house.runs === 'one-run'
    ? ONE_RUN
    : { layFactor: SHORT_PIECES.layFactor, lapShare: SHORT_PIECES.lapMm / SHORT_PIECES.pieceMm }

/** Round a rounded corner tape lies in pieces of 6 to 12 in: about this long. */
export const ROUNDED_PIECE_MM = known(225, 'mm', 'common-practice', word('source', 'pieces-of-6-to-12-in'))
/** In a tight joint pieces of about this length are pushed in, one layer over the other. */
export const JOINT_PIECE_MM = known(300, 'mm', 'from-memory', word('source', 'a-hand-s-reach-with-the-scraper'))
export const JOINT_LAYERS = 2
/** A pane takes four strips cut to fit at both ends, each as long as one and a half that need not fit: 2 to 3 min. From memory. */
const STRIPS_OF_PANE = 4 * 1.5

/**
 * Minutes one practised painter lays a metre of a hem's tape, without pressing: by the metre with the ladder's moves
 * where it runs above reach, by the piece where it goes on in short ones.
 */
export function layMinPerM(
  ctx: LayingFacts,
  tape: Pick<Tape, 'tears' | 'bendTimes'>,
  widthMm: number,
  { work }: Pick<Parameters, 'work'>,
): number {
  const { hem, house } = ctx
  const { rates } = house
  const metres = hem.lengthMm / 1000
  const { run, strips } = layingOf(ctx, curvePieces(hem.curve, tape, widthMm).count)
  const ladder = shareOnLadder(hem.segments) * rates.ladderPerM
  const strip = rates.stripEach + work.cutMin[tape.tears].value
  const minutes = run * rates.layPerM * runWay(house).layFactor + strips * strip
  // Hems that are alike metre for metre share their candidates: the last bits of a quotient must not tell them apart.
  return Math.round((minutes / Math.max(metres, 1e-3) + ladder) * 1e6) / 1e6
}

/** What of a hem is laid in runs, m, and in how many short strips the rest, of which a curve takes so many. */
function layingOf(ctx: LayingFacts, onCurve: number): { readonly run: number; readonly strips: number } {
  const { hem } = ctx
  const metres = hem.lengthMm / 1000
  if (hem.laps > 0) return { run: levelMm(hem.segments) / 1000, strips: hem.laps }
  if (hem.kind === 'casing-to-floor') return { run: 0, strips: 2 }
  if (hem.radiusMm > 0) return { run: 0, strips: hem.lengthMm / ROUNDED_PIECE_MM.value }
  if (onCurve > 0) return { run: 0, strips: onCurve }
  if (hem.panes > 1) return { run: 0, strips: hem.panes * STRIPS_OF_PANE }
  if (settingOf(ctx) === 'tight-joint-at-the-floor' && hem.gapVaries)
    return { run: 0, strips: (JOINT_LAYERS * hem.lengthMm) / JOINT_PIECE_MM.value }
  return { run: metres, strips: cornersCut(hem) }
}

/**
 * Corners at which a strip is cut to fit, beyond the few that any run has: all of a pattern, where each square has four, and each piece or
 * cut over a lump.
 */
const cornersCut = ({ kind, corners, lumps }: LayingFacts['hem']): number =>
  kind === 'two-tone-line' || kind === 'by-hand' ? corners : lumps.reduce((sum, { count }) => sum + count, 0)

/** Top and bottom of an opening in lapped boards are single runs; its sides step. */
const levelMm = (segments: readonly EdgeSegment[]): number =>
  segments.reduce((sum, s) => sum + (s.y1 === s.y2 ? Math.abs(s.x2 - s.x1) : 0), 0)
