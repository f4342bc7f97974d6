import { toLocal, fromLocal, type PlacedTask, type Plan, type ActivityId } from '@crisp-hem/core'
import { useMemo } from 'react'
import { useNow } from '../../app/state/clock'
import { useFacts } from '../../app/state/useJob'
import { W, clockText, dayText } from '../../app/words'
import { taskWords } from '../../app/naming/taskWords'
import { namesOf, withNames } from '../../app/naming/whoWords'

interface DayListProps {
  readonly plan: Plan
  readonly placed: readonly PlacedTask[]
  readonly days: readonly number[]
  readonly pickedId: string | null
  readonly onPick: (taskId: ActivityId) => void
}

/** The same work as lines: by day and crew, in the order it is done. */
export function DayList({ plan, placed, days, pickedId, onPick }: DayListProps) {
  const { site, crews, rooms } = useFacts()
  const now = useNow(60_000)
  const tasks = useMemo(() => new Map(plan.tasks.map((task) => [task.id, task])), [plan])
  const names = useMemo(() => namesOf(crews, placed, plan.tasks), [crews, placed, plan])
  return days.map((day) => (
    <section key={day} aria-label={dayText(fromLocal(day, 720, site.zone), site.zone)}>
      {days.length > 1 && <h3 className="mt-2">{dayText(fromLocal(day, 720, site.zone), site.zone)}</h3>}
      <div className="grid gap-x-8 lg:grid-cols-3">
        {crews.map((crew) => {
          const own = placed
            .filter((task) => task.crewId === crew.id && toLocal(task.from, site.zone).day === day)
            .sort((a, b) => a.from - b.from)
          if (own.length === 0) return null
          return (
            <div key={crew.id} className="mt-2">
              <h4 className="font-semibold">{crew.name}</h4>
              <ol>
                {own.map((task) => (
                  <li key={task.taskId} className="border-b border-rule">
                    <button
                      type="button"
                      className={`flex w-full gap-3 py-2 text-left ${task.taskId === pickedId ? 'bg-deep' : ''}`}
                      disabled={task.done}
                      aria-pressed={task.taskId === pickedId}
                      onClick={() => onPick(task.taskId)}
                    >
                      <b className="w-28 shrink-0 whitespace-nowrap tabular-nums">
                        {clockText(task.from, site.zone)}–{clockText(task.to, site.zone)}
                      </b>
                      <span className={task.done ? 'text-soft line-through' : ''}>
                        {withNames(taskWords(rooms, tasks.get(task.taskId), task.taskId), names(task.taskId))}
                        {!task.done && task.from <= now && now < task.to && (
                          <b className="ml-2 text-act">{W.rounds.now}</b>
                        )}
                      </span>
                    </button>
                  </li>
                ))}
              </ol>
            </div>
          )
        })}
      </div>
    </section>
  ))
}
