import { mkdirSync, openSync, readFileSync, rmSync, writeSync, closeSync } from 'node:fs'
import { join } from 'node:path'

const NAME = 'in-use'

/** A folder held by this process until it is let go. */
export interface Held {
  readonly letGo: () => void
}

/**
 * Takes a data folder for this process, so that no two servers write into one. A lock whose process is gone is nobody’s.
 * @throws Error naming the process that has it
 */
export function holdFolder(folder: string): Held {
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  const path = join(folder, NAME)
  for (let tries = 0; tries < 2; tries++) {
    try {
      const file = openSync(path, 'wx', 0o600)
      writeSync(file, `${process.pid} ${begunAt(process.pid)}\n`)
      closeSync(file)
      return { letGo: () => rmSync(path, { force: true }) }
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error
      const [pid = 0, begun = 0] = readFileSync(path, 'utf8').split(' ').map(Number)
      if (isRunning(pid) && (begun === 0 || begun === begunAt(pid)))
        throw new Error(`${folder} is in use by another server (process ${pid}); stop that one first`)
      // Left by a process that was ended hard.
      rmSync(path, { force: true })
    }
  }
  throw new Error(`${folder} is being taken by another server; try again`)
}

/** When a process began, in ticks since this machine did; 0 where the system does not say. Numbers of processes are given again. */
function begunAt(pid: number): number {
  try {
    const [, rest = ''] = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')
    return Number(rest.split(' ')[BEGUN] ?? 0)
  } catch {
    return 0
  }
}

/** Field 22 of proc(5), counted from behind the name. */
const BEGUN = 19

function isRunning(pid: number): boolean {
  if (!Number.isInteger(pid) || pid <= 0 || pid === process.pid) return false
  try {
    process.kill(pid, 0)
    return true
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM'
  }
}
