import { formatRun, tagCodes, type Job, type Plan } from '@crisp-hem/core'
import { W, sayText } from '../app/words'
import { SHEET_FONT, type Content, type SheetDocument } from './sheetBase'

/** Sheets of labels as shops sell them: how many across and down an A4 page, each so large, points (72 to the inch). */
export const TAG_SIZES = {
  small: { across: 3, down: 8, width: 198.4, height: 104.8, square: 66, code: 20 },
  large: { across: 2, down: 7, width: 280.6, height: 108, square: 78, code: 26 },
} as const
export type TagSize = keyof typeof TAG_SIZES

const A4 = { width: 595.28, height: 841.89 }

const none = () => 0

/** A label for each round that still has tape to come off: where, how much, four signs, and the same to be scanned. */
export function tagSheet(job: Job, plan: Plan, size: TagSize, origin: string): SheetDocument {
  const { across, down, width, height, square, code: signs } = TAG_SIZES[size]
  const codes = tagCodes(
    job.id,
    plan.rounds.map((round) => round.id),
  )
  const hems = new Map(plan.hems.map((hem) => [hem.id, hem]))
  const labels = plan.rounds
    .filter((round) => round.hemIds.length > 0)
    .map((round): Content => {
      const code = codes.get(round.id) ?? ''
      const length = round.hemIds.reduce((sum, id) => sum + (hems.get(id)?.lengthMm ?? 0), 0)
      const room = job.rooms.find((each) => each.id === round.roomId)?.name ?? ''
      return {
        columns: [
          {
            qr: `${origin}/jobs/${encodeURIComponent(job.id)}/tag/${code}`,
            fit: square,
            width: square + 6,
            version: 5,
          },
          {
            width: '*',
            stack: [
              { text: code, fontSize: signs, bold: true, characterSpacing: 2 },
              { text: room, bold: true },
              { text: sayText(round.name) },
              { text: W.tags.hems({ n: round.hemIds.length, metres: formatRun(length, job.site.units) }) },
            ],
          },
        ],
        margin: [8, 8, 4, 0],
      }
    })
  const rows = Array.from({ length: Math.ceil(labels.length / across) }, (_, row) =>
    Array.from({ length: across }, (_, i) => labels[row * across + i] ?? ''),
  )
  return {
    pageSize: 'A4',
    pageMargins: [
      (A4.width - across * width) / 2,
      (A4.height - down * height) / 2,
      (A4.width - across * width) / 2,
      (A4.height - down * height) / 2 - 1,
    ],
    info: { title: `${job.name}, ${W.tags.sheet}` },
    content: [
      {
        // A line takes room even where none is drawn: without these the last row of labels would not fit its sheet.
        layout: {
          defaultBorder: false,
          hLineWidth: none,
          vLineWidth: none,
          paddingLeft: none,
          paddingRight: none,
          paddingTop: none,
          paddingBottom: none,
        },
        table: {
          widths: Array.from({ length: across }, () => width),
          heights: height,
          dontBreakRows: true,
          body: rows.length > 0 ? rows : [['']],
        },
      },
    ],
    footer: () => '',
    styles: {},
    defaultStyle: { font: SHEET_FONT, fontSize: 9, lineHeight: 1.02 },
  }
}
