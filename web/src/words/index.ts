import type { Facts } from '@crisp-hem/core'
import { speaker, type Language } from '@crisp-hem/core/words'
import { spoken } from './catalogue'
import { EN_SCREENS } from './en'
import { ENGLISH_SCREENS, UNDER } from './language'

/** A language put in place before the app starts, as the test with the pseudo-locale does; else English. */
declare global {
  var crispHemLanguage: Language | undefined
}

/** Says everything in the language of this page. */
export const speech = speaker(globalThis.crispHemLanguage ?? ENGLISH_SCREENS)

/** Every word on the screens. */
export const W = spoken(EN_SCREENS, UNDER, speech.text)

export const {
  say: sayText,
  fact: factText,
  word: wordText,
  figure,
  decimals,
  money: formatMoney,
  clock: clockText,
  day: dayText,
  weekday: weekdayText,
  when: whenText,
  span: spanText,
} = speech

/** A number as this language writes it. */
export const numberText = (value: number): string => speech.fact(value)

/** A word of a list by a code that only data knows; the code itself where the list has none. */
export function wordIn(list: object, code: string): string {
  const found = (list as Readonly<Record<string, unknown>>)[code]
  return typeof found === 'string' ? found : code
}

/** What went wrong, in words: a coded error of ours by its code, anything else as it says itself. */
export function errorText(error: unknown): string {
  const { code, facts, message } = error as { code?: string; facts?: Facts; message?: string }
  if (code === undefined || facts === undefined) return message ?? String(error)
  const text = speech.text(`error.${code}`, facts)
  return text === `error.${code}` ? (message ?? code) : text
}
