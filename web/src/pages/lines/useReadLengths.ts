import { useMemo } from 'react'
import { readLengths, type UnitSystem } from '@crisp-hem/core'
import { errorText } from '../../app/words'

/** Lengths typed one after another, mm; where one cannot be read none, and what is wrong. */
export function useReadLengths(
  text: string,
  units: UnitSystem,
): { readonly list: readonly number[]; readonly fault: string | null } {
  return useMemo(() => {
    try {
      return { list: readLengths(text, units), fault: null }
    } catch (error) {
      return { list: [], fault: errorText(error) }
    }
  }, [text, units])
}
