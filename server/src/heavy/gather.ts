import type { TickAnswer } from '@crisp-hem/core/wire'
import { thrownFrom, type Outcome } from '../errors'
import type { HeavyWork } from './heavyWork'
import type { TaskFacts } from './tasks'

/** One device’s ticks as they came. */
interface Gathered {
  readonly body: Uint8Array
  readonly facts: TaskFacts
}

/** Batches of devices that are written together at most. */
const MOST = 64
/** Larger ones go by themselves. */
const SMALL_BYTES = 64 * 1024

interface Waiting extends Gathered {
  readonly taken: (answer: TickAnswer) => void
  readonly refused: (error: Error) => void
}

/**
 * Writes ticks of many devices in one go: while some are being written, those that come gather, and the disk is waited for once
 * for all of them. Each has its own answer; what is wrong with one touches no other.
 */
export function gatherer(heavy: HeavyWork): (one: Gathered) => Promise<TickAnswer> {
  const waiting: Waiting[] = []
  let isBusy = false
  const alone = ({ body, facts }: Gathered) => heavy.run('append', body, facts)

  async function write(batch: readonly Waiting[]): Promise<void> {
    const body = Buffer.concat(batch.map((each) => each.body))
    const parts = batch.map((each) => ({ bytes: each.body.length, facts: each.facts }))
    let outcomes: readonly Outcome<TickAnswer>[]
    try {
      outcomes = await heavy.run('appendAll', body, { now: '', parts })
    } catch {
      // Nothing of it was kept: each by itself finds out whose fault it was.
      await Promise.all(batch.map((each) => alone(each).then(each.taken, each.refused)))
      return
    }
    batch.forEach((each, i) => {
      const outcome = outcomes[i]
      if (outcome && 'answer' in outcome) each.taken(outcome.answer)
      else if (outcome) each.refused(thrownFrom(outcome.refused))
    })
  }

  async function writeAll(): Promise<void> {
    if (isBusy) return
    isBusy = true
    while (waiting.length > 0) await write(waiting.splice(0, MOST))
    isBusy = false
  }

  return (one) =>
    one.body.length > SMALL_BYTES
      ? alone(one)
      : new Promise((taken, refused) => {
          waiting.push({ ...one, taken, refused })
          void writeAll()
        })
}
