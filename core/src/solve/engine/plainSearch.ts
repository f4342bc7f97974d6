import { intAt, nth, sure } from '../../base/units/sure'
import { Anneal } from './anneal'
import { energyBound, headsOf } from './bounds'
import { build, scheduleIn } from './build'
import { INFEASIBLE, type Answer, type Ways } from './answer'
import { Exact } from './exact'
import { serialSchemeOf, firstSchedule, layOut, type SerialScheme } from './firstSchedule'
import { Found } from './found'
import { mirrored, turned } from './mirror'
import { makespanOf, type Model, type Schedule } from './model'
import { networkOf, type Network } from './network'

/** Tasks up to which the kernel is given the whole at once. */
const WHOLE = 260
/** Tasks a neighbourhood frees at most: every pair of them is an order to be decided. */
const MOST_FREED = 120
/** How far tasks are shaken out of their order, min, and how many are laid out anew in a turn, over all layouts. */
const SHAKES = [20, 60, 200, 700]
const SHAKEN_TASKS = 6000
/** How many of them are, as a share. */
const SHARES = [0.05, 0.2, 1]
/** So much above the bound is a night, min: then a day less is looked for, with so many layouts for each clash of exact search. */
const NIGHT_MIN = 240
const HOME_LAYOUTS = 5

/**
 * The best schedule of a model within the time there is: a first one by priority rules, then exact search over the whole where
 * it is small enough, and by turns over a part with the order of the rest kept (large neighbourhoods); while a day less may be
 * had, by bringing late work home. Bounds by energy and by what the kernel refutes. A claim of `optimal` or `infeasible` is a proof.
 */
export function improvePlain(model: Model, ways: Ways): Answer {
  const network = networkOf(model)
  if (network.circle) return INFEASIBLE
  const scheme = serialSchemeOf(model)
  const heads = headsOf(scheme)
  if (!heads) return INFEASIBLE
  const isBig = model.tasks.length > WHOLE
  // Of many tasks the bound takes longer than a first schedule: somebody waits for that.
  const early = isBig ? 0 : energyBound(scheme, heads)
  const best = ways.incumbent ?? firstSchedule(scheme, { ...ways, tries: isBig ? 2 : 40, least: early })
  if (best) ways.onProgress?.(makespanOf(model, best), early)
  const search = new Search(model, network, scheme, best, isBig ? energyBound(scheme, heads) : early, ways)
  return search.run()
}

class Search extends Found {
  /** How many tasks a neighbourhood frees; grows where it finds nothing soon, shrinks where it takes too long. */
  private size = 40
  /** Some crew does several things at once: orders alone say little, and laying out anew much. */
  private readonly isLoose: boolean
  /** The model with time turned round from an end; no scheme for one that cannot be turned. */
  private backward: { readonly end: number; readonly scheme: SerialScheme | null } | null = null
  /** Where all is brought home by. */
  private anneal: { readonly end: number; readonly by: Anneal | null } | null = null
  /** How well neighbourhoods have paid lately, 0 … 1. */
  private luck = 1

  constructor(
    model: Model,
    private readonly network: Network,
    private readonly scheme: SerialScheme,
    best: Schedule | null,
    bound: number,
    ways: Ways,
  ) {
    super(model, ways, best)
    this.bound = bound
    this.isLoose = model.shared.some(
      ({ capacity, uses }) => capacity > 1 && uses.some(({ units }) => 2 * units <= capacity),
    )
    const isWhole = model.tasks.length <= WHOLE || best === null
    this.exact = isWhole ? new Exact(model, network, best) : null
    this.exact?.offerBound(bound)
  }

  run(): Answer {
    const { ways, exact } = this
    let clashes = 300
    for (let round = 0; round < (ways.rounds ?? Number.POSITIVE_INFINITY); round++) {
      this.meet()
      ways.onProgress?.(this.best && this.makespan, this.bound)
      if (this.isClosed || ways.isOver()) break
      if (exact) {
        exact.step(clashes, ways.isOver, this.isDayOff)
        clashes = Math.min(20_000, Math.ceil(clashes * 1.4))
        this.meet()
        if (exact.isClosed) continue
        if (this.isDayOff) this.home(HOME_LAYOUTS * clashes)
      }
      const turns = this.turns(round)
      for (let turn = 0; turn < turns && !ways.isOver(); turn++) {
        const before = this.makespan
        this.neighbourhood()
        this.shake()
        this.luck = this.makespan < before ? 1 : this.luck * 0.8
      }
    }
    this.meet()
    return this.answer()
  }

