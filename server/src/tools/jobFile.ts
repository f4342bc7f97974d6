import { readFileSync } from 'node:fs'
import { CoreError, parseInstant, type Job } from '@crisp-hem/core'
import { readJobFile } from '@crisp-hem/core/wire'
import { ENGLISH, speaker } from '@crisp-hem/core/words'

const english = speaker(ENGLISH)

/**
 * Runs a tool over a job file, `FILE.hem.json [--at ISO-TIME]`, and prints its answer as JSON on standard output. A bad
 * file or time is told on standard error.
 *
 * @returns the exit code: 0, or 1 with the wrong place told
 */
export function withJobFile(tool: string, args: readonly string[], answer: (job: Job, at?: number) => unknown): number {
  const at = valueOf(args, '--at')
  const file = args.find((arg, i) => !arg.startsWith('--') && args[i - 1] !== '--at')
  const unknown = args.find((arg) => arg.startsWith('--') && arg !== '--at')
  const usage = `npm run --silent ${tool} -- FILE.hem.json [--at 2027-05-12T09:30:00Z]`
  if (unknown) return fail(`unknown: ${unknown}; use: ${usage}`)
  if (!file) return fail(`name a job file: ${usage}`)
  try {
    const job = readJobFile(readFileSync(file, 'utf8'))
    const said = answer(job, at === null ? undefined : parseInstant(at))
    process.stdout.write(`${JSON.stringify(said, null, 2)}\n`)
    return 0
  } catch (error) {
    if (error instanceof CoreError) return fail(`${file}: ${english.text(`error.${error.code}`, error.facts)}`)
    if ((error as NodeJS.ErrnoException).code) return fail(`${file}: ${(error as Error).message}`)
    throw error
  }
}

function valueOf(args: readonly string[], name: string): string | null {
  const i = args.indexOf(name)
  return i < 0 ? null : (args[i + 1] ?? '')
}

function fail(message: string): number {
  process.stderr.write(`${message}\n`)
  return 1
}
