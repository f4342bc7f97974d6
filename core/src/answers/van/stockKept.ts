import { articleKey, readArticle, type ArticleKey, type Shelf } from '../../base/nouns'
import { tapeOf } from '../../survey/shelf/find'
import type { OrderLine } from './orders'

/** A thing stock is kept of, and the unit it is kept in. */
export interface StockKept {
  readonly key: ArticleKey
  readonly name: string
  /** Of a tape. */
  readonly widthMm: number | null
  readonly unit: 'mm' | 'pieces' | 'tubes' | 'ml'
}

/** All things of a shelf that stock is kept of. */
export const stockKept = (shelf: Shelf): StockKept[] => [
  ...shelf.tapes
    .filter((tape) => !tape.retired)
    .flatMap((tape) =>
      tape.rolls.map(({ widthMm }): StockKept => ({
        key: articleKey('tape', tape.id, widthMm),
        name: tape.name,
        widthMm,
        unit: 'mm',
      })),
    ),
  ...shelf.covers.map((cover): StockKept => ({
    key: articleKey('cover', cover.id),
    name: cover.name,
    widthMm: null,
    unit: cover.reusable ? 'pieces' : 'mm',
  })),
  ...shelf.sealants.map((sealant): StockKept => ({
    key: articleKey('sealant', sealant.id),
    name: sealant.name,
    widthMm: null,
    unit: 'tubes',
  })),
]

/** What comes into stock with a line of an order: rolls by their length in mm, litres in ml, all else by the piece. */
export function stockReceived(shelf: Shelf, { key, unit, count }: Pick<OrderLine, 'key' | 'unit' | 'count'>): number {
  if (unit === 'litres') return Math.round(count * 1000)
  const ref = readArticle(key)
  if (unit !== 'rolls' || !ref) return count
  if (ref.kind === 'tape') return count * tapeOf(shelf, ref.id).rollLengthMm
  return count * (shelf.covers.find((cover) => cover.id === ref.id)?.lengthMm ?? 0)
}
