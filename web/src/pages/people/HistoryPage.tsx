import { useEffect, useState } from 'react'
import { parseInstant } from '@crisp-hem/core'
import type { HistoryLine } from '@crisp-hem/core/wire'
import { api, type ApiError } from '../../app/office/api'
import { PageHead } from '../../app/frame/PageHead'
import { useFacts, useHems } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { clockText, dayText, errorText, W } from '../../app/words'
import { historyWords } from './historyWords'

/** Who changed, ticked and published what in a job, day by day. */
export function HistoryPage() {
  const { id, rooms, crews, site } = useFacts()
  const hems = useHems()
  const [lines, setLines] = useState<readonly HistoryLine[] | null>(null)
  const [refused, setRefused] = useState<string | null>(null)
  useEffect(() => {
    api.history(id).then(setLines, (error: ApiError) => setRefused(errorText(error)))
  }, [id])
  const days = new Map<string, HistoryLine[]>()
  for (const line of lines ?? []) {
    const day = dayText(parseInstant(line.at), site.zone)
    days.set(day, [...(days.get(day) ?? []), line])
  }
  return (
    <>
      <PageHead title={W.history.title} line={W.history.hint} />
      <div className="grid max-w-3xl gap-4 px-4 pb-8 lg:px-6">
        {refused && <p role="alert">{refused}</p>}
        {lines?.length === 0 && <p className="panel">{W.history.none}</p>}
        {[...days].map(([day, own]) => (
          <Panel key={day} title={day}>
            <ol>
              {own.map((line, i) => (
                <li key={i} className="flex gap-4 border-b border-rule py-1">
                  <time className="w-14 shrink-0 text-soft" dateTime={line.at}>
                    {clockText(parseInstant(line.at), site.zone)}
                  </time>
                  <span className="min-w-0">{historyWords(line, { rooms, crews, hems })}</span>
                </li>
              ))}
            </ol>
          </Panel>
        ))}
      </div>
    </>
  )
}
