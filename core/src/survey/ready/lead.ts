import { known, type FaceKey, type Known, type Room, type Site, type Soundness, word } from '../../base/nouns'
import { faceOf } from '../rooms/faces'
import { facesToReady, readySteps } from './readying'

/** Years from which a country's house paint is taken as free of lead. Others count as the strictest known. */
const LEAD_LIMIT_YEAR: Readonly<Record<string, Known>> = {
  US: known(1978, '', 'published', word('source', '16-cfr-1303')),
  CA: known(1990, '', 'from-memory', word('source', 'surface-coating-regulations')),
  GB: known(1992, '', 'from-memory', word('source', 'ban-on-sale-of-lead-paint')),
  AU: known(1997, '', 'from-memory', word('source', 'uniform-paint-standard')),
}
const ELSEWHERE = known(1992, '', 'from-memory', word('source', 'where-the-countrys-own-limit-is-not'))

/** A face that never had paint holds none. What lies below a new coat is as old as the house. */
const BARE: readonly Soundness[] = ['bare-board-paper', 'bare-wood', 'unpainted-hard']

/** Faces with an old finish that making ready would sand or scrape dry. */
export const leadFaces = (room: Room): FaceKey[] =>
  facesToReady(room).filter(
    (key) =>
      !BARE.includes(faceOf(room, key).soundness) &&
      readySteps(room, key).some(({ act }) => act === 'sand' || act === 'scrape'),
  )

/** The year that decides for a site, and whether its paint may hold lead; null where the year built is not known. */
export function leadRisk(site: Pick<Site, 'yearBuilt' | 'country'>): { limit: Known; mayHold: boolean } | null {
  if (site.yearBuilt === null) return null
  const limit = LEAD_LIMIT_YEAR[site.country] ?? ELSEWHERE
  return { limit, mayHold: site.yearBuilt < limit.value }
}
