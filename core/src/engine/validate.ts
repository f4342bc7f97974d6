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
  for (const task of instance.tasks) {
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
    const from = byId.get(lag.from)
    const wait = (start.get(lag.to) ?? 0) - (start.get(lag.from) ?? 0) - (from?.duration ?? 0)
    if (wait < (lag.min ?? 0)) fault(`${lag.from} → ${lag.to}: ${wait} is less than ${lag.min ?? 0}`)
    if (lag.max !== undefined && wait > lag.max) fault(`${lag.from} → ${lag.to}: ${wait} is more than ${lag.max}`)
  }
  for (const resource of instance.resources) {
    const changes = new Map<number, number>()
    const change = (at: number, units: number) => changes.set(at, (changes.get(at) ?? 0) + units)
    for (const task of instance.tasks) {
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
  return faults
}
