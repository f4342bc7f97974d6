import type { SundryLine, VanItem } from '@crisp-hem/core'
import { W } from '../words'

/** What a thing to load is called, a tape with its width. */
export const itemWords = ({ name, widthMm }: Pick<VanItem, 'name' | 'widthMm'>): string =>
  widthMm === null ? name : `${name} ${widthMm} mm`

export const sundryWords = ({ sundry, count }: SundryLine): string => W.van.sundries[sundry]({ n: count })
