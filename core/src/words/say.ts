import { fillTemplate, type ErrorFacts } from '../errors'
import { EN, type WordCode } from './en'

/** Something the core has to say: a code, and the figures that fill it. */
export interface Said {
  readonly code: WordCode
  readonly facts: ErrorFacts
}

export const said = (code: WordCode, facts: ErrorFacts = {}): Said => ({ code, facts })

/** A saying as a sentence, which begins with a capital whatever fills its first gap; parts of sentences stay as they are. */
export function sayText({ code, facts }: Said): string {
  const text = fillTemplate(EN[code], facts)
  return /[.!?:]$/.test(EN[code]) ? text.charAt(0).toUpperCase() + text.slice(1) : text
}

/** `4`, `0.3`, `0.04`, `<0.01`: two figures that matter, never more. */
export function figure(value: number): string {
  if (value === 0) return '0'
  if (value < 0.01) return '<0.01'
  if (value >= 10) return String(Math.round(value))
  return String(Number(value.toPrecision(value < 1 ? 1 : 2)))
}
