import { fillTemplate, type Said } from '../ground'
import { EN, type WordCode } from './en'

/** A saying as a sentence, which begins with a capital whatever fills its first gap; parts of sentences stay as they are. */
export function sayText({ code, facts }: Said): string {
  const text = fillTemplate(EN[code as WordCode], facts)
  return /[.!?:]$/.test(EN[code as WordCode]) ? text.charAt(0).toUpperCase() + text.slice(1) : text
}
