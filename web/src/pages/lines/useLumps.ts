import { useMemo } from 'react'
import { readLumps, type Lump, type UnitSystem } from '@crisp-hem/core'
import { errorText } from '../../app/words'

/** Lumps and dips as they are typed; where one cannot be read none, and what is wrong. */
export function useLumps(
  text: string,
  units: UnitSystem,
  runMm: number,
): { readonly list: readonly Lump[]; readonly fault: string | null } {
  return useMemo(() => {
    try {
      return { list: readLumps(text, units, runMm), fault: null }
    } catch (error) {
      return { list: [], fault: errorText(error) }
    }
  }, [text, units, runMm])
}
