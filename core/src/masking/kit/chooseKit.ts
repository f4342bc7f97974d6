import { nth, sure } from '../../base/units/sure'
/**
 * Which kinds to carry: every client (a hem, or many alike) is served by one kind, each kind carried costs something
 * to carry, and the sum is to be least. The uncapacitated facility location problem.
 */
export interface KitProblem {
  /** Cost of carrying each kind, ≥ 0. */
  readonly carry: readonly number[]
  /** serve[i][j]: cost of serving client i with kind j; Infinity where it is not safe. */
  readonly serve: readonly (readonly number[])[]
}

interface KitAnswer {
  /** Kinds carried, in order. */
  readonly kinds: readonly number[]
  /** Kind that serves each client. */
  readonly kindOf: readonly number[]
  readonly cost: number
  /** Nodes of the search; a proof that nothing is cheaper came with each. */
  readonly nodes: number
}

/** Differences under this are rounding. */
const TINY = 1e-9

/** Whether a kind is settled in a branch of the search. */
type Fate = 'free' | 'in' | 'out'

/**
 * The cheapest kit, proved: branch and bound on kinds, with the dual ascent bound of Erlenkotter 1978 (DUALOC) at each
 * node. Prices that clients bid rise until every kind is paid for; their sum is a lower bound, and the kinds that are
 * fully paid for make a kit to compare with it.
 *
 * @returns null when some client can be served by no kind at all
 */
export function chooseKit(problem: KitProblem): KitAnswer | null {
  const { carry, serve } = problem
  if (serve.some((costs) => !costs.some(Number.isFinite))) return null
  const order = serve.map((costs) =>
    costs
      .flatMap((cost, j) => (Number.isFinite(cost) ? [j] : []))
      .sort((a, b) => nth(costs, a) - nth(costs, b) || a - b),
  )
  let best = { kinds: [] as number[], cost: Number.POSITIVE_INFINITY }
  let nodes = 0
  const search = (fates: Fate[]): void => {
    nodes += 1
    const { bound, paid } = dualAscent(problem, order, fates)
    const kit = trimmed(problem, paid)
    const cost = kitCost(problem, kit)
    if (cost < best.cost - TINY) best = { kinds: kit, cost }
    if (bound >= best.cost - Math.max(TINY, 1e-10 * Math.abs(best.cost))) return
    const split = branchOn(problem, kit, fates)
    if (split === null) return
    // With the kind first: good kits early cut more of the rest.
    for (const fate of ['in', 'out'] as const) {
      const next = fates.map((each, j) => (j === split ? fate : each))
      if (serve.every((costs) => costs.some((c, j) => Number.isFinite(c) && next[j] !== 'out'))) search(next)
    }
  }
  search(carry.map(() => 'free'))
  const kinds = [...best.kinds].sort((a, b) => a - b)
  return { kinds, kindOf: serve.map((costs) => cheapest(costs, kinds)), cost: kitCost(problem, kinds), nodes }
}

/** The kind of a kit that serves a client cheapest; the first of equals. */
const cheapest = (costs: readonly number[], kinds: readonly number[]): number =>
  kinds.reduce((one, j) => (nth(costs, j) < nth(costs, one) - TINY ? j : one), nth(kinds, 0))

/** What a kit costs, carried and served; Infinity where it leaves a client out. */
export function kitCost({ carry, serve }: KitProblem, kinds: readonly number[]): number {
  if (kinds.length === 0) return serve.length === 0 ? 0 : Number.POSITIVE_INFINITY
  const carried = kinds.reduce((sum, j) => sum + nth(carry, j), 0)
  return serve.reduce((sum, costs) => sum + Math.min(...kinds.map((j) => nth(costs, j))), carried)
}

/** A kit without the kinds that it is cheaper without. */
function trimmed(problem: KitProblem, kinds: readonly number[]): number[] {
  let kit = [...kinds]
  for (;;) {
    const now = kitCost(problem, kit)
    const leaner = kit
      .map((j) => kit.filter((other) => other !== j))
      .map((without) => ({ without, cost: kitCost(problem, without) }))
      .sort((a, b) => a.cost - b.cost)[0]
    if (!leaner || !(leaner.cost < now - TINY)) return kit
    kit = leaner.without
  }
}

/**
 * Raises each client's bid through the costs of its kinds, one step at a time, as far as the kinds' carrying costs
 * allow. Kinds that are in are paid already; kinds that are out take no bids.
 */
