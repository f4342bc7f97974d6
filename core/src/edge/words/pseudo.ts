import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser'
import type { Language } from './speaker'

/** Brackets that no sentence has: what stands outside of them on a screen did not come from the catalogue. */
export const OPEN = '⟦'
export const CLOSE = '⟧'

/**
 * A language nobody speaks, for finding words that are no catalogue's: every message between brackets, its letters with
 * marks; numbers and days as another locale has them. Gaps and plurals stay as they are.
 */
export const pseudo = ({ messages }: Pick<Language, 'messages'>): Language => ({
  locale: 'es',
  messages: Object.fromEntries(
    Object.entries(messages).map(([code, template]) => [
      code,
      template === '' ? '' : `${OPEN}${written(parse(template, { ignoreTag: true }))}${CLOSE}`,
    ]),
  ),
})

const MARKED: Readonly<Record<string, string>> = {
  a: 'á',
  e: 'é',
  i: 'í',
  o: 'ó',
  u: 'ú',
  n: 'ñ',
  A: 'Á',
  E: 'É',
  O: 'Ó',
}
const marked = (text: string): string => text.replace(/[aeiounAEO]/g, (letter) => MARKED[letter] ?? letter)
/** Signs that would begin a gap are written as ICU quotes them. */
const quoted = (text: string): string => text.replace(/'/g, "''").replace(/[{}]/g, (sign) => `'${sign}'`)

/** A read message as text again. */
function written(parts: readonly MessageFormatElement[]): string {
  return parts.map(writtenPart).join('')
}

function writtenPart(part: MessageFormatElement): string {
  switch (part.type) {
    case TYPE.literal:
      return quoted(marked(part.value))
    case TYPE.pound:
      return '#'
    case TYPE.select:
    case TYPE.plural: {
      const forms = Object.entries(part.options).map(([form, option]) => `${form} {${written(option.value)}}`)
      return `{${part.value}, ${part.type === TYPE.select ? 'select' : 'plural'}, ${forms.join(' ')}}`
    }
    case TYPE.argument:
    case TYPE.number:
    case TYPE.date:
    case TYPE.time:
    case TYPE.tag:
      return `{${part.value}}`
  }
}
