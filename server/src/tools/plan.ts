import { readFileSync } from 'node:fs'
import { CoreError, parseInstant, planJob } from '@crisp-hem/core'
import { planOutput, readJobFile } from '@crisp-hem/core/wire'

/** `npm run --silent plan -- FILE.hem.json [--at ISO-TIME]`: the whole plan as JSON on standard output. */
function main(args: readonly string[]): number {
  const at = valueOf(args, '--at')
  const file = args.find((arg, i) => !arg.startsWith('--') && args[i - 1] !== '--at')
  if (!file) return fail('name a job file: npm run --silent plan -- FILE.hem.json [--at 2027-05-12T09:30:00Z]')
  try {
    const job = readJobFile(readFileSync(file, 'utf8'))
    const plan = planJob(job, at === null ? undefined : parseInstant(at))
    process.stdout.write(`${JSON.stringify(planOutput(plan), null, 2)}\n`)
    return 0
  } catch (error) {
    if (error instanceof CoreError || (error as NodeJS.ErrnoException).code)
      return fail(`${file}: ${(error as Error).message}`)
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

process.exitCode = main(process.argv.slice(2))
