import type { HemId } from '@crisp-hem/core'
import { useMemo } from 'react'
import { useFacts } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { ChangeList } from './ChangeList'
import { HangsOnList } from './HangsOnList'
import type { ChangeAnswer, ChangeQuestion } from './change.worker'

const ASK_AFTER_MS = 150
const start = () => new Worker(new URL('./change.worker.ts', import.meta.url), { type: 'module' })

/** What would make this hem's recipe another and cheaper one, each worked out anew. */
export function WouldChange({ hemId }: { hemId: HemId }) {
  const facts = useFacts()
  const question = useMemo(() => ({ facts, hemId }), [facts, hemId])
  const answer = useWorkerAnswer<ChangeQuestion, ChangeAnswer>(start, question, ASK_AFTER_MS)
  if (answer?.hemId !== hemId) return null
  return (
    <>
      <ChangeList list={answer.list} />
      <HangsOnList list={answer.hangs} />
    </>
  )
}
