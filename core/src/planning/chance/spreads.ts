import { known, readActivity, word, type ActivityId } from '../../base/nouns'

const guess = (value: number) => known(value, '', 'from-memory', word('source', 'no-records-of-days-yet'))

/** How much a day differs from its plan, each the standard deviation of a logarithm. */
export const SPREADS = {
  /** A crew on a good or a bad day: all it does. */
  crew: guess(0.08),
  /** One piece of work by itself. */
  work: {
    cover: guess(0.25),
    lay: guess(0.2),
    seal: guess(0.15),
    coat: guess(0.15),
    pull: guess(0.15),
    other: guess(0.25),
  },
  /** The weather against its forecast, on every clock of the day. */
  clocks: guess(0.12),
  /** How one coat dries against its label in that weather. */
  coat: guess(0.1),
} as const

/** The spread of one activity’s minutes, by what it does. */
export function workSpread(activityId: ActivityId): number {
  const ref = readActivity(activityId)
  const { work } = SPREADS
  if (ref?.of !== 'round') return work.cover.value
  switch (ref.act) {
    case 'lay':
      return work.lay.value
    case 'seal':
    case 'bead':
      return work.seal.value
    case 'coat':
    case 'roll':
      return work.coat.value
    case 'pull':
    case 'pull-dry':
    case 'peel':
      return work.pull.value
    default:
      return work.other.value
  }
}
