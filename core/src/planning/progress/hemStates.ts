import { nth } from '../../base/units/sure'
import {
  countOf,
  FAULTS,
  hemOfSubject,
  readHem,
  writeActivity,
  writeSubject,
  type HemId,
  type Inspection,
  type LogEvent,
  type Mended,
} from '../../base/nouns'
import { parseInstant } from '../../base/units/time'

/** What the log says of one hem. Instants in minutes since the epoch. */
export interface HemState {
  readonly laidAt: number | null
  /** Since when its tape is gone, and wants laying anew; null while it holds. */
  readonly tornAt: number | null
  readonly sealedAt: number | null
  /** When each coat was on, first coat first. */
  readonly coatedAt: readonly number[]
  readonly pulledAt: number | null
  readonly inspectedAt: number | null
  readonly bleeds: number | null
  /** Faults of every kind that the last look found. */
  readonly faults: number
  /** What was seen when somebody first looked, before anything was put right; null where nobody did, or only counted. */
  readonly found: Inspection | null
  /** Bleeds of that first look. */
  readonly foundBleeds: number | null
  /** How often it was looked at, what was last put right, and after how many looks that was. */
  readonly looks: number
  readonly mended: Mended | null
  readonly mendedLook: number | null
  readonly skipped: string | null
  readonly skippedAt: number | null
  /** Minutes the last coat came later than the board expected; negative when early, null when not told. */
  readonly coatLateMin: number | null
}

/** Of a line whose tape is on: nothing was seen along it, and nothing put right. */
const NEVER_LOOKED = { faults: 0, found: null, foundBleeds: null, looks: 0, mended: null, mendedLook: null } as const

export const UNTOUCHED: HemState = {
  laidAt: null,
  tornAt: null,
  sealedAt: null,
  coatedAt: [],
  pulledAt: null,
  inspectedAt: null,
  bleeds: null,
  ...NEVER_LOOKED,
  skipped: null,
  skippedAt: null,
  coatLateMin: null,
}

export interface LogState {
  readonly hems: ReadonlyMap<string, HemState>
  /** Rooms and fittings under cover now, with the instant they were covered. */
  readonly covered: ReadonlyMap<string, number>
  /** Everything ever covered or uncovered, with the instant of the latest. */
  readonly uncovered: ReadonlyMap<string, number>
  /** Work that was ticked as a whole, with the instant. */
  readonly done: ReadonlyMap<string, number>
  /** Crew of the latest event on each subject. */
  readonly crew: ReadonlyMap<string, string | null>
}

/** Events that count: undone ones and the undoing are left out, repeats by id too, in order of time; of what came at once by the clocks of devices, and by ids where those say nothing. */
export function standingEvents(log: readonly LogEvent[]): LogEvent[] {
  const undone = new Set(log.flatMap((event) => (event.kind === 'undone' && event.undoes ? [event.undoes] : [])))
  const seen = new Set<string>()
  return log
    .filter((event) => {
      const fresh = !seen.has(event.id)
      seen.add(event.id)
      return fresh && event.kind !== 'undone' && !undone.has(event.id)
    })
    .sort((a, b) => compare(a.at, b.at) || compare(clockOf(a), clockOf(b)) || compare(a.id, b.id))
}

const clockOf = ({ origin }: LogEvent): string => origin?.clock ?? ''

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)

/** A picture, stock, a piece of a trial, and the end of a day change no state of a hem. */
const NOT_OF_WORK = new Set<LogEvent['kind']>([
  'day-closed',
  'pictured',
  'received',
  'returned',
  'counted',
  'cut',
  'tried',
])

/** The present state of everything, as a fold over the log. Replaying events changes nothing. */
export function foldLog(log: readonly LogEvent[]): LogState {
  const hems = new Map<string, HemState>()
  const covered = new Map<string, number>()
  const uncovered = new Map<string, number>()
  const done = new Map<string, number>()
  const crew = new Map<string, string | null>()
  for (const event of standingEvents(log)) {
    if (NOT_OF_WORK.has(event.kind)) continue
    const at = parseInstant(event.at)
    for (const subject of event.subjects) {
      crew.set(subject, event.crewId)
      if (event.kind === 'done') done.set(subject, at)
      else if (event.kind === 'covered') covered.set(subject, at)
      else if (event.kind === 'uncovered') {
        covered.delete(subject)
        uncovered.set(subject, at)
      } else {
        const hemId = hemOfSubject(subject)
        if (hemId !== null && event.kind === 'inspected' && event.bleeds !== null && event.bleeds > 0)
          reopened(done, hemId)
        // Fields are coated as hems are, and kept beside them.
        hems.set(subject, after(hems.get(subject) ?? UNTOUCHED, event, at))
      }
    }
  }
  return { hems, covered, uncovered, done, crew }
}

/** A room’s lines have been looked at and touched up until somebody finds a bleed. */
function reopened(done: Map<string, number>, hemId: HemId): void {
  const roomId = readHem(hemId)?.roomId
  if (roomId) done.delete(writeSubject({ of: 'work', activityId: writeActivity({ of: 'room', roomId, act: 'look' }) }))
}

/** Hems whose tape is on the wall. */
export const hemsWithTape = (log: LogState): ReadonlySet<string> =>
  new Set([...log.hems].flatMap(([id, { laidAt, pulledAt }]) => (laidAt !== null && pulledAt === null ? [id] : [])))

/** Bleeds at each hem as it was last looked at: what is still to be put right. */
export const countedBleeds = (log: LogState): ReadonlyMap<string, number> =>
  new Map(
    [...log.hems].flatMap(([id, state]) =>
      state.bleeds === null ? [] : [[id, isMended(state) ? 0 : state.bleeds] as const],
    ),
  )

/** Whether what the last look found was put right since: it is looked along once more. */
export const isMended = ({ mendedLook, looks }: HemState): boolean => mendedLook !== null && mendedLook === looks

/** Bleeds found at each hem when somebody first looked, whatever was put right since. */
export const foundBleeds = (log: LogState): ReadonlyMap<string, number> =>
  new Map([...log.hems].flatMap(([id, { foundBleeds: found }]) => (found === null ? [] : [[id, found] as const])))

function after(state: HemState, event: LogEvent, at: number): HemState {
  switch (event.kind) {
    case 'laid':
      return {
        ...state,
        laidAt: at,
        tornAt: null,
        ...NEVER_LOOKED,
      }
    case 'torn':
      return { ...state, laidAt: null, sealedAt: null, tornAt: at }
    case 'sealed':
      return { ...state, sealedAt: at }
    case 'coated': {
      const coats = [...state.coatedAt]
      coats[(event.coat ?? coats.length + 1) - 1] = at
      // A missed tick of an earlier coat is filled by the later one: it must have been there.
      for (let i = coats.length - 1; i >= 0; i--) coats[i] ??= nth(coats, i + 1)
      return { ...state, coatedAt: coats, coatLateMin: event.expectedAt ? at - parseInstant(event.expectedAt) : null }
    }
    case 'pulled':
      return { ...state, pulledAt: at, tornAt: null }
    case 'inspected':
      return {
        ...state,
        inspectedAt: at,
        bleeds: event.bleeds,
        faults: event.look ? countOf(event.look.finds, FAULTS) : (event.bleeds ?? 0),
        ...(state.looks === 0 ? { found: event.look, foundBleeds: event.bleeds } : {}),
        looks: state.looks + 1,
      }
    case 'mended':
      return { ...state, mended: event.mending, mendedLook: state.looks }
    case 'skipped':
      return { ...state, skipped: event.note, skippedAt: at }
    default:
      return state
  }
}
