import { refusalText } from '../src/edge/words'

/** What some act is refused with, in English; fails where it is not refused. */
export function refusal(act: () => unknown): string {
  try {
    act()
  } catch (error) {
    return refusalText(error) ?? String(error)
  }
  throw new Error('it was taken')
}
