import { intAt } from '../../base/units/sure'
import { rampOf, type Ramp } from '../../solve/engine/ramp'
import { NEVER } from '../../solve/engine/starts'
import { instantOfGain, type RateClock } from '../../nature/cure/rateClock'
import type { ClockDelay } from '../problem/problem'

/** Waits that hang on the hour, tabled by minutes from a plan’s beginning; each asked for once. */
export class Ramps {
  private readonly made = new Map<string, Ramp>()

  /** @param origin  the instant that is minute 0  @param length  minutes that are tabled */
  constructor(
    private readonly clocks: ReadonlyMap<string, RateClock>,
    private readonly origin: number,
    private readonly length: number,
  ) {}

  /** When a delay has passed that began at the end of something, by its start: `start + lead` is when the delay begins. */
  ready(delay: ClockDelay, lead: number, back = 0): Ramp {
    const base = this.passing(delay)
    return this.once(`${delay.clock}|${delay.amount}|${lead}|${back}`, (minute) => earlier(base, minute + lead, back))
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
    return this.once(`${delay.clock}|${delay.amount}`, (minute) => {
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
    const found = this.made.get(name) ?? rampOf(0, this.length, of)
    this.made.set(name, found)
    return found
  }
}

/** A table read at a minute, so much sooner; never behind its end. */
function earlier({ values }: Ramp, minute: number, back: number): number | null {
  const at = values[Math.max(0, minute)]
  return at === undefined || at >= NEVER ? null : at - back
}
