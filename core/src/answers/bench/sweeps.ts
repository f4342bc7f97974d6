import { sure } from '../../base/units/sure'
import type { Shelf } from '../../base/nouns'
import type { BenchSetup } from './benchSetup'
import { judgeBench, type RiskName } from './judgeBench'

/** One curve of a chart: a risk per metre over what is swept. */
export interface Curve {
  readonly risk: RiskName
  readonly points: readonly { readonly x: number; readonly y: number }[]
}

/** Pull times swept, minutes after the coat: close together while it is wet, then wider. */
const PULL_TIMES = [1, 2, 4, 7, 10, 14, 18, 22, 26, 30, 36, 45, 60, 90, 150, 240, 360, 540, 720, 1080, 1440, 2160, 2880]
const AGES_DAYS = [0.1, 0.25, 0.5, 0.75, 1, 1.5, 2, 3, 4, 5, 7, 10, 14, 20, 30, 40]

/** Tear, lift and residue over the time from coat to pull. */
export const overPullTime = (setup: BenchSetup, shelf: Shelf): Curve[] =>
  sweep(['tear', 'lift', 'residue'], PULL_TIMES, (pullAfterMin) => judgeBench({ ...setup, pullAfterMin }, shelf))

/** Lift over the age of the keep side, days. */
export const overKeepAge = (setup: BenchSetup, shelf: Shelf): Curve[] =>
  sweep(['lift'], AGES_DAYS, (ageDays) => judgeBench({ ...setup, ageDays }, shelf))

function sweep(
  risks: readonly RiskName[],
  xs: readonly number[],
  judge: (x: number) => ReturnType<typeof judgeBench>,
): Curve[] {
  const answers = xs.map((x) => ({ x, answer: judge(x) }))
  return risks.map((risk) => ({
    risk,
    points: answers.map(({ x, answer }) => ({
      x,
      y: sure(answer.risks.find((each) => each.name === risk)).perMetre.mean,
    })),
  }))
}
