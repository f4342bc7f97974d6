import { useCallback, useEffect, useRef, useState } from 'react'
import type { Job, PlacedTask, Reach, Said, ActivityId } from '@crisp-hem/core'
import type { Answered, Asked } from '../../app/state/useWorkerAnswer'
import type { MoveAnswer, MoveQuestion } from './move.worker'

type Picked = Extract<MoveAnswer, { told: 'picked' }>

/** Work somebody has in hand. */
export interface Move {
  readonly pickedId: string | null
  /** What goes along, how far it can slip and why it is where it is; null until that is worked out. */
  readonly picked: Picked | null
  /** Where it would go; null while it stands. */
  readonly target: { readonly at: number; readonly crewId: string } | null
  /** What that breaks; null until it is worked out. */
  readonly breaks: readonly Said[] | null
  /** It with what goes along, where it would be. */
  readonly placed: readonly PlacedTask[]
  /** It was let go: the question is whether it stays there. */
  readonly isDown: boolean
  /** One piece of work, or all that is left of its round. */
  readonly reach: Reach
  readonly pick: (taskId: ActivityId) => void
  readonly widen: (reach: Reach) => void
  readonly carry: (taskId: ActivityId, at: number, crewId: string) => void
  readonly letGo: () => void
  readonly drop: () => void
}

const NOTHING = { target: null, breaks: null, placed: [], isDown: false } as const
interface Held {
  readonly target: Move['target']
  readonly breaks: Move['breaks']
  readonly placed: Move['placed']
  readonly isDown: boolean
}

/** Picks up work and tries it elsewhere, beside the page. One place is tried at a time; of those that wait only the latest is. */
export function useMove(jobOf: () => { job: Job; now: number }): Move {
  const [pickedId, setPickedId] = useState<string | null>(null)
  const [reach, setReach] = useState<Reach>('piece')
  const [picked, setPicked] = useState<Picked | null>(null)
  const [held, setHeld] = useState<Held>(NOTHING)
  const worker = useRef<Worker | null>(null)
  const queue = useRef({ seq: 0, isBusy: false, waiting: [] as readonly MoveQuestion[] })
  const post = useCallback((question: MoveQuestion) => {
    const own = queue.current
    if (own.isBusy) {
      // A new pick makes all before it idle; of places to try the latest counts.
      own.waiting =
        question.ask === 'pick' ? [question] : [...own.waiting.filter((each) => each.ask === 'pick'), question]
      return
    }
    own.isBusy = true
    own.seq += 1
    worker.current?.postMessage({ seq: own.seq, question } satisfies Asked<MoveQuestion>)
  }, [])
  useEffect(() => {
    const own = new Worker(new URL('./move.worker.ts', import.meta.url), { type: 'module' })
    worker.current = own
    own.onmessage = ({ data }: MessageEvent<Answered<MoveAnswer>>) => {
      const [next, ...rest] = queue.current.waiting
      queue.current.isBusy = false
      queue.current.waiting = rest
      if (next) post(next)
      if (!('answer' in data)) return
      const { answer } = data
      if (answer.told === 'picked') setPicked(answer)
      else
        setHeld((before) =>
          before.target?.at === answer.at && before.target.crewId === answer.crewId
            ? { ...before, breaks: answer.breaks, placed: answer.placed }
            : before,
        )
    }
    return () => own.terminate()
  }, [post])
  const pick = useCallback(
    (taskId: ActivityId) => {
      if (taskId === pickedId) return
      setPickedId(taskId)
      setReach('piece')
      setPicked(null)
      setHeld(NOTHING)
      post({ ask: 'pick', ...jobOf(), taskId, reach: 'piece' })
    },
    [pickedId, post, jobOf],
  )
  return {
    pickedId,
    picked,
    reach,
    ...held,
    pick,
    widen(wanted) {
      if (!pickedId || wanted === reach) return
      setReach(wanted)
      setPicked(null)
      setHeld((before) => ({ ...before, breaks: null, placed: [] }))
      post({ ask: 'pick', ...jobOf(), taskId: pickedId, reach: wanted })
      if (held.target) post({ ask: 'try', ...held.target })
    },
    carry(taskId, at, crewId) {
      pick(taskId)
      setHeld((before) => ({ ...before, target: { at, crewId }, breaks: null, isDown: false }))
      post({ ask: 'try', at, crewId })
    },
    letGo: () => setHeld((before) => (before.target ? { ...before, isDown: true } : before)),
    drop() {
      setPickedId(null)
      setPicked(null)
      setHeld(NOTHING)
    },
  }
}
