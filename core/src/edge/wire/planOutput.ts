import type { Fact, Said } from '../../base/nouns'
import type { Plan } from '../../answers/chain/planJob'
import { formatInstant } from '../../base/units/time'
import { EN, ENGLISH, speaker } from '../words'

/** Fields of a plan that are instants, in minutes since the epoch. */
const INSTANTS = new Set(['at', 'from', 'to', 'endsAt', 'plannedAt', 'coatedFrom', 'coatedTo', 'release', 'safeFrom'])

/** Files are read by programs and by people who read English. */
const english = speaker(ENGLISH)

/**
 * A plan as plain data for other programs: instants as ISO text in UTC, names in words, and every saying with its
 * sentence beside its code.
 */
export const planOutput = (plan: Plan): unknown => spelled(plan)

function spelled(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(spelled)
  if (value === null || typeof value !== 'object') return value
  if (isSaid(value)) return { ...value, text: english.say(value) }
  if (isName(value)) return english.fact(value)
  return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, spelledField(key, each)]))
}

function spelledField(key: string, value: unknown): unknown {
  if (INSTANTS.has(key) && typeof value === 'number') return formatInstant(value)
  // What a thing is called is told in words alone.
  return key === 'name' && typeof value === 'object' && value !== null && isSaid(value)
    ? english.say(value)
    : spelled(value)
}

const isSaid = (value: object): value is Said =>
  'code' in value && 'facts' in value && String((value as Said).code) in EN

/** The name of a face or of a place. */
const isName = (value: object): value is Extract<Fact, { is: 'face' | 'place' }> =>
  'is' in value && (value.is === 'face' || value.is === 'place')
