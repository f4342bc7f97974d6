import type { Site, Trial } from '@crisp-hem/core'
import { W } from '../app/words'
import { letterOf, piecesOf } from '../app/naming/trialPieces'
import { paperOf } from './paper'
import { sheetOf, type SheetDocument } from './sheetBase'

interface TrialSheetSetup {
  /** What the job is called. */
  readonly name: string
  readonly site: Site
  readonly trial: Trial
  /** Each way in words, and how the trial is done. */
  readonly ways: readonly string[]
  readonly how: readonly string[]
}

/** A trial on paper: what lies where, when to coat and to pull, and room for the counts. */
export function trialSheet({ name, site, trial, ways, how }: TrialSheetSetup): SheetDocument {
  const pieces = piecesOf(trial)
  const rows = Array.from({ length: trial.rows }, (_, i) => [
    { text: String(i + 1), style: 'soft', margin: [0, 7, 0, 7] },
    ...pieces
      .filter(({ row }) => row === i + 1)
      .map(({ way }) => ({ text: letterOf(way), bold: true, fontSize: 12, margin: [2, 5, 0, 16] })),
  ])
  return sheetOf(paperOf(site), trial.name, name, [
    ...ways.map((text) => ({ text, bold: true })),
    { ol: [...how], margin: [0, 6, 0, 6] },
    { text: W.proof.trials.places, style: 'head' },
    { text: W.proof.trials.placesHow, style: 'soft', margin: [0, 0, 0, 4] },
    { table: { widths: [14, ...trial.ways.map(() => '*')], body: rows } },
  ])
}
