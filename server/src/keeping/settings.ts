import { readFileSync } from 'node:fs'
import { isIPv4, isIPv6 } from 'node:net'
import { join, resolve } from 'node:path'

/** What the environment says of where to listen, where to keep things, and how much to write down. */
export interface Settings {
  readonly root: string
  readonly host: string
  readonly port: number
  readonly dataDir: string
  /** Names people ask this server by, besides the one it listens on. */
  readonly names: readonly string[]
  readonly logLevel: string
  readonly demo: boolean
  /** Nobody has to sign in: only where nobody else can reach it. */
  readonly isOpen: boolean
  readonly practiceClock: string | null
  readonly trustProxy: string | false
  /** Own certificate and key, as PEM. */
  readonly https: { readonly cert: string; readonly key: string } | null
  readonly database: string
  readonly photos: string
  readonly copies: string
  readonly migrations: string
}

const HERE = '127.0.0.1'

/** @throws Error naming the setting that cannot be */
export function settings(env: NodeJS.ProcessEnv, args: readonly string[]): Settings {
  const root = env.CRISP_HEM_ROOT ?? process.cwd()
  const demo = args.includes('--demo')
  const host = env.HOST ?? HERE
  const isOpen = demo || env.OPEN === '1'
  if (isOpen && !isLoopback(host))
    throw new Error(
      `nobody signs in ${demo ? 'to the demo' : 'where OPEN=1'}, so it listens on this machine only; HOST is ${host}`,
    )
  const port = Number(env.PORT ?? 4173)
  if (!Number.isInteger(port) || port < 0 || port > 65_535)
    throw new Error(`PORT: expected 0 to 65535, not ${env.PORT}`)
  const dataDir = resolve(root, env.DATA_DIR ?? 'data')
  return {
    root,
    host,
    port,
    dataDir,
    names: (env.HOST_NAMES ?? '')
      .split(',')
      .map((name) => name.trim())
      .filter(Boolean),
    logLevel: env.LOG_LEVEL ?? (demo ? 'warn' : 'info'),
    demo,
    isOpen,
    practiceClock: env.PRACTICE_CLOCK ?? null,
    trustProxy: env.TRUST_PROXY ? env.TRUST_PROXY : false,
    https: certificate(env),
    database: join(dataDir, demo ? 'demo.sqlite' : 'crisp-hem.sqlite'),
    photos: join(dataDir, demo ? 'demo-photos' : 'photos'),
    copies: join(dataDir, 'copies'),
    migrations: join(root, 'server/migrations'),
  }
}

const isLoopback = (host: string): boolean =>
  host === 'localhost' || (isIPv4(host) && host.startsWith('127.')) || (isIPv6(host) && host === '::1')

function certificate({ TLS_CERT, TLS_KEY }: NodeJS.ProcessEnv): Settings['https'] {
  if (!TLS_CERT && !TLS_KEY) return null
  if (!TLS_CERT || !TLS_KEY) throw new Error('TLS_CERT and TLS_KEY go together: both, or neither')
  return { cert: readFileSync(TLS_CERT, 'utf8'), key: readFileSync(TLS_KEY, 'utf8') }
}
