import { useMemo } from 'react'
import { readAcross, type AcrossReading, type UnitSystem } from '@crisp-hem/core'
import { readOrFault, type Typed } from './readOrFault'

/** Readings across a room as they are typed. */
export const useAcross = (text: string, units: UnitSystem, corners: number): Typed<AcrossReading> =>
  useMemo(() => readOrFault(() => readAcross(text, units, corners)), [text, units, corners])
