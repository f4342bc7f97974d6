import { type LogEvent, writeSubject, type SubjectKey } from '../ground'
import type { Activity, ActivityKind } from '../work'
import { UNTOUCHED, type HemState, type LogState } from './hemStates'

/** What is ticked when an activity of a kind is done. */
export const TICK_OF: Readonly<Record<ActivityKind, LogEvent['kind']>> = {
  cover: 'covered',
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

type Act = Pick<Activity, 'kind' | 'coat' | 'subjects' | 'roomId'>

/** An activity is done when every hem in it has been ticked for it, or for a later act, or is skipped. */
export function activityProgress(act: Act, log: LogState): ActivityProgress {
  const crewId = log.crew.get(act.subjects[0] ?? '') ?? null
  if (act.kind === 'cover' || act.kind === 'uncover') return { ...coverProgress(act, log), crewId }
  const states = act.subjects.map((subject) => log.hems.get(subject) ?? UNTOUCHED)
  const through = states.map((state) => throughAt(act, state))
  const times = through.filter((at) => at !== null)
  const left = through.some((at, i) => at === null && states[i]?.skippedAt === null)
  const ended = states.filter((state, i) => through[i] !== null || state.skippedAt !== null).length
  if (left || ended === 0) return { doneAt: null, doneShare: ended / Math.max(1, states.length), crewId }
  // Skipped hems hold nobody up; where all are skipped, it was over when the last one was.
  const last = times.length > 0 ? times : states.map((state) => state.skippedAt).filter((at) => at !== null)
  return { doneAt: Math.max(...last), doneShare: 1, crewId }
}

function coverProgress(act: Act, log: LogState): Pick<ActivityProgress, 'doneAt' | 'doneShare'> {
  const room = writeSubject({ of: 'room', roomId: act.roomId })
  const off = log.uncovered.get(room) ?? null
  const doneAt = act.kind === 'uncover' ? off : (log.covered.get(room) ?? off)
  return { doneAt, doneShare: doneAt === null ? 0 : 1 }
}

/** When a hem was through an act; null when it is not, or was skipped. */
export function throughAt(act: Pick<Activity, 'kind' | 'coat'>, hem: HemState): number | null {
  if (hem.skippedAt !== null) return null
  const coats = hem.coatedAt
  switch (act.kind) {
    case 'lay':
      return hem.laidAt ?? hem.sealedAt ?? coats[0] ?? hem.pulledAt
    case 'seal':
      return hem.sealedAt ?? hem.pulledAt
    case 'coat':
      return coats[(act.coat ?? 1) - 1] ?? hem.pulledAt
    case 'roll':
      return coats[(act.coat ?? 1) - 1] ?? null
    case 'pull':
      return hem.pulledAt
    case 'cover':
    case 'uncover':
      return null
  }
}

/** Whether nothing is left to do on one subject of an act: it was ticked for it or a later act, or is skipped. */
export function isThrough(act: Act, log: LogState, subject: SubjectKey): boolean {
  if (act.kind === 'cover' || act.kind === 'uncover') return coverProgress(act, log).doneAt !== null
  const state = log.hems.get(subject) ?? UNTOUCHED
  return state.skippedAt !== null || throughAt(act, state) !== null
}
