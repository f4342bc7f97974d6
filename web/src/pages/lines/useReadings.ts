import { useMemo } from 'react'
import { readReadings, type ReadingsFrom, type WanderPoint } from '@crisp-hem/core'
import { errorText } from '../../app/words'

export interface ReadReadings {
  readonly points: readonly WanderPoint[]
  /** What could not be read, in words; what was read before it stands. */
  readonly fault: string | null
}

/** Readings as they are typed, read at once; a line that is wrong or not ended yet leaves those before it standing. */
export function useReadings(text: string, from: ReadingsFrom): ReadReadings {
  const { units, lengthMm, everyMm, end, grows } = from
  return useMemo(() => {
    const asked = { units, lengthMm, everyMm, end, grows }
    try {
      return { points: readReadings(text, asked), fault: null }
    } catch (error) {
      const lines = text.split(/\n/)
      for (let k = lines.length - 1; k > 0; k--) {
        try {
          return { points: readReadings(lines.slice(0, k).join('\n'), asked), fault: errorText(error) }
        } catch {
          // One line fewer.
        }
      }
      return { points: [], fault: errorText(error) }
    }
  }, [text, units, lengthMm, everyMm, end, grows])
}
