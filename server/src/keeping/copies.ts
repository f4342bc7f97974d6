import { createHash } from 'node:crypto'
import { createReadStream, createWriteStream, existsSync } from 'node:fs'
import { chmod, mkdir, readdir, readFile, rename, rm, stat, writeFile } from 'node:fs/promises'
import { basename, dirname, join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { createGunzip, createGzip } from 'node:zlib'
import Sqlite from 'better-sqlite3'
import { beginEpoch } from '../db/epoch'

/** Where a server keeps things. */
interface KeptCopy {
  readonly database: string
  readonly photos: string
}

interface Entry {
  readonly name: string
  readonly bytes: number
  readonly sum: string
}

const HEAD = 'crisp-hem copy 1'

/**
 * Writes a copy of everything into one file while the server runs: the database as it stands at one instant (SQLite’s own
 * online backup), then every picture, each with its sum. It stands only once it is whole.
 */
export async function writeCopy({ database, photos }: KeptCopy, to: string): Promise<{ files: number; bytes: number }> {
  await mkdir(dirname(to), { recursive: true, mode: 0o700 })
  const whole = `${to}.database`
  const source = new Sqlite(database, { readonly: true })
  try {
    await source.backup(whole)
  } finally {
    source.close()
  }
  const paths = [
    { name: 'database', path: whole },
    ...(await filesIn(photos)).map((name) => ({ name: `photos/${name}`, path: join(photos, name) })),
  ]
  const entries: Entry[] = []
  const gzip = createGzip({ level: 6 })
  const written = pipeline(gzip, createWriteStream(`${to}.part`, { mode: 0o600 }))
  gzip.write(`${HEAD}\n`)
  for (const { name, path } of paths) {
    const data = await readFile(path)
    const entry = { name, bytes: data.length, sum: sumOf(data) }
    gzip.write(`${JSON.stringify(entry)}\n`)
    gzip.write(data)
    entries.push(entry)
  }
  gzip.end('end\n')
  await written
  await rm(whole, { force: true })
  await rename(`${to}.part`, to)
  return { files: entries.length, bytes: (await stat(to)).size }
}

/**
 * Puts a copy in place of what is there. What was there is set aside, not thrown away.
 * @throws Error where the copy is not whole; nothing is changed then
 */
export async function readCopy(
  from: string,
  { database, photos }: KeptCopy,
): Promise<{ files: number; aside: string | null }> {
  const folder = dirname(database)
  const staged = join(folder, `restoring-${process.pid}`)
  await rm(staged, { recursive: true, force: true })
  await mkdir(staged, { recursive: true, mode: 0o700 })
  try {
    const files = await unpacked(from, staged)
    checkWhole(join(staged, 'database'))
    anewIn(join(staged, 'database'))
    const aside = existsSync(database)
      ? join(folder, `before-restore-${new Date().toISOString().replaceAll(':', '')}`)
      : null
    if (aside) {
      await mkdir(aside, { recursive: true, mode: 0o700 })
      for (const end of ['', '-wal', '-shm'])
        if (existsSync(database + end)) await rename(database + end, join(aside, basename(database) + end))
      if (existsSync(photos)) await rename(photos, join(aside, basename(photos)))
    }
    await rename(join(staged, 'database'), database)
    await chmod(database, 0o600)
    if (existsSync(join(staged, 'photos'))) await rename(join(staged, 'photos'), photos)
    return { files, aside }
  } finally {
    await rm(staged, { recursive: true, force: true })
  }
}

async function unpacked(from: string, to: string): Promise<number> {
  const parts: Buffer[] = []
  await pipeline(createReadStream(from), createGunzip(), async (source: AsyncIterable<Buffer>) => {
    for await (const part of source) parts.push(part)
  }).catch((error: Error) => {
    throw new Error(`${from} is not a whole copy (${error.message})`)
  })
  const data = Buffer.concat(parts)
  let at = 0
  const line = (): string => {
    const end = data.indexOf(10, at)
    if (end < 0) throw new Error(`${from} is not a whole copy: it ends early`)
    const text = data.toString('utf8', at, end)
    at = end + 1
    return text
  }
  if (line() !== HEAD) throw new Error(`${from} is not a copy of ours`)
  let files = 0
  for (let head = line(); head !== 'end'; head = line()) {
    const entry = JSON.parse(head) as Entry
    const body = data.subarray(at, at + entry.bytes)
    if (body.length !== entry.bytes || sumOf(body) !== entry.sum) throw new Error(`${from}: “${entry.name}” is damaged`)
    if (!isPlain(entry.name)) throw new Error(`${from}: “${entry.name}” is no name of ours`)
    const path = join(to, entry.name)
    await mkdir(dirname(path), { recursive: true, mode: 0o700 })
    await writeFile(path, body, { mode: 0o600 })
    at += entry.bytes
    files += 1
  }
  return files
}

/** No name leads out of the folder it is unpacked into. */
const isPlain = (name: string): boolean =>
  name === 'database' || (/^photos\/[^/\\]+\/[\w-]+$/.test(name) && !name.includes('..'))

function checkWhole(database: string): void {
  const db = new Sqlite(database, { readonly: true })
  try {
    const [found] = db.pragma('integrity_check(1)') as { integrity_check: string }[]
    if (found?.integrity_check !== 'ok')
      throw new Error(`the database in this copy is damaged: ${found?.integrity_check}`)
  } finally {
    db.close()
  }
}

/** What is put back is another line of history than what devices have heard since. */
function anewIn(database: string): void {
  const db = new Sqlite(database)
  try {
    beginEpoch(db)
  } finally {
    db.close()
  }
}

const sumOf = (data: Uint8Array): string => createHash('sha256').update(data).digest('base64')

async function filesIn(folder: string): Promise<string[]> {
  if (!existsSync(folder)) return []
  const all = await readdir(folder, { recursive: true, withFileTypes: true })
  return all
    .filter((entry) => entry.isFile() && !entry.name.endsWith('.part'))
    .map((entry) => join(entry.parentPath.slice(folder.length + 1), entry.name))
}

/** Copies of the last days, then one a week, then one a month: how many of each are kept. From memory. */
export const KEPT = { days: 7, weeks: 4, months: 6 } as const

/** Which daily copies stay, of names that begin with their day (2027-05-12…): the rest may go. */
export function stays(names: readonly string[], kept: typeof KEPT = KEPT): Set<string> {
  const sorted = [...names].sort().reverse()
  const firstOf = (key: (name: string) => string, most: number): string[] => {
    const seen = new Map<string, string>()
    for (const name of sorted) if (!seen.has(key(name))) seen.set(key(name), name)
    return [...seen.values()].slice(0, most)
  }
  const week = (name: string): string => String(Math.floor((Date.parse(name.slice(0, 10)) / 86_400_000 + 3) / 7))
  return new Set([
    ...firstOf((name) => name.slice(0, 10), kept.days),
    ...firstOf(week, kept.weeks),
    ...firstOf((name) => name.slice(0, 7), kept.months),
  ])
}

/** Makes the copy of a day unless there is one, and lets old ones go. Returns the new one’s path, or null. */
export async function copyOfDay(kept: KeptCopy, folder: string, now: Date): Promise<string | null> {
  const name = `${now.toISOString().slice(0, 10)}.hemcopy`
  const path = join(folder, name)
  if (existsSync(path)) return null
  await writeCopy(kept, path)
  const all = (await readdir(folder)).filter((each) => /^\d{4}-\d\d-\d\d\.hemcopy$/.test(each))
  const stay = stays(all)
  for (const each of all) if (!stay.has(each)) await rm(join(folder, each), { force: true })
  return path
}
