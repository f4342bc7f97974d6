import { readFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { CoreError, seededNumbers } from '@crisp-hem/core'
import { solveInstance } from '@crisp-hem/core/engine'
import { readInstance } from '@crisp-hem/core/wire'
import { ENGLISH, speaker } from '@crisp-hem/core/words'

/**
 * `npm run --silent solve -- FILE --limit SECONDS [--seed N] [--progress]`: a neutral scheduling instance to the best schedule
 * found in that time, as JSON on standard output. Progress goes to standard error. A wrong file ends with code 1 and the place.
 */
const USAGE = 'npm run --silent solve -- FILE --limit SECONDS [--seed N] [--progress]'
/** Kept back from the limit for the check and for printing, ms. */
const SPARE_MS = 60

function main(): number {
  const asked = read()
  if (typeof asked === 'string') return fail(asked)
  const { file, limit, seed, progress } = asked
  let told = ''
  try {
    const instance = readInstance(readFileSync(file, 'utf8'))
    const until = Math.max(performance.now() + 20, limit * 1000 - SPARE_MS)
    const answer = solveInstance(instance, {
      random: seededNumbers(seed),
      isOver: () => performance.now() >= until,
      onProgress: (best, bound) => {
        const line = `best ${best ?? 'none'} bound ${bound}`
        if (!progress || line === told) return
        told = line
        process.stderr.write(`${(performance.now() / 1000).toFixed(2)} s ${line}\n`)
      },
    })
    process.stdout.write(`${JSON.stringify(answer)}\n`)
    return 0
  } catch (error) {
    if (error instanceof CoreError) return fail(`${file}: ${speaker(ENGLISH).text(`error.${error.code}`, error.facts)}`)
    if ((error as NodeJS.ErrnoException).code) return fail(`${file}: ${(error as Error).message}`)
    throw error
  }
}

interface Asked {
  readonly file: string
  readonly limit: number
  readonly seed: number
  readonly progress: boolean
}

/** The command line, or what is wrong with it. */
function read(): Asked | string {
  try {
    const { values, positionals } = parseArgs({
      args: process.argv.slice(2),
      allowPositionals: true,
      options: {
        limit: { type: 'string', default: '10' },
        seed: { type: 'string', default: '1' },
        progress: { type: 'boolean', default: false },
      },
    })
    const [file, ...more] = positionals
    const [limit, seed] = [Number(values.limit), Number(values.seed)]
    if (!file || more.length > 0) return `name one instance file: ${USAGE}`
    if (!(limit > 0)) return `--limit: expected seconds above 0; use: ${USAGE}`
    if (!Number.isInteger(seed)) return `--seed: expected a whole number; use: ${USAGE}`
    return { file, limit, seed, progress: values.progress }
  } catch (error) {
    return `${(error as Error).message}; use: ${USAGE}`
  }
}

function fail(message: string): number {
  process.stderr.write(`${message}\n`)
  return 1
}

process.exitCode = main()
