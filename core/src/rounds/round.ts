import type { Said } from '../ground'

export const TASK_KINDS = ['cover', 'lay', 'seal', 'coat', 'pull', 'uncover'] as const
export type TaskKind = (typeof TASK_KINDS)[number]

/**
 * A gap that must pass after another task ends. `plain` counts clock minutes, `drying` reference minutes of the
 * drying clock, `cure` those of the cure clock of a coating with this film-forming limit.
 */
export type Gap =
  | { readonly clock: 'plain'; readonly amount: number }
  | { readonly clock: 'drying'; readonly amount: number }
  | { readonly clock: 'cure'; readonly amount: number; readonly filmFormingC: number }

export interface After {
  readonly taskId: string
  readonly gap: Gap
}

/** A piece of work of one crew. Tasks of one `block` follow one another without a break. */
export interface Task {
  readonly id: string
  readonly kind: TaskKind
  readonly roomId: string
  readonly stepId: string | null
  readonly roundId: string | null
  readonly crewId: string
  /** Which coat, 1 for the first; null for other tasks. */
  readonly coat: number | null
  /** The hems it works on, in order; for cover and uncover the room (`room:r1`). */
  readonly subjects: readonly string[]
  readonly minutes: number
  readonly block: string
  /** May go on after a meal or the next day. */
  readonly divisible: boolean
  readonly after: readonly After[]
  /** Not before this instant, minutes since the epoch, or null. */
  readonly release: number | null
}

export const PULL_MANNERS = ['wet', 'dry', 'peel'] as const

/** Hems of a round that come off together: tape wet or dry, or a liquid mask cut and peeled. */
export interface RoundPull {
  readonly manner: (typeof PULL_MANNERS)[number]
  readonly taskId: string
  readonly hemIds: readonly string[]
  /** Hours a mask waits after the last coat; 0 for tape. */
  readonly afterH: number
}

/** Hems laid, sealed, coated and pulled together by one crew. */
export interface Round {
  readonly id: string
  readonly name: string
  readonly roomId: string
  readonly stepId: string
  readonly crewId: string
  readonly wallIds: readonly string[]
  readonly hemIds: readonly string[]
  readonly wet: boolean
  /** Its hems by how they come off, each with the task that does it. Lines cut by hand are in none. */
  readonly pulls: readonly RoundPull[]
  readonly metres: number
  /** Minutes the worst hem waits from its first wet stroke to its pull, and how many it may. */
  readonly wetNeedMin: number
  readonly wetWindowMin: number | null
  readonly why: Said
  readonly tasks: readonly Task[]
}
