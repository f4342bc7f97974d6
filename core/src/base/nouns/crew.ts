export const SKILLS = ['beginner', 'practised'] as const
export type Skill = (typeof SKILLS)[number]

export interface Painter {
  readonly name: string
  readonly skill: Skill
}

/** Hours of a working day on the site's clock; breaks split it. */
export interface Shift {
  /** 0 = Monday … 6 = Sunday. */
  readonly days: readonly number[]
  readonly from: string
  readonly to: string
  readonly breaks: readonly { readonly from: string; readonly to: string }[]
}

export interface Crew {
  readonly id: string
  readonly name: string
  readonly people: readonly Painter[]
  readonly shifts: readonly Shift[]
}
