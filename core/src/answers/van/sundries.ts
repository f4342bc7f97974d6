import { known, word, type Known } from '../../base/nouns'
import type { MinutePart } from '../../planning/work'
import type { ReadyAct } from '../../survey/ready/readying'

/** What a day’s work uses up besides tape, covers and paint. */
export const SUNDRIES = [
  'brushes',
  'rollers',
  'gloves',
  'dust-masks',
  'vapour-masks',
  'rags',
  'blades',
  'labels',
  'waste-bags',
  'filler',
  'joint-sealant',
  'abrasives',
] as const
export type Sundry = (typeof SUNDRIES)[number]

const memory = (value: number, unit: string): Known =>
  known(value, unit, 'from-memory', word('source', 'what-a-crew-gets-through'))

/** How much of each goes with how much work. Respirators: as the label and local rules say, these only remind. */
export const SUNDRY_RATES = {
  glovesPerPersonDay: memory(2, 'pairs'),
  masksPerPersonDay: memory(1, 'each'),
  /** Rags for a person's day of painting. */
  ragsPerPersonDay: memory(4, 'each'),
  tapePerBladeM: memory(40, 'm'),
  tapePerBagM: memory(150, 'm'),
  coverPerBagM2: memory(25, 'm²'),
  /** Minutes of sanding that wear out a sheet. */
  sandingPerSheetMin: memory(10, 'min'),
} as const

/** A day of one crew, as far as sundries go. */
export interface SundryDay {
  readonly people: number
  readonly work: readonly MinutePart[]
  readonly tapeMm: number
  /** Film and paper that are thrown away, m². */
  readonly coverM2: number
  readonly rounds: number
  readonly isRolled: boolean
  readonly isSprayed: boolean
  readonly hasSolvent: boolean
  /** What making ready does that day. */
  readonly readied: ReadonlySet<ReadyAct>
}

export interface SundryLine {
  readonly sundry: Sundry
  readonly count: number
}

/** Sundries for a crew's day, by the work planned for it; none for a day without work. */
export function sundriesOf(day: SundryDay): SundryLine[] {
  const parts = new Set(day.work.flatMap(({ part, minutes }) => (minutes > 0 ? [part] : [])))
  if (parts.size === 0) return []
  const rate = (known: Known, by: number) => Math.ceil(known.value * by)
  const isPainting = ['cut-in', 'field', 'spray', 'freehand', 'seal'].some((part) =>
    parts.has(part as MinutePart['part']),
  )
  const { people } = day
  const lines: readonly (readonly [Sundry, number])[] = [
    ['brushes', isPainting ? people : 0],
    ['rollers', day.isRolled ? people : 0],
    ['gloves', isPainting || parts.has('prep') ? rate(SUNDRY_RATES.glovesPerPersonDay, people) : 0],
    ['dust-masks', parts.has('prep') || day.isSprayed ? rate(SUNDRY_RATES.masksPerPersonDay, people) : 0],
    ['vapour-masks', day.hasSolvent ? rate(SUNDRY_RATES.masksPerPersonDay, people) : 0],
    ['rags', isPainting ? rate(SUNDRY_RATES.ragsPerPersonDay, people) : 0],
    ['blades', Math.ceil(day.tapeMm / 1000 / SUNDRY_RATES.tapePerBladeM.value)],
    ['labels', day.rounds],
    [
      'waste-bags',
      Math.ceil(day.tapeMm / 1000 / SUNDRY_RATES.tapePerBagM.value + day.coverM2 / SUNDRY_RATES.coverPerBagM2.value),
    ],
  ]
  const prepMin = day.work.reduce((sum, { part, minutes }) => sum + (part === 'prep' ? minutes : 0), 0)
  const readying: readonly (readonly [Sundry, number])[] = [
    ['filler', day.readied.has('fill') ? 1 : 0],
    ['joint-sealant', day.readied.has('seal-gaps') ? 1 : 0],
    ['abrasives', day.readied.has('sand') ? Math.ceil(prepMin / SUNDRY_RATES.sandingPerSheetMin.value) : 0],
  ]
  return [...lines, ...readying].flatMap(([sundry, count]) => (count > 0 ? [{ sundry, count }] : []))
}
