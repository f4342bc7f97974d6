import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify'
import { SAID_BY_HEADER, type Role, type Who } from '@crisp-hem/core/wire'
import type { PeopleTable, SignedIn } from '../db/people'
import { ServerError } from '../errors'

/** Who may ask for a route: anybody, or people of these roles. */
type Access = 'anybody' | readonly Role[]

export const ALL: readonly Role[] = ['office', 'lead', 'painter']
export const LEADS: readonly Role[] = ['office', 'lead']
export const OFFICE: readonly Role[] = ['office']

declare module 'fastify' {
  interface FastifyRequest {
    /** Who is signed in where this came from; null for nobody. */
    who: Who | null
    sessionId: string | null
  }
  interface FastifyContextConfig {
    access?: Access
  }
}

/** Says who may ask for a route. */
export const forRoles = (access: Access) => ({ config: { access } }) as const

/** Whoever uses a server that asks nobody to sign in. */
const ANYBODY: Who = { id: 'open', name: '', role: 'office' }

const COOKIE = 'hem'
const NINETY_DAYS_S = 90 * 86_400

/** Hands a device its token, out of reach of scripts and of other sites. */
export function giveToken(request: FastifyRequest, reply: FastifyReply, token: string | null): void {
  reply.setCookie(COOKIE, token ?? '', {
    path: '/',
    httpOnly: true,
    sameSite: 'strict',
    secure: request.protocol === 'https',
    maxAge: token === null ? 0 : NINETY_DAYS_S,
  })
}

interface AccessOptions {
  readonly people: PeopleTable
  /** Nobody has to sign in: for practice on one machine. */
  readonly isOpen: boolean
  readonly now: () => string
}

/**
 * Finds out who asks, and refuses whom a route is not for. Every route of the interface says who may ask for it; one that
 * does not keeps the server from starting.
 */
export function addAccess(api: FastifyInstance, { people, isOpen, now }: AccessOptions): void {
  api.decorateRequest('who', null)
  api.decorateRequest('sessionId', null)
  api.addHook('onRoute', ({ method, url, config }) => {
    if (!config?.access) throw new Error(`${String(method)} ${url} does not say who may ask for it`)
  })
  api.addHook('onRequest', async (request) => {
    const found = isOpen ? null : signedIn(request, people, now())
    request.who = isOpen ? ANYBODY : found && { id: found.id, name: found.name, role: found.role }
    request.sessionId = found?.sessionId ?? null
    const { access } = request.routeOptions.config
    if (access === undefined || access === 'anybody') return
    if (!request.who) throw new ServerError('sign_in.needed')
    // Another tab of this device may have signed somebody else in meanwhile: nothing is taken under another’s name.
    const saidBy = request.headers[SAID_BY_HEADER]
    if (saidBy !== undefined && saidBy !== request.who.id) throw new ServerError('sign_in.other')
    if (!access.includes(request.who.role)) throw new ServerError('sign_in.role', { role: request.who.role })
  })
}

function signedIn(request: FastifyRequest, people: PeopleTable, now: string): SignedIn | null {
  const token = request.cookies[COOKIE]
  return token ? people.whose(token, now) : null
}
