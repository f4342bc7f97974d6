import { parseInstant, type Job } from '@crisp-hem/core'
import type { JobAnswer } from '@crisp-hem/core/wire'
import { maskCoated } from '../core/tests/maskCoated'
import { TERN_QUAY_NOW } from '../demo'
import type { TestServer } from './server'

/** Ticks the last coat of the demo's panes under a liquid mask, a minute before the demo's afternoon begins. */
export async function coatMask(server: TestServer): Promise<void> {
  const answer = (await (await fetch(`${server.url}/api/jobs/tern-quay`)).json()) as JobAnswer
  const job: Job = { ...answer.facts, log: answer.log, published: answer.published }
  const event = { ...maskCoated(job, parseInstant(TERN_QUAY_NOW) - 1).log.at(-1)!, id: 'mask-coated' }
  const { status } = await server.post('/api/jobs/tern-quay/log', JSON.stringify({ events: [event] }))
  if (status !== 200 && status !== 201) throw new Error(`the coat was not ticked: ${status}`)
}
