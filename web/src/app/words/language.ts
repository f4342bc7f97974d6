import { ENGLISH, type Language } from '@crisp-hem/core/words'
import { flattened } from './catalogue'
import { EN_SCREENS } from './en'

/** What the codes of all messages on the screens begin with. */
export const UNDER = 'ui'

/** English: what the core says and what stands on the screens. */
export const ENGLISH_SCREENS: Language = {
  ...ENGLISH,
  messages: { ...ENGLISH.messages, ...flattened(EN_SCREENS, UNDER) },
}
