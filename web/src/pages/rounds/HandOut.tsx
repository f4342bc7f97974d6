import { fileName } from '../../print/paper'
import { useCallback, useEffect, useState } from 'react'
import { CalendarDays, FileText, Sheet } from 'lucide-react'
import { fromLocal, parseInstant, tasksCsv, toLocal, type Plan } from '@crisp-hem/core'
import type { MessageAnswer } from '@crisp-hem/core/wire'
import { api } from '../../app/office/api'
import { useNow } from '../../app/state/clock'
import { noticed } from '../../app/state/noticeSlice'
import { useFacts } from '../../app/state/useJob'
import { useAppDispatch } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { saveText } from '../../app/ui/saveText'
import { W, dayText, errorText, sayText, whenText } from '../../app/words'

/** The plan on paper, in calendars and in spreadsheets, and what crews were told. */
export function HandOut({ plan }: { plan: Plan }) {
  const facts = useFacts()
  const { site, crews } = facts
  const now = useNow(60_000)
  const dispatch = useAppDispatch()
  const today = toLocal(Math.floor(now), site.zone).day
  const sheets = crews.flatMap((crew) => {
    const days = plan.placed.flatMap((task) =>
      task.crewId === crew.id && !task.done ? [toLocal(task.from, site.zone).day] : [],
    )
    const day = Math.min(...days.filter((each) => each >= today))
    return Number.isFinite(day) ? [{ crew, day }] : []
  })
  const print = (crewId: string, day: number) =>
    void Promise.all([import('../../print/daySheet'), import('../../print/savePdf')])
      .then(([{ daySheet }, { savePdf }]) =>
        savePdf(
          fileName(
            facts.name,
            crews.find((crew) => crew.id === crewId)?.name ?? crewId,
            dayText(fromLocal(day, 720, facts.site.zone), facts.site.zone),
          ),
          daySheet({ ...facts, log: [], published: null }, plan, crewId, day),
        ),
      )
      .catch((error: unknown) => dispatch(noticed({ text: errorText(error), tone: 'wrong', undo: null })))
  return (
    <Panel title={W.handOut.title}>
      <ul className="grid gap-2">
        {sheets.map(({ crew, day }) => (
          <li key={crew.id} className="flex flex-wrap items-center gap-2">
            <b className="w-40">{crew.name}</b>
            <Button icon={<FileText size={16} aria-hidden />} onClick={() => print(crew.id, day)}>
              {W.handOut.sheet({ crew: crew.name })}
            </Button>
            {plan.standing && (
              <a
                className="inline-flex min-h-9 items-center gap-1.5 border border-ink/70 bg-sheet px-3 py-1 hover:bg-deep"
                href={api.calendarUrl(facts.id, crew.id)}
              >
                <CalendarDays size={16} aria-hidden />
                {W.handOut.calendar({ crew: crew.name })}
              </a>
            )}
          </li>
        ))}
      </ul>
      <Button
        className="mt-2"
        icon={<Sheet size={16} aria-hidden />}
        onClick={() =>
          saveText(
            `${facts.id}-plan.csv`,
            tasksCsv(
              facts,
              plan.tasks,
              plan.placed,
              (task) => W.rounds.kinds[task.kind as keyof typeof W.rounds.kinds],
            ),
            'text/csv',
          )
        }
      >
        {W.handOut.csv}
      </Button>
      <Told number={plan.standing?.number ?? null} />
    </Panel>
  )
}

/** Messages that went to crews, with how they fared. */
function Told({ number }: { number: number | null }) {
  const { id, crews, site } = useFacts()
  const now = useNow(60_000)
  const [messages, setMessages] = useState<readonly MessageAnswer[]>([])
  const load = useCallback(() => api.messages(id).then(setMessages, () => undefined), [id])
  useEffect(() => {
    void load()
    // A message goes out just after its plan was published.
    const timer = setTimeout(() => void load(), 1500)
    return () => clearTimeout(timer)
  }, [load, number])
  if (messages.length === 0) return null
  return (
    <details className="mt-3" open>
      <summary className="cursor-pointer font-semibold">{W.handOut.told}</summary>
      <ul tabIndex={0} aria-label={W.handOut.told} className="mt-1 max-h-72 overflow-y-auto">
        {messages.map((message) => (
          <li key={`${message.number}${message.crewId}`} className="border-b border-rule py-1 text-sm">
            <p>
              <b>{crews.find((crew) => crew.id === message.crewId)?.name ?? message.crewId}</b>,{' '}
              {W.publish.plan({ number: message.number })}, {whenText(parseInstant(message.at), now, site.zone)}:{' '}
              <span
                className={
                  message.state === 'failed' || message.state === 'unsure' ? 'font-semibold text-act' : 'text-soft'
                }
              >
                {W.handOut.states[message.state]}
              </span>
            </p>
            {message.lines.map((line, i) => (
              <p key={i}>{sayText(line)}</p>
            ))}
          </li>
        ))}
      </ul>
    </details>
  )
}
