import type { Instance, InstanceLag, InstanceTask } from '../src/solve/engine/instance'
import { seededNumbers } from '../src/base/units/seeded'

export const FAMILIES = [
  'wet-pulls',
  'overnight',
  'tight-shifts',
  'two-crews-one-gun',
  'pairs-of-hands',
  'mixed',
] as const
export type Family = (typeof FAMILIES)[number]

/** Days of work as stretches of minutes from the first midnight. */
const shiftsOf = (days: number, stretches: readonly (readonly [number, number])[]): [number, number][] =>
  Array.from({ length: days }, (_, day) =>
    stretches.map(([from, to]): [number, number] => [day * 1440 + from, day * 1440 + to]),
  ).flat()
const WHOLE_DAY = [[480, 960]] as const
const WITH_MEAL = [
  [480, 720],
  [750, 960],
] as const
const TIGHT = [
  [480, 540],
  [555, 620],
] as const

/** A masking job of about so many tasks: rounds of cover, lay, seal, coats and pulls, by crews, with waits and windows. */
export function madeInstance(family: Family, size: number, seed: number): Instance {
  const random = seededNumbers(seed * 7919 + size)
  const whole = (low: number, high: number) => low + Math.floor(random() * (high - low + 1))
  const tasks: InstanceTask[] = []
  const lags: InstanceLag[] = []
  const crews = family === 'two-crews-one-gun' || family === 'mixed' ? 2 : 1
  const capacity = family === 'pairs-of-hands' || family === 'mixed' ? 3 : 1
  const shifts = family === 'tight-shifts' ? TIGHT : family === 'wet-pulls' ? WHOLE_DAY : WITH_MEAL
  const most = family === 'tight-shifts' ? 20 : 45
  const days = Math.ceil(size / 4) + 12
  const hasGun = family === 'two-crews-one-gun' || family === 'mixed'
  for (let round = 0; tasks.length < size; round++) {
    const crew = `crew${round % crews}`
    const units = capacity === 1 ? 1 : whole(1, 2)
    const add = (name: string, duration: number, more: Record<string, number> = {}): string => {
      const id = `r${round}-${name}`
      tasks.push({ id, duration, uses: { [crew]: units, ...more } })
      return id
    }
    const lay = add('lay', whole(5, most))
    const coats = whole(1, 2)
    let before = lay
    let wait = 0
    for (let coat = 1; coat <= coats; coat++) {
      const id = add(`coat${coat}`, whole(5, most), hasGun && random() < 0.5 ? { gun: 1 } : {})
      lags.push({ from: before, to: id, min: wait })
      before = id
      wait = family === 'overnight' ? whole(300, 900) : whole(60, 240)
    }
    const pull = add('pull', whole(2, 15))
    if (random() < (family === 'wet-pulls' ? 0.9 : 0.5))
      lags.push({ from: before, to: pull, min: 0, max: whole(3, 40) })
    else lags.push({ from: before, to: pull, min: whole(200, 600) })
    // Tape must be off within so many days of being laid.
    if (random() < 0.3) lags.push({ from: lay, to: pull, max: 1440 * whole(2, 5) })
    if (round > 0 && random() < 0.3) lags.push({ from: `r${whole(0, round - 1)}-lay`, to: lay, min: whole(0, 30) })
  }
  return {
    name: `${family}-${size}-${seed}`,
    resources: [
      ...Array.from({ length: crews }, (_, i) => ({ id: `crew${i}`, capacity, shifts: shiftsOf(days, shifts) })),
      ...(hasGun ? [{ id: 'gun', capacity: 1 }] : []),
    ],
    tasks,
    lags,
  }
}

