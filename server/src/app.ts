import fastifyCookie from '@fastify/cookie'
import fastifyRateLimit from '@fastify/rate-limit'
import fastifyCompress from '@fastify/compress'
import fastifyHelmet from '@fastify/helmet'
import fastifyStatic from '@fastify/static'
import fastify, { type FastifyBaseLogger, type FastifyInstance, type RouteOptions } from 'fastify'
import { standInWeather, type WeatherProvider } from '@crisp-hem/core'
import { OFFICE_HEADER, type HealthAnswer } from '@crisp-hem/core/wire'
import type { Database } from './db/open'
import { tablesOf, type Tables } from './db/tables'
import { upgradeStored } from './db/upgradeStored'
import { answerFor, ServerError } from './errors'
import { addGuard, OWN_NAMES } from './guard'
import { heavyWorkHere, type HeavyWork } from './heavy/heavyWork'
import { BODY_LIMIT_BYTES } from './heavy/limits'
import { postOffice, standInMessenger, type Messenger } from './messages/post'
import { hub } from './live/hub'
import { openLines } from './live/lines'
import { addAccess, forRoles } from './people/access'
import { liveRoutes } from './routes/live'
import { peopleRoutes } from './routes/people'
import { contractorRoutes } from './routes/contractor'
import { jobRoutes } from './routes/jobs'
import { logRoutes } from './routes/log'
import { photoRoutes } from './routes/photos'
import { clockRoutes } from './routes/clock'
import { weatherRoutes } from './routes/weather'
import { practiceClock } from './keeping/practiceClock'

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
  readonly heavy?: HeavyWork
  /** Nobody has to sign in: for practice on one machine. */
  readonly isOpen?: boolean
  /** The code that makes the first account; left out, none can be made by one. */
  readonly firstCode?: string | null
  /** Hears of every route of the interface: for tests. */
  readonly onRoute?: (route: RouteOptions) => void
  /** Addresses of proxies whose word on who asks, and how, is taken; left out, nobody’s. */
  readonly trustProxy?: boolean | string
  /** Says what is not well: codes of sentences. */
  readonly troubles?: () => readonly string[]
  /** The certificate phones are to trust, as PEM; left out, none is given. */
  readonly certificate?: string | null
  /** Own certificate and key, as PEM; left out, plain http. */
  readonly https?: { readonly cert: string; readonly key: string } | null
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
    trustProxy: options.trustProxy ?? false,
    ...(options.https ? { https: options.https } : {}),
    ...(options.logger ? { loggerInstance: options.logger } : {}),
  })
  upgradeStored(options.db)
  const tables = tablesOf(options.db)
  tables.together(() => tables.edits.heal(Date.parse(options.now?.() ?? new Date().toISOString())))
  const heavy = options.heavy ?? heavyWorkHere(tables)
  app.addHook('onClose', async () => heavy.close())
  answerErrors(app)
  await app.register(fastifyCookie)
  await app.register(fastifyHelmet, SAFE_HEADERS)
  addGuard(app, { hosts: new Set([...OWN_NAMES, ...(options.hosts ?? [])].map((name) => name.toLowerCase())) })
  takeBytes(app)
  await app.register(fastifyCompress)
  await app.register(async (api) => addApi(api, options, tables, heavy), { prefix: '/api' })
  // What phones are to trust, for those who ask by plain http as well.
  const { certificate } = options
  app.get('/office.crt', async (_request, reply) => {
    if (!certificate) throw new ServerError('route.not_found', { path: '/office.crt' })
    return reply.header('content-type', 'application/x-x509-ca-cert').send(certificate)
  })
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

/** Requests a minute from one device: a crew’s phone asks for some dozens. */
const MOST_A_MINUTE = 3000

async function addApi(api: FastifyInstance, options: AppOptions, tables: Tables, heavy: HeavyWork): Promise<void> {
  const now = options.now ?? (() => new Date().toISOString())
  const isOpen = options.isOpen ?? false
  const news = hub()
  const lines = openLines()
  const clock = practiceClock(options.practiceClock, () => Date.parse(now()))
  if (options.onRoute) api.addHook('onRoute', options.onRoute)
  api.addHook('onRequest', async (_request, reply) => void reply.header(OFFICE_HEADER, '1'))
  addAccess(api, { people: tables.people, isOpen, now })
  await api.register(fastifyRateLimit, {
    // On an open server all come from one machine, and so does whoever drills it.
    max: isOpen ? 100 * MOST_A_MINUTE : MOST_A_MINUTE,
    timeWindow: 60_000,
    keyGenerator: ({ sessionId, ip }) => sessionId ?? ip,
    errorResponseBuilder: () => new ServerError('server.busy'),
  })
  api.get('/health', forRoles('anybody'), async (): Promise<HealthAnswer> => {
    options.db.prepare('SELECT 1').get()
    const { version, troubles } = options
    return { ok: true, version, practiceClock: clock.read(), now: now(), troubles: troubles?.() ?? [] }
  })
  await api.register(clockRoutes, { clock, isOpen })
  const post = postOffice(tables.messages, options.messenger ?? standInMessenger, now)
  void post.deliver()
  await api.register(jobRoutes, { tables, heavy, now, post, hub: news })
  await api.register(logRoutes, { tables, heavy, now, hub: news })
  await api.register(liveRoutes, { tables, hub: news, lines })
  await api.register(peopleRoutes, { people: tables.people, isOpen, now, lines, firstCode: options.firstCode ?? null })
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
