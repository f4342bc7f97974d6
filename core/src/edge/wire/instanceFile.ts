import { mixed } from 'yup'
import type { Instance, InstanceLag, InstanceResource, InstanceTask } from '../../solve/engine/instance'
import { CoreError } from '../../base/nouns'
import { expects, type Fault } from '../../base/units/faults'
import { exact, flag, list, needs, orNull, text, wholeNumber } from './fields'
import { readJson } from './jsonText'
import { shapeFaults } from './shapeFaults'

/** Longer than any plan, short enough that sums stay whole numbers of 32 bits. */
const MOST_MIN = 20_000_000
const MOST_TASKS = 20_000
const minutes = (least: number) => wholeNumber(least, MOST_MIN)

const resourceSchema = exact({
  id: text(),
  capacity: wholeNumber(0, 1_000_000),
  shifts: orNull(list(list(minutes(-MOST_MIN), 2, 2), 0, MOST_TASKS)),
  travels: flag(),
})
const taskSchema = exact({
  id: text(),
  duration: minutes(0),
  uses: mixed<Record<string, number>>().test(
    'uses',
    needs('object'),
    (value) => typeof value === 'object' && value !== null && !Array.isArray(value),
  ),
  release: orNull(minutes(-MOST_MIN)),
  deadline: orNull(minutes(-MOST_MIN)),
  place: orNull(text()),
})
const lagSchema = exact({
  from: text(),
  to: text(),
  min: orNull(minutes(-MOST_MIN)),
  max: orNull(minutes(-MOST_MIN)),
})
const choiceSchema = exact({ id: text(), ways: list(list(text(), 0, MOST_TASKS), 1, 1000) })
const waySchema = exact({ between: list(text(), 2, 2), minutes: minutes(0) })
const instanceSchema = exact({
  resources: list(resourceSchema, 0, 2000),
  tasks: list(taskSchema, 0, MOST_TASKS),
  lags: list(lagSchema, 0, 10 * MOST_TASKS),
  choices: list(choiceSchema, 0, 1000),
  ways: list(waySchema, 0, MOST_TASKS),
})

type Fields = Record<string, unknown>
const isFields = (data: unknown): data is Fields => typeof data === 'object' && data !== null && !Array.isArray(data)

/** What may be left out, as nothing, so that one schema judges all. */
const filled = (items: unknown, absent: Fields): unknown =>
  Array.isArray(items) ? items.map((item: unknown) => (isFields(item) ? { ...absent, ...item } : item)) : items

/**
 * Reads a neutral scheduling instance.
 * @throws CoreError jobfile.not_json; jobfile.invalid naming the place and what was expected
 */
export function readInstance(source: string): Instance {
  const data = readJson(source)
  if (!isFields(data)) return refuse([{ place: 'instance', expected: expects('object') }])
  const whole = {
    resources: filled(data.resources ?? [], { shifts: null, travels: false }),
    tasks: filled(data.tasks, { uses: {}, release: null, deadline: null, place: null }),
    lags: filled(data.lags ?? [], { min: null, max: null }),
    choices: data.choices ?? [],
    ways: data.ways ?? [],
  }
  const shape = shapeFaults(instanceSchema, whole)
  if (shape.length > 0) return refuse(shape)
  const checked = whole as unknown as Checked
  const faults = crossFaults(checked)
  if (faults.length > 0) return refuse(faults)
  const name = typeof data.name === 'string' ? data.name : undefined
  return {
    ...(name === undefined ? {} : { name }),
    resources: checked.resources.map(({ shifts, travels, ...rest }) => ({
      ...rest,
      ...(shifts ? { shifts } : {}),
      ...(travels ? { travels } : {}),
    })),
    tasks: checked.tasks.map(({ release, deadline, place, ...rest }) => ({
      ...rest,
      ...(release === null ? {} : { release }),
      ...(deadline === null ? {} : { deadline }),
      ...(place === null ? {} : { place }),
    })),
    lags: checked.lags.map(({ min, max, ...rest }) => ({
      ...rest,
      ...(min === null ? {} : { min }),
      ...(max === null ? {} : { max }),
    })),
    ...(checked.choices.length > 0 ? { choices: checked.choices } : {}),
    ...(checked.ways.length > 0 ? { ways: checked.ways } : {}),
  }
}

