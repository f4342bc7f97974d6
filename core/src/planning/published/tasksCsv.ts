import type { Job } from '../../base/nouns'
import { formatInstant, toLocal } from '../../base/units/time'
import { writeCsv } from '../../base/units/csvText'
import type { PlacedTask } from '../plan/placement'
import { whoDoes } from './whoDoes'

const FIELDS = [
  'day',
  'from',
  'to',
  'minutes',
  'crew',
  'people',
  'room',
  'step',
  'work',
  'coat',
  'done',
  'from_utc',
  'task',
] as const

/** What a row says of a task, in words of the reader's language. */
export interface CsvTask {
  readonly id: string
  readonly roomId: string
  readonly stepId: string | null
  readonly kind: string
  readonly coat: number | null
}

/**
 * A plan as CSV, one row for each piece of work, in order of time and crew; `people` names who does what not all of a crew do. Hours are those of the site, `from_utc` is an instant.
 *
 * @param wordOf  what a kind of work is called
 */
export function tasksCsv(
  job: Pick<Job, 'rooms' | 'crews' | 'site'>,
  tasks: readonly CsvTask[],
  placed: readonly PlacedTask[],
  wordOf: (task: CsvTask) => string,
): string {
  const byId = new Map(tasks.map((task) => [task.id, task]))
  const who = whoDoes(job.crews, placed, (id) => byId.get(id)?.roomId)
  const local = (at: number) => {
    const { day, minute } = toLocal(Math.floor(at), job.site.zone)
    const two = (n: number) => String(n).padStart(2, '0')
    return { day: formatInstant(day * 1440).slice(0, 10), clock: `${two(Math.floor(minute / 60))}:${two(minute % 60)}` }
  }
  const rows = [...placed]
    .sort((a, b) => a.from - b.from || (a.crewId < b.crewId ? -1 : 1))
    .flatMap((each) => {
      const task = byId.get(each.taskId)
      const room = job.rooms.find((one) => one.id === task?.roomId)
      const step = room?.steps.find((one) => one.id === task?.stepId)
      const crew = job.crews.find((one) => one.id === each.crewId)
      return each.pieces.map(({ from, to }) => [
        local(from).day,
        local(from).clock,
        local(to).clock,
        Math.round(to - from),
        crew?.name ?? each.crewId,
        (who.get(each.taskId) ?? []).map((i) => crew?.people[i]?.name ?? '').join(', '),
        room?.name ?? '',
        step?.name ?? '',
        task ? wordOf(task) : each.taskId,
        task?.coat ?? '',
        each.done ? 'yes' : '',
        formatInstant(from),
        each.taskId,
      ])
    })
  return writeCsv([...FIELDS], rows)
}
