import type { Instance } from './instance'

/**
 * Every way in which starts miss an instance, in words for whoever looks after the engine. Reads the instance as it is
 * written and shares nothing with what finds schedules, so that a fault of one is seen by the other.
 */
export function validate(instance: Instance, starts: Readonly<Record<string, number>>): string[] {
  const faults: string[] = []
  const fault = (text: string) => faults.push(text)
  const start = new Map(Object.entries(starts))
  const byId = new Map(instance.tasks.map((task) => [task.id, task]))
  for (const id of start.keys()) if (!byId.has(id)) fault(`${id}: no such task`)
  // Of a choice one way is taken, and its tasks are done; those of the others are not.
  const left = new Set<string>()
  for (const { id, ways } of instance.choices ?? []) {
    const taken = ways.filter((way) => way.some((task) => start.has(task)))
    if (taken.length > 1 || (taken.length === 0 && !ways.some((way) => way.length === 0)))
      fault(`${id}: ${taken.length} of its ways are taken`)
    for (const way of ways) if (way !== taken[0]) for (const task of way) left.add(task)
  }
  const tasks = instance.tasks.filter((task) => !left.has(task.id))
  for (const task of tasks) {
    const at = start.get(task.id)
    if (at === undefined || !Number.isInteger(at) || at < 0) {
      fault(`${task.id}: has no start of whole minutes from 0 on`)
      continue
    }
    const end = at + task.duration
    if (at < (task.release ?? 0)) fault(`${task.id}: starts before its release`)
    if (task.deadline !== undefined && end > task.deadline) fault(`${task.id}: ends after its deadline`)
    for (const resource of instance.resources) {
      const units = task.uses[resource.id] ?? 0
      if (units > 0 && resource.shifts && !resource.shifts.some(([from, to]) => at >= from && end <= to))
        fault(`${task.id}: outside every shift of ${resource.id}`)
    }
  }
  if (faults.length > 0) return faults
  for (const lag of instance.lags) {
    if (left.has(lag.from) || left.has(lag.to)) continue
    const from = byId.get(lag.from)
    const wait = (start.get(lag.to) ?? 0) - (start.get(lag.from) ?? 0) - (from?.duration ?? 0)
    if (wait < (lag.min ?? 0)) fault(`${lag.from} → ${lag.to}: ${wait} is less than ${lag.min ?? 0}`)
    if (lag.max !== undefined && wait > lag.max) fault(`${lag.from} → ${lag.to}: ${wait} is more than ${lag.max}`)
  }
  for (const resource of instance.resources) {
    const changes = new Map<number, number>()
    const change = (at: number, units: number) => changes.set(at, (changes.get(at) ?? 0) + units)
    for (const task of tasks) {
      const units = task.uses[resource.id] ?? 0
      if (units === 0 || task.duration === 0) continue
      change(start.get(task.id) ?? 0, units)
      change((start.get(task.id) ?? 0) + task.duration, -units)
    }
    let held = 0
    for (const [at, units] of [...changes].sort((a, b) => a[0] - b[0])) {
      held += units
      if (held > resource.capacity) fault(`${resource.id}: ${held} held at ${at}, there are ${resource.capacity}`)
    }
  }
  for (const resource of instance.resources)
    if (resource.travels) faults.push(...hurried(instance, tasks, resource.id, start))
  return faults
}

/** Tasks of one that travels which lie closer together than the way between them. */
function hurried(
  { ways = [] }: Instance,
  tasks: Instance['tasks'],
  resource: string,
  start: ReadonlyMap<string, number>,
): string[] {
  const own = tasks
    .filter((task) => (task.uses[resource] ?? 0) > 0 && task.duration > 0)
    .map((task) => ({ ...task, at: start.get(task.id) ?? 0 }))
    .sort((a, b) => a.at - b.at)
  return own.flatMap((task, i) => {
    const before = own[i - 1]
    if (before?.place === undefined || task.place === undefined) return []
    const way = ways.find(({ between }) => between.includes(before.place ?? '') && between.includes(task.place ?? ''))
    const minutes = before.place === task.place ? 0 : (way?.minutes ?? 0)
    const there = task.at - before.at - before.duration
    return there < minutes ? [`${before.id} → ${task.id}: ${there} for a way of ${minutes}`] : []
  })
}
