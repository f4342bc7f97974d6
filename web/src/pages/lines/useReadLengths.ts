import { useMemo } from 'react'
import { readLengths, type UnitSystem } from '@crisp-hem/core'
import { readOrFault, type Typed } from './readOrFault'

/** Lengths typed one after another, mm. */
export const useReadLengths = (text: string, units: UnitSystem): Typed<number> =>
  useMemo(() => readOrFault(() => readLengths(text, units)), [text, units])
