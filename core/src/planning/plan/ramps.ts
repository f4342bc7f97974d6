import { intAt } from '../../base/units/sure'
import { rampOf, type Ramp } from '../../solve/engine/ramp'
import { NEVER } from '../../solve/engine/starts'
import { instantOfGain, instantsOfGain, type RateClock } from '../../nature/cure/rateClock'
import { lastFor } from '../../base/units/lastFor'
import { onceFor } from '../../base/units/onceFor'
import { MIN_PER_DAY } from '../../base/units/time'
import type { ClockDelay } from '../problem/problem'

/** Waits that hang on the hour, tabled by minutes from a plan’s beginning; each asked for once, and kept with its clock. */
export class Ramps {
  private readonly plain: Tables = new Map()

  /** @param origin  the instant that is minute 0  @param length  minutes that are tabled */
  constructor(
    private readonly clocks: ReadonlyMap<string, RateClock>,
    private readonly origin: number,
    private readonly length: number,
  ) {}

  /** When a delay has passed that began at the end of something, by its start: `start + lead` is when the delay begins. */
  ready(delay: ClockDelay, lead: number, back = 0): Ramp {
    if (lead === 0 && back === 0) return this.passing(delay)
    return made(this.tablesOf(delay), `${delay.clock}|${delay.amount}|${lead}|${back}|${this.length}`, () => {
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
  readyBehind(delay: ClockDelay, finish: Ramp, back: number): Ramp {
    const tables = tablesBehind(finish, this.clockOf(delay)?.rates ?? PLAIN, this.origin)
    return made(tables, `${delay.clock}|${delay.amount}|${back}|${this.length}`, () => {
      const base = this.passing(delay)
      return rampOf(0, this.length, (minute) => earlier(base, finish.values[minute] ?? NEVER, back))
    })
  }

  /** When a delay has passed, by the minute it begins at. */
  private passing(delay: ClockDelay): Ramp {
    const clock = this.clockOf(delay)
    if (!clock) return made(this.plain, `${delay.clock}|${delay.amount}`, () => this.passingOf(delay))
    // A little longer than is asked for: the next plan of the same facts ends at another minute.
    const count = Math.ceil(this.length / WHOLE_TABLE_MIN) * WHOLE_TABLE_MIN
    const whole = made(this.tablesOf(delay), `${delay.amount}|${count}`, () => ({
      start: 0,
      values: instantsOfGain(clock, { from: this.origin, count, amount: delay.amount, never: NEVER }),
    }))
    return { start: 0, values: whole.values.subarray(0, this.length) }
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
    return made(this.tablesOf(delay), `laid|${delay.clock}|${delay.amount}|${minutes}|${this.length}`, () => {
      const off = this.ready(delay, 0)
      let laid = 0
      return rampOf(0, this.length, (minute) => {
        while (laid < this.length && intAt(off.values, laid) < minute + minutes) laid++
        return laid < this.length ? laid : null
      })
    })
  }

  passed(delay: ClockDelay, from: number): number | null {
    if (delay.clock === null) return from + delay.amount
    const clock = this.clocks.get(delay.clock)
    return clock ? instantOfGain(clock, from, delay.amount) : null
  }

  private clockOf({ clock }: ClockDelay): RateClock | undefined {
    return clock === null ? undefined : this.clocks.get(clock)
  }

  private tablesOf(delay: ClockDelay): Tables {
    const clock = this.clockOf(delay)
    return clock ? tablesOfClock(clock.rates, clock.startMin, this.origin) : this.plain
  }
}

type Tables = Map<string, Ramp>

/** Tables are made to a whole week, so that plans of the same facts share them. */
const WHOLE_TABLE_MIN = 7 * MIN_PER_DAY

/** Of one clock; then all are made anew: a long day of edits asks for ever other waits. */
const MOST_TABLES = 300

/** A table under a name, worked out when it is first asked for. */
export function made(tables: Tables, name: string, work: () => Ramp): Ramp {
  const known = tables.get(name)
  if (known) return known
  const table = work()
  if (tables.size >= MOST_TABLES) tables.clear()
  tables.set(name, table)
  return table
}

/** Tables of one clock by what is asked of it, kept with the clock as long as plans begin at the same minute. */
const tablesOfClock = lastFor((_rates: RateClock['rates'], _startMin: number, _origin: number): Tables => new Map())

/** Tables of waits on a clock behind work that goes over breaks, kept with when that work ends. */
const tablesBehind = (finish: Ramp, rates: object, origin: number): Tables => tablesOfFinish(finish)(rates, origin)
const tablesOfFinish = onceFor((_finish: Ramp) => lastFor((_rates: object, _origin: number): Tables => new Map()))
const PLAIN: object = {}

/** A table read at a minute, so much sooner; never behind its end. */
function earlier({ values }: Ramp, minute: number, back: number): number | null {
  const at = values[Math.max(0, minute)]
  return at === undefined || at >= NEVER ? null : at - back
}
