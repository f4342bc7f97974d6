import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import Sqlite from 'better-sqlite3'
import { readCopy, writeCopy } from '../../src/keeping/copies'
import { jobCalled, tickCalled } from './jobs'
import type { Office } from './office'

export interface CopyResult {
  /** Ticks acknowledged before the copy was begun; all of them must be in it. */
  readonly before: number
  readonly missing: number
  readonly restored: number
}

/** Copies a server's data while it is written to, puts the copy elsewhere, and looks whether it holds all it must. */
export async function copyDrill(office: Office, ticks: number): Promise<CopyResult> {
  await office.ask('POST', '/api/jobs', JSON.stringify(jobCalled('copied')))
  const acknowledged: string[] = []
  const isOver = { value: false }
  const write = async (name: string): Promise<void> => {
    for (let i = 0; !isOver.value; i++) {
      const id = `${name}-${i}`
      const answer = await office.ask('POST', '/api/jobs/copied/log', JSON.stringify({ events: [tickCalled(id)] }))
      if (answer.status === 201) acknowledged.push(id)
    }
  }
  const clients = ['a', 'b', 'c'].map(write)
  while (acknowledged.length < ticks) await new Promise((wait) => setTimeout(wait, 20))
  const before = [...acknowledged]
  const file = join(office.dataDir, 'drill.hemcopy')
  await writeCopy({ database: join(office.dataDir, 'crisp-hem.sqlite'), photos: join(office.dataDir, 'photos') }, file)
  isOver.value = true
  await Promise.all(clients)
  const elsewhere = join(office.dataDir, 'elsewhere')
  mkdirSync(elsewhere)
  const database = join(elsewhere, 'crisp-hem.sqlite')
  await readCopy(file, { database, photos: join(elsewhere, 'photos') })
  const db = new Sqlite(database, { readonly: true })
  const rows = db.prepare<[], { id: string }>("SELECT id FROM log_event WHERE job_id = 'copied'").all()
  db.close()
  const there = new Set(rows.map((row) => row.id))
  return { before: before.length, missing: before.filter((id) => !there.has(id)).length, restored: there.size }
}
