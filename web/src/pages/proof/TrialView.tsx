import { FileText } from 'lucide-react'
import { useMemo } from 'react'
import { coatingOf, formatLength, piecesFound, type Plan, type Trial } from '@crisp-hem/core'
import { runText } from '../../app/naming/runText'
import { noticed } from '../../app/state/noticeSlice'
import { useAppDispatch } from '../../app/state/store'
import { useFacts, useWholeJob } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { errorText, spanText, W } from '../../app/words'
import { fileName } from '../../print/paper'
import { savePdf } from '../../print/savePdf'
import { trialSheet } from '../../print/trialSheet'
import { TrialBoard } from './TrialBoard'
import type { TrialAnswer, TrialQuestion } from './trial.worker'
import { letterOf } from '../../app/naming/trialPieces'
import { TrialSays } from './TrialSays'
import { waysTold } from './waysTold'

const ASK_AFTER_MS = 150
const start = () => new Worker(new URL('./trial.worker.ts', import.meta.url), { type: 'module' })

interface TrialViewProps {
  readonly trial: Trial
  readonly plan: Plan
  /** Null for who may not. */
  readonly onRemove: (() => void) | null
}

/** One trial: how it is laid, what was counted, and what that says. */
export function TrialView({ trial, plan, onRemove }: TrialViewProps) {
  const job = useWholeJob()
  const { shelf, site } = useFacts()
  const dispatch = useAppDispatch()
  const found = useMemo(() => piecesFound(trial, job.log), [trial, job.log])
  const question = useMemo(
    () => ({ trial, job, plan: { hems: plan.hems, recipes: plan.recipes } }),
    [trial, job, plan.hems, plan.recipes],
  )
  const answer = useWorkerAnswer<TrialQuestion, TrialAnswer>(start, question, ASK_AFTER_MS)
  const each = (trial.rows * trial.pieceMm) / 1000
  const how = [
    W.proof.trials.lay({ piece: formatLength(trial.pieceMm, site.units) }),
    W.proof.trials.coat({ coating: coatingOf(shelf, trial.coatingId).name }),
    ...(answer?.wet ? [W.proof.trials.pull({ from: spanText(answer.wet.from), to: spanText(answer.wet.to) })] : []),
    W.proof.trials.look,
  ]
  const { ways, shared } = waysTold(trial, shelf)
  const print = () =>
    savePdf(
      fileName(job.name, trial.name),
      trialSheet({ name: job.name, site, trial, ways: [...ways, shared], how }),
    ).catch((error: Error) => dispatch(noticed({ text: errorText(error), tone: 'wrong', undo: null })))
  return (
    <Panel
      title={trial.name}
      aside={
        <>
          <Button icon={<FileText size={16} aria-hidden />} onClick={() => void print()}>
            {W.proof.trials.sheet}
          </Button>
          {onRemove && <Button onClick={onRemove}>{W.proof.trials.remove}</Button>}
        </>
      }
    >
      <div className="grid grid-cols-1 gap-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        {/* On a phone the board comes first once counting has begun. */}
        <div className={`min-w-0 ${found.some((each) => each !== null) ? 'max-lg:order-last' : ''}`}>
          <ul>
            {ways.map((text) => (
              <li key={text} className="font-semibold">
                {text}
              </li>
            ))}
          </ul>
          <p>{shared}</p>
          <ol className="my-2 ml-5 list-decimal">
            {how.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ol>
          {answer?.needs.map((metres, i) =>
            i === 0 ? null : (
              <p key={i} className="text-sm text-soft">
                {metres === null
                  ? W.proof.trials.needsNever({ letter: letterOf(i) })
                  : W.proof.trials.needs({
                      letter: letterOf(i),
                      metres: runText(metres, site.units),
                      has: runText(each, site.units),
                    })}
              </p>
            ),
          )}
        </div>
        <TrialBoard trial={trial} found={found} />
      </div>
      {answer && <TrialSays verdict={answer.verdict} />}
    </Panel>
  )
}
