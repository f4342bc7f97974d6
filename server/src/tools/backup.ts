import { resolve } from 'node:path'
import { writeCopy } from '../keeping/copies'
import { settings } from '../keeping/settings'

// `npm run backup -- FILE`: a copy of everything while the server runs.
const [file] = process.argv.slice(2)
const set = settings({ ...process.env, HOST: undefined, OPEN: undefined }, [])
if (!file) {
  process.stderr.write('npm run backup -- FILE\n')
  process.exit(1)
}
writeCopy(set, resolve(file)).then(
  ({ files, bytes }) =>
    process.stdout.write(
      `${files} files in ${file}, ${Math.ceil(bytes / 1024)} kB; read it back with npm run restore\n`,
    ),
  (error: Error) => {
    process.stderr.write(`no copy was made: ${error.message}\n`)
    process.exit(1)
  },
)
