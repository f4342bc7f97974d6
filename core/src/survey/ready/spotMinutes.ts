import type { Parameters } from '../../base/parameters/parameters'

/** Minutes for one place that is filled, scraped or sealed, by its length, and for one at least. */
export const spotMinutes = (
  lengthMm: number,
  minPerM: number,
  { spotMin }: Pick<Parameters['work'], 'spotMin'>,
): number => Math.max(spotMin.value, (lengthMm / 1000) * minPerM)
