import ical, { ICalCalendarMethod } from 'ical-generator'
import {
  activityName,
  asPlaced,
  roomOfActivity,
  timesChanged,
  whoDoes,
  type Crew,
  type PublishedPlan,
} from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { factText } from '@crisp-hem/core/words'

/**
 * A crew's work of the latest plan as iCalendar text (RFC 5545). An event keeps its UID as long as its work keeps its id, and its
 * SEQUENCE counts how often people were told something else of it. Instants are written in UTC, so they are right in any zone and
 * over a clock change.
 *
 * @param plans  every plan that was published, the latest first
 */
export function crewCalendar(facts: JobFacts, crew: Crew, plans: readonly PublishedPlan[]): string {
  const [latest] = plans
  const calendar = ical({
    name: `${facts.name}, ${crew.name}`,
    prodId: { company: 'Crisp Hem', product: 'Crew calendar' },
    method: ICalCalendarMethod.PUBLISH,
  })
  const tasks = latest?.tasks ?? []
  const who = whoDoes([crew], tasks.map(asPlaced), (id) => roomOfActivity(id) ?? undefined)
  for (const task of tasks) {
    if (task.crewId !== crew.id) continue
    const names = (who.get(task.taskId) ?? []).flatMap((i) => crew.people[i]?.name ?? [])
    task.pieces.forEach((piece, i) => {
      const event = calendar.createEvent({
        id: `${facts.id}/${task.taskId}${i > 0 ? `/${i + 1}` : ''}`,
        sequence: timesChanged(plans, task.taskId),
        start: new Date(piece.from),
        end: new Date(piece.to),
        stamp: new Date(latest?.at ?? piece.from),
        summary: [factText(activityName(facts.rooms, task.taskId)), ...names].join(', '),
      })
      event.location(facts.site.place)
    })
  }
  return calendar.toString()
}
