import { useMemo } from 'react'
import { readAcross, type AcrossReading, type UnitSystem } from '@crisp-hem/core'
import { errorText } from '../../app/words'

/** Readings across a room as they are typed; where one cannot be read none, and what is wrong. */
export function useAcross(
  text: string,
  units: UnitSystem,
  corners: number,
): { readonly list: readonly AcrossReading[]; readonly fault: string | null } {
  return useMemo(() => {
    try {
      return { list: readAcross(text, units, corners), fault: null }
    } catch (error) {
      return { list: [], fault: errorText(error) }
    }
  }, [text, units, corners])
}
