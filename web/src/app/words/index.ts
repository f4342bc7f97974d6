import type { Facts, Fault } from '@crisp-hem/core'
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
  clock: clockText,
  day: dayText,
  weekday: weekdayText,
  when: whenText,
  span: spanText,
} = speech

/** A day with its year, for paper that is kept. */
export const dateText = (at: number, zone: string): string =>
  new Intl.DateTimeFormat(speech.locale, { dateStyle: 'long', timeZone: zone }).format(at * 60_000)

/** Whether this device shows no prices: whoever it is for may not see them. */
const prices = { areHidden: false }
export const hidePrices = (areHidden: boolean): void => void (prices.areHidden = areHidden)

/** Money in minor units as this language writes it; a dash where prices are not to be seen. */
export const formatMoney: typeof speech.money = (minor, currency) =>
  prices.areHidden ? '–' : speech.money(minor, currency)

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

/** A wrong place and what was expected there. */
export const faultText = (fault: Fault): string => speech.text('fault', { ...fault })

/** A refused entry as a painter would name it: `walls[2].lengthMm` is wall 3's length. Rooms are on the screen anyway. */
export function fieldFaultText({ place, expected }: Fault): string {
  const path = typeof place === 'string' ? place.replace(/^rooms\[\d+\]\.?/, '') : speech.fact(place)
  const field = (typeof place === 'string' ? fieldText(path) : null) ?? path
  return W.fields.refused({ field, expected: speech.fact(expected) })
}

/** What a path's last field is called, with the thing of a list it belongs to; null where it has no words of its own. */
function fieldText(path: string): string | null {
  const { names, things, of } = W.fields
  const steps = [...path.matchAll(/(\w+)(?:\[(\d+)\])?/g)]
  const name = steps.at(-1)?.[1] ?? ''
  if (!Object.hasOwn(names, name)) return null
  const field = wordIn(names, name)
  const [, list = '', index] = steps.findLast(([, , number]) => number !== undefined) ?? []
  return Object.hasOwn(things, list) ? of({ thing: wordIn(things, list), n: Number(index) + 1, field }) : field
}
