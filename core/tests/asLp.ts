import type { Instance } from '../src/engine/instance'

/**
 * An instance as a time-indexed mixed-integer program (Pritsker, Watters & Wolfe 1969) in LP format: x(task, t) is 1 where
 * the task starts at t. Only for short horizons.
 */
export function asLp(instance: Instance, horizon: number): string {
  const { tasks, lags, resources } = instance
  const name = (i: number, t: number) => `x${i}_${t}`
  const place = new Map(tasks.map(({ id }, i) => [id, i]))
  const times = tasks.map((task) =>
    Array.from({ length: horizon + 1 }, (_, t) => t).filter((t) => {
      const end = t + task.duration
      if (t < (task.release ?? 0) || end > Math.min(horizon, task.deadline ?? horizon)) return false
      return resources.every(
        ({ id, shifts }) => !task.uses[id] || !shifts || shifts.some(([from, to]) => t >= from && end <= to),
      )
    }),
  )
  const startOf = (i: number, sign: 1 | -1) =>
    (times[i] ?? []).map((t) => `${sign > 0 ? '+' : '-'} ${t} ${name(i, t)}`).join(' ')
  const rows: string[] = []
  tasks.forEach(({ duration }, i) => {
    rows.push(`${(times[i] ?? []).map((t) => `+ 1 ${name(i, t)}`).join(' ')} = 1`)
    rows.push(`last ${startOf(i, -1)} >= ${duration}`)
  })
  for (const { from, to, min = 0, max } of lags) {
    const [i, j] = [place.get(from) ?? 0, place.get(to) ?? 0]
    const wait = `${startOf(j, 1)} ${startOf(i, -1)}`
    const length = tasks[i]?.duration ?? 0
    rows.push(`${wait} >= ${length + min}`)
    if (max !== undefined) rows.push(`${wait} <= ${length + max}`)
  }
  for (const { id, capacity } of resources)
    for (let t = 0; t < horizon; t++) {
      const held = tasks.flatMap(({ uses, duration }, i) =>
        (times[i] ?? [])
          .filter((s) => (uses[id] ?? 0) > 0 && s <= t && t < s + duration)
          .map((s) => `+ ${uses[id] ?? 0} ${name(i, s)}`),
      )
      if (held.length > capacity) rows.push(`${held.join(' ')} <= ${capacity}`)
    }
  const binaries = times.flatMap((list, i) => list.map((t) => name(i, t)))
  return `Minimize\n obj: last\nSubject To\n${rows.map((row, i) => ` r${i}: ${row.replace(/ (?=[+-] )/g, '\n ')}`).join('\n')}\nBinary\n ${binaries.join('\n ')}\nEnd`
}

/** The made jobs in units of a quarter of an hour, so that a time-indexed program stays small. */
export function coarse(instance: Instance): Instance {
  const quarter = (minutes: number) => Math.round(minutes / 15)
  return {
    ...instance,
    resources: instance.resources.map(({ shifts, ...rest }) => ({
      ...rest,
      ...(shifts ? { shifts: shifts.map(([from, to]): [number, number] => [quarter(from), quarter(to)]) } : {}),
    })),
    tasks: instance.tasks.map((task) => ({ ...task, duration: Math.max(1, quarter(task.duration)) })),
    lags: instance.lags.map(({ from, to, min = 0, max }) => ({
      from,
      to,
      min: quarter(min),
      ...(max === undefined ? {} : { max: quarter(max) }),
    })),
  }
}
