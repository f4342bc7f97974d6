import { useEffect, useMemo, useState } from 'react'
import {
  lessonWall,
  LESSON_AGES_DAYS,
  MIN_PER_DAY,
  type BenchSetup,
  type LessonChoice,
  type LessonCost,
  type WallLesson,
  type WallScore,
} from '@crisp-hem/core'
import { RevealStrip } from '../../app/drawing/RevealStrip'
import { useFacts, usePlan } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { Button } from '../../app/ui/Button'
import { ChoiceField } from '../../app/ui/fields'
import { decimals, formatMoney, spanText, W, wordText } from '../../app/words'
import { isWayPart, WayField } from '../bench/WayFields'
import type { LessonAnswer, LessonQuestion } from './lesson.worker'
import { PullClock } from './PullClock'

const start = () => new Worker(new URL('./lesson.worker.ts', import.meta.url), { type: 'module' })

/** Whole days as days, less as hours. */
const ageText = (days: number): string =>
  days >= 1 ? W.practice.wall.days({ n: Math.round(days) }) : spanText(Math.round(days * MIN_PER_DAY))

interface WallLessonProps {
  readonly lesson: WallLesson
  readonly onScore: (score: number) => void
}

/** A made-up wall: choose, pull, see the edge and what it costs, try again. */
export function WallLessonView({ lesson, onScore }: WallLessonProps) {
  const { shelf, house } = useFacts()
  const at = Math.floor(usePlan()?.at ?? 0)
  const [setup, setSetup] = useState(() => lessonWall(lesson, shelf, at))
  const [pulled, setPulled] = useState(false)
  const isTimed = lesson.free.includes('pullAfterMin')
  const question = useMemo(
    () => (pulled ? { lesson, setup, shelf, house } : null),
    [pulled, lesson, setup, shelf, house],
  )
  const answer = useWorkerAnswer<LessonQuestion | null, LessonAnswer | null>(start, question, 0)
  const score = pulled && answer ? answer.score : null
  useEffect(() => {
    if (score) onScore(score.score)
  }, [score, onScore])
  const set = (change: Partial<BenchSetup>) => {
    setPulled(false)
    setSetup((before) => ({ ...before, ...change }))
  }
  return (
    <div className="grid grid-cols-1 gap-4 lg:grid-cols-[300px_minmax(0,1fr)]">
      <div className="grid content-start gap-3">
        <p className="text-sm text-soft">
          {W.practice.wall.fixed({
            texture: wordText('texture', setup.texture),
            soundness: wordText('soundness', setup.soundness),
            age: setup.ageDays === null ? 'none' : ageText(setup.ageDays),
            temp: `${decimals(setup.tempC, 0)} °C`,
          })}
        </p>
        <h3>{W.practice.wall.chooses}</h3>
        {lesson.free.map((choice) => (
          <Choice key={choice} choice={choice} setup={setup} onSet={set} />
        ))}
        {isTimed ? (
          <PullClock
            pulledMin={pulled ? setup.pullAfterMin : null}
            onPull={(pullAfterMin) => {
              set({ pullAfterMin })
              setPulled(true)
            }}
          />
        ) : (
          <Button tone="act" className="min-h-11" onClick={() => setPulled(true)} disabled={pulled}>
            {W.practice.wall.pull}
          </Button>
        )}
      </div>
      {score && answer && (
        <div className="min-w-0" role="status">
          <WallSays score={score} pass={lesson.pass} />
          <h3 className="mb-1 mt-2">{W.practice.wall.looks}</h3>
          <RevealStrip reveal={answer.reveal} keepSwatch={setup.keepSwatch} coatSwatch={setup.coatSwatch} />
        </div>
      )}
    </div>
  )
}

interface ChoiceProps {
  readonly choice: LessonChoice
  readonly setup: BenchSetup
  readonly onSet: (change: Partial<BenchSetup>) => void
}

function Choice({ choice, setup, onSet }: ChoiceProps) {
  if (isWayPart(choice)) return <WayField part={choice} way={setup} onChange={onSet} />
  if (choice === 'pullAfterMin') return null
  return (
    <ChoiceField
      label={W.practice.wall.age}
      value={String(setup.ageDays ?? '')}
      options={LESSON_AGES_DAYS.map((days) => ({ value: String(days), text: ageText(days) }))}
      onCommit={(days) => onSet({ ageDays: Number(days) })}
    />
  )
}

const PARTS = ['tape', 'work', 'bleeds', 'lift', 'tear', 'residue'] as const satisfies readonly (keyof LessonCost)[]

/** The score in words: what it is made of, and what to try. */
function WallSays({ score: { score, cost, best, hint }, pass }: { readonly score: WallScore; readonly pass: number }) {
  const { site } = useFacts()
  const money = (minor: number) => formatMoney(Math.round(minor), site.currency)
  const parts = PARTS.filter((part) => cost[part] >= 0.5).map((part) =>
    W.practice.wall.part({ part: W.practice.wall.parts[part], money: money(cost[part]) }),
  )
  return (
    <>
      <p className="text-xl font-bold">
        {W.practice.wall.score({ n: score })}{' '}
        <span className={score >= pass ? '' : 'text-act'}>
          {score >= pass ? W.practice.wall.passed : W.practice.wall.failed({ pass })}
        </span>
      </p>
      <p>{W.practice.wall.costs({ mine: money(cost.total), best: money(best.total) })}</p>
      <p className="text-sm text-soft">{parts.join(' · ')}</p>
      {hint && <p className="font-semibold">{W.practice.wall.hints[hint.choice]({ n: hint.score })}</p>}
    </>
  )
}
