import { createHash, randomBytes, randomUUID } from 'node:crypto'
import type { PersonAnswer, Role, Who } from '@crisp-hem/core/wire'
import { atOnce, type Database } from './open'

/** What is kept of a token or a code: who reads the database cannot sign in by it. */
const sumOf = (secret: string): string => createHash('sha256').update(secret).digest('base64')

interface SessionRow {
  readonly id: string
  readonly person_id: string
  readonly device: string
  readonly since: string
  readonly seen: string
}
interface PersonRow {
  readonly id: string
  readonly name: string
  readonly role: Role
  readonly password: string | null
}

/** Somebody with the session a request came by. */
export interface SignedIn extends Who {
  readonly sessionId: string
}

const statements = (db: Database) => ({
  any: db.prepare<[], { found: number }>('SELECT EXISTS (SELECT 1 FROM person WHERE closed_at IS NULL) AS found'),
  all: db.prepare<[], PersonRow>(
    'SELECT id, name, role, password FROM person WHERE closed_at IS NULL ORDER BY made_at, id',
  ),
  one: db.prepare<[id: string], PersonRow>(
    'SELECT id, name, role, password FROM person WHERE id = ? AND closed_at IS NULL',
  ),
  byName: db.prepare<[name: string], PersonRow>(
    'SELECT id, name, role, password FROM person WHERE name = ? COLLATE NOCASE AND closed_at IS NULL',
  ),
  add: db.prepare<[PersonRow & { made_at: string }]>(`
    INSERT INTO person (id, name, role, password, made_at) VALUES (@id, @name, @role, @password, @made_at)`),
  close: db.prepare<[at: string, id: string]>('UPDATE person SET closed_at = ? WHERE id = ? AND closed_at IS NULL'),
  password: db.prepare<[password: string, id: string]>('UPDATE person SET password = ? WHERE id = ?'),
  sessions: db.prepare<[], SessionRow>('SELECT id, person_id, device, since, seen FROM session ORDER BY since'),
  session: db.prepare<[token: string], { session_id: string; seen: string } & PersonRow>(`
    SELECT session.id AS session_id, session.seen, person.id, person.name, person.role, person.password
    FROM session JOIN person ON person.id = session.person_id
    WHERE session.token = ? AND person.closed_at IS NULL`),
  begin: db.prepare<[SessionRow & { token: string }]>(`
    INSERT INTO session (id, token, person_id, device, since, seen)
    VALUES (@id, @token, @person_id, @device, @since, @seen)`),
  seen: db.prepare<[at: string, id: string]>('UPDATE session SET seen = ? WHERE id = ?'),
  end: db.prepare<[id: string]>('DELETE FROM session WHERE id = ?'),
  endAll: db.prepare<[personId: string]>('DELETE FROM session WHERE person_id = ?'),
  addCode: db.prepare<[code: string, personId: string, until: string]>(
    'INSERT INTO sign_in_code (code, person_id, until) VALUES (?, ?, ?)',
  ),
  takeCode: db.prepare<[code: string], { person_id: string; until: string }>(
    'DELETE FROM sign_in_code WHERE code = ? RETURNING person_id, until',
  ),
  dropCodes: db.prepare<[personId: string]>('DELETE FROM sign_in_code WHERE person_id = ?'),
})

/** People, the devices they are signed in on, and codes to sign in by. Secrets are kept as sums alone. */
export function peopleTable(db: Database) {
  const sql = statements(db)
  const offices = () => sql.all.all().filter((person) => person.role === 'office').length
  return {
    /** Nobody has an account yet. */
    isFirst: (): boolean => sql.any.get()?.found === 0,
    all: (): PersonAnswer[] => {
      const sessions = sql.sessions.all()
      return sql.all.all().map(({ id, name, role, password }) => ({
        id,
        name,
        role,
        hasPassword: password !== null,
        devices: sessions
          .filter((session) => session.person_id === id)
          .map((session) => ({ id: session.id, name: session.device, since: session.since, seen: session.seen })),
      }))
    },
    /** Somebody by name, with the sum of the password. */
    named: (name: string): PersonRow | null => sql.byName.get(name.trim()) ?? null,
    one: (id: string): PersonRow | null => sql.one.get(id) ?? null,
    add(name: string, role: Role, password: string | null, now: string): Who {
      const id = randomUUID()
      sql.add.run({ id, name: name.trim(), role, password, made_at: now })
      return { id, name: name.trim(), role }
    },
    setPassword: (id: string, password: string): void => void sql.password.run(password, id),
    /** Closes an account and signs out all its devices; the last of the office stays. */
    close: atOnce(db, (id: string, now: string): 'closed' | 'none' | 'last-office' => {
      const person = sql.one.get(id)
      if (!person) return 'none'
      if (person.role === 'office' && offices() === 1) return 'last-office'
      sql.close.run(now, id)
      sql.endAll.run(id)
      sql.dropCodes.run(id)
      return 'closed'
    }),
    /** Signs somebody in on a device. Returns the token, which nobody sees again. */
    begin(personId: string, device: string, now: string): string {
      const token = randomBytes(32).toString('base64url')
      sql.begin.run({ id: randomUUID(), token: sumOf(token), person_id: personId, device, since: now, seen: now })
      return token
    },
    /** Whose a token is; null for none. Seen is written once an hour. */
    whose(token: string, now: string): SignedIn | null {
      const row = sql.session.get(sumOf(token))
      if (!row) return null
      if (Date.parse(now) - Date.parse(row.seen) > SEEN_AGAIN_MS) sql.seen.run(now, row.session_id)
      return { id: row.id, name: row.name, role: row.role, sessionId: row.session_id }
    },
    end: (sessionId: string): boolean => sql.end.run(sessionId).changes === 1,
    /** Keeps that these signs sign somebody in once, until then. */
    addCode: (signs: string, personId: string, until: string): void =>
      void sql.addCode.run(sumOf(signs), personId, until),
    /** Whom these signs sign in; they are spent by that. Null where they are none, or too late. */
    takeCode(signs: string, now: string): string | null {
      const row = sql.takeCode.get(sumOf(signs))
      return row && row.until >= now ? row.person_id : null
    },
  }
}

const SEEN_AGAIN_MS = 3_600_000

export type PeopleTable = ReturnType<typeof peopleTable>
