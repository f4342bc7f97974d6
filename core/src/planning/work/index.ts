/** What the steps after the work read of it. */
export {
  type Activity,
  type ActivityKind,
  type Delay,
  type MinutePart,
  type Round,
  type RoundPull,
  crewMinutes,
  isOfTheGun,
  type Work,
  type GunRun,
} from './activity'
export { activityName } from './activityName'
export { areKept, freestTurns, gunTurns, NO_TURNS, sameTurns, STAYS_MIN, type GunTurn, type GunTurns } from './gunTurns'
export { jobWork } from './jobWork'
export { laysOf } from './layOf'
export { minutesOf } from './minutesOf'
export { needsTower } from './needs'
export { readiedIn } from './makingReady'
