import fastifyCompress from '@fastify/compress'
import fastifyHelmet from '@fastify/helmet'
import fastifyStatic from '@fastify/static'
import fastify, { type FastifyBaseLogger, type FastifyInstance } from 'fastify'
import { standInWeather, type WeatherProvider } from '@crisp-hem/core'
import type { HealthAnswer } from '@crisp-hem/core/wire'
import type { Database } from './db/open'
import { tablesOf, type Tables } from './db/tables'
import { upgradeStored } from './db/upgradeStored'
import { answerFor, ServerError } from './errors'
import { addGuard, OWN_NAMES } from './guard'
import { deskHere, type HeavyDesk } from './heavy/desk'
import { BODY_LIMIT_BYTES } from './heavy/limits'
import { postOffice, standInMessenger, type Messenger } from './messages/post'
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
  /** Who carries messages to crews; left out, one that only says so. */
  readonly messenger?: Messenger
  /** Names this server is asked by, besides those every machine has for itself. */
  readonly hosts?: readonly string[]
  /** Who does what reads or writes much; left out, this thread. */
  readonly heavy?: HeavyDesk
  /** Where requests are written down; left out, nowhere. */
  readonly logger?: FastifyBaseLogger
}

/** The same made-up weather on every machine. */
const STAND_IN_SEED = 5

/** Builds the whole server on an open database, without a port. */
export async function buildApp(options: AppOptions): Promise<FastifyInstance> {
  const app = fastify({
    bodyLimit: BODY_LIMIT_BYTES,
    forceCloseConnections: true,
    ...(options.logger ? { loggerInstance: options.logger } : {}),
  })
  upgradeStored(options.db)
  const tables = tablesOf(options.db)
  const heavy = options.heavy ?? deskHere(tables)
  app.addHook('onClose', async () => heavy.close())
  answerErrors(app)
  await app.register(fastifyHelmet, SAFE_HEADERS)
  addGuard(app, { hosts: new Set([...OWN_NAMES, ...(options.hosts ?? [])].map((name) => name.toLowerCase())) })
  takeBytes(app)
  await app.register(fastifyCompress)
  await app.register(async (api) => addApi(api, options, tables, heavy), { prefix: '/api' })
  if (options.webRoot) await serveWeb(app, options.webRoot)
  return app
}

/** Errors by code; one that nobody foresaw is written down with its cause and told without it. */
function answerErrors(app: FastifyInstance): void {
  app.setErrorHandler((error, request, reply) => {
    const { status, body } = answerFor(error)
    if (status >= 500) request.log.error({ err: error }, 'request failed')
    return reply.code(status).send(body)
  })
}

/** Bodies are taken as bytes; whoever reads them does it beside the main thread. No other kind is taken at all. */
function takeBytes(app: FastifyInstance): void {
  app.removeAllContentTypeParsers()
  app.addContentTypeParser('application/json', { parseAs: 'buffer' }, (_request, body, done) => done(null, body))
}

/** Nothing but our own files runs, nobody puts us into a frame, and no address is passed on. */
const SAFE_HEADERS = {
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'none'"],
      scriptSrc: ["'self'"],
      // Dialogs measure the page and write a style of their own; no script can come in by it.
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'blob:', 'data:'],
      fontSrc: ["'self'", 'data:'],
      connectSrc: ["'self'"],
      workerSrc: ["'self'", 'blob:'],
      manifestSrc: ["'self'"],
      baseUri: ["'none'"],
      formAction: ["'none'"],
      frameAncestors: ["'none'"],
    },
  },
  frameguard: { action: 'deny' },
  referrerPolicy: { policy: 'no-referrer' },
  // Crews reach the office by plain http inside their own net; a promise of https would lock them out.
  strictTransportSecurity: false,
} as const

async function addApi(api: FastifyInstance, options: AppOptions, tables: Tables, heavy: HeavyDesk): Promise<void> {
  const now = options.now ?? (() => new Date().toISOString())
  api.get('/health', async (): Promise<HealthAnswer> => {
    options.db.prepare('SELECT 1').get()
    return { ok: true, version: options.version, practiceClock: options.practiceClock }
  })
  const post = postOffice(tables.messages, options.messenger ?? standInMessenger, now)
  void post.deliver()
  await api.register(jobRoutes, { tables, heavy, now, post })
  await api.register(logRoutes, { tables, heavy, now })
  await api.register(contractorRoutes, { contractor: tables.contractor, heavy, now })
  await api.register(photoRoutes, { jobs: tables.jobs, folder: options.photoFolder ?? null })
  await api.register(weatherRoutes, { weather: options.weather ?? standInWeather(STAND_IN_SEED) })
  api.setNotFoundHandler((request) => {
    throw new ServerError('route.not_found', { path: request.url })
  })
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