function dualAscent(
  { carry, serve }: KitProblem,
  order: readonly (readonly number[])[],
  fates: readonly Fate[],
): { bound: number; paid: number[] } {
  const slack = carry.map((cost, j) => (fates[j] === 'in' ? 0 : cost))
  const fixed = carry.reduce((sum, cost, j) => (fates[j] === 'in' ? sum + cost : sum), 0)
  const open = order.map((kinds) => kinds.filter((j) => fates[j] !== 'out'))
  const bids = serve.map((costs, i) => nth(costs, nth(nth(open, i), 0)))
  const step = serve.map(() => 1)
  let rising = true
  while (rising) {
    rising = false
    for (let i = 0; i < serve.length; i++) {
      const kinds = nth(open, i)
      const costs = nth(serve, i)
      while (nth(step, i) < kinds.length && nth(costs, nth(kinds, nth(step, i))) <= nth(bids, i) + TINY)
        step[i] = nth(step, i) + 1
      const goal = nth(step, i) < kinds.length ? nth(costs, nth(kinds, nth(step, i))) : Number.POSITIVE_INFINITY
      let room = goal - nth(bids, i)
      for (let k = 0; k < nth(step, i); k++) room = Math.min(room, nth(slack, nth(kinds, k)))
      if (!(room > TINY)) continue
      for (let k = 0; k < nth(step, i); k++) slack[nth(kinds, k)] = nth(slack, nth(kinds, k)) - room
      bids[i] = nth(bids, i) + room
      rising = true
    }
  }
  const bound = fixed + bids.reduce((sum, bid) => sum + bid, 0)
  return { bound, paid: slack.flatMap((left, j) => (left <= 1e-7 && fates[j] !== 'out' ? [j] : [])) }
}

/** The free kind whose fate tells most: the one in the kit that serves the most cost; else the cheapest left. */
function branchOn({ serve, carry }: KitProblem, kit: readonly number[], fates: readonly Fate[]): number | null {
  const free = fates.flatMap((fate, j) => (fate === 'free' ? [j] : []))
  if (free.length === 0) return null
  const inKit = free.filter((j) => kit.includes(j))
  if (inKit.length === 0)
    return nth(
      free.sort((a, b) => nth(carry, a) - nth(carry, b)),
      0,
    )
  const weight = (j: number) =>
    serve.reduce((sum, costs) => {
      const others = kit.filter((other) => other !== j).map((other) => nth(costs, other))
      const next = Math.min(...others, 1e12)
      return sum + Math.max(0, next - nth(costs, j))
    }, 0)
  // A kind whose loss costs little is the one that is in doubt.
  return nth(
    inKit.map((j) => ({ j, doubt: Math.abs(weight(j) - nth(carry, j)) })).sort((a, b) => a.doubt - b.doubt),
    0,
  ).j
}

/** A point of the trade-off: so many kinds, and what the hems then cost without the carrying. */
interface KitPoint {
  readonly kinds: readonly number[]
  readonly kindOf: readonly number[]
  readonly serveCost: number
}

/**
 * The kits worth choosing between: for some carrying cost per kind each of them is the cheapest, from every hem its
 * best to the fewest kinds that do. Found by asking, between two neighbours, at the carrying cost where both cost the
 * same, whether a third one beats them.
 */
export function kitTradeOff(serve: KitProblem['serve'], kindCount: number): KitPoint[] {
  const at = (carry: number): KitPoint | null => {
    const answer = chooseKit({ carry: Array.from({ length: kindCount }, () => carry), serve })
    return (
      answer && { kinds: answer.kinds, kindOf: answer.kindOf, serveCost: answer.cost - carry * answer.kinds.length }
    )
  }
  const most = at(0)
  if (!most) return []
  // Dearer to carry than all hems together: nothing but the fewest kinds can be cheapest.
  const dear = 1 + serve.reduce((sum, costs) => sum + Math.max(...costs.filter(Number.isFinite)), 0)
  const fewest = sure(at(dear))
  const between = (a: KitPoint, b: KitPoint): KitPoint[] => {
    if (a.kinds.length - b.kinds.length < 2) return []
    const carry = (b.serveCost - a.serveCost) / (a.kinds.length - b.kinds.length)
    const middle = sure(at(carry))
    const cost = (point: KitPoint) => point.serveCost + carry * point.kinds.length
    const better =
      cost(middle) < cost(a) - 1e-6 && middle.kinds.length < a.kinds.length && middle.kinds.length > b.kinds.length
    return better ? [...between(a, middle), middle, ...between(middle, b)] : []
  }
  const lean = withoutIdle(most)
  return lean.kinds.length === fewest.kinds.length ? [lean] : [lean, ...between(lean, fewest), fewest]
}

/** At no carrying cost a kit may hold kinds that serve nobody. */
function withoutIdle(point: KitPoint): KitPoint {
  const used = new Set(point.kindOf)
  return { ...point, kinds: point.kinds.filter((j) => used.has(j)) }
}
