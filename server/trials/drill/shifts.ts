import { changesBetween, nextClock, UNSAID, type Edit, type HybridClock, type LogEvent } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'

/** What a device says when it has a line again: edits and ticks, in the order it made them. */
export type Said = { readonly edit: Edit } | { readonly tick: LogEvent }

interface ShiftOptions {
  readonly facts: JobFacts
  readonly device: string
  readonly seed: number
  readonly random: () => number
  /** Things done in the shift. */
  readonly many: number
}

/** When the shift begins, and how long it is, ms: long over for any server, which bounds clocks that are ahead of its own. */
const BEGINS_MS = Date.parse('2026-05-12T07:00:00Z')
const SHIFT_MS = 8 * 3_600_000

/** Eight hours of a device without a line: it changes heights of rooms and ticks hems, by a clock of its own. */
export function offlineShift({ facts, device, seed, random, many }: ShiftOptions): Said[] {
  let [at, clock] = [facts, null as HybridClock | null]
  const said: Said[] = []
  for (let i = 0; i < many; i++) {
    const ms = BEGINS_MS + Math.floor((SHIFT_MS * (i + random())) / many)
    clock = nextClock(clock, ms, device)
    const id = `${seed}-${device}-${i}`
    if (random() < 0.5) {
      said.push({ tick: tickAt(id, ms, { device, seq: i + 1, by: null, clock, saidAt: null }, random) })
      continue
    }
    const room = Math.floor(random() * at.rooms.length)
    const heightMm = 2400 + Math.floor(random() * 200)
    const next = { ...at, rooms: at.rooms.map((each, k) => (k === room ? { ...each, heightMm } : each)) }
    const changes = changesBetween(at, next)
    if (changes.length > 0) said.push({ edit: { id, clock, changes } })
    at = next
  }
  return said
}

const TICKED = ['laid', 'sealed', 'coated', 'pulled', 'inspected'] as const

function tickAt(id: string, ms: number, origin: LogEvent['origin'], random: () => number): LogEvent {
  const kind = TICKED[Math.floor(random() * TICKED.length)] ?? 'laid'
  return {
    ...UNSAID,
    id,
    kind,
    at: `${new Date(ms).toISOString().slice(0, 16)}:00Z`,
    subjects: [`parlour/wall:w${1 + Math.floor(random() * 4)}|ceiling`],
    coat: kind === 'coated' ? 1 : null,
    bleeds: kind === 'inspected' ? Math.floor(random() * 4) : null,
    origin,
  }
}

/** Two devices' words as they may come to the office: each in its own order, between one another in any. */
export function merged<T>(one: readonly T[], other: readonly T[], random: () => number): T[] {
  const [a, b] = [[...one], [...other]]
  const all: T[] = []
  while (a.length + b.length > 0) all.push(...(random() * (a.length + b.length) < a.length ? a : b).splice(0, 1))
  return all
}
