import type { FastifyInstance, InjectOptions, LightMyRequestResponse } from 'fastify'

/** Asks as one of our own pages does: from the address it was loaded from. */
export const ours = (app: FastifyInstance, options: InjectOptions): Promise<LightMyRequestResponse> =>
  app.inject({ ...options, headers: { host: 'localhost:80', origin: 'http://localhost:80', ...options.headers } })
