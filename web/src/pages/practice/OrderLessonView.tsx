import { ArrowDown, ArrowUp } from 'lucide-react'
import { useState } from 'react'
import { scoreOrder, seededNumbers, seedOf, shuffled, type OrderLesson } from '@crisp-hem/core'
import { Button } from '../../app/ui/Button'
import { W } from '../../app/words'

/** Steps in an order that is drawn by the lesson's name: not the right one. */
export function shuffledSteps({ id, steps }: Pick<OrderLesson, 'id' | 'steps'>): number[] {
  const order = shuffled(
    steps.map((_, i) => i),
    seededNumbers(seedOf(id)),
  )
  return order.every((step, i) => step === i) ? [...order].reverse() : order
}

interface OrderLessonProps {
  readonly lesson: OrderLesson
  readonly onScore: (score: number) => void
}

/** Steps to be put in order: by buttons, so that thumbs and keys do as well as a mouse. */
export function OrderLessonView({ lesson, onScore }: OrderLessonProps) {
  const [order, setOrder] = useState(() => shuffledSteps(lesson))
  const [checked, setChecked] = useState(false)
  const move = (at: number, by: 1 | -1) => {
    const next = [...order]
    const [a, b] = [next[at], next[at + by]]
    if (a === undefined || b === undefined) return
    ;[next[at], next[at + by]] = [b, a]
    setChecked(false)
    setOrder(next)
  }
  const { score, broken } = scoreOrder(lesson, order)
  const nameOf = (step: number) => lesson.steps[step] ?? ''
  return (
    <div className="max-w-2xl">
      <p className="text-sm text-soft">{W.practice.order.how}</p>
      <ol className="my-2">
        {order.map((step, i) => (
          <li key={step} className="flex items-center gap-2 border-b border-rule py-1">
            <b className="w-6">{i + 1}</b>
            <span className="min-w-0 flex-1">{nameOf(step)}</span>
            <Button
              className="min-h-11 min-w-11 justify-center"
              aria-label={W.practice.order.up({ step: nameOf(step) })}
              disabled={i === 0}
              onClick={() => move(i, -1)}
            >
              <ArrowUp size={16} aria-hidden />
            </Button>
            <Button
              className="min-h-11 min-w-11 justify-center"
              aria-label={W.practice.order.down({ step: nameOf(step) })}
              disabled={i === order.length - 1}
              onClick={() => move(i, 1)}
            >
              <ArrowDown size={16} aria-hidden />
            </Button>
          </li>
        ))}
      </ol>
      <Button
        tone="act"
        className="min-h-11"
        onClick={() => {
          setChecked(true)
          onScore(score)
        }}
      >
        {W.practice.order.check}
      </Button>
      {checked && (
        <div className="mt-3" role="status">
          <p className="text-xl font-bold">
            {W.practice.wall.score({ n: score })}{' '}
            {score >= lesson.pass ? W.practice.wall.passed : W.practice.wall.failed({ pass: lesson.pass })}
          </p>
          {broken.length === 0 && <p>{W.practice.order.allRight}</p>}
          <ul>
            {broken.map(({ before, after, why }) => (
              <li key={`${before} ${after}`}>
                {W.practice.order.because({ before: nameOf(before), after: nameOf(after), why })}
              </li>
            ))}
          </ul>
        </div>
      )}
    </div>
  )
}
