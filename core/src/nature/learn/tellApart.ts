import { seededNumbers } from '../../base/units/seeded'
import { betaBelow, gammaQuantile } from './gamma'
import { drawnNormal, poisson } from './poisson'
import { rateRatio, type Counted } from './rates'

/** A difference is called settled at this two-sided chance of error, and found with this chance where it is there. Common practice. */
export const ERROR_CHANCE = 0.05
export const FIND_CHANCE = 0.8
/** What is believed of a rate before it was counted: a quarter of a fault on next to nothing. From memory. */
const FLAT = { shape: 0.25, perM: 0.01 }
/** Metres of one way differ among themselves by so much of their mean, beyond chance. From memory. */
const PIECES_DIFFER = 0.3
/** Made-up trials for one answer. */
const DRAWN = 400
const MOST_M = 500

/**
 * Chance that the first of two rates is the lower, with what was counted: of two gamma laws the share of the one in both is a beta variable
 * (Johnson, Kotz & Balakrishnan 1994, ch. 17).
 */
export function chanceLower(first: Counted, second: Counted): number {
  const [a, b] = [first, second].map(({ events, exposure }) => ({
    shape: FLAT.shape + events,
    rate: FLAT.perM + exposure,
  })) as [{ shape: number; rate: number }, { shape: number; rate: number }]
  return betaBelow(a.shape, b.shape, a.rate / (a.rate + b.rate))
}

/** How often a trial of so many metres of each would tell two rates apart by the exact test, by made-up trials. */
export function chanceToTell(perM: readonly [number, number], metres: number, seed = 1): number {
  const random = seededNumbers(seed)
  const shape = metres / PIECES_DIFFER ** 2
  // The same counts come up again and again.
  const tells = new Map<string, boolean>()
  let told = 0
  for (let i = 0; i < DRAWN; i++) {
    const [a, b] = perM.map((rate) => {
      const mean = rate * metres * drawnShare(shape, random)
      return { events: poisson(mean, random), exposure: metres }
    }) as [Counted, Counted]
    const key = `${a.events} ${b.events}`
    const isTold = tells.get(key) ?? (rateRatio(a, b)?.pValue ?? 1) < ERROR_CHANCE
    tells.set(key, isTold)
    if (isTold) told += 1
  }
  return told / DRAWN
}

/**
 * Metres of each of two ways that tell them apart four times in five, where they are as far apart as is expected; null where even a very long
 * trial does not.
 *
 * @param perM  faults to be expected on a metre of each
 */
export function metresToTell(perM: readonly [number, number]): number | null {
  if (chanceToTell(perM, MOST_M) < FIND_CHANCE) return null
  let [low, high] = [0, MOST_M]
  while (high - low > Math.max(0.25, high / 50)) {
    const middle = (low + high) / 2
    if (chanceToTell(perM, middle) >= FIND_CHANCE) high = middle
    else low = middle
  }
  return Math.ceil(high * 2) / 2
}

/** A gamma law of mean 1: by its quantile, or by the normal law where it is narrow. */
const drawnShare = (shape: number, random: () => number): number =>
  shape > 60 ? Math.max(0, 1 + drawnNormal(random) / Math.sqrt(shape)) : gammaQuantile(shape, random()) / shape
