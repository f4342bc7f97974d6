import type { Parameters } from '../../base/parameters/parameters'
import { sure } from '../../base/units/sure'
import type { Cover, Shelf, Tape } from '../../base/nouns'
import { coverLoadNPerM, flakesPerM2, tackSpacingM } from '../../nature/risk/cover'
import { coverWidthMm, gunOf, oversprayMm } from './overspray'

/** How a cover is held: taped all round and taut, hung from an edge and tacked, lying, loose over a thing, or gathered behind it. */
export type CoverHold = 'taut' | 'taped' | 'hung' | 'lies' | 'loose' | 'bagged'

/** The cover that goes with a hem's tape when its paint is sprayed. */
export interface BesideCover {
  readonly cover: Cover
  readonly hold: CoverHold
  /** Mist that has to be caught, mm. */
  readonly reachMm: number
  /** Flakes to expect in the wet coat for each metre of hem. */
  readonly flakesPerM: number
  /** How much of it is handled beside the hem, mm: its drop, or as far as mist goes. */
  readonly openMm: number
  /** What pulls at a metre of the tape that carries it, N; 0 where it lies. */
  readonly loadNPerM: number
}

/** Where a sprayed edge lies, as far as its cover goes. */
export type BesidePlace = 'glass' | 'ceiling-line' | 'floor' | 'thing'

export interface BesideSetup {
  readonly shelf: Shelf
  readonly place: BesidePlace
  readonly narrow: boolean
  readonly coats: number
  /** Drop of film that hangs from the tape, m; null opens it as far as mist drifts. */
  readonly dropM: number | null
  readonly windMs: number
  readonly parameters: Pick<Parameters, 'work'>
}

/** A hung film's edge can still flap this far between tacks, m. From memory. */
const SLACK_M = 0.3
/** Share of a loose film that the gun's air moves. From memory. */
const LOOSE_SHARE = 0.5

/**
 * What covers the field beside a sprayed hem. Glass and ceiling lines get film, taped all round or hung and tacked;
 * floors get paper, which does not lift into the wet coat; over things film does for one coat and paper from the
 * second on, since paint dried on loose film flakes off into the wet coat. Common practice.
 *
 * @returns null when nothing on the shelf fits
 */
export function coverBeside(setup: BesideSetup): BesideCover | null {
  const gun = gunOf(setup.shelf)
  const reachMm = oversprayMm(gun, setup.narrow, setup.windMs)
  const inUse = setup.shelf.covers.filter((cover) => !cover.retired)
  const kind = kindFor(setup)
  const wanted = setup.dropM === null ? coverWidthMm(reachMm) : setup.dropM * 1000
  // Paper is not hung overhead: it comes down with its weight.
  const other =
    setup.place === 'ceiling-line' ? undefined : narrowest(inUse, kind === 'film' ? 'paper' : 'film', wanted)
  const cover = narrowest(inUse, kind, wanted) ?? other
  if (!cover) return null
  const hold = holdOf(setup.place)
  const dryCoats = Math.max(0, setup.coats - 1)
  const slack = hold === 'loose' ? LOOSE_SHARE : 0
  const air = Math.max(gun.airMs, setup.windMs)
  return {
    cover,
    hold,
    reachMm,
    openMm: Math.min(wanted, cover.widthMm),
    flakesPerM: (flakesPerM2(cover.kind, dryCoats, air, slack) * reachMm) / 1000,
    loadNPerM:
      hold === 'hung'
        ? coverLoadNPerM({
            cover,
            dropM: Math.min(wanted, cover.widthMm) / 1000,
            airMs: air,
            slackM: SLACK_M,
            parameters: setup.parameters,
          })
        : 0,
  }
}

function kindFor({ place, coats }: BesideSetup): 'film' | 'paper' {
  if (place === 'glass' || place === 'ceiling-line') return 'film'
  if (place === 'floor') return 'paper'
  return coats > 1 ? 'paper' : 'film'
}

const HOLD_OF: Record<BesidePlace, CoverHold> = { glass: 'taut', 'ceiling-line': 'hung', floor: 'lies', thing: 'loose' }
const holdOf = (place: BesidePlace): CoverHold => HOLD_OF[place]

/** The narrowest of a kind that is wide enough, else the widest there is. */
function narrowest(covers: readonly Cover[], kind: Cover['kind'], wantedMm: number): Cover | undefined {
  const fits = covers.filter((cover) => cover.kind === kind).sort((a, b) => a.widthMm - b.widthMm)
  return fits.find((cover) => cover.widthMm >= wantedMm) ?? fits.at(-1)
}

/** Tacks closer than this are a continuous strip in all but name, mm. From memory. */
const LEAST_TACK_MM = 150

/**
 * Distance between tacks with which a tape holds a cover, mm, rounded down to 50 mm and no more than a metre; null
 * where it cannot: more grip, two tapes or paper then.
 */
export function tackMm(tape: Pick<Tape, 'gripN25'>, loadNPerM: number, by: Pick<Parameters, 'work'>): number | null {
  const spacing = tackSpacingM(tape, loadNPerM, by)
  if (spacing === null || spacing * 1000 < LEAST_TACK_MM) return null
  return Math.min(1000, Math.floor((spacing * 1000) / 50) * 50)
}

/** The least grip that holds a cover, N per 25 mm: {@link tackMm} solved for the grip. */
export const gripFloorN25 = (loadNPerM: number, by: Pick<Parameters, 'work'>): number => {
  const spacingPerGrip = tackSpacingM({ gripN25: 1 }, loadNPerM, by)
  // A grip of 1 may not hold at all; spacing grows in proportion to grip and falls with load.
  const unit = spacingPerGrip ?? sure(tackSpacingM({ gripN25: 1 }, 1, by)) / loadNPerM
  return LEAST_TACK_MM / 1000 / unit
}
