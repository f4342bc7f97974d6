import { known, word, type Coating } from '../../base/nouns'

/**
 * Rain, dew and cold can spoil a coat from its first minute until its film has closed: a share of the label's recoat time,
 * never before it is dry to touch.
 */
const RAIN_SAFE_SHARE = known(0.5, '', 'from-memory', word('source', 'rain-safe-at-half-the-recoat-time'))

/** Minutes, on the clock of the coating's film, from its last stroke until rain and dew no longer mark it. */
export const rainSafeMin = ({ touchDryMin, recoatMin }: Pick<Coating, 'touchDryMin' | 'recoatMin'>): number =>
  Math.max(touchDryMin, recoatMin * RAIN_SAFE_SHARE.value)

/**
 * Minutes, on the same clock, until its film has formed: as long as the label waits before the next coat. Until then the cold keeps it
 * from closing, at night too. From memory.
 */
export const filmFormedMin = ({ recoatMin }: Pick<Coating, 'recoatMin'>): number => recoatMin
