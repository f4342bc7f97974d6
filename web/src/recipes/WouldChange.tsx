import { useMemo } from 'react'
import { sayText, type WouldChange as Change } from '@crisp-hem/core'
import { useFacts } from '../state/useJob'
import { useWorkerAnswer } from '../state/useWorkerAnswer'
import { W } from '../words'
import type { ChangeAnswer, ChangeQuestion } from './change.worker'

const ASK_AFTER_MS = 150
const start = () => new Worker(new URL('./change.worker.ts', import.meta.url), { type: 'module' })

/** What would make this hem's recipe another and cheaper one, each worked out anew. */
export function WouldChange({ hemId }: { hemId: string }) {
  const facts = useFacts()
  const question = useMemo(() => ({ facts, hemId }), [facts, hemId])
  const answer = useWorkerAnswer<ChangeQuestion, ChangeAnswer>(start, question, ASK_AFTER_MS)
  if (answer?.hemId !== hemId) return null
  return <ChangeList list={answer.list} />
}

export function ChangeList({ list }: { list: readonly Change[] }) {
  return (
    <section className="mt-3 border-l-[3px] border-seam pl-2.5">
      <h3>{W.recipes.wouldChange}</h3>
      {list.length === 0 ? (
        <p className="text-sm text-soft">{W.recipes.nothingCheaper}</p>
      ) : (
        <ul>
          {list.map(({ what }) => (
            <li key={what.code} className="my-0.5">
              {sayText(what)}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
