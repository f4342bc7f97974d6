import type { Answer, Ways } from './answer'
import { Exact } from './exact'
import { serialSchemeOf, firstSchedule } from './firstSchedule'
import { Found } from './found'
import { wayTaken } from './guards'
import { makespanOf, type Choice, type Model, type Schedule } from './model'
import { networkOf } from './network'
import { pooledBound, singleBound } from './pooledBound'
import { OPEN, withWays } from './withWays'
import { improvePlain } from './plainSearch'

/** Tasks, over all ways, up to which the kernel is given every choice at once. */
const WHOLE = 260
/** Layouts by which a set of ways is judged at first sight, and sets judged in a turn. */
const SIGHT_TRIES = 4
const SIGHTS = 100
/** Rounds of search the best set at sight gets in a turn. */
const POLISH_ROUNDS = 1
/** Choices that are left open together, the rest as it is, and clashes that is searched for. */
const OPENED = 3
const OPENED_CLASHES = 1500

/**
 * The best schedule of a model with choices: who takes what, how large a piece is cut, in one search with when. Sets of ways are
 * judged by laying them out, the best so far changed in one choice or two; the best is searched like any model; and where they
 * are few enough the kernel sees all ways at once, each under its literal. A claim of `optimal` or `infeasible` is over all ways.
 */
export const improveChoices = (model: Model, ways: Ways): Answer => new ChoiceSearch(model, ways).run()

class ChoiceSearch extends Found {
  private readonly choices: readonly Choice[]
  /** The set of ways that is changed, and what it comes to at sight. */
  private picks: readonly number[]
  private sight: number
  /** Sets that were judged already. */
  private readonly seen = new Set<string>()
  private clashes = 300

  constructor(model: Model, ways: Ways) {
    super(model, ways, ways.incumbent ?? null)
    this.choices = model.choices ?? []
    this.picks = this.choices.map((choice) => wayTaken(choice.ways, this.best))
    this.sight = this.sighted(this.picks)
  }

  run(): Answer {
    const { ways, model } = this
    this.bound = Math.max(pooledBound(model), singleBound(model, ways.isOver))
    if (model.tasks.length <= WHOLE && !this.isClosed) this.exact = new Exact(model, networkOf(model), this.best)
    this.exact?.offerBound(this.bound)
    for (let round = 0; round < (ways.rounds ?? Number.POSITIVE_INFINITY); round++) {
      this.meet()
      ways.onProgress?.(this.best && this.makespan, this.bound)
      if (this.isClosed || ways.isOver()) break
      this.step()
      if (this.isClosed) continue
      this.otherWays()
      this.polish()
      this.reopened()
    }
    this.meet()
    return this.answer()
  }

  /** A slice of exact search over all ways. */
  private step(): void {
    this.exact?.step(this.clashes, this.ways.isOver)
    this.clashes = Math.min(20_000, Math.ceil(this.clashes * 1.4))
    this.meet()
  }

  /** What exact search found has ways of its own, which are gone on from. */
  protected override meet(): boolean {
    const isSooner = super.meet()
    if (isSooner) {
      this.picks = this.choices.map((choice) => wayTaken(choice.ways, this.best))
      this.sight = Math.min(this.makespan, this.sighted(this.picks))
    }
    return isSooner
  }

  /** Looks at other ways of one or two choices, and goes on from those that are no worse. */
  private otherWays(): void {
    const { ways } = this
    for (let i = 0; i < SIGHTS && !ways.isOver(); i++) {
      const picks = this.changed()
      if (this.seen.has(picks.join())) continue
      const sight = this.sighted(picks)
      if (sight > this.sight) continue
      this.picks = picks
      this.sight = sight
    }
  }

  private changed(): number[] {
    const { random } = this.ways
    const picks = [...this.picks]
    for (let k = random() < 0.5 ? 1 : 2; k > 0; k--) {
      const c = Math.floor(random() * picks.length)
      picks[c] = Math.floor(random() * (this.choices[c]?.ways.length ?? 1))
    }
    return picks
  }

  /** When all ends with these ways, at sight. */
  private sighted(picks: readonly number[]): number {
    this.seen.add(picks.join())
    const { ways } = this
    const part = withWays(this.model, picks)
    const schedule = firstSchedule(serialSchemeOf(part.model), { ...ways, tries: SIGHT_TRIES, least: 0 })
    if (!schedule) return Number.POSITIVE_INFINITY
    this.offer(part.whole(schedule))
    return makespanOf(part.model, schedule)
  }

  /** Searches the set at hand as if nothing else could be chosen. */
  private polish(): void {
    const { model, ways } = this
    const part = withWays(model, this.picks)
    const own = wayTakenIs(this.choices, this.best, this.picks)
    const answer = improvePlain(part.model, {
      random: ways.random,
      isOver: ways.isOver,
      rounds: POLISH_ROUNDS,
      incumbent: own && this.best ? part.part(this.best) : null,
    })
    if (answer.schedule) this.offer(part.whole(answer.schedule))
  }

  /** Leaves some choices of the best schedule open, the others as they are, and lets the kernel see the whole of that. */
  private reopened(): void {
    const { ways, model, best } = this
    if (!best || this.isClosed) return
    const picks = this.choices.map((choice) => wayTaken(choice.ways, best))
    for (let k = 0; k < OPENED; k++) picks[Math.floor(ways.random() * picks.length)] = OPEN
    const part = withWays(model, picks)
    const exact = new Exact(part.model, networkOf(part.model), part.part(best))
    exact.step(OPENED_CLASHES, ways.isOver)
    if (exact.best) this.offer(part.whole(exact.best))
  }

  private offer(schedule: Schedule): void {
    const makespan = makespanOf(this.model, schedule)
    if (makespan >= this.makespan) return
    this.best = schedule
    this.makespan = makespan
  }
}

const wayTakenIs = (choices: readonly Choice[], schedule: Schedule | null, picks: readonly number[]): boolean =>
  choices.every(({ ways }, c) => wayTaken(ways, schedule) === picks[c])