/** A handful of tasks at random, many of which cannot be done: for exhaustive search. */
export function smallInstance(seed: number): Instance {
  const random = seededNumbers(seed + 1)
  const whole = (low: number, high: number) => low + Math.floor(random() * (high - low + 1))
  const count = whole(2, 5)
  const shifts: [number, number][] | undefined =
    random() < 0.5
      ? [
          [0, 5],
          [7, 12],
          [14, 20],
        ]
      : undefined
  const ids = Array.from({ length: count }, (_, i) => `t${i}`)
  const lags: InstanceLag[] = []
  for (let i = 1; i < count; i++)
    if (random() < 0.6) {
      const min = whole(-2, 4)
      lags.push({
        from: ids[whole(0, i - 1)] ?? 't0',
        to: ids[i] ?? 't0',
        min,
        ...(random() < 0.5 ? { max: min + whole(0, 3) } : {}),
      })
    }
  if (random() < 0.2) lags.push({ from: ids[count - 1] ?? 't0', to: 't0', min: whole(-20, 0) })
  return {
    name: `small-${seed}`,
    resources: [
      { id: 'crew', capacity: whole(1, 3), ...(shifts ? { shifts } : {}) },
      { id: 'gun', capacity: 1 },
    ],
    tasks: ids.map((id) => ({
      id,
      duration: whole(0, 5),
      uses: { ...(random() < 0.8 ? { crew: whole(1, 2) } : {}), ...(random() < 0.3 ? { gun: 1 } : {}) },
      ...(random() < 0.2 ? { release: whole(0, 6) } : {}),
      ...(random() < 0.2 ? { deadline: whole(5, 18) } : {}),
    })),
    lags,
  }
}

/** A small instance whose last tasks are ways of doing something, one of which is taken, and whose crew may have ways to go. */
export function choosyInstance(seed: number): Instance {
  const random = seededNumbers(seed + 77)
  const whole = (low: number, high: number) => low + Math.floor(random() * (high - low + 1))
  const small = smallInstance(seed)
  const tasks = small.tasks.slice(0, 3)
  const isOwn = (id: string) => tasks.some((task) => task.id === id)
  const instance = { ...small, tasks, lags: small.lags.filter(({ from, to }) => isOwn(from) && isOwn(to)) }
  const goes = random() < 0.6
  const far = whole(1, 4)
  const choices = ['a', 'b'].slice(0, whole(1, 2)).map((name) => ({
    id: name,
    ways: Array.from({ length: whole(2, 3) }, (_, way) =>
      Array.from({ length: way === 0 ? 1 : whole(0, 2) }, (__, k) => `${name}${way}${k}`),
    ),
  }))
  const own: InstanceTask[] = choices.flatMap(({ ways }) =>
    ways.flat().map((id): InstanceTask => ({
      id,
      duration: whole(1, 5),
      uses: { [random() < 0.7 ? 'crew' : 'gun']: 1 },
      ...(random() < 0.2 ? { deadline: whole(4, 16) } : {}),
    })),
  )
  const some = (list: readonly { readonly id: string }[]) => list[whole(0, list.length - 1)]?.id ?? 't0'
  const lags: InstanceLag[] = own.flatMap(({ id }) => {
    const min = whole(-1, 3)
    const max = random() < 0.4 ? { max: min + whole(0, 3) } : {}
    const before = { from: some(instance.tasks), to: id, min, ...max }
    return [
      ...(random() < 0.5 ? [before] : []),
      ...(random() < 0.3 ? [{ from: id, to: some(instance.tasks), min }] : []),
    ]
  })
  return {
    name: `choosy-${seed}`,
    resources: instance.resources.map((resource) => (goes ? { ...resource, capacity: 1, travels: true } : resource)),
    tasks: [...instance.tasks, ...own].map((task) =>
      goes
        ? {
            ...task,
            place: ['north', 'south', 'west'][whole(0, 2)] ?? 'north',
            uses: Object.fromEntries(Object.keys(task.uses).map((id) => [id, 1])),
          }
        : task,
    ),
    lags: [...instance.lags, ...lags],
    choices,
    ...(goes
      ? {
          ways: [
            { between: ['north', 'south'] as const, minutes: far },
            { between: ['south', 'west'] as const, minutes: far },
            { between: ['north', 'west'] as const, minutes: whole(0, 2 * far) },
          ],
        }
      : {}),
  }
}

