import { known, type Known, type Site } from '../ground'

/** Years from which a country's house paint is taken as free of lead. Others count as the strictest known. */
const LEAD_LIMIT_YEAR: Readonly<Record<string, Known>> = {
  US: known(1978, '', 'published', '16 CFR 1303'),
  CA: known(1990, '', 'from memory', 'surface coating regulations'),
  GB: known(1992, '', 'from memory', 'ban on sale of lead paint'),
  AU: known(1997, '', 'from memory', 'uniform paint standard'),
}
const ELSEWHERE = known(1992, '', 'from memory', 'where the country’s own limit is not known here')

/** The year that decides for a site, and whether its paint may hold lead; null where the year built is not known. */
export function leadRisk(site: Pick<Site, 'yearBuilt' | 'country'>): { limit: Known; mayHold: boolean } | null {
  if (site.yearBuilt === null) return null
  const limit = LEAD_LIMIT_YEAR[site.country] ?? ELSEWHERE
  return { limit, mayHold: site.yearBuilt < limit.value }
}
