import type { Said } from '../ground'
import type { Plan } from '../plan'
import { formatInstant } from '../units/time'
import { EN } from '../words/en'
import { sayText } from '../words/say'

/** Fields of a plan that are instants, in minutes since the epoch. */
const INSTANTS = new Set(['at', 'from', 'to', 'endsAt', 'plannedAt', 'coatedFrom', 'coatedTo', 'release', 'safeFrom'])

/**
 * A plan as plain data for other programs: instants as ISO text in UTC, and every saying with its sentence.
 */
export const planOutput = (plan: Plan): unknown => spelled(plan)

function spelled(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(spelled)
  if (value === null || typeof value !== 'object') return value
  if (isSaid(value)) return { ...value, text: sayText(value) }
  return Object.fromEntries(
    Object.entries(value).map(([key, each]) => [
      key,
      INSTANTS.has(key) && typeof each === 'number' ? formatInstant(each) : spelled(each),
    ]),
  )
}

const isSaid = (value: object): value is Said =>
  'code' in value && 'facts' in value && String((value as Said).code) in EN
