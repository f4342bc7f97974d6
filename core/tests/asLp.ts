import type { Instance } from '../src/solve/engine/instance'

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
  // Whether a task is done: which way its choice takes.
  const wayOf = new Map(
    (instance.choices ?? []).flatMap(({ ways }, c) =>
      ways.flatMap((own, w) => own.map((id) => [id, `y${c}_${w}`] as const)),
    ),
  )
  instance.choices?.forEach(({ ways }, c) => rows.push(`${ways.map((_, w) => `+ 1 y${c}_${w}`).join(' ')} = 1`))
  tasks.forEach(({ duration, id }, i) => {
    const way = wayOf.get(id)
    const all = (times[i] ?? []).map((t) => `+ 1 ${name(i, t)}`).join(' ')
    rows.push(way ? `${all} - 1 ${way} = 0` : `${all} = 1`)
    rows.push(way ? `last ${startOf(i, -1)} - ${duration} ${way} >= 0` : `last ${startOf(i, -1)} >= ${duration}`)
  })
  for (const { from, to, min = 0, max } of lags) {
    const [i, j] = [place.get(from) ?? 0, place.get(to) ?? 0]
    const wait = `${startOf(j, 1)} ${startOf(i, -1)}`
    const length = tasks[i]?.duration ?? 0
    // Of tasks that may not be done the wait counts only if both are.
    const off = [...new Set([from, to])].flatMap((id) => wayOf.get(id) ?? [])
    const big = 3 * horizon
    const least = off.map((way) => `- ${big} ${way}`).join(' ')
    const most = off.map((way) => `+ ${big} ${way}`).join(' ')
    rows.push(`${wait} ${least} >= ${length + min - off.length * big}`)
    if (max !== undefined) rows.push(`${wait} ${most} <= ${length + max + off.length * big}`)
  }
  rows.push(...travelRows(instance, times, name))
  for (const { id, capacity } of resources)
    for (let t = 0; t < horizon; t++) {
      const held = tasks.flatMap(({ uses, duration }, i) =>
        (times[i] ?? [])
          .filter((s) => (uses[id] ?? 0) > 0 && s <= t && t < s + duration)
          .map((s) => `+ ${uses[id] ?? 0} ${name(i, s)}`),
      )
      if (held.length > capacity) rows.push(`${held.join(' ')} <= ${capacity}`)
    }
  const binaries = [...times.flatMap((list, i) => list.map((t) => name(i, t))), ...new Set(wayOf.values())]
  return `Minimize\n obj: last\nSubject To\n${rows.map((row, i) => ` r${i}: ${row.replace(/ (?=[+-] )/g, '\n ')}`).join('\n')}\nBinary\n ${binaries.join('\n ')}\nEnd`
}

/** Of two tasks of one that travels, none starts while the other runs or its way is gone. */
function travelRows(
  { resources, tasks, ways = [] }: Instance,
  times: readonly (readonly number[])[],
  name: (i: number, t: number) => string,
): string[] {
  return resources.flatMap(({ id, travels }) =>
    travels !== true
      ? []
      : tasks.flatMap((one, i) =>
          tasks.flatMap((other, j) => {
            if (i === j || !one.uses[id] || !other.uses[id] || one.place === other.place) return []
            const way = ways.find(
              ({ between }) => between.includes(one.place ?? '') && between.includes(other.place ?? ''),
            )
            const busy = one.duration + (way?.minutes ?? 0)
            return (times[j] ?? []).map(
              (t) =>
                `${(times[i] ?? [])
                  .filter((s) => s <= t && t < s + busy)
                  .map((s) => `+ 1 ${name(i, s)}`)
                  .join(' ')} + 1 ${name(j, t)} <= 1`,
            )
          }),
        ),
  )
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
