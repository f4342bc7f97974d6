import highsLoader from 'highs'
import { betterPlan, chancesOf, parseInstant, placeFirst, problemOf, seededNumbers } from '@crisp-hem/core'
import { improve, modelOf, propagatorPasses, solveInstance, type PassBench } from '@crisp-hem/core/engine'
import { asLp, coarse } from '../../core/tests/asLp'
import { jobShop, LEAST, type ShopName } from '../../core/tests/jobShops'
import { FAMILIES, madeInstance, sharedInstance } from '../../core/tests/madeInstances'
import { TERN_QUAY_NOW, ternQuay, ternQuaySurvey } from '../../demo'

export interface EngineRow {
  readonly what: string
  readonly value: string
  readonly target: string
}

const seconds = (ms: number): string => `${(ms / 1000).toFixed(2)} s`

/** How long the engine takes on known and on made instances, one core. Each row ends by itself. */
export const engineRows = async (): Promise<EngineRow[]> => [
  ...propagatorPasses().map(passRow),
  await milpRow(),
  ...(['ft06', 'la01', 'la02', 'la05', 'ft10'] as const).map(shopRow),
  twentyRow(),
  closeRow(),
  choiceRow(20, 0),
  choiceRow(60, 15),
  choiceRow(100, 0),
  ...[600, 2000].map((size) => firstRow(size)),
  chanceRow(),
  planRow('the demo’s plan on its second afternoon', ternQuay(), parseInstant(TERN_QUAY_NOW)),
  planRow('the demo’s plan before it begins', ternQuaySurvey(), parseInstant(ternQuaySurvey().start)),
]

/** Timed for about this long, ms. */
const PASS_MS = 300

/** How long one pass of a propagator takes. */
function passRow({ what, once }: PassBench): EngineRow {
  for (let i = 0; i < 1000; i++) once()
  const from = performance.now()
  let passes = 0
  for (; performance.now() - from < PASS_MS; passes += 100) for (let i = 0; i < 100; i++) once()
  return {
    what,
    value: `${((1000 * (performance.now() - from)) / passes).toFixed(1)} µs`,
    target: 'to compare with itself',
  }
}

/** Time to the same, proved answer, against a time-indexed program in the registry’s MILP solver. */
async function milpRow(): Promise<EngineRow> {
  const highs = await highsLoader()
  // Both are warm when they are timed.
  const first = coarse(madeInstance('mixed', 10, 9))
  solveInstance(first, { random: seededNumbers(1), isOver: () => false })
  highs.solve(asLp(first, 200))
  let [ours, theirs, count] = [0, 0, 0]
  for (const family of FAMILIES)
    for (let seed = 1; seed <= 2; seed++) {
      const instance = coarse(madeInstance(family, 10, seed))
      let from = performance.now()
      const answer = solveInstance(instance, { random: seededNumbers(1), isOver: () => false })
      ours += performance.now() - from
      from = performance.now()
      const other = highs.solve(asLp(instance, (answer.makespan ?? 400) + 4))
      theirs += performance.now() - from
      if (other.Status === 'Optimal' && Math.round(other.ObjectiveValue) !== answer.makespan)
        throw new Error(`${instance.name}: ${answer.makespan} is not ${other.ObjectiveValue}`)
      count++
    }
  return {
    what: `${count} masking jobs of 10 tasks, proved: engine and MILP solver`,
    value: `${seconds(ours)} and ${seconds(theirs)}, ${(theirs / ours).toFixed(0)} times faster`,
    target: 'at least 20 times',
  }
}

const SHOP_TARGET: Partial<Record<ShopName, string>> = { ft06: 'under 1 s', ft10: '930 in 20 s, proved in 120 s' }

function shopRow(name: ShopName): EngineRow {
  const from = performance.now()
  let found = Number.POSITIVE_INFINITY
  const { makespan, status } = improve(modelOf(jobShop(name)), {
    random: seededNumbers(1),
    isOver: () => performance.now() - from > 120_000,
    onProgress: (best) => {
      if (best === LEAST[name]) found = Math.min(found, performance.now() - from)
    },
  })
  return {
    what: `job shop ${name}, best known ${LEAST[name]}`,
    value: `${makespan} in ${seconds(found)}, ${status} in ${seconds(performance.now() - from)}`,
    target: SHOP_TARGET[name] ?? 'proved in 2 s',
  }
}

