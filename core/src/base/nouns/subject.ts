import { readActivity, readRound, type ActivityId, type RoundId } from './activityId'
import { readEdge } from './edgeKey'
import { ID_PATTERN } from './faceKey'
import { readHem, type HemId } from './hemId'
import { isArticle, type ArticleKey } from './stock'

import type { KeyText } from './keyText'

/** What a line of the log is about, as text. Made by {@link writeSubject}, read by {@link readSubject}. */
export type SubjectKey = KeyText<'subject' | 'hem'>

/** A hem, a room under cover, a fitting under cover, a field, work that is ticked as a whole, a thing in stock, or a piece of a trial. */
export type SubjectRef =
  | { readonly of: 'hem'; readonly hemId: HemId }
  | { readonly of: 'room'; readonly roomId: string }
  | { readonly of: 'fitting'; readonly roomId: string; readonly fittingId: string }
  | { readonly of: 'field'; readonly roundId: RoundId }
  | { readonly of: 'work'; readonly activityId: ActivityId }
  | { readonly of: 'stock'; readonly article: ArticleKey }
  | { readonly of: 'trial'; readonly trialId: string; readonly piece: number }

export function writeSubject(ref: SubjectRef): SubjectKey {
  switch (ref.of) {
    case 'hem':
      return ref.hemId
    case 'room':
      return `room:${ref.roomId}`
    case 'fitting':
      return `fitting:${ref.roomId}/${ref.fittingId}`
    case 'field':
      return `field:${ref.roundId}`
    case 'work':
      return `work:${ref.activityId}`
    case 'stock':
      return `stock:${ref.article}`
    case 'trial':
      return `trial:${ref.trialId}/${ref.piece}`
  }
}

const SUBJECT = /^(?:(room|fitting|field|work|stock|trial):)?(.+)$/

/** What a key names; null for text that is no subject's. */
export function readSubject(key: string): SubjectRef | null {
  const [, of, rest = ''] = SUBJECT.exec(key) ?? []
  switch (of) {
    case 'room':
      return ID_PATTERN.test(rest) ? { of, roomId: rest } : null
    case 'fitting': {
      const [roomId = '', fittingId = '', more] = rest.split('/')
      const good = ID_PATTERN.test(roomId) && ID_PATTERN.test(fittingId) && more === undefined
      return good ? { of, roomId, fittingId } : null
    }
    case 'field':
      return readRound(rest) ? { of, roundId: rest } : null
    case 'work':
      return readActivity(rest) ? { of, activityId: rest } : null
    case 'trial': {
      const [trialId = '', piece = '', more] = rest.split('/')
      const good = ID_PATTERN.test(trialId) && /^\d{1,4}$/.test(piece) && more === undefined
      return good ? { of, trialId, piece: Number(piece) } : null
    }
    case 'stock':
      return isArticle(rest) ? { of, article: rest } : null
    default: {
      const hem = readHem(key)
      return hem && readEdge(hem.edge) ? { of: 'hem', hemId: key } : null
    }
  }
}

/** The hem a line of the log is about; null where it is about something else. */
export const hemOfSubject = (key: SubjectKey): HemId | null => {
  const ref = readSubject(key)
  return ref?.of === 'hem' ? ref.hemId : null
}
