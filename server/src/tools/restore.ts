import { resolve } from 'node:path'
import { readCopy } from '../keeping/copies'
import { holdFolder } from '../keeping/lock'
import { settings } from '../keeping/settings'

// `npm run restore -- FILE`: puts a copy in place of what is there, which is set aside. The server must be stopped.
const [file] = process.argv.slice(2)
const set = settings({ ...process.env, HOST: undefined, OPEN: undefined }, [])

async function main(): Promise<void> {
  if (!file) throw new Error('npm run restore -- FILE')
  const held = holdFolder(set.dataDir)
  try {
    const { files, aside } = await readCopy(resolve(file), set)
    process.stdout.write(`${files} files are in place.${aside ? ` What was there lies in ${aside}.` : ''}\n`)
  } finally {
    held.letGo()
  }
}

main().catch((error: Error) => {
  process.stderr.write(`nothing was changed: ${error.message}\n`)
  process.exit(1)
})
