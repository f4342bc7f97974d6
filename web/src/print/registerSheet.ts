import { coverRegister, type Job } from '@crisp-hem/core'
import { breatherWords } from '../app/naming/breatherWords'
import { W, whenText } from '../app/words'
import { byWords } from '../app/naming/byWords'
import { paperOf } from './paper'
import { sheetOf, table, type SheetDocument } from './sheetBase'

/** Everything that must breathe and was covered, on paper. */
export function registerSheet(job: Job, now: number): SheetDocument {
  const { zone } = job.site
  const rows = coverRegister(job.log).map((line) => [
    breatherWords(job.rooms, line.subject),
    `${whenText(line.coveredAt, now, zone)}, ${byWords(job.crews, line.coveredBy)}`,
    line.offAt === null ? '' : `${whenText(line.offAt, now, zone)}, ${byWords(job.crews, line.offBy)}`,
  ])
  const { what, covered, off } = W.register.columns
  return sheetOf(paperOf(job.site), W.register.title, job.name, [
    table(['*', 170, 170], [[what, covered, off], ...rows]),
  ])
}
