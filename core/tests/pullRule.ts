import type { PullRule } from '../src/planning/problem/problem'

/** A wet pull of one round on the drying clock, without a bead or a limit to its stay. */
export const wetRule = (more: Partial<PullRule>): PullRule => ({
  activityId: 'pull',
  roundId: 'r/s/w',
  manner: 'wet',
  coatId: 'coat',
  coated: null,
  clock: 'drying',
  filmClock: 'drying',
  beadClock: 'drying',
  settleMin: 2,
  openMin: 45,
  hardDryMin: 240,
  bead: null,
  stays: [],
  cutAfterMin: 0,
  ...more,
})
