import type { FastifyPluginAsync } from 'fastify'
import { practiceClockSchema, shapeFaults } from '@crisp-hem/core/wire'
import { refuseFaults, ServerError } from '../errors'
import { parsed } from '../heavy/parsed'
import type { PracticeClock } from '../keeping/practiceClock'
import { ALL, forRoles } from '../people/access'
import { bytes } from './jobs'

/** PUT /practice-clock — the time everybody practises with. Where people sign in, work goes by the real time. */
export const clockRoutes: FastifyPluginAsync<{ clock: PracticeClock; isOpen: boolean }> = async (app, options) => {
  const { clock, isOpen } = options
  app.put<{ Body: Uint8Array }>('/practice-clock', forRoles(ALL), async ({ body }, reply) => {
    if (!isOpen) throw new ServerError('clock.real')
    const asked = parsed(bytes(body))
    refuseFaults(shapeFaults(practiceClockSchema, asked))
    clock.set((asked as { at: string | null }).at)
    return reply.code(204).send()
  })
}
