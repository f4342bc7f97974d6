import { hash, verify } from '@node-rs/argon2'
import type { FastifyPluginAsync, FastifyReply, FastifyRequest } from 'fastify'
import {
  firstSignInSchema,
  passwordSchema,
  personSchema,
  shapeFaults,
  signInCodeSchema,
  signInSchema,
  type Role,
  type WhoAnswer,
} from '@crisp-hem/core/wire'
import type { Schema } from 'yup'
import type { PeopleTable } from '../db/people'
import { codeSigns, newCode } from '../people/signInCode'
import { refuseFaults, ServerError } from '../errors'
import { ALL, forRoles, giveToken, OFFICE } from '../people/access'
import { parsed } from '../heavy/parsed'
import { bytes } from './jobs'
import { Tries } from '../people/tries'
import type { Lines } from '../live/lines'

interface PeopleRoutesOptions {
  readonly people: PeopleTable
  readonly isOpen: boolean
  readonly now: () => string
  /** The code that makes the first account; null once there is one. */
  readonly firstCode: string | null
  /** Open lines of people, to be ended with their sessions. */
  readonly lines: Lines
}

type Bytes = { Body: Uint8Array }

/** The longest form here, name and password in the widest letters, takes about 2 kB. */
const FORM_LIMIT_BYTES = 8 * 1024
/** Half an hour to walk over and scan it. From memory. */
const CODE_MS = 30 * 60_000
/** One sum more than is known, so that names that nobody has take as long as wrong passwords. */
const NOBODY = '$argon2id$v=19$m=19456,t=2,p=1$iYeZ1e70wGWYRMXugePePw$xr5hXRezSbp83uUOSB7jDBJSY5KxPBXP80085sQOH4U'

/** A body of a small form as data that its schema lets through. */
function asked<T>(schema: Schema<T>, body: Uint8Array | undefined): T {
  if ((body?.length ?? 0) > FORM_LIMIT_BYTES) throw new ServerError('request.too_large')
  const data = parsed(bytes(body))
  refuseFaults(shapeFaults(schema, data))
  return data as T
}

/** Signing in and out, and one's own password. */
const signInRoutes: FastifyPluginAsync<PeopleRoutesOptions> = async (app, options) => {
  const { people, isOpen, now, lines } = options
  const tries = new Tries(() => Date.parse(now()))
  let { firstCode } = options

  const begin = (request: FastifyRequest, reply: FastifyReply, personId: string, device: string) => {
    giveToken(request, reply, people.begin(personId, device, now()))
    const { id, name, role } = people.one(personId)!
    return reply.code(201).send({ id, name, role })
  }
  /** Counts a try as wrong before it is worked out, so that many at once are not all looked at. */
  const tried = (keys: readonly string[]): void => {
    const minutes = tries.waitMin(...keys)
    if (minutes > 0) throw new ServerError('sign_in.slow_down', { minutes })
    tries.wrong(...keys)
  }

  app.get('/me', forRoles('anybody'), async ({ who }): Promise<WhoAnswer> => ({
    who,
    isOpen,
    isFirst: people.isFirst(),
  }))

  app.post<Bytes>('/sign-in', forRoles('anybody'), async (request, reply) => {
    const form = asked(signInSchema, request.body)
    const keys = [`name ${form.name.trim().toLowerCase()}`, `from ${request.ip}`]
    tried(keys)
    const person = people.named(form.name)
    const isRight = await verify(person?.password ?? NOBODY, form.password)
    if (!person?.password || !isRight) throw new ServerError('sign_in.wrong')
    tries.right(...keys)
    return begin(request, reply, person.id, form.device)
  })

  app.post<Bytes>('/sign-in/code', forRoles('anybody'), async (request, reply) => {
    const form = asked(signInCodeSchema, request.body)
    const keys = [`code from ${request.ip}`]
    tried(keys)
    const personId = people.takeCode(codeSigns(form.code), now())
    if (personId === null) throw new ServerError('sign_in.code_wrong')
    tries.right(...keys)
    return begin(request, reply, personId, form.device)
  })

  /** Makes the first account, with the code the server printed when it started. */
  app.post<Bytes>('/sign-in/first', forRoles('anybody'), async (request, reply) => {
    const form = asked(firstSignInSchema, request.body)
    const keys = [`code from ${request.ip}`]
    tried(keys)
    const isRight = firstCode !== null && codeSigns(form.code) === codeSigns(firstCode) && people.isFirst()
    if (!isRight) throw new ServerError('sign_in.code_wrong')
    tries.right(...keys)
    firstCode = null
    const { id } = people.add(form.name, 'office', await hash(form.password), now())
    return begin(request, reply, id, form.device)
  })

  app.post('/sign-out', forRoles(ALL), async (request, reply) => {
    if (request.sessionId) {
      people.end(request.sessionId)
      lines.endSession(request.sessionId)
    }
    giveToken(request, reply, null)
    return reply.code(204).send()
  })

  app.put<Bytes>('/me/password', forRoles(ALL), async (request, reply) => {
    const form = asked(passwordSchema, request.body)
    if (!isOpen) people.setPassword(request.who!.id, await hash(form.password))
    return reply.code(204).send()
  })
}

/** Signing in and out, and the people of the contractor. */
export const peopleRoutes: FastifyPluginAsync<PeopleRoutesOptions> = async (app, options) => {
  const { people, now, lines } = options
  await app.register(signInRoutes, options)

  app.get('/people', forRoles(OFFICE), async () => people.all())

  app.post<Bytes>('/people', forRoles(OFFICE), async ({ body }, reply) => {
    const form: { name: string; role: Role; password: string | null } = asked(personSchema, body)
    if (people.named(form.name)) throw new ServerError('person.exists', { name: form.name })
    const sum = form.password === null ? null : await hash(form.password)
    return reply.code(201).send(people.add(form.name, form.role, sum, now()))
  })

  app.delete<{ Params: { id: string } }>('/people/:id', forRoles(OFFICE), async ({ params }, reply) => {
    const outcome = people.close(params.id, now())
    if (outcome === 'none') throw new ServerError('person.not_found')
    if (outcome === 'last-office') throw new ServerError('person.last_office')
    lines.endPerson(params.id)
    return reply.code(204).send()
  })

  /** A code that signs somebody in on another device, once. */
  app.post<{ Params: { id: string } }>('/people/:id/code', forRoles(OFFICE), async ({ params }, reply) => {
    if (!people.one(params.id)) throw new ServerError('person.not_found')
    const until = new Date(Date.parse(now()) + CODE_MS).toISOString()
    const code = newCode()
    people.addCode(codeSigns(code), params.id, until)
    return reply.code(201).send({ code, until })
  })

  /** Signs a lost phone out. */
  app.delete<{ Params: { id: string } }>('/devices/:id', forRoles(OFFICE), async ({ params }, reply) => {
    if (!people.end(params.id)) throw new ServerError('device.not_found')
    lines.endSession(params.id)
    return reply.code(204).send()
  })
}
