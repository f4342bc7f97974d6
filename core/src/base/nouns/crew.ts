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

/**
 * Share of beginners among those who may work in a room, 0 to 1: in its crew, or, where it is given to none, in all.
 * @param crewId  the crew of the room; null where it is given to none
 */
export function beginnersShare(crews: readonly Crew[], crewId: string | null): number {
  const people = crews.filter((crew) => crewId === null || crew.id === crewId).flatMap((crew) => crew.people)
  return people.length > 0 ? people.filter(({ skill }) => skill === 'beginner').length / people.length : 0
}
