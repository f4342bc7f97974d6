import { CoreError, type Fact, type Said } from '../../base/nouns'
import type { Fault } from '../../base/units/faults'
import { EN } from './en'
import { speaker, type Language, type Speaker } from './speaker'

export { EN } from './en'
export { CLOSE, OPEN, pseudo } from './pseudo'
export { speaker, type Language, type Speaker } from './speaker'

/** English, as every catalogue begins. */
export const ENGLISH: Language = { locale: 'en', messages: EN }

const english: Speaker = speaker(ENGLISH)

/** A saying in English: for files and tools, which have no reader of their own. */
export const sayText = (saying: Said): string => english.say(saying)

/** A fact in English. */
export const factText = (fact: Fact): string => english.fact(fact)

/** What a refusal says in English; null for an error that is none. */
export const refusalText = (error: unknown): string | null =>
  error instanceof CoreError ? english.text(`error.${error.code}`, error.facts) : null

/** A fault in English. */
export const faultText = (fault: Fault): string => english.text('fault', { ...fault })