/** The slowest of many jobs of up to twenty tasks to be proved or refuted. */
function twentyRow(): EngineRow {
  let [slowest, open, count] = [0, 0, 0]
  for (const family of FAMILIES)
    for (let seed = 0; seed < 20; seed++) {
      const from = performance.now()
      const answer = solveInstance(madeInstance(family, 20, seed), {
        random: seededNumbers(1),
        isOver: () => performance.now() - from > 10_000,
      })
      count++
      if (answer.status !== 'optimal' && answer.status !== 'infeasible') open++
      slowest = Math.max(slowest, performance.now() - from)
    }
  return {
    what: `${count} masking jobs of 20 tasks, the slowest`,
    value: `${seconds(slowest)}, ${open} left open`,
    target: 'each proved or refuted in 2 s',
  }
}

/** How far from the bound of that moment an answer may be, as a share. */
const CLOSE = 0.01

/** Masking jobs of 60, 100 and 150 tasks, three of each family: how many come within one in a hundred of their bound, and when. */
function closeRow(): EngineRow {
  const times: number[] = []
  const far: string[] = []
  for (const size of [60, 100, 150])
    for (const family of FAMILIES)
      for (const seed of [1, 2, 3]) {
        const instance = madeInstance(family, size, seed)
        const from = performance.now()
        let isClose = false
        const { makespan, bound } = improve(modelOf(instance), {
          random: seededNumbers(1),
          isOver: () => isClose || performance.now() - from > 10_000,
          onProgress: (best, bound) => (isClose ||= best !== null && best <= (1 + CLOSE) * bound),
        })
        times.push(performance.now() - from)
        if (makespan === null || bound === null || makespan > (1 + CLOSE) * bound)
          far.push(`${instance.name}: ${makespan} / ${bound}`)
      }
  return {
    what: `${times.length} masking jobs of 60 to 150 tasks, best within 1 % of the bound`,
    value: `${times.length - far.length} of them, the slowest in ${seconds(Math.max(...times))}${far.map((one) => `; ${one}`).join('')}`,
    target: 'each in 10 s',
  }
}

/** Two crews, either of which may take each round: best and bound over all ways to share them out. */
function choiceRow(size: number, wayMin: number): EngineRow {
  const instance = sharedInstance(size, 1, wayMin)
  const from = performance.now()
  const { makespan, lowerBound, status } = solveInstance(instance, {
    random: seededNumbers(1),
    isOver: () => performance.now() - from > 10_000,
  })
  const gap = makespan && lowerBound ? (100 * (makespan - lowerBound)) / lowerBound : 0
  const ways = (instance.choices ?? []).reduce((all, choice) => all * choice.ways.length, 1)
  return {
    what: `${size} tasks, ${ways} ways to share rounds out${wayMin > 0 ? `, ${wayMin} min between any two` : ''}`,
    value: `${makespan ?? '–'} / ${lowerBound ?? '–'} (${gap.toFixed(2)} %), ${status} in ${seconds(performance.now() - from)}`,
    target: size <= 20 ? 'proved in 2 s' : 'to compare with itself',
  }
}

function firstRow(size: number): EngineRow {
  let slowest = 0
  for (const family of FAMILIES) {
    const from = performance.now()
    let found = Number.POSITIVE_INFINITY
    improve(modelOf(madeInstance(family, size, 1)), {
      random: seededNumbers(1),
      isOver: () => Number.isFinite(found),
      onProgress: (best) => {
        if (best !== null) found = Math.min(found, performance.now() - from)
      },
    })
    slowest = Math.max(slowest, found)
  }
  return {
    what: `first schedule of ${size} tasks, the slowest of ${FAMILIES.length} families`,
    value: seconds(slowest),
    target: size === 600 ? 'under 2 s' : 'under 5 s',
  }
}

function chanceRow(): EngineRow {
  const problem = problemOf(ternQuaySurvey(), parseInstant(ternQuaySurvey().start))
  const plan = placeFirst(problem)
  const from = performance.now()
  chancesOf(problem, plan, { runs: 5000, seed: 1 })
  return { what: '5,000 runs of the demo’s plan', value: seconds(performance.now() - from), target: 'under 2 s' }
}

function planRow(what: string, job: ReturnType<typeof ternQuay>, at: number): EngineRow {
  const problem = problemOf(job, at)
  const from = performance.now()
  const { isProved, endsAt, boundAt } = betterPlan(problem, placeFirst(problem), {
    seed: 1,
    isOver: () => performance.now() - from > 3000,
  })
  return {
    what: `${what} (${problem.activities.length} activities)`,
    value: `${isProved ? 'proved' : `gap ${boundAt === null ? '?' : endsAt - boundAt} min`} in ${seconds(performance.now() - from)}`,
    target: 'proved or a shown gap in 3 s',
  }
}
