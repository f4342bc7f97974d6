import { beginnersShare, type Crew, type LaidBy } from '../../base/nouns'

/** Whether the lines of a room are a learner's: where half of those who may lay them or more learn; one of three is given the easy ones. */
export const isByLearner = (crews: readonly Crew[], crewId: string | null): boolean =>
  beginnersShare(crews, crewId) >= LEARNERS_SHARE

/** From memory. */
const LEARNERS_SHARE = 0.5

/** Whose hand a record counts the lines of a room for. */
export const laidBy = (isLearners: boolean): LaidBy => (isLearners ? 'beginner' : 'practised')
