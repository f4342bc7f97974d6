import { said, when, type Job, type Said, type SubjectKey } from '../../base/nouns'
import { spanAt } from '../../nature/cure/pullWindow'
import { throughAt } from '../../planning/progress/activityProgress'
import { UNTOUCHED, type HemState, type LogState } from '../../planning/progress/hemStates'
import type { ActivityKind } from '../../planning/work'
import type { Plan } from '../chain/planJob'

/** What somebody is about to tick. */
export interface TickAsked {
  readonly kind: ActivityKind
  /** Which coat, for coats. */
  readonly coat: number | null
  readonly subjects: readonly SubjectKey[]
}

interface TickDoubtsSetup {
  readonly job: Pick<Job, 'site'>
  readonly plan: Plan
  readonly log: LogState
  readonly asked: TickAsked
  readonly now: number
}

/**
 * What speaks against a tick by what was ticked before, and what it would mean: to be asked once, and kept as it is said.
 * Empty where nothing does.
 *
 * @param now  minutes since the epoch: when it was done, by whoever ticks it
 */
export function tickDoubts({ job, plan, log, asked, now }: TickDoubtsSetup): Said[] {
  const states = asked.subjects.map((subject) => log.hems.get(subject) ?? UNTOUCHED)
  switch (asked.kind) {
    case 'seal':
      return notLaid(plan, asked, states)
    case 'coat':
      return [...notLaid(plan, asked, states), ...coatMissing(states, (asked.coat ?? 1) - 1)]
    case 'pull':
      return [...notLaid(plan, asked, states), ...tooSoon(job, plan, asked, now)]
    default:
      return []
  }
}

/** Hems that have tape to be laid and none ticked. */
function notLaid(plan: Plan, { subjects }: TickAsked, states: readonly HemState[]): Said[] {
  const taped = new Set(plan.tasks.filter(({ kind }) => kind === 'lay').flatMap((task) => task.subjects))
  const count = subjects.filter((subject, i) => {
    const state = states[i] ?? UNTOUCHED
    return taped.has(subject) && state.skippedAt === null && throughAt({ kind: 'lay', coat: null }, state) === null
  }).length
  return count > 0 ? [said('doubt.not_laid', { count })] : []
}

/** Hems that miss a coat below: the first that is missing is named. */
function coatMissing(states: readonly HemState[], upTo: number): Said[] {
  for (let coat = 1; coat <= upTo; coat++) {
    const count = states.filter(
      (state) => state.skippedAt === null && state.pulledAt === null && (state.coatedAt[coat - 1] ?? null) === null,
    ).length
    if (count > 0) return [said('doubt.coat_missing', { coat, count })]
  }
  return []
}

const TOO_SOON = { 'too-wet': 'doubt.too_wet', tacky: 'doubt.tacky', kept: 'doubt.kept' } as const

/** Tape that is not coated through yet, and tape whose paint is too wet or half dry. */
function tooSoon({ site }: Pick<Job, 'site'>, plan: Plan, { subjects }: TickAsked, now: number): Said[] {
  const plans = plan.pulls.filter(({ hemIds }) => hemIds.some((id) => subjects.includes(id)))
  const bare = plans
    .filter(({ coated }) => !coated)
    .flatMap(({ hemIds }) => hemIds.filter((id) => subjects.includes(id)))
  const alone = plans.flatMap(({ coated, spans, manner }): Said[] => {
    const span = coated ? spanAt(spans, now) : null
    if (!span || !(span.kind in TOO_SOON)) return []
    const next = spans.find(({ from, kind }) => from > now && (kind === 'wet' || kind === 'dry'))
    const why = manner === 'peel' ? 'doubt.mask' : TOO_SOON[span.kind as keyof typeof TOO_SOON]
    return [said(why), ...(next ? [said('doubt.next', { when: when(next.from, now, site.zone) })] : [])]
  })
  return [...(bare.length > 0 ? [said('doubt.not_coated', { count: bare.length })] : []), ...alone.slice(0, 2)]
}
