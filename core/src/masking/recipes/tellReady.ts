import { length, listed, said, type Fact, type Said } from '../../base/nouns'
import type { UnitSystem } from '../../base/units/length'
import type { ReadyAct, ReadyStep } from '../../survey/ready/readying'

const CODES = {
  scrape: 'ready.scrape',
  wash: 'ready.wash',
  degrease: 'ready.degrease',
  'seal-gaps': 'ready.seal-gaps',
  fill: 'ready.fill',
  sand: 'ready.sand',
  wipe: 'ready.wipe',
  prime: 'ready.prime',
  'look-over': 'ready.look-over',
} as const satisfies Readonly<Record<ReadyAct, Said['code']>>

/** One thing to do to a face, with its grit and the places it is done at; a wall that is sanded is told without them. */
export function tellReady({ act, places, lineMm, grit }: ReadyStep, units: UnitSystem): Said {
  const where: Fact =
    places.length === 0 || act === 'sand'
      ? ''
      : said('ready.places', {
          where: listed(
            places.map(({ atMm, heightMm }) =>
              said('ready.place', { at: length(atMm, units), height: length(heightMm, units) }),
            ),
          ),
        })
  const line: Fact = lineMm === 0 || act === 'sand' ? '' : said('ready.line', { long: length(lineMm, units) })
  return said(CODES[act], { places: where, line, grit: grit ?? 0 })
}
