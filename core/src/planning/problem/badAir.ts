import type { AirBan, ScheduleProblem } from './problem'

/** The longest stretch of air that bans one of some rules, where most of the time laid out is banned by it; else null. */
export function mostlyBanned(
  { airs, from, horizon }: Pick<ScheduleProblem, 'airs' | 'from' | 'horizon'>,
  ruleIds: readonly (string | null)[],
): AirBan | null {
  for (const { id, during, until, cold } of airs) {
    if (!ruleIds.includes(id)) continue
    for (const bans of [during, until, cold]) {
      const banned = bans.reduce((sum, ban) => sum + ban.to - ban.from, 0)
      const [longest] = [...bans].sort((a, b) => b.to - b.from - (a.to - a.from))
      if (longest && banned > (horizon - from) / 2) return longest
    }
  }
  return null
}
