import { ArrowDown, ArrowUp } from 'lucide-react'
import { isByPrice, type PlanGoal } from '@crisp-hem/core'
import { useEdit, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { W } from '../../app/words'

/** What a plan is judged by, the weightiest first, to be put in another order. */
export function GoalOrder() {
  const { goals } = useFacts().planning
  const edit = useEdit()
  const swap = (i: number, j: number) =>
    edit((facts) => {
      const next: PlanGoal[] = [...facts.planning.goals]
      const [one, other] = [next[i], next[j]]
      if (!one || !other) return facts
      next[i] = other
      next[j] = one
      return { ...facts, planning: { ...facts.planning, goals: next } }
    })
  return (
    <details className="mt-2 text-sm">
      <summary className="cursor-pointer">
        {isByPrice(goals)
          ? W.better.byPrice
          : W.better.goals({ list: goals.map((goal) => W.better.goalNames[goal]).join(', ') })}
      </summary>
      <p className="text-soft">{W.better.goalsFirst}</p>
      <ol className="mt-1 ml-5 list-decimal">
        {goals.map((goal, i) => (
          <li key={goal}>
            <span className="inline-block w-64">{W.better.goalNames[goal]}</span>
            <Button
              tone="quiet"
              disabled={i === 0}
              aria-label={W.better.goalUp({ goal: W.better.goalNames[goal] })}
              onClick={() => swap(i, i - 1)}
              icon={<ArrowUp size={15} aria-hidden />}
            />
            <Button
              tone="quiet"
              disabled={i === goals.length - 1}
              aria-label={W.better.goalDown({ goal: W.better.goalNames[goal] })}
              onClick={() => swap(i, i + 1)}
              icon={<ArrowDown size={15} aria-hidden />}
            />
          </li>
        ))}
      </ol>
    </details>
  )
}
