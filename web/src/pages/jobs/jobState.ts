import { foldLog, planAnyway, spanAt, type Job, type Plan, type PullSpan } from '@crisp-hem/core'
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
  /** Number of the published plan that says so; null for a draft. */
  readonly plan: number | null
  readonly begun: boolean
  /** Tape that is on, one line for each room, the longest first: since when, and until when it may stay. */
  readonly on: readonly OnInRoom[]
}

interface OnInRoom {
  readonly room: string
  readonly since: number
  readonly due: number | null
}

/** Works a job's state out at an instant; the same plan its own pages show. */
export function jobState(answer: JobAnswer, now: number): JobState {
  const job: Job = { ...answer.facts, log: answer.log, published: answer.published }
  const plan = planAnyway(job, now)
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
          room: job.rooms.find((room) => room.id === coming.pull.roomId)?.name ?? '',
          from: coming.from,
          spans: coming.pull.spans,
        }
      : null,
    startsAt: plan.placed.length ? Math.min(...plan.placed.map((task) => task.from)) : null,
    endsAt: plan.endsAt,
    plan: plan.standing?.number ?? null,
    begun: job.log.length > 0,
    on: tapeOn(job, plan),
  }
}

function tapeOn(job: Job, plan: Plan): OnInRoom[] {
  const log = foldLog(job.log)
  return job.rooms
    .flatMap((room) => {
      const on = plan.hems.flatMap((hem) => {
        const state = hem.roomId === room.id ? log.hems.get(hem.id) : undefined
        return state && state.laidAt !== null && state.pulledAt === null && state.skippedAt === null
          ? [{ hem, since: state.laidAt }]
          : []
      })
      const [first] = on.sort((a, b) => a.since - b.since)
      if (!first) return []
      const pull = plan.pulls.find((each) => each.hemIds.includes(first.hem.id))
      const due = pull?.spans.findLast((span) => span.kind !== 'past')?.to ?? null
      return [{ room: room.name, since: first.since, due }]
    })
    .sort((a, b) => a.since - b.since)
}
