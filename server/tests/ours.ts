import { buildApp, type AppOptions } from '../src/app'
import { openDatabase, type Database } from '../src/db/open'
import type { FastifyInstance, InjectOptions, LightMyRequestResponse } from 'fastify'

/** Asks as one of our own pages does: from the address it was loaded from. */
export const ours = (app: FastifyInstance, options: InjectOptions): Promise<LightMyRequestResponse> =>
  app.inject({ ...options, headers: { host: 'localhost:80', origin: 'http://localhost:80', ...options.headers } })

/** A server on a database of its own in memory, where nobody signs in unless it is said otherwise. */
export async function openServer(more: Partial<AppOptions> = {}): Promise<{ db: Database; app: FastifyInstance }> {
  const db = openDatabase(':memory:', 'server/migrations')
  const app = await buildApp({ isOpen: true, db, version: 'test', webRoot: null, practiceClock: null, ...more })
  return { db, app }
}

export async function closeServer({ db, app }: { db: Database; app: FastifyInstance }): Promise<void> {
  await app.close()
  db.close()
}
