import { isAnyOf } from '@reduxjs/toolkit'
import type { LogEvent } from '@crisp-hem/core'
import { ApiError, type Api } from '../api'
import type { Services, StartListening } from '../store'
import { eventsRefused, eventsTaken, happened, logOpened } from './logSlice'

const SEND_AGAIN_MS = 5000

/** Sends ticks until they are taken. One that is refused steps aside with its reason; the rest goes on. */
export function addSending(listen: StartListening, { api, outbox }: Services): void {
  listen({
    matcher: isAnyOf(happened, logOpened, eventsTaken, eventsRefused),
    effect: async (_action, { getState, dispatch, cancelActiveListeners, delay }) => {
      cancelActiveListeners()
      const { jobId, unsent } = getState().log
      if (!jobId) return
      outbox.write(jobId, unsent)
      while (getState().log.jobId === jobId && getState().log.unsent.length > 0) {
        const outcome = await sent(api, jobId, getState().log.unsent)
        if (outcome === 'unreachable') {
          await delay(SEND_AGAIN_MS)
          continue
        }
        outbox.write(
          jobId,
          getState().log.unsent.filter((event) => !outcome.taken.includes(event.id)),
        )
        for (const refusal of outcome.refused) {
          outbox.setAside(jobId, refusal)
          dispatch(eventsRefused(refusal))
        }
        dispatch(eventsTaken(outcome.taken))
        return
      }
    },
  })
}

/** Why a tick was not taken. */
export interface Refusal {
  readonly event: LogEvent
  readonly reason: string
}

interface Sent {
  readonly taken: string[]
  readonly refused: Refusal[]
}

/** Sends a batch; one that is refused is halved until the ticks at fault stand alone. */
async function sent(api: Api, jobId: string, batch: readonly LogEvent[]): Promise<Sent | 'unreachable'> {
  try {
    await api.sendEvents(jobId, batch)
    return { taken: batch.map((event) => event.id), refused: [] }
  } catch (error) {
    if (!(error instanceof ApiError && error.isRefusal)) return 'unreachable'
    const [only] = batch
    if (batch.length === 1 && only) return { taken: [], refused: [{ event: only, reason: error.message }] }
    return sentInHalves(api, jobId, batch)
  }
}

async function sentInHalves(api: Api, jobId: string, batch: readonly LogEvent[]): Promise<Sent | 'unreachable'> {
  const middle = Math.ceil(batch.length / 2)
  const first = await sent(api, jobId, batch.slice(0, middle))
  if (first === 'unreachable') return first
  const second = await sent(api, jobId, batch.slice(middle))
  if (second === 'unreachable') return second
  return { taken: [...first.taken, ...second.taken], refused: [...first.refused, ...second.refused] }
}
