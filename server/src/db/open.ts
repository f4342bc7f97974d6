import { mkdirSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import Sqlite from 'better-sqlite3'

export type Database = Sqlite.Database

/** Opens a database file, or a fresh one in memory for `:memory:`, and brings it to the newest version. */
export function openDatabase(file: string, migrations: string): Database {
  if (file !== ':memory:') mkdirSync(dirname(file), { recursive: true })
  const db = new Sqlite(file)
  db.pragma('journal_mode = WAL')
  db.pragma('foreign_keys = ON')
  db.pragma('synchronous = FULL')
  migrate(db, migrations)
  return db
}

/** Runs each newer `NNNN_name.sql` in its own transaction, so a failed one leaves the last good version. */
export function migrate(db: Database, dir: string): void {
  const done = db.pragma('user_version', { simple: true }) as number
  for (const name of readdirSync(dir)
    .filter((file) => file.endsWith('.sql'))
    .sort()) {
    const version = Number.parseInt(name, 10)
    if (version <= done) continue
    db.transaction(() => {
      db.exec(readFileSync(join(dir, name), 'utf8'))
      db.pragma(`user_version = ${version}`)
    }).exclusive()
  }
}

/** A transaction that takes the write lock before it reads, so that what it read still stands when it writes. */
export function atOnce<A extends unknown[], R>(db: Database, act: (...args: A) => R): (...args: A) => R {
  const transaction = db.transaction(act)
  return (...args) => transaction.immediate(...args)
}
