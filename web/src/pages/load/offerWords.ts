import type { QuoteOffer } from '@crisp-hem/core'
import { W, wordText } from '../../app/words'

/** What an offer means: how its edges are made, what will show, how long it takes. */
export const offerWords = (offer: QuoteOffer, when: string): string =>
  [
    W.quote.what({
      school: wordText('school', offer.school),
      mm: Math.round(offer.faultMm),
      perM: offer.faultMmPerM.toFixed(2),
      hours: (offer.workedMin / 60).toFixed(0),
      when,
    }),
    ...(offer.unsafe > 0 ? [W.quote.unsafe({ n: offer.unsafe })] : []),
  ].join(' ')
