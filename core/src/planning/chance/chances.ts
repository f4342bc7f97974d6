import type { ActivityId } from '../../base/nouns'
import { floatAt, intAt, nth } from '../../base/units/sure'
import type { Placement } from '../plan/placement'
import type { ScheduleProblem } from '../problem/problem'
import { seededNumbers, seedOf } from '../../base/units/seeded'
import { emptyRun, rehearse, type Luck } from './run'
import { scriptOf, type Script } from './script'
import { forecastOf, SPREADS } from './spreads'

/** What may come of a plan, by thousands of runs. Shares are 0 … 1, instants minutes since the epoch. */
export interface Chances {
  readonly runs: number
  readonly seed: number
  /** Every pull that is not done: how often it misses its span. */
  readonly pulls: readonly { readonly activityId: ActivityId; readonly missShare: number }[]
  /** Rooms: when they are through in half of all runs, and in nine of ten; how often later than they are due. */
  readonly rooms: readonly {
    readonly roomId: string
    readonly half: number
    readonly nineOfTen: number
    readonly lateShare: number | null
  }[]
  /** How often an activity lies on the chain that decides the end; most often first. */
  readonly decides: readonly { readonly activityId: ActivityId; readonly share: number }[]
  readonly end: { readonly half: number; readonly nineOfTen: number } | null
}

/**
 * Runs a plan many times with other luck each time. Two plans that are compared with one seed have the same luck: what an activity
 * draws hangs on its name, not on its place.
 */
export function chancesOf(
  problem: ScheduleProblem,
  plan: Pick<Placement, 'placed'>,
  { runs, seed }: { readonly runs: number; readonly seed: number },
): Chances {
  const script = scriptOf(problem, plan)
  const { acts, scenes, rooms, due } = script
  const run = emptyRun(script)
  const dice = diceFor(script, seed)
  const missed = new Float64Array(acts.length)
  const decided = new Float64Array(scenes.length)
  const ends = rooms.map(() => new Float64Array(runs))
  const all = new Float64Array(runs)
  for (let r = 0; r < runs; r++) {
    rehearse(script, dice(), run)
    let last = -1
    for (let i = 0; i < acts.length; i++) {
      missed[i] = floatAt(missed, i) + nth(run.missed, i)
      const to = floatAt(run.to, i)
      const end = nth(ends, nth(acts, i).room)
      end[r] = Math.max(floatAt(end, r), to)
      if (last < 0 || to > floatAt(run.to, last)) last = i
    }
    if (last < 0) continue
    all[r] = floatAt(run.to, last)
    for (let scene = nth(acts, last).scene; scene >= 0; scene = intAt(run.cause, scene))
      decided[scene] = floatAt(decided, scene) + 1
  }
  return {
    runs,
    seed,
    pulls: acts.flatMap(({ id, pull }, i) => (pull ? [{ activityId: id, missShare: floatAt(missed, i) / runs }] : [])),
    rooms: rooms.flatMap((roomId, i) => {
      const sorted = nth(ends, i).sort()
      if (acts.length === 0 || sorted[runs - 1] === 0) return []
      const by = due[i] ?? null
      const lateShare = by === null ? null : sorted.filter((end) => end > by).length / runs
      return [{ roomId, half: at(sorted, 0.5), nineOfTen: at(sorted, 0.9), lateShare }]
    }),
    decides: scenes
      .map(({ acts: own }, s) => ({ activityId: nth(acts, nth(own, 0)).id, share: floatAt(decided, s) / runs }))
      .filter(({ share }) => share > 0)
      .sort((a, b) => b.share - a.share),
    end: acts.length === 0 ? null : { half: at(all.sort(), 0.5), nineOfTen: at(all, 0.9) },
  }
}

const at = (sorted: Float64Array, share: number): number =>
  floatAt(sorted, Math.min(sorted.length - 1, Math.floor(share * sorted.length)))

/** Luck of one run after another, drawn by each activity from a stream of its own. */
function diceFor({ acts, scenes, crews: names, aheadOf }: Script, seed: number): () => Luck {
  const told = acts.map(({ id }) => forecastOf(aheadOf(id)))
  const streams = acts.map(({ id }) => seededNumbers(seedOf(id) + 7919 * seed))
  const days = seededNumbers(104_729 * (seed + 1))
  const luck = {
    work: new Float64Array(acts.length),
    drying: new Float64Array(acts.length),
    airShift: new Float64Array(acts.length),
    shower: new Float64Array(acts.length),
  }
  const crews = new Float64Array(names.length)
  const crewDays = names.map((name) => seededNumbers(seedOf(name) + 15_485_863 * seed))
  // Neighbouring seeds begin alike: a few numbers are let go.
  for (const stream of [...streams, ...crewDays, days]) for (let i = 0; i < 4; i++) stream()
  return () => {
    const [weather, sooner] = [normal(days), normal(days)]
    for (let crew = 0; crew < crews.length; crew++) crews[crew] = SPREADS.crew.value * normal(nth(crewDays, crew))
    acts.forEach(({ scene, spread }, i) => {
      const stream = nth(streams, i)
      luck.work[i] = Math.exp(floatAt(crews, nth(scenes, scene).crew) + spread * normal(stream))
      const { clocks, airShiftMin, showerPerHour } = nth(told, i)
      luck.drying[i] = Math.exp(clocks * weather + SPREADS.coat.value * normal(stream))
      luck.airShift[i] = airShiftMin * sooner
      // When the next shower comes, in hours: any hour is as likely.
      luck.shower[i] = -Math.log(1 - stream()) / showerPerHour
    })
    return luck
  }
}

/** A standard normal number (Box & Muller 1958). */
const normal = (random: () => number): number => Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random())
