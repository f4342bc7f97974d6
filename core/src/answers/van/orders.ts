import { articleKey, orderKey, type ArticleKey, type Job } from '../../base/nouns'
import { coverOf, tapeOf } from '../../survey/shelf/find'
import { buy, type Load } from '../../masking/load/takeLoad'
import { writeCsv } from '../../base/units/csvText'
import { wholeUp } from '../../base/units/wholeUp'
import { formatInstant } from '../../base/units/time'
import { type VanPlan } from './vanLists'

/** Something to buy for a job: whole rolls, tubes, tins, pieces, or litres by the half. Money in minor units. */
export interface OrderLine {
  readonly key: ArticleKey
  readonly supplier: string | null
  readonly number: string | null
  readonly name: string
  readonly widthMm: number | null
  readonly count: number
  readonly unit: 'rolls' | 'pieces' | 'tubes' | 'tins' | 'cans' | 'litres'
  readonly packs: number
  readonly costMinor: number
  /** First day it is needed, and the last on which it can be ordered; days of the site since the epoch, null where unknown. */
  readonly day: number | null
  readonly orderBy: number | null
}

/**
 * What has still to be bought: what the work that is not done takes, beyond what is on the van by the log. Film and paper
 * as the cut plan buys them, less what has come in since.
 */
export function orderLines(job: Job, load: Load, van: VanPlan): OrderLine[] {
  const made: Omit<OrderLine, 'supplier' | 'number' | 'day' | 'orderBy'>[] = []
  const short = new Map(van.shortages.map((shortage) => [shortage.item.key, shortage]))
  for (const line of load.tapes) {
    const key = articleKey('tape', line.tapeId, line.widthMm)
    const lack = short.get(key)
    if (!lack) continue
    const tape = tapeOf(job.shelf, line.tapeId)
    const roll = tape.rolls.find((each) => each.widthMm === line.widthMm)
    const count = Math.ceil((lack.needed - lack.there) / tape.rollLengthMm)
    if (!roll || count <= 0) continue
    const { packs, costMinor } = buy(roll, count)
    made.push({ key, name: tape.name, widthMm: line.widthMm, count, unit: 'rolls', packs, costMinor })
  }
  for (const line of load.covers) {
    const cover = coverOf(job.shelf, line.coverId)
    const key = articleKey('cover', cover.id)
    const lack = short.get(key)
    if (!lack) continue
    const came = cover.reusable ? 0 : Math.floor(receivedMm(job, key, van) / cover.lengthMm)
    const count = cover.reusable ? Math.ceil(lack.needed - lack.there) : Math.max(0, line.count - came)
    if (count > 0)
      made.push({
        key,
        name: cover.name,
        widthMm: null,
        count,
        unit: cover.reusable ? 'pieces' : 'rolls',
        packs: 0,
        costMinor: count * cover.priceMinor,
      })
  }
  const supplies = [
    ['sealant', load.sealants],
    ['glaze', load.glazes],
    ['liquid', load.liquids],
    ['coating', load.coatings],
  ] as const
  for (const [kind, taken] of supplies)
    for (const { id, name, amount, unit, costMinor } of taken) {
      const key = articleKey(kind, id)
      const isLitres = unit === 'litres'
      const there = (van.stock.get(key) ?? 0) / (isLitres ? 1000 : 1)
      const count = wholeUp(Math.max(0, stillTaken(van, key) - there), isLitres ? 0.5 : 1)
      if (count > 0)
        made.push({
          key,
          name,
          widthMm: null,
          count,
          unit,
          packs: 0,
          costMinor: Math.round((costMinor * count) / amount),
        })
    }
  return made.map((line) => {
    const article = job.shelf.articles.find((each) => each.id === orderKey(line.key))
    const day = dayOf(van, line.key)
    const orderBy = short.get(line.key)?.orderBy ?? day
    return { ...line, supplier: article?.supplier ?? null, number: article?.number ?? null, day, orderBy }
  })
}

/** What came in by the log, mm: what is there beyond part rolls on the shelf. */
const receivedMm = ({ shelf }: Job, key: ArticleKey, { stock }: VanPlan): number => {
  const rests = shelf.remnants.reduce(
    (sum, remnant) => sum + (articleKey('cover', remnant.coverId) === key ? remnant.lengthMm : 0),
    0,
  )
  return Math.max(0, (stock.get(key) ?? 0) - rests)
}

/** What the work that is not done takes of something. */
const stillTaken = ({ lists }: VanPlan, key: ArticleKey): number =>
  lines(lists, key).reduce((sum, item) => sum + item.amount, 0)

const lines = (lists: VanPlan['lists'], key: ArticleKey) =>
  lists.flatMap(({ items }) => items.filter((item) => item.key === key))

const dayOf = ({ lists }: VanPlan, key: ArticleKey): number | null =>
  lists.find((list) => list.items.some((item) => item.key === key))?.day ?? null

const FIELDS = [
  'supplier',
  'article',
  'item',
  'width_mm',
  'count',
  'unit',
  'packs',
  'price',
  'needed_on',
  'order_by',
] as const

const dateOf = (day: number | null): string => (day === null ? '' : formatInstant(day * 1440).slice(0, 10))

/** Orders of one supplier as CSV; of what has no supplier where it is null. @param digits  decimals of the currency */
export const ordersCsv = (lines: readonly OrderLine[], supplier: string | null, digits: number): string =>
  writeCsv(
    FIELDS,
    lines
      .filter((line) => line.supplier === supplier)
      .map((line) => [
        line.supplier ?? '',
        line.number ?? '',
        line.name,
        line.widthMm ?? '',
        line.count,
        line.unit,
        line.packs,
        (line.costMinor / 10 ** digits).toFixed(digits),
        dateOf(line.day),
        dateOf(line.orderBy),
      ]),
  )
