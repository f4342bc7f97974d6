import {
  dayEndsOf,
  fromLocal,
  shiftEndsAt,
  toLocal,
  vanPlanOf,
  type Job,
  type Plan,
  type ShiftEnds,
  type Task,
} from '@crisp-hem/core'
import { W, clockText, dayText, spanText, whenText } from '../app/words'
import { loadWords } from '../app/naming/loadWords'
import { taskWords } from '../app/naming/taskWords'
import { namesOf, withNames } from '../app/naming/whoWords'
import { paperOf } from './paper'
import { sheetOf, table, type Content, type SheetDocument } from './sheetBase'

/** A crew's day on paper: what when where, with room to sign it off, when tape comes off, and what to load. */
export function daySheet(job: Job, plan: Plan, crewId: string, day: number): SheetDocument {
  const { zone, units } = job.site
  const crew = job.crews.find((each) => each.id === crewId)
  const tasks = new Map(plan.tasks.map((task) => [task.id, task]))
  const own = plan.placed
    .filter((task) => task.crewId === crewId && toLocal(task.from, zone).day === day)
    .sort((a, b) => a.from - b.from)
  const names = namesOf(job.crews, plan.placed, plan.tasks)
  const rows = own.map((each) => {
    const task = tasks.get(each.taskId)
    const pull = plan.pulls.find((one) => one.taskId === each.taskId)
    const span = pull?.spans.find((one) => one.kind === (pull.manner === 'wet' ? 'wet' : 'dry'))
    return [
      `${clockText(each.from, zone)}–${clockText(each.to, zone)}`,
      withNames(taskWords(job.rooms, task, each.taskId), names(each.taskId)),
      span
        ? `${W.daySheet.window} ${clockText(span.from, zone)} – ${span.to === null ? W.sheet.later : clockText(span.to, zone)}`
        : offWords(job, plan, task, each.from),
      spanText(Math.round(each.pieces.reduce((sum, piece) => sum + piece.to - piece.from, 0))),
      each.done ? W.rounds.done : W.daySheet.box,
    ]
  })
  const load = vanPlanOf(job, plan).lists.find((list) => list.crewId === crewId && list.day === day)?.items ?? []
  const people = crew?.people.map((person) => person.name).join(', ') ?? ''
  const told = plan.standing ? W.publish.plan({ number: plan.standing.number }) : W.publish.proposal
  const content: Content[] = [
    { text: `${people}${people ? '  ·  ' : ''}${told}`, style: 'soft', margin: [0, 0, 0, 4] },
    table(
      [62, '*', 120, 50, 40],
      [
        [W.daySheet.when, W.daySheet.what, W.daySheet.tape, W.daySheet.takes, W.daySheet.off],
        ...endRow(job, crewId, own[0]?.from, 'setUp'),
        ...rows,
        ...endRow(job, crewId, own[0]?.from, 'washOut'),
      ],
    ),
    ...(load.length > 0
      ? [
          { text: W.daySheet.load, style: 'head' },
          {
            ul: load.map((item) => loadWords(item, units)),
          },
        ]
      : []),
    { text: W.daySheet.care, style: 'small', margin: [0, 8, 0, 0] },
  ]
  return sheetOf(
    paperOf(job.site),
    crew?.name ?? crewId,
    `${job.name}, ${dayText(fromLocal(day, 720, zone), zone)}`,
    content,
  )
}

/** The beginning of a crew's shift, or its end, as a line of the sheet. */
function endRow({ crews, site, house }: Job, crewId: string, at: number | undefined, end: keyof ShiftEnds): string[][] {
  const crew = crews.find((each) => each.id === crewId)
  const ends = crew && at !== undefined ? shiftEndsAt(crew, site.zone, at, dayEndsOf(house)) : null
  if (!ends) return []
  const { from, to } = ends[end]
  if (to <= from) return []
  const when = `${clockText(from, site.zone)}–${clockText(to, site.zone)}`
  return [[when, W.daySheet[end], '', spanText(to - from), '']]
}

/** When the tape that is laid or coated here comes off by the plan: told on every line of its round. */
function offWords(job: Job, plan: Plan, task: Task | undefined, at: number): string {
  if (!task?.roundId || !['lay', 'seal', 'coat'].includes(task.kind)) return ''
  const pulls = plan.pulls.filter((pull) => pull.roundId === task.roundId && pull.plannedAt !== null)
  const times = pulls.flatMap(({ plannedAt }) => plannedAt ?? []).filter((time) => time > at)
  return times.length > 0 ? W.daySheet.comesOff({ when: whenText(Math.min(...times), at, job.site.zone) }) : ''
}
