import { useMemo } from 'react'
import { readLumps, type Lump, type UnitSystem } from '@crisp-hem/core'
import { readOrFault, type Typed } from './readOrFault'

/** Lumps and dips as they are typed. */
export const useLumps = (text: string, units: UnitSystem, runMm: number): Typed<Lump> =>
  useMemo(() => readOrFault(() => readLumps(text, units, runMm)), [text, units, runMm])