type OrNull<T, K extends keyof T> = Omit<T, K> & { readonly [P in K]-?: Exclude<T[P], undefined> | null }
interface Checked {
  readonly resources: readonly OrNull<InstanceResource, 'shifts' | 'travels'>[]
  readonly tasks: readonly OrNull<InstanceTask, 'release' | 'deadline' | 'place'>[]
  readonly lags: readonly OrNull<InstanceLag, 'min' | 'max'>[]
  readonly choices: NonNullable<Instance['choices']>
  readonly ways: NonNullable<Instance['ways']>
}

/** Names that stand twice or for nothing, units that are no number, shifts that end before they begin. */
function crossFaults(checked: Checked): Fault[] {
  const { resources, tasks, lags } = checked
  const faults: Fault[] = []
  const ids = new Set<string>()
  const known = new Set<string>()
  resources.forEach(({ id, shifts, travels, capacity }, i) => {
    if (travels && capacity > 1)
      faults.push({ place: `resources[${i}].capacity`, expected: expects('at_most', { most: 1 }) })
    if (known.has(id)) faults.push({ place: `resources[${i}].id`, expected: expects('own_id', { id }) })
    known.add(id)
    shifts?.forEach(([from, to], k) => {
      if (to < from)
        faults.push({ place: `resources[${i}].shifts[${k}][1]`, expected: expects('at_least', { least: from }) })
    })
  })
  tasks.forEach(({ id, uses }, i) => {
    if (ids.has(id)) faults.push({ place: `tasks[${i}].id`, expected: expects('own_id', { id }) })
    ids.add(id)
    for (const [resource, units] of Object.entries(uses)) {
      const place = `tasks[${i}].uses.${resource}`
      if (!known.has(resource)) faults.push({ place, expected: expects('resource_called', { name: resource }) })
      else if (!Number.isInteger(units) || units < 0) faults.push({ place, expected: expects('whole') })
    }
  })
  lags.forEach(({ from, to }, i) => {
    for (const [end, id] of [
      ['from', from],
      ['to', to],
    ] as const)
      if (!ids.has(id)) faults.push({ place: `lags[${i}].${end}`, expected: expects('task_called', { name: id }) })
  })
  return [...faults, ...choiceFaults(checked, ids), ...wayFaults(checked)]
}

/** A task is in one way of one choice at most. */
function choiceFaults({ choices }: Checked, ids: ReadonlySet<string>): Fault[] {
  const seen = new Set<string>()
  const named = new Set<string>()
  return choices.flatMap(({ id, ways }, i): Fault[] => {
    const faults: Fault[] = named.has(id) ? [{ place: `choices[${i}].id`, expected: expects('own_id', { id }) }] : []
    named.add(id)
    ways.forEach((way, w) => {
      way.forEach((task, t) => {
        const place = `choices[${i}].ways[${w}][${t}]`
        if (!ids.has(task)) faults.push({ place, expected: expects('task_called', { name: task }) })
        else if (seen.has(task)) faults.push({ place, expected: expects('own_id', { id: task }) })
        seen.add(task)
      })
    })
    return faults
  })
}

/** Between two places there is one way, and none is longer straight than by way of a third. */
function wayFaults({ ways }: Checked): Fault[] {
  const key = (a: string, b: string) => JSON.stringify([a, b].sort())
  const long = new Map<string, number>()
  const faults: Fault[] = []
  ways.forEach(({ between: [a = '', b = ''] }, i) => {
    const id = key(a, b)
    if (a === b || long.has(id))
      faults.push({ place: `ways[${i}].between`, expected: expects('own_id', { id: `${a} – ${b}` }) })
    long.set(id, ways[i]?.minutes ?? 0)
  })
  const places = [...new Set(ways.flatMap((way) => way.between))]
  const minutes = (a: string, b: string) => (a === b ? 0 : (long.get(key(a, b)) ?? 0))
  ways.forEach(({ between: [a = '', b = ''] }, i) => {
    const most = Math.min(...places.map((by) => minutes(a, by) + minutes(by, b)))
    if (minutes(a, b) > most) faults.push({ place: `ways[${i}].minutes`, expected: expects('at_most', { most }) })
  })
  return faults
}

function refuse(faults: readonly Fault[]): never {
  const [first] = faults
  throw new CoreError('jobfile.invalid', {
    place: first?.place ?? 'instance',
    expected: first?.expected ?? expects('object'),
  })
}
