import { type Coating, type HouseRules, type PaintStep, type Room, said, type Said, word } from '../ground'

/** How the tape of one coating step comes off, and why. */
export interface StepPull {
  readonly pull: 'wet' | 'dry'
  readonly why: Said | null
}

/** Films of these sheens snap cleanly once hard: common practice. */
const SNAPS: readonly Coating['sheen'][] = ['flat', 'matt']

/**
 * Settles the house's opinion on the pull for one step: it is one answer for all its hems, since they are coated
 * together. Common practice:
 * - an elevation is sprayed from end to end and unmasked once it is hard: its coat takes longer than its edge stays wet;
 * - "as soon as may be" is the wet pull, before the tape's grip can tell on young paint below;
 * - "either" pulls dry what snaps cleanly in thin coats, flat and matt or sprayed, and wet what stretches.
 */
export function pullMannerOf(
  house: Pick<HouseRules, 'pull'>,
  room: Pick<Room, 'kind'>,
  step: Pick<PaintStep, 'tool'>,
  coating: Pick<Coating, 'sheen'>,
): StepPull {
  if (house.pull === 'dry') return { pull: 'dry', why: null }
  if (room.kind === 'elevation')
    return { pull: 'dry', why: said(step.tool === 'spray' ? 'why.pull_front' : 'why.pull_front_by_hand') }
  if (house.pull === 'wet') return { pull: 'wet', why: null }
  if (house.pull === 'soonest') return { pull: 'wet', why: said('why.pull_soonest') }
  const snaps = SNAPS.includes(coating.sheen)
  return snaps
    ? { pull: 'dry', why: said('why.pull_snaps', { sheen: word('sheen', coating.sheen) }) }
    : { pull: 'wet', why: said('why.pull_stretches', { sheen: word('sheen', coating.sheen) }) }
}
