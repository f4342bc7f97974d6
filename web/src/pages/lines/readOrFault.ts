import { errorText } from '../../app/words'

/** What was typed, read; where a line of it cannot be, none, and what is wrong. */
export interface Typed<T> {
  readonly list: readonly T[]
  readonly fault: string | null
}

export function readOrFault<T>(read: () => readonly T[]): Typed<T> {
  try {
    return { list: read(), fault: null }
  } catch (error) {
    return { list: [], fault: errorText(error) }
  }
}
