import fastifyCompress from '@fastify/compress'
import fastifyStatic from '@fastify/static'
import fastify, { type FastifyInstance } from 'fastify'
import { standInWeather, type WeatherProvider } from '@crisp-hem/core'
import type { HealthAnswer } from '@crisp-hem/core/wire'
import { contractorTable } from './db/contractor'
import { jobTable } from './db/jobs'
import { logTable } from './db/logEvents'
import type { Database } from './db/open'
import { upgradeStored } from './db/upgradeStored'
import { answerFor, ServerError } from './errors'
import { contractorRoutes } from './routes/contractor'
import { jobRoutes } from './routes/jobs'
import { logRoutes } from './routes/log'
import { photoRoutes } from './routes/photos'
import { weatherRoutes } from './routes/weather'

export interface AppOptions {
  readonly db: Database
  readonly version: string
  /** Folder of the built web app; none serves the API alone. */
  readonly webRoot: string | null
  readonly practiceClock: string | null
  readonly now?: () => string
  /** Folder of pictures; left out, none are kept. */
  readonly photoFolder?: string
  /** Where hours of weather come from; left out, made-up weather. */
  readonly weather?: WeatherProvider
}

/** The same made-up weather on every machine. */
const STAND_IN_SEED = 5
const BODY_LIMIT_BYTES = 32 * 1024 * 1024

/** Builds the whole server on an open database, without a port. */
export async function buildApp(options: AppOptions): Promise<FastifyInstance> {
  const app = fastify({ bodyLimit: BODY_LIMIT_BYTES, forceCloseConnections: true })
  upgradeStored(options.db)
  const jobs = jobTable(options.db)
  const log = logTable(options.db)
  const now = options.now ?? (() => new Date().toISOString())

  app.setErrorHandler((error, _request, reply) => {
    const { status, body } = answerFor(error)
    return reply.code(status).send(body)
  })
  await app.register(fastifyCompress)
  await app.register(
    async (api) => {
      api.get('/health', async (): Promise<HealthAnswer> => {
        options.db.prepare('SELECT 1').get()
        return { ok: true, version: options.version, practiceClock: options.practiceClock }
      })
      await api.register(jobRoutes, { jobs, log, now })
      await api.register(logRoutes, { jobs, log })
      await api.register(contractorRoutes, { contractor: contractorTable(options.db), now })
      await api.register(photoRoutes, { jobs, folder: options.photoFolder ?? null })
      await api.register(weatherRoutes, { weather: options.weather ?? standInWeather(STAND_IN_SEED) })
      api.setNotFoundHandler((request) => {
        throw new ServerError('route.not_found', { path: request.url })
      })
    },
    { prefix: '/api' },
  )
  if (options.webRoot) await serveWeb(app, options.webRoot)
  return app
}

/** Built files by name; every other address gets the app, which finds its own way. */
async function serveWeb(app: FastifyInstance, root: string): Promise<void> {
  await app.register(fastifyStatic, {
    root,
    setHeaders: (response, path) => {
      // File names under assets/ carry a hash of their content.
      const forever = path.includes('/assets/')
      response.setHeader('cache-control', forever ? 'public, max-age=31536000, immutable' : 'no-cache')
    },
  })
  app.setNotFoundHandler((request, reply) => {
    if (request.method !== 'GET') throw new ServerError('route.not_found', { path: request.url })
    return reply.sendFile('index.html')
  })
}
