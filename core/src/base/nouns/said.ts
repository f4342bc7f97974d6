import type { UnitSystem } from '../units/length'
import type { FaceName, PlaceName } from './names'

/**
 * Something the core has to say: a code of the message catalogue, and the facts that fill it. Facts are numbers, names
 * people gave, and typed values; never words of a language, which only the catalogue has.
 */
export interface Said {
  readonly code: string
  readonly facts: Facts
}

export type Facts = Readonly<Record<string, Fact>>
/** A bare text is a name somebody gave: of a room, a colour, a product. */
export type Fact = number | string | Said | TypedFact | null

export type TypedFact =
  /** A word of a fixed list, by its stable code. */
  | { readonly is: 'word'; readonly list: string; readonly word: string }
  /** A number that was worked out, to two figures that matter. */
  | { readonly is: 'figure'; readonly value: number }
  | { readonly is: 'decimals'; readonly value: number; readonly digits: number }
  /** A short length as the site's people say it, or what lies between two, `upToMm` the longer. */
  | { readonly is: 'length'; readonly mm: number; readonly upToMm: number | null; readonly units: UnitSystem }
  | { readonly is: 'money'; readonly minor: number; readonly currency: string }
  /** An instant as it is told at `now`: the day is left out where it is the same. Minutes since the epoch. */
  | { readonly is: 'when'; readonly at: number; readonly now: number; readonly zone: string }
  | { readonly is: 'span'; readonly minutes: number }
  | FaceName
  | PlaceName
  | { readonly is: 'list'; readonly items: readonly Fact[] }

/**
 * What each sentence of the catalogue is filled with, by its code. The catalogue fills this in from its own text
 * (`edge/words/en.ts`), so that the compiler knows which codes there are and which facts each asks for.
 */
// eslint-disable-next-line @typescript-eslint/no-empty-object-type -- filled in by the catalogue
export interface Sayings {}
export type SayingCode = keyof Sayings
type FactsOf<Code extends SayingCode> = [Sayings[Code]] extends [never]
  ? [facts?: Facts]
  : [facts: Facts & Readonly<Record<Sayings[Code], Fact>>]

/** Something to say: a code of the catalogue with all facts that its sentence asks for. */
export const said = <Code extends SayingCode>(code: Code, ...[facts = {}]: FactsOf<Code>): Said => ({ code, facts })

export const word = (list: string, code: string): TypedFact => ({ is: 'word', list, word: code })
export const figureOf = (value: number): TypedFact => ({ is: 'figure', value })
export const decimals = (value: number, digits: number): TypedFact => ({ is: 'decimals', value, digits })
export const length = (mm: number, units: UnitSystem): TypedFact => ({ is: 'length', mm, upToMm: null, units })

/**
 * A length nobody measures out, as `6 to 8 in at a time`: on an imperial site to the whole inch, from two feet to three.
 * @param upToMm  the longer one where it is a range
 */
export function roughLength(mm: number, units: UnitSystem, upToMm: number | null = null): TypedFact {
  const rough = (each: number): number => {
    const step = each < TWO_FEET_MM ? INCH_MM : 3 * INCH_MM
    return units === 'metric' ? each : Math.round(each / step) * step
  }
  return { is: 'length', mm: rough(mm), upToMm: upToMm === null ? null : rough(upToMm), units }
}
/** International yard and pound agreement, 1959. */
const INCH_MM = 25.4
/** Near enough two feet for a length that is about. */
const TWO_FEET_MM = 600

export const money = (minor: number, currency: string): TypedFact => ({ is: 'money', minor, currency })
export const when = (at: number, now: number, zone: string): TypedFact => ({ is: 'when', at, now, zone })
export const span = (minutes: number): TypedFact => ({ is: 'span', minutes })
export const listed = (items: readonly Fact[]): TypedFact => ({ is: 'list', items })
