import { existsSync } from 'node:fs'
import Sqlite from 'better-sqlite3'

/**
 * Looks a database over before it is used.
 * @throws Error saying what is wrong and what to do: a damaged file, one that is no database, one of a newer program
 */
export function checkSound(file: string, newest: number): void {
  if (!existsSync(file)) return
  const whatToDo = 'Put a copy in its place with npm run restore -- FILE; copies lie in the folder “copies” beside it.'
  let db: Sqlite.Database | null = null
  try {
    db = new Sqlite(file, { readonly: true })
    const [found] = db.pragma('quick_check(1)') as { quick_check: string }[]
    if (found?.quick_check !== 'ok') throw new Error(String(found?.quick_check))
    const version = db.pragma('user_version', { simple: true }) as number
    if (version > newest) throw new NewerError(version, newest)
  } catch (error) {
    if (error instanceof NewerError) throw error
    throw new Error(`${file} is damaged, or no database of ours (${(error as Error).message}). ${whatToDo}`)
  } finally {
    db?.close()
  }
}

class NewerError extends Error {
  constructor(version: number, newest: number) {
    super(`the data is of a newer program (version ${version}; this one knows ${newest}). Start the newer program.`)
  }
}