/** A made job of two crews in which either crew may take each round, the other one slower, and a way between any two rounds. */
export function sharedInstance(size: number, seed: number, wayMin = 0): Instance {
  const made = madeInstance('two-crews-one-gun', size, seed)
  const random = seededNumbers(seed + 5)
  const roundOf = (id: string) => id.slice(0, id.indexOf('-'))
  const rounds = [...new Set(made.tasks.map(({ id }) => roundOf(id)))]
  const slower = new Map(rounds.map((round) => [round, 0.8 + 0.6 * random()]))
  const other = (id: string) => `${id}@other`
  const swapped: InstanceTask[] = made.tasks.map(({ id, duration, uses }) => ({
    id: other(id),
    duration: Math.max(1, Math.round(duration * (slower.get(roundOf(id)) ?? 1))),
    uses: Object.fromEntries(
      Object.entries(uses).map(([name, units]) => [{ crew0: 'crew1', crew1: 'crew0' }[name] ?? name, units]),
    ),
  }))
  return {
    ...made,
    name: `shared-${size}-${seed}`,
    resources: made.resources.map((resource) => (wayMin > 0 ? { ...resource, travels: true } : resource)),
    tasks: [...made.tasks, ...swapped].map((task) => (wayMin > 0 ? { ...task, place: roundOf(task.id) } : task)),
    lags: made.lags.flatMap((lag) => [
      lag,
      { ...lag, from: other(lag.from), to: other(lag.to) },
      ...(roundOf(lag.from) === roundOf(lag.to)
        ? []
        : [
            { ...lag, from: other(lag.from) },
            { ...lag, to: other(lag.to) },
          ]),
    ]),
    choices: rounds.map((round) => {
      const own = made.tasks.flatMap(({ id }) => (roundOf(id) === round ? [id] : []))
      return { id: round, ways: [own, own.map(other)] }
    }),
    ...(wayMin > 0
      ? {
          ways: rounds.flatMap((a, i) =>
            rounds.slice(i + 1).map((b) => ({ between: [a, b] as const, minutes: wayMin })),
          ),
        }
      : {}),
  }
}

/**
 * Fifteen to twenty tasks on two things there is one of, with releases, deadlines and longest waits so narrow that laying
 * out by priority finds nothing: around a hidden order, which half of them then break by one deadline.
 */
export function narrowInstance(seed: number, isBroken: boolean): Instance {
  const random = seededNumbers(seed * 104729 + 11)
  const whole = (low: number, high: number) => low + Math.floor(random() * (high - low + 1))
  const count = whole(15, 20)
  const free = { crew: 0, gun: 0 }
  const slack = () => whole(0, 45)
  const made = Array.from({ length: count }, (_, i) => {
    const uses: Partial<Record<'crew' | 'gun', number>> =
      random() < 0.3 ? { crew: 1, gun: 1 } : random() < 0.6 ? { crew: 1 } : { gun: 1 }
    const duration = whole(5, 40)
    const own = Object.keys(uses) as ('crew' | 'gun')[]
    const start = Math.max(...own.map((id) => free[id])) + (random() < 0.3 ? whole(1, 10) : 0)
    for (const id of own) free[id] = start + duration
    return { id: `t${i}`, uses, duration, start }
  })
  const lags: InstanceLag[] = []
  for (let i = 1; i < count; i++) {
    const to = made[i]
    const from = made[whole(0, i - 1)]
    if (!to || !from || random() < 0.4) continue
    const gap = to.start - from.start - from.duration
    if (gap >= 0) lags.push({ from: from.id, to: to.id, min: Math.max(0, gap - slack()), max: gap + slack() })
  }
  const broken = isBroken ? whole(Math.floor(count / 2), count - 1) : -1
  const tasks = made.map(({ id, uses, duration, start }, i): InstanceTask => ({
    id,
    uses: uses,
    duration,
    release: Math.max(0, start - slack()),
    deadline: start + duration + (i === broken ? -whole(1, 12) : slack()),
  }))
  const legal = tasks.map((task) => ({
    ...task,
    release: Math.min(task.release ?? 0, (task.deadline ?? 0) - task.duration),
  }))
  // Listed in no order: the hidden one must be found.
  const shuffled = legal
    .map((task) => ({ task, at: random() }))
    .sort((a, b) => a.at - b.at)
    .map(({ task }) => task)
  return {
    name: `narrow-${seed}${isBroken ? '-broken' : ''}`,
    resources: [
      { id: 'crew', capacity: 1 },
      { id: 'gun', capacity: 1 },
    ],
    tasks: shuffled,
    lags,
  }
}
