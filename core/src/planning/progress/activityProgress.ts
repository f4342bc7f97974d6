import { type LogEvent, writeSubject, type SubjectKey } from '../../base/nouns'
import type { Activity, ActivityKind } from '../work'
import { UNTOUCHED, type HemState, type LogState } from './hemStates'

/** What is ticked when an activity of a kind is done. */
export const TICK_OF: Readonly<Record<ActivityKind, LogEvent['kind']>> = {
  prep: 'done',
  cover: 'covered',
  mark: 'done',
  'gun-up': 'done',
  'gun-down': 'done',
  look: 'done',
  lay: 'laid',
  seal: 'sealed',
  coat: 'coated',
  roll: 'coated',
  pull: 'pulled',
  uncover: 'uncovered',
}

/** What the log says of one activity. */
export interface ActivityProgress {
  /** When its last hem was ticked; null while something is left. */
  readonly doneAt: number | null
  /** Share of its hems that is done, 0 … 1. */
  readonly doneShare: number
  /** Who ticked it, where somebody did. */
  readonly crewId: string | null
}

type Act = Pick<Activity, 'kind' | 'coat' | 'subjects' | 'roomId' | 'impliedBy'>

/** An activity is done when every hem in it has been ticked for it, or for a later act, or is skipped. */
export function activityProgress(act: Act, log: LogState): ActivityProgress {
  const crewId = log.crew.get(act.subjects[0] ?? '') ?? null
  if (isWhole(act)) return { ...wholeProgress(act, log), crewId }
  const states = act.subjects.map((subject) => log.hems.get(subject) ?? UNTOUCHED)
  const through = states.map((state) => throughAt(act, state))
  const times = through.filter((at) => at !== null)
  const left = through.some((at, i) => at === null && states[i]?.skippedAt === null)
  const ended = states.filter((state, i) => through[i] !== null || state.skippedAt !== null).length
  const roomOff = act.kind === 'roll' ? roomOffAt(act, log) : null
  // A field is done in a room that has been uncovered, ticked or not.
  if (roomOff !== null && times.length === 0) return { doneAt: roomOff, doneShare: 1, crewId }
  if (left || ended === 0) return { doneAt: null, doneShare: ended / Math.max(1, states.length), crewId }
  // Skipped hems hold nobody up; where all are skipped, it was over when the last one was.
  const last = times.length > 0 ? times : states.map((state) => state.skippedAt).filter((at) => at !== null)
  return { doneAt: Math.max(...last), doneShare: 1, crewId }
}

/** Work that is ticked as a whole, not hem by hem. */
const WHOLE: readonly ActivityKind[] = ['prep', 'cover', 'mark', 'gun-up', 'gun-down', 'uncover', 'look']
const isWhole = (act: Act): boolean => WHOLE.includes(act.kind)

/**
 * Ticked itself; or said by what came after it: tape that lies on a face was laid once that was ready, covers that are off
 * have been on, and a room that was uncovered has nothing under cover.
 */
function wholeProgress(act: Act, log: LogState): Pick<ActivityProgress, 'doneAt' | 'doneShare'> {
  const subject = act.subjects[0] ?? ''
  const doneAt =
    tickedAt(act, log, subject) ?? impliedAt(act, log) ?? (act.kind === 'look' ? null : roomOffAt(act, log))
  return { doneAt, doneShare: doneAt === null ? 0 : 1 }
}

const roomOffAt = ({ roomId }: Act, log: LogState): number | null =>
  log.uncovered.get(writeSubject({ of: 'room', roomId })) ?? null

function tickedAt(act: Act, log: LogState, subject: SubjectKey): number | null {
  if (act.kind === 'uncover') return log.uncovered.get(subject) ?? null
  if (act.kind === 'cover') return log.covered.get(subject) ?? log.uncovered.get(subject) ?? null
  return log.done.get(subject) ?? null
}

function impliedAt({ impliedBy }: Act, log: LogState): number | null {
  if (!impliedBy) return null
  const times = impliedBy.hemIds.flatMap((hemId) => {
    const hem = log.hems.get(hemId)
    if (!hem) return []
    const at = impliedBy.tick === 'laid' ? throughAt({ kind: 'lay', coat: null }, hem) : (hem.coatedAt[0] ?? null)
    return at === null ? [] : [at]
  })
  return times.length > 0 ? Math.min(...times) : null
}

/** When a hem was through an act; null when it is not, or was skipped. */
export function throughAt(act: Pick<Activity, 'kind' | 'coat'>, hem: HemState): number | null {
  if (hem.skippedAt !== null) return null
  const coats = hem.coatedAt
  switch (act.kind) {
    case 'lay':
      return hem.tornAt === null ? (hem.laidAt ?? hem.sealedAt ?? coats[0] ?? hem.pulledAt) : null
    case 'seal':
      return hem.tornAt === null ? (hem.sealedAt ?? hem.pulledAt) : null
    case 'coat':
      return coats[(act.coat ?? 1) - 1] ?? hem.pulledAt
    case 'roll':
      return coats[(act.coat ?? 1) - 1] ?? null
    case 'pull':
      return hem.pulledAt
    default:
      return null
  }
}

/** Whether nothing is left to do on one subject of an act: it was ticked for it or a later act, or is skipped. */
export function isThrough(act: Act, log: LogState, subject: SubjectKey): boolean {
  if (isWhole(act)) return wholeProgress(act, log).doneAt !== null
  const state = log.hems.get(subject) ?? UNTOUCHED
  return state.skippedAt !== null || throughAt(act, state) !== null
}
