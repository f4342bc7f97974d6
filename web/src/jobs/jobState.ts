import { foldLog, planJob, spanAt, type Job, type Plan, type PullSpan } from '@crisp-hem/core'
import type { JobAnswer } from '@crisp-hem/core/wire'

/** What a job's card says about today. */
export interface JobState {
  readonly rooms: number
  readonly hems: number
  readonly dueNow: number
  readonly overdue: number
  readonly problems: number
  readonly next: { readonly room: string; readonly from: number; readonly spans: readonly PullSpan[] } | null
  readonly startsAt: number | null
  readonly endsAt: number | null
  readonly begun: boolean
  /** The tape that has been on longest and is not off: where, since when, and until when it may stay. */
  readonly longest: { readonly room: string; readonly since: number; readonly due: number | null } | null
}

/** Works a job's state out at an instant; the same plan its own pages show. */
export function jobState(answer: JobAnswer, now: number): JobState {
  const job: Job = { ...answer.facts, log: answer.log, published: answer.published }
  const plan = planJob(job, now)
  const kinds = plan.pulls.filter((pull) => pull.coated).map((pull) => spanAt(pull.spans, now)?.kind)
  const coming = plan.pulls
    .flatMap((pull) =>
      pull.spans
        .filter((span) => span.kind === 'wet' && (span.to === null || span.to > now))
        .map((span) => ({ pull, from: span.from })),
    )
    .sort((a, b) => a.from - b.from)[0]
  return {
    rooms: job.rooms.length,
    hems: plan.hems.length,
    dueNow: kinds.filter((kind) => kind === 'wet').length,
    overdue: kinds.filter((kind) => kind === 'past').length,
    problems: plan.problems.length,
    next: coming
      ? {
          room: job.rooms.find((room) => room.id === coming.pull.roomId)!.name,
          from: coming.from,
          spans: coming.pull.spans,
        }
      : null,
    startsAt: plan.placed.length ? Math.min(...plan.placed.map((each) => each.from)) : null,
    endsAt: plan.endsAt,
    begun: job.log.length > 0,
    longest: longestOn(job, plan),
  }
}

function longestOn(job: Job, plan: Plan): JobState['longest'] {
  const log = foldLog(job.log)
  const on = plan.hems.flatMap((hem) => {
    const state = log.hems.get(hem.id)
    return state && state.laidAt !== null && state.pulledAt === null && state.skippedAt === null
      ? [{ hem, since: state.laidAt }]
      : []
  })
  const [first] = on.sort((a, b) => a.since - b.since)
  if (!first) return null
  const pull = plan.pulls.find((each) => each.hemIds.includes(first.hem.id))
  return {
    room: job.rooms.find((room) => room.id === first.hem.roomId)?.name ?? '',
    since: first.since,
    due: pull?.spans.findLast((span) => span.kind !== 'past')?.to ?? null,
  }
}
