import { coverOf, formatLength, formatRun, type CutRoll, type RollCuts } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { factText, W } from '../app/words'
import { paperOf } from './paper'
import { sheetOf, type Content, type SheetDocument } from './sheetBase'

const [WIDE_PT, HIGH_PT] = [520, 22]

/** The cut plan on paper: every roll drawn with its cuts, and what is cut in the order of need. */
export function cutSheet({ name, shelf, rooms, site }: JobFacts, cuts: readonly RollCuts[]): SheetDocument {
  const length = (mm: number) => formatLength(mm, site.units)
  const content = cuts.flatMap((kind): Content[] => [
    { text: W.cut.title({ name: coverOf(shelf, kind.coverId).name }), style: 'head' },
    ...kind.rolls.flatMap((roll, i): Content[] => [
      {
        text: `${roll.remnantId === null ? W.cut.roll({ n: i + 1, length: formatRun(roll.lengthMm, site.units) }) : W.cut.rest({ length: length(roll.lengthMm) })}  ·  ${roll.isKept ? W.cut.kept({ length: length(roll.leftMm) }) : W.cut.left({ length: length(roll.leftMm) })}`,
        margin: [0, 4, 0, 1],
      },
      { canvas: rollDrawn(roll) },
      {
        text: [
          ...roll.panels.map((panel) =>
            W.cut.panel({
              room: rooms.find((room) => room.id === panel.roomId)?.name ?? '',
              what: factText(panel.what),
              length: length(panel.lengthMm),
            }),
          ),
          ...(roll.runMm > 0 ? [W.cut.run({ length: formatRun(roll.runMm, site.units) })] : []),
        ].join('  ·  '),
        margin: [0, 1, 0, 3],
      },
    ]),
  ])
  return sheetOf(paperOf(site), W.cut.sheet, name, content)
}

function rollDrawn(roll: CutRoll): Content[] {
  const pt = (mm: number) => (WIDE_PT * mm) / roll.lengthMm
  const cuts = [...roll.panels.map((panel) => panel.lengthMm), ...(roll.runMm > 0 ? [roll.runMm] : [])]
  let at = 0
  const lines = cuts.map((mm): Content => {
    at += pt(mm)
    return { type: 'line', x1: at, y1: 0, x2: at, y2: HIGH_PT, lineWidth: 0.8 }
  })
  return [{ type: 'rect', x: 0, y: 0, w: WIDE_PT, h: HIGH_PT, lineWidth: 0.8 }, ...lines]
}
