import { IntlMessageFormat } from 'intl-messageformat'
import type { Fact, Facts, FaceName, PlaceName, Said, TypedFact } from '../../base/nouns'
import { minorDigits } from '../../base/units/currency'
import { formatLength } from '../../base/units/length'
import { MIN_PER_DAY, toLocal } from '../../base/units/time'

/** A language: the locale for numbers, days and plurals, and its messages by code, in ICU form. */
export interface Language {
  /** BCP 47. */
  readonly locale: string
  readonly messages: Readonly<Record<string, string>>
}

/** Says things in one language. */
export interface Speaker {
  readonly locale: string
  /** A saying as a sentence, which begins with a capital whatever fills its first gap; parts of one stay as they are. */
  readonly say: (saying: Said) => string
  /** A message by its code, with its gaps filled. */
  readonly text: (code: string, facts?: Facts) => string
  readonly fact: (fact: Fact) => string
  readonly word: (list: string, code: string) => string
  /** `4`, `0.3`, `0.04`, `<0.01`: two figures that matter, never more. */
  readonly figure: (value: number) => string
  readonly decimals: (value: number, digits: number) => string
  /** Minor units (cents) in a currency: `€12.40`. */
  readonly money: (minor: number, currency: string) => string
  /** `10:38` on the site's clock. */
  readonly clock: (at: number, zone: string) => string
  /** `Wed 12 May`. */
  readonly day: (at: number, zone: string) => string
  readonly weekday: (at: number, zone: string) => string
  /** The clock alone on the day of `now`, else with the weekday (`Fri 09:00`), else with the date after a week. */
  readonly when: (at: number, now: number, zone: string) => string
  /** `12 min`, `3 h 05`, `2 d 4 h`. */
  readonly span: (minutes: number) => string
}

const MM_PER_M = 1000

/** Makes a speaker. Messages are read when they are first said, formatters are kept: both cost more than their use. */
export function speaker(language: Language): Speaker {
  const { locale } = language
  const said = messagesOf(language)
  const time = timeWords(locale)
  const number = numberWords(locale)
  const text: Text = (code, facts = {}) => said(code).fill(facts, fact)
  const { when, dayOf, spanOf } = spokenTimes(text, time)

  function fact(value: Fact): string {
    if (value === null) return ''
    if (typeof value === 'string') return value
    if (typeof value === 'number') return number.plain(value)
    return 'is' in value ? typed(value) : text(value.code, value.facts)
  }

  function typed(value: TypedFact): string {
    switch (value.is) {
      case 'word':
        return text(`word.${value.list}.${value.word}`)
      case 'figure':
        return number.figure(value.value)
      case 'decimals':
        return number.decimals(value.value, value.digits)
      case 'length':
        return lengthText(value)
      case 'money':
        return number.money(value.minor, value.currency)
      case 'when':
        return when(value.at, value.now, value.zone)
      case 'span':
        return spanOf(value.minutes)
      case 'face':
        return faceText(value)
      case 'place':
        return placeText(value)
      case 'list':
        return value.items.map(fact).reduce((before, last) => text('list.join', { before, last }))
    }
  }

  /** Under a metre in mm: that is how widths and gaps are read off a rule. */
  function lengthText({ mm, upToMm, units }: Extract<TypedFact, { is: 'length' }>): string {
    const between = (write: (each: number) => string) =>
      upToMm === null ? write(mm) : text('length.range', { from: write(mm), to: write(upToMm) })
    if (units === 'imperial') return between((each) => formatLength(each, units))
    return Math.max(mm, upToMm ?? 0) < MM_PER_M
      ? text('length.mm', { length: between(number.plain) })
      : text('length.m', { length: between((each) => number.plain(each / MM_PER_M)) })
  }

  const faceText = ({ kind, name }: FaceName): string => text(`face.${kind}`, { name })

  function placeText(place: PlaceName): string {
    const { left, right } = place
    const bounds = left && right ? 'place.between' : right ? 'place.left_of' : left ? 'place.right_of' : null
    return text(`place.${place.line}`, {
      wall: place.wall,
      zone: place.zone ? text('place.zone', { zone: place.zone }) : '',
      of: place.of,
      beside: place.beside,
      line: place.bandLine ?? '',
      between: bounds ? text(bounds, { left, right }) : '',
    })
  }

  return {
    locale,
    text,
    fact,
    say: ({ code, facts }) => {
      const sentence = text(code, facts)
      return said(code).isSentence ? sentence.charAt(0).toLocaleUpperCase(locale) + sentence.slice(1) : sentence
    },
    word: (list, code) => text(`word.${list}.${code}`),
    figure: number.figure,
    decimals: number.decimals,
    money: number.money,
    clock: time.clock,
    day: dayOf,
    weekday: time.weekday,
    when,
    span: spanOf,
  }
}

