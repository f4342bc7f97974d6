import { W, wordText } from '../../app/words'
import { CROSS_CUT_CLASSES } from '@crisp-hem/core'

/** Cross-cut classes as a list to choose from: both standards' names and what came off. */
export const CROSS_CUT_OPTIONS = CROSS_CUT_CLASSES.map(({ iso, astm }) => ({
  value: String(iso),
  text: W.walk.crossCutClass({ iso, astm, lost: wordText('lost', String(iso)) }),
}))
