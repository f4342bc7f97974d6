import { isIPv6 } from 'node:net'
import type { FastifyInstance, FastifyRequest } from 'fastify'
import { ServerError } from './errors'

interface GuardOptions {
  /** Names under which this server is asked; a request for any other is refused. */
  readonly hosts: ReadonlySet<string>
}

/** Names every machine has for itself. */
export const OWN_NAMES: readonly string[] = ['localhost', '127.0.0.1', '[::1]']

/** The name of a `Host` header or an origin, without its port. */
const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase()

/** An address as it stands in a `Host` header. */
export const asHost = (address: string): string => (isIPv6(address) ? `[${address}]` : address.toLowerCase())

const CHANGES_NOTHING = new Set(['GET', 'HEAD', 'OPTIONS'])
const BODIES = /^(application\/json|image\/(png|jpeg|webp))\b/

/**
 * Turns away what did not come from our own pages: a host name this server was not told of (a page elsewhere whose name
 * was made to point here), and changes without our origin (a form or script of a page elsewhere). Changes carry JSON or
 * a picture, which no form can send.
 */
export function addGuard(app: FastifyInstance, { hosts }: GuardOptions): void {
  app.addHook('onRequest', async (request) => {
    const host = request.headers.host ?? ''
    if (!hosts.has(nameOf(host))) throw new ServerError('host.unknown', { host })
    const twice = Object.entries(request.query ?? {}).find(([, value]) => typeof value !== 'string')
    if (twice) throw new ServerError('request.unreadable', { detail: `${twice[0]} is given twice` })
    if (CHANGES_NOTHING.has(request.method)) return
    if (!isOwn(request, host)) throw new ServerError('origin.foreign', { origin: request.headers.origin ?? 'none' })
    const type = request.headers['content-type']
    if (hasBody(request) && !(type && BODIES.test(type)))
      throw new ServerError('request.wrong_type', { type: type ?? 'none' })
  })
}

function isOwn(request: FastifyRequest, host: string): boolean {
  const { origin } = request.headers
  return origin === `${request.protocol}://${host}`
}

const hasBody = ({ headers }: FastifyRequest): boolean =>
  headers['transfer-encoding'] !== undefined || Number(headers['content-length'] ?? 0) > 0
