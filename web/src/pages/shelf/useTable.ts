import { W, errorText, faultText } from '../../app/words'
import {
  RATE_COLUMNS,
  rateRows,
  ratesOfRows,
  minorDigits,
  SHELF_COLUMNS,
  SHELF_KINDS,
  shelfRows,
  withShelfRows,
  writeRatesCsv,
  writeShelfCsv,
  type Column,
  type Fault,
  type PeelUnit,
  type ShelfRow,
} from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { useEdit, useFacts } from '../../app/state/useJob'
import type { Reading } from '../../app/ui/useReading'

export const TABLE_KINDS = [...SHELF_KINDS, 'rates'] as const
export type TableKind = (typeof TABLE_KINDS)[number]

interface ChosenFile {
  readonly text: string
  readonly name: string
}
type TableImport = { readonly rows: number } | { readonly faults: readonly string[] }

/** One table of the Shelf: its lines, and the ways they change. */
export interface Table {
  readonly columns: readonly Column[]
  readonly rows: readonly ShelfRow[]
  /** Takes lines, or says in a sentence why it cannot. */
  readonly setRows: (next: readonly ShelfRow[]) => string | null
  /** Takes a file: how many lines, or every wrong one. */
  readonly read: (read: Reading['read'], file: ChosenFile, onAnswer: (answer: TableImport) => void) => void
  readonly csv: () => string
}

/** The table of a kind as it stands in the open job. Rates are the job's house rules, the rest its shelf. */
export function useTable(kind: TableKind, unit: PeelUnit): Table {
  const { shelf, house, site } = useFacts()
  const edit = useEdit()
  const save = (change: (facts: JobFacts) => JobFacts): string | null => (edit(change) ? null : W.shelf.refusedCell)
  const lines = (next: readonly ShelfRow[]) => next.map((_, i) => W.shelf.line({ n: i + 1 }))
  const attempt = (work: () => string | null): string | null => {
    try {
      return work()
    } catch (error) {
      return errorText(error)
    }
  }
  if (kind === 'rates') {
    const keep = (rates: typeof house.rates) => save((facts) => ({ ...facts, house: { ...facts.house, rates } }))
    return {
      columns: RATE_COLUMNS,
      rows: rateRows(house.rates),
      setRows: (next) => attempt(() => keep(ratesOfRows(next, lines(next)))),
      read: (read, file, onAnswer) =>
        read('rates', file, {}, { taken: (answer) => onAnswer(taken(answer, keep)), refused: refusedAs(onAnswer) }),
      csv: () => writeRatesCsv(house.rates),
    }
  }
  const ways = { unit, digits: minorDigits(site.currency) }
  const keep = (next: typeof shelf) => save((facts) => ({ ...facts, shelf: next }))
  return {
    columns: SHELF_COLUMNS[kind],
    rows: shelfRows(shelf, kind, ways),
    setRows: (next) =>
      attempt(() => keep(withShelfRows({ shelf, kind, read: next, places: lines(next), tableWays: ways }))),
    read: (read, file, onAnswer) =>
      read(
        'shelf',
        file,
        { shelf, kind, ways },
        { taken: (answer) => onAnswer(taken(answer, keep)), refused: refusedAs(onAnswer) },
      ),
    csv: () => writeShelfCsv(shelf, kind, ways),
  }
}

const refusedAs = (onAnswer: (answer: TableImport) => void) => (words: string) => onAnswer({ faults: [words] })

function taken<T>(
  answer: { ok: true; taken: T; rows: number } | { ok: false; faults: readonly Fault[] },
  keep: (next: T) => string | null,
): TableImport {
  if (!answer.ok) return { faults: answer.faults.map(faultText) }
  const refused = keep(answer.taken)
  return refused === null ? { rows: answer.rows } : { faults: [refused] }
}
