import { intAt } from '../../base/units/sure'
import { rampOf, type Ramp } from '../../solve/engine/ramp'
import { NEVER } from '../../solve/engine/starts'
import { instantOfGain, instantsOfGain, type RateClock } from '../../nature/cure/rateClock'
import { lastFor } from '../../base/units/lastFor'
import { MIN_PER_DAY } from '../../base/units/time'
import type { ClockDelay } from '../problem/problem'

/** Waits that hang on the hour, tabled by minutes from a plan’s beginning; each asked for once. */
export class Ramps {
  private readonly tables = new Map<string, Ramp>()

  /** @param origin  the instant that is minute 0  @param length  minutes that are tabled */
  constructor(
    private readonly clocks: ReadonlyMap<string, RateClock>,
    private readonly origin: number,
    private readonly length: number,
  ) {}

  /** When a delay has passed that began at the end of something, by its start: `start + lead` is when the delay begins. */
  ready(delay: ClockDelay, lead: number, back = 0): Ramp {
    if (lead === 0 && back === 0) return this.passing(delay)
    return this.made(`${delay.clock}|${delay.amount}|${lead}|${back}`, () => {
      const base = this.passing(delay).values
      const values = new Int32Array(this.length).fill(NEVER)
      for (let i = 0; i < this.length; i++) {
        const at = base[Math.max(0, i + lead)]
        if (at !== undefined && at < NEVER) values[i] = at - back
      }
      return { start: 0, values }
    })
  }

  /** The same behind work that goes over breaks: its end by its start is `finish`. */
  readyBehind(delay: ClockDelay, finish: Ramp, name: string, back: number): Ramp {
    const base = this.passing(delay)
    return this.once(`${delay.clock}|${delay.amount}|${name}|${back}`, (minute) =>
      earlier(base, finish.values[minute] ?? NEVER, back),
    )
  }

  /** When a delay has passed, by the minute it begins at. */
  private passing(delay: ClockDelay): Ramp {
    const clock = delay.clock === null ? undefined : this.clocks.get(delay.clock)
    if (!clock) return this.made(`${delay.clock}|${delay.amount}`, () => this.passingOf(delay))
    const known = tablesOf(clock.rates, clock.startMin, this.origin)
    const ramp = known.get(delay.amount)
    if (ramp && ramp.values.length >= this.length) return { start: 0, values: ramp.values.subarray(0, this.length) }
    // A little longer than is asked for: the next plan of the same facts ends at another minute.
    const count = Math.ceil(this.length / WHOLE_TABLE_MIN) * WHOLE_TABLE_MIN
    const values = instantsOfGain(clock, { from: this.origin, count, amount: delay.amount, never: NEVER })
    known.set(delay.amount, { start: 0, values })
    return { start: 0, values: values.subarray(0, this.length) }
  }

  private passingOf(delay: ClockDelay): Ramp {
    return rampOf(0, this.length, (minute) => {
      const at = this.passed(delay, this.origin + minute)
      return at === null ? null : Math.ceil(at) - this.origin
    })
  }

  /**
   * The least start of something that must not lie longer than `delay` when another ends, by that one’s start: tape whose pull
   * ends `minutes` after it starts.
   */
  laidBy(delay: ClockDelay, minutes: number): Ramp {
    const off = this.ready(delay, 0)
    let laid = 0
    return this.once(`laid|${delay.clock}|${delay.amount}|${minutes}`, (minute) => {
      while (laid < this.length && intAt(off.values, laid) < minute + minutes) laid++
      return laid < this.length ? laid : null
    })
  }

  passed(delay: ClockDelay, from: number): number | null {
    if (delay.clock === null) return from + delay.amount
    const clock = this.clocks.get(delay.clock)
    return clock ? instantOfGain(clock, from, delay.amount) : null
  }

  /** A table under a name, worked out when it is first asked for. */
  once(name: string, of: (minute: number) => number | null): Ramp {
    return this.made(name, () => rampOf(0, this.length, of))
  }

  private made(name: string, work: () => Ramp): Ramp {
    const table = this.tables.get(name) ?? work()
    this.tables.set(name, table)
    return table
  }
}

/** Tables are made to a whole week, so that plans of the same facts share them. */
const WHOLE_TABLE_MIN = 7 * MIN_PER_DAY

/** Tables of one clock by what it has to gain, kept with the clock as long as plans begin at the same minute. */
const tablesOf = lastFor(
  (_rates: RateClock['rates'], _startMin: number, _origin: number): Map<number, Ramp> => new Map(),
)

/** A table read at a minute, so much sooner; never behind its end. */
function earlier({ values }: Ramp, minute: number, back: number): number | null {
  const at = values[Math.max(0, minute)]
  return at === undefined || at >= NEVER ? null : at - back
}
