import { floatAt, intAt, nth } from '../../base/units/sure'
import { latestsOf } from './bounds'
import { serialSchemeOf, layOut, type SerialScheme } from './firstSchedule'
import type { Model, Schedule } from './model'

/** A longest wait of so many minutes ties nothing together: it is counted where it breaks, and seldom does. */
const LOOSE_MIN = 1440
/** Layouts from hot to cold, and how hot it begins, in loads of an average task. */
const COOLING = 8000
const HOT = 0.25
/** How often something late is moved, and not just anything. */
const LATE_SHARE = 0.4
const LOOKS = 20

/**
 * Brings everything home by an instant: lays all out in an order that is changed a little each time, and keeps what leaves less
 * work late, or now and then a little more (simulated annealing: Kirkpatrick, Gelatt & Vecchi 1983). How much is late says
 * what the end of all does not: a day more is a day more, whether an hour is left for it or five minutes.
 */
export class Anneal {
  private readonly scheme: SerialScheme
  private readonly latests: Int32Array
  private readonly loads: Float64Array
  private readonly loose: Model['lags']
  private readonly hot: number
  /** The order tasks go in, least first, as it stands and as it is tried. */
  private order: Float64Array
  private tried: Float64Array
  private schedule: Schedule
  private late: number
  private layouts = 0

  private constructor(
    private readonly model: Model,
    scheme: SerialScheme,
    latests: Int32Array,
    first: Schedule,
    private readonly random: () => number,
  ) {
    this.scheme = scheme
    this.latests = latests
    this.loose = model.lags.filter(isLoose)
    this.loads = loadsOf(model)
    this.hot = (HOT * this.loads.reduce((sum, load) => sum + load, 0)) / this.loads.length
    this.order = Float64Array.from(scheme.tail, (tail) => -tail)
    this.tried = this.order.slice()
    this.schedule = first
    this.late = this.lateIn(first)
  }

  /** Sets out to end all by an instant. Null where that cannot be, or nothing can be laid out. */
  static towards(model: Model, end: number, random: () => number): Anneal | null {
    const latests = latestsOf(serialSchemeOf(model), end)
    if (!latests) return null
    const scheme = serialSchemeOf({ ...model, lags: model.lags.filter((lag) => !isLoose(lag)) })
    const first = layOut(scheme, (task) => intAt(scheme.tail, task))
    return first && new Anneal(model, scheme, latests, first, random)
  }

  /**
   * Lays out so many times, or until told.
   *
   * @param found  told of each schedule that keeps all and stands from here on  @returns whether all is home
   */
  run(layouts: number, isOver: () => boolean, found: (schedule: Schedule) => void): boolean {
    for (let i = 0; i < layouts && this.late > 0 && !isOver(); i++) {
      const heat = this.hot * (1 - (this.layouts++ % COOLING) / COOLING)
      this.change()
      const schedule = layOut(this.scheme, (task) => -floatAt(this.tried, task))
      if (!schedule) continue
      const late = this.lateIn(schedule)
      if (late > this.late && this.random() >= Math.exp((this.late - late) / heat)) continue
      ;[this.order, this.tried] = [this.tried, this.order]
      this.schedule = schedule
      this.late = late
      if (this.loose.every((lag) => holds(lag, schedule))) found(schedule)
    }
    return this.late === 0
  }

  /** Shares of a crew that are late, by minutes; what breaks a loose wait counts as late too. */
  private lateIn(schedule: Schedule): number {
    const { latests, loads } = this
    let late = 0
    for (let i = 0; i < schedule.length; i++) if (intAt(schedule, i) > intAt(latests, i)) late += floatAt(loads, i)
    for (const lag of this.loose) if (!holds(lag, schedule)) late += floatAt(loads, lag.from)
    return late
  }

  /** Puts one or two tasks elsewhere in the order, or changes places of two. */
  private change(): void {
    const { tried, random } = this
    tried.set(this.order)
    for (let times = random() < 0.5 ? 1 : 2; times > 0; times--) {
      const [one, other] = [this.some(), Math.floor(random() * tried.length)]
      const [from, to] = [floatAt(tried, one), floatAt(tried, other)]
      this.move(one, to + random() - 0.5)
      if (random() < 0.5) this.move(other, from)
    }
  }

  private some(): number {
    const { random, schedule, latests } = this
    const pick = () => Math.floor(random() * schedule.length)
    let task = pick()
    if (random() < LATE_SHARE)
      for (let i = 0; i < LOOKS && intAt(schedule, task) <= intAt(latests, task); i++) task = pick()
    return task
  }

  /** What goes sooner takes along what it waits for. */
  private move(task: number, to: number): void {
    const { tried } = this
    const isSooner = to < floatAt(tried, task)
    tried[task] = to
    if (!isSooner) return
    for (const { from, weight } of nth(this.scheme.into, task))
      if (weight > 0 && to - weight < floatAt(tried, from)) this.move(from, to - weight)
  }
}

const isLoose = ({ weight, ramp }: Model['lags'][number]): boolean => ramp === null && weight <= -LOOSE_MIN

const holds = ({ from, to, weight }: Model['lags'][number], schedule: Schedule): boolean =>
  intAt(schedule, to) >= intAt(schedule, from) + weight

/** What each task holds of all crews it needs, in minutes of the whole crew. */
function loadsOf({ tasks, shared }: Model): Float64Array {
  const loads = new Float64Array(tasks.length)
  for (const { capacity, uses } of shared)
    for (const { task, units } of uses)
      loads[task] = floatAt(loads, task) + (units * nth(tasks, task).minutes) / capacity
  return loads
}
