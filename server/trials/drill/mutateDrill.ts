import { seededNumbers } from '@crisp-hem/core'
import { jobCalled, tickCalled } from './jobs'
import type { Office } from './office'

export interface MutateResult {
  readonly requests: number
  /** Requests that were answered with 5xx, or not at all: must be none. */
  readonly failed: readonly string[]
  readonly slowestMs: number
  /** What the slowest was. */
  readonly slowest: string
}

const BODIES = () => [
  JSON.stringify(jobCalled('m')),
  JSON.stringify({ ...jobCalled('m'), log: [tickCalled('a')], published: null }),
  JSON.stringify({ events: [tickCalled('a')] }),
  JSON.stringify({
    device: 'd',
    edits: [{ id: 'e', clock: '000000001-0000-d', changes: [{ path: ['name'], act: 'set', value: 'x', before: '' }] }],
  }),
  JSON.stringify({ basedOn: null, by: 'x', why: '', tasks: [] }),
  JSON.stringify({ name: 'x', password: 'y', device: 'z' }),
]
const ROUTES = [
  ['POST', '/api/jobs'],
  ['POST', '/api/jobs/import'],
  ['POST', '/api/jobs/import?as=%00'],
  ['POST', '/api/jobs/kept/log'],
  ['POST', '/api/jobs/kept/edits'],
  ['POST', '/api/jobs/kept/published'],
  ['PUT', '/api/jobs/kept'],
  ['PUT', '/api/contractor'],
  ['POST', '/api/people'],
  ['POST', '/api/jobs/kept/copy'],
  ['GET', '/api/jobs/kept/news?log=1e99&edit=-1'],
  ['GET', '/api/jobs/..%2f..%2fetc'],
  ['GET', '/api/weather?lat=nan&lon=&from=&hours=1e9&place='],
  ['GET', '/api/jobs/%F0%9F%92%A5'],
] as const
/** Texts that break what does not look. */
const ODD = [
  'null',
  '[]',
  '-1',
  '1e999',
  '"\\u0000"',
  '{"__proto__":{"x":1}}',
  '"'.repeat(50),
  '[[[[',
  '9007199254740993',
  '"2027-13-45T99:99:99Z"',
]

/** Sends requests spoiled in every way that comes to mind, and looks that each is answered, soon, and never with 5xx. */
export async function mutateDrill(office: Office, requests: number, seed: number): Promise<MutateResult> {
  const random = seededNumbers(seed)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!
  await office.ask('POST', '/api/jobs', JSON.stringify(jobCalled('kept')))
  const bodies = BODIES()
  const failed: string[] = []
  let [slowestMs, slowest] = [0, '']
  const one = async (i: number): Promise<void> => {
    const [method, path] = pick(ROUTES)
    const body = method === 'GET' ? undefined : spoiled(pick(bodies), random)
    const begun = performance.now()
    const status = await office.ask(method, path, body).then(
      async (answer) => {
        await answer.arrayBuffer()
        return answer.status
      },
      (error: Error) => error.message,
    )
    const ms = performance.now() - begun
    if (ms > slowestMs) [slowestMs, slowest] = [ms, `${i}: ${method} ${path}`]
    if (typeof status === 'string' || status >= 500) failed.push(`${i}: ${method} ${path}: ${status}`)
  }
  // A few at a time, as phones would.
  for (let i = 0; i < requests; i += 8)
    await Promise.all(Array.from({ length: Math.min(8, requests - i) }, (_, k) => one(i + k)))
  return { requests, failed, slowestMs, slowest }
}

function spoiled(text: string, random: () => number): string {
  const at = Math.floor(random() * text.length)
  const odd = ODD[Math.floor(random() * ODD.length)] ?? ''
  const way = random()
  if (way < 0.15) return text.slice(0, at)
  if (way < 0.3) return text.slice(0, at) + String.fromCharCode(Math.floor(random() * 0x2fff)) + text.slice(at + 1)
  if (way < 0.4) return odd
  if (way < 0.5) return '['.repeat(Math.floor(random() * 5000))
  // A value put in place of another, so that it is still JSON more often than not.
  const values = [...text.matchAll(/:("[^"]*"|-?\d+(\.\d+)?|true|false|null)/g)]
  const value = values[Math.floor(random() * values.length)]
  return value ? text.slice(0, value.index + 1) + odd + text.slice(value.index + value[0].length) : odd
}
