import {
  type Coating,
  figureOf,
  known,
  type HouseRules,
  type PaintStep,
  type Room,
  said,
  type Said,
  word,
} from '../../base/nouns'

/** How the tape of one coating step comes off, and why. */
interface StepPull {
  readonly pull: 'wet' | 'dry'
  readonly why: Said | null
}

/** One opening is sealed, cut in and pulled in about this time; where an edge skins sooner nothing is pulled wet. */
const LEAST_WET_MIN = known(12, 'min', 'from-memory', word('source', 'one-opening-sealed-cut-in-and-pulled'))

/** Films of these sheens snap cleanly once hard: common practice. */
const SNAPS: readonly Coating['sheen'][] = ['flat', 'matt']

interface PullMannerSetup {
  readonly house: Pick<HouseRules, 'pull' | 'frontsInADay'>
  readonly room: Pick<Room, 'kind'>
  readonly step: Pick<PaintStep, 'tool'>
  readonly coating: Pick<Coating, 'sheen'>
  readonly wetMin: number | null
  /** The tape lies on a floor and walls or a ceiling come later, the last of them called so; null where none does. */
  readonly keptFor?: string | null
  /** The floor itself is painted: nobody stands on it to pull. */
  readonly isFloor?: boolean
  /** Minutes a gun takes from the first stroke in the room to the last; 0 for other tools. */
  readonly passMin: number
}

/**
 * Settles the house's opinion on the pull for one step: it is one answer for all its hems, since they are coated
 * together. Common practice:
 * - a front is sprayed from end to end and unmasked once it is hard, or, where the house wants it so, once it is dry to
 *   touch: its coat takes longer than its edge stays wet. One that is brushed or rolled goes part by part as a room does, where sun and wind leave its edge wet long enough for one;
 * - tape on a floor stays, with paper and cloth, until the walls and the ceiling above it are done;
 * - a floor is painted towards the door, and its tape comes off once people can walk on it;
 * - a room that takes a gun longer than an edge stays wet is sprayed to the end, and pulled once it is hard;
 * - "as soon as may be" is the wet pull, before the tape's grip can tell on young paint below;
 * - "either" pulls dry what snaps cleanly in thin coats, flat and matt or sprayed, and wet what stretches.
 *
 * @param wetMin  how long its edge stays wet in the fastest hour it may be done in; null for ever
 */
export function pullMannerOf({
  house,
  room,
  step,
  coating,
  wetMin,
  passMin,
  isFloor,
  keptFor,
}: PullMannerSetup): StepPull {
  if (keptFor) return { pull: 'dry', why: said('why.pull_kept', { step: keptFor }) }
  if (house.pull === 'dry') return { pull: 'dry', why: null }
  if (isFloor) return { pull: 'dry', why: said('why.pull_floor') }
  if (room.kind === 'elevation' && step.tool === 'spray')
    return { pull: 'dry', why: said(house.frontsInADay ? 'why.pull_front_soft' : 'why.pull_front') }
  if (wetMin !== null && passMin > wetMin)
    return { pull: 'dry', why: said('why.pull_pass', { pass: figureOf(passMin), minutes: figureOf(wetMin) }) }
  if (room.kind === 'elevation' && wetMin !== null && wetMin < LEAST_WET_MIN.value)
    return { pull: 'dry', why: said('why.pull_front_by_hand', { minutes: figureOf(wetMin) }) }
  if (house.pull === 'wet') return { pull: 'wet', why: null }
  if (house.pull === 'soonest') return { pull: 'wet', why: said('why.pull_soonest') }
  const snaps = SNAPS.includes(coating.sheen)
  return snaps
    ? { pull: 'dry', why: said('why.pull_snaps', { sheen: word('sheen', coating.sheen) }) }
    : { pull: 'wet', why: said('why.pull_stretches', { sheen: word('sheen', coating.sheen) }) }
}