  /** A night or more above the bound: a day less is found by bringing work home, not by ending a little sooner. */
  private get isDayOff(): boolean {
    // Without any schedule there is no day to win: exact search looks for the first one.
    return this.best !== null && this.makespan - this.bound > NIGHT_MIN
  }

  /** Brings less and less work home too late for a day less. */
  private home(layouts: number): void {
    const end = this.bound + NIGHT_MIN
    if (this.anneal?.end !== end) this.anneal = { end, by: Anneal.towards(this.model, end, this.ways.random) }
    this.anneal.by?.run(layouts, this.ways.isOver, (schedule) => this.takeOver(schedule))
  }

  /** How many turns neighbourhoods get beside exact search: more where they have paid lately. */
  private turns(round: number): number {
    if (this.best === null) return 0
    if (!this.exact) return 1
    // Small models are left to exact search, which sees them whole.
    if (this.model.tasks.length <= 30) return 0
    return this.luck > 0.2 || this.isLoose ? 3 : round % 8 === 0 ? 1 : 0
  }

  /**
   * Lays everything out anew in nearly the order it has: what comes early leaves room for what follows.
   */
  private shake(): void {
    const { scheme, ways } = this
    const layouts = Math.ceil(((this.isLoose ? 4 : 1) * SHAKEN_TASKS) / this.model.tasks.length)
    for (let i = 0; i < layouts && !ways.isOver(); i++) {
      // Where the kernel sees the whole, it closes gaps better.
      if (i % 2 === 1 && !this.exact) {
        this.justify()
        continue
      }
      const base = sure(this.best)
      const strength = nth(SHAKES, Math.floor(ways.random() * SHAKES.length))
      const share = nth(SHARES, Math.floor(ways.random() * SHARES.length))
      const schedule = layOut(
        scheme,
        (task) => -intAt(base, task) - (ways.random() < share ? strength * (ways.random() - 0.5) : 0),
      )
      if (schedule) this.takeOver(schedule)
    }
  }

  /** Takes over what is no worse: schedules as good too, so that it does not stand still. */
  private takeOver(schedule: Schedule): void {
    const makespan = makespanOf(this.model, schedule)
    if (makespan > this.makespan) return
    this.best = schedule
    this.makespan = makespan
  }

  /**
   * Pushes everything as late as it goes, last ends first, and back as early as it goes, first starts first: what stood in the way
   * of nothing closes up (double justification: Valls, Ballestín & Quintanilla 2005). A little shaken, so that it differs each time.
   */
  private justify(): void {
    const { model, ways, scheme } = this
    const end = this.makespan
    if (this.backward?.end !== end) {
      const other = mirrored(model, end)
      this.backward = { end, scheme: other && serialSchemeOf(other) }
    }
    if (!this.backward.scheme) return
    const strength = nth(SHAKES, Math.floor(ways.random() * SHAKES.length)) / 4
    const noise = () => strength * (ways.random() - 0.5)
    const base = sure(this.best)
    const late = layOut(this.backward.scheme, (task) => intAt(base, task) + nth(model.tasks, task).minutes + noise())
    if (!late) return
    const back = turned(model, late, end)
    const schedule = layOut(scheme, (task) => -intAt(back, task) + noise())
    if (schedule) this.takeOver(schedule)
  }

  /** Frees some tasks that lie near one another in time and looks for a better end, the others in their order. */
  private neighbourhood(): void {
    const { model, network, ways } = this
    const best = sure(this.best)
    const count = model.tasks.length
    const anchor = Math.floor(ways.random() * count)
    const near = [...best.keys()].sort(
      (a, b) => Math.abs(intAt(best, a) - intAt(best, anchor)) - Math.abs(intAt(best, b) - intAt(best, anchor)),
    )
    const own = new Uint8Array(count)
    const freed = Math.floor(this.size)
    for (const task of near.slice(0, freed)) own[task] = 1
    const reach = Math.abs(intAt(best, nth(near, Math.min(count - 1, freed))) - intAt(best, anchor))
    const free = (i: number, j: number) =>
      (own[i] === 1 || own[j] === 1) && Math.abs(intAt(best, i) - intAt(best, j)) <= 2 * reach
    const built = build({
      model,
      network,
      hint: best,
      isFreed: (task) => own[task] === 1,
      free,
      most: this.makespan - 1,
    })
    const { kernel } = built
    const outcome = built.isOpen ? kernel.search([], { clashes: 600, isOver: ways.isOver }) : 'refuted'
    if (outcome === 'refuted') this.size = Math.min(count, MOST_FREED, this.size * 1.1 + 1)
    if (outcome === 'stopped') this.size = Math.max(12, this.size * 0.95)
    if (outcome !== 'found') return
    this.best = scheduleIn(built)
    this.makespan = makespanOf(model, this.best)
  }
}
