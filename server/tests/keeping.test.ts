import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gullRow } from '../../demo'
import { openDatabase } from '../src/db/open'
import { tablesOf } from '../src/db/tables'
import { copyOfDay, readCopy, stays, writeCopy } from '../src/keeping/copies'
import { holdFolder } from '../src/keeping/lock'
import { settings } from '../src/keeping/settings'
import { checkSound } from '../src/keeping/soundness'
import { seedOnce } from '../src/seed'

const folder = mkdtempSync(join(tmpdir(), 'crisp-hem-keep-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))
const place = (name: string) => {
  const own = join(folder, name)
  mkdirSync(own, { recursive: true })
  return { database: join(own, 'crisp-hem.sqlite'), photos: join(own, 'photos') }
}
const fill = (kept: ReturnType<typeof place>) => {
  const db = openDatabase(kept.database, 'server/migrations')
  seedOnce(db, [gullRow()])
  mkdirSync(join(kept.photos, 'gull-row'), { recursive: true })
  writeFileSync(join(kept.photos, 'gull-row', 'p1'), Buffer.from('89504e470d0a1a0a', 'hex'))
  return db
}

describe('a copy', () => {
  test('is made while the server writes, and read back it is whole, pictures and all', async () => {
    const from = place('from')
    const db = fill(from)
    const { jobs } = tablesOf(db)
    const copying = writeCopy(from, join(folder, 'a.hemcopy'))
    db.prepare("UPDATE job SET name = 'renamed meanwhile'").run()
    expect(await copying).toMatchObject({ files: 2 })
    db.close()
    const to = place('to')
    expect(await readCopy(join(folder, 'a.hemcopy'), to)).toEqual({ files: 2, aside: null })
    const again = openDatabase(to.database, 'server/migrations')
    expect(
      tablesOf(again)
        .jobs.list()
        .map(({ id }) => id),
    ).toEqual(['gull-row'])
    again.close()
    expect(readFileSync(join(to.photos, 'gull-row', 'p1')).length).toBe(8)
    expect(jobs).toBeDefined()
    expect(statSync(join(folder, 'a.hemcopy')).mode & 0o077).toBe(0)
  })

  test('that was cut off or changed is refused, and nothing is changed', async () => {
    const from = place('cut')
    fill(from).close()
    const file = join(folder, 'cut.hemcopy')
    await writeCopy(from, file)
    const whole = readFileSync(file)
    const before = readFileSync(from.database)
    for (const bad of [
      whole.subarray(0, whole.length / 2),
      Buffer.from('no copy'),
      Buffer.concat([whole.subarray(0, 200), Buffer.alloc(60), whole.subarray(260)]),
    ]) {
      writeFileSync(file, bad)
      await expect(readCopy(file, from)).rejects.toThrow(/copy|damaged/)
      expect(readFileSync(from.database).equals(before)).toBe(true)
    }
    expect(readdirSync(join(folder, 'cut')).some((name) => name.startsWith('restoring'))).toBe(false)
  })

  test('put in place sets aside what was there', async () => {
    const kept = place('aside')
    fill(kept).close()
    const file = join(folder, 'aside.hemcopy')
    await writeCopy(kept, file)
    const { aside } = await readCopy(file, kept)
    expect(existsSync(join(aside!, 'crisp-hem.sqlite'))).toBe(true)
  })

  test('is made once a day', async () => {
    const kept = place('daily')
    fill(kept).close()
    const copies = join(folder, 'daily', 'copies')
    expect(await copyOfDay(kept, copies, new Date('2027-05-12T09:00:00Z'))).toContain('2027-05-12')
    expect(await copyOfDay(kept, copies, new Date('2027-05-12T18:00:00Z'))).toBeNull()
  })
})

// By hand: 60 days leave the last 7, then the latest of each week (4 in all) and of each month (May, April, March).
test('old copies go by rule: days, then weeks, then months', () => {
  const names = Array.from({ length: 60 }, (_, i) => new Date(Date.UTC(2027, 4, 12 - i)).toISOString().slice(0, 10))
  const left = [...stays(names.map((day) => `${day}.hemcopy`))].map((name) => name.slice(0, 10)).sort()
  expect(left).toEqual([
    '2027-03-31',
    '2027-04-25',
    '2027-04-30',
    '2027-05-02',
    ...['06', '07', '08', '09', '10', '11', '12'].map((day) => `2027-05-${day}`),
  ])
})

test('a folder in use is refused by the process that has it; one left by a dead process is taken', () => {
  const own = join(folder, 'lock')
  const held = holdFolder(own)
  writeFileSync(join(own, 'in-use'), `${process.ppid}\n`)
  expect(() => holdFolder(own)).toThrow(`process ${process.ppid}`)
  // The same number, given to another process since.
  writeFileSync(join(own, 'in-use'), `${process.ppid} 1\n`)
  holdFolder(own).letGo()
  writeFileSync(join(own, 'in-use'), '999999999\n')
  holdFolder(own).letGo()
  held.letGo()
  expect(existsSync(join(own, 'in-use'))).toBe(false)
})

test('damaged data and data of a newer program are refused, saying what to do', () => {
  const kept = place('sound')
  const db = fill(kept)
  db.pragma('user_version = 99')
  db.close()
  expect(() => checkSound(kept.database, 6)).toThrow(/newer program \(version 99; this one knows 6\)/)
  const bytes = readFileSync(kept.database)
  bytes.fill(7, 0, 200)
  writeFileSync(kept.database, bytes)
  expect(() => checkSound(kept.database, 99)).toThrow(/damaged.*npm run restore/)
  expect(() => checkSound(join(folder, 'none.sqlite'), 6)).not.toThrow()
})

test('settings that cannot be are refused by name; an open server stays on its machine', () => {
  expect(() => settings({ HOST: '0.0.0.0' }, ['--demo'])).toThrow(/this machine only/)
  expect(() => settings({ HOST: '0.0.0.0', OPEN: '1' }, [])).toThrow(/OPEN=1/)
  expect(() => settings({ PORT: 'x' }, [])).toThrow(/PORT/)
  expect(() => settings({ TLS_CERT: 'a' }, [])).toThrow(/go together/)
  expect(settings({ HOST: '0.0.0.0' }, []).isOpen).toBe(false)
  expect(settings({}, ['--demo']).isOpen).toBe(true)
})