type Text = (code: string, facts?: Facts) => string

/** Instants, days and spans as a language says them. */
function spokenTimes(text: Text, time: ReturnType<typeof timeWords>) {
  function when(at: number, now: number, zone: string): string {
    const days = toLocal(Math.floor(at), zone).day - toLocal(Math.floor(now), zone).day
    const clock = time.clock(at, zone)
    if (days === 0) return clock
    const day = Math.abs(days) < 7 ? time.weekday(at, zone) : dayOf(at, zone)
    return text('time.day_clock', { day, clock })
  }

  const dayOf = (at: number, zone: string): string =>
    text('time.day', { weekday: time.weekday(at, zone), day: time.date(at, zone), month: time.month(at, zone) })

  function spanOf(minutes: number): string {
    const whole = Math.max(0, Math.round(minutes))
    if (whole < 60) return text('time.min', { minutes: whole })
    const hours = Math.floor(whole / 60)
    if (whole < 2 * MIN_PER_DAY) return text('time.hours', { hours, minutes: String(whole % 60).padStart(2, '0') })
    return text('time.days', { days: Math.floor(whole / MIN_PER_DAY), hours: Math.floor((whole % MIN_PER_DAY) / 60) })
  }

  return { when, dayOf, spanOf }
}

interface Message {
  readonly fill: (facts: Facts, fact: (value: Fact) => string) => string
  readonly isSentence: boolean
}

/** Messages by code, each read once. An unknown code stands for itself, so that it is seen. */
function messagesOf({ locale, messages }: Language): (code: string) => Message {
  const read = new Map<string, Message>()
  return (code) => {
    const known = read.get(code)
    if (known) return known
    const template = messages[code] ?? code
    const message = {
      fill: template.includes('{') ? filler(template, locale) : () => template,
      isSentence: /[.!?:]$/.test(template),
    }
    read.set(code, message)
    return message
  }
}

/** A message with gaps. Gaps that choose a form (plural, select) get their bare value, the rest are written out. */
function filler(template: string, locale: string): Message['fill'] {
  const format = new IntlMessageFormat(template, locale, undefined, { ignoreTag: true })
  const choosing = choosingGaps(template)
  return (facts, fact) => {
    const values: Record<string, string | number> = {}
    for (const [name, value] of Object.entries(facts)) {
      if (!choosing.has(name)) values[name] = fact(value)
      else if (typeof value === 'number') values[name] = value
      else if (typeof value === 'object' && value !== null && 'is' in value && value.is === 'word')
        values[name] = value.word
      else values[name] = fact(value)
    }
    return String(format.format(values))
  }
}

const choosingGaps = (template: string): ReadonlySet<string> =>
  new Set([...template.matchAll(/\{(\w+), (?:plural|select|selectordinal),/g)].map((found) => found[1] ?? ''))

function numberWords(locale: string) {
  const formats = new Map<string, Intl.NumberFormat>()
  const format = (key: string, options: Intl.NumberFormatOptions): Intl.NumberFormat => {
    const kept = formats.get(key) ?? new Intl.NumberFormat(locale, { useGrouping: false, ...options })
    formats.set(key, kept)
    return kept
  }
  const plain = (value: number): string => format('plain', { maximumFractionDigits: 20 }).format(value)
  return {
    plain,
    figure: (value: number): string => {
      if (value === 0) return plain(0)
      if (value < 0.01) return `<${plain(0.01)}`
      if (value >= 10) return plain(Math.round(value))
      return plain(Number(value.toPrecision(value < 1 ? 1 : 2)))
    },
    decimals: (value: number, digits: number): string =>
      format(`decimals${digits}`, { minimumFractionDigits: digits, maximumFractionDigits: digits }).format(value),
    money: (minor: number, currency: string): string =>
      format(currency, { style: 'currency', currency, useGrouping: true }).format(minor / 10 ** minorDigits(currency)),
  }
}

function timeWords(locale: string) {
  const formats = new Map<string, Intl.DateTimeFormat>()
  const part = (options: Intl.DateTimeFormatOptions) => (at: number, zone: string) => {
    const key = `${Object.keys(options).join()}|${zone}`
    const format = formats.get(key) ?? new Intl.DateTimeFormat(locale, { ...options, timeZone: zone })
    formats.set(key, format)
    return format.format(Math.floor(at) * 60_000)
  }
  return {
    clock: part({ hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }),
    weekday: part({ weekday: 'short' }),
    date: part({ day: 'numeric' }),
    month: part({ month: 'short' }),
  }
}
