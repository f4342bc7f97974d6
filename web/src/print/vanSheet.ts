import { fromLocal, type VanPlan } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { itemWords, sundryWords } from '../app/naming/vanWords'
import { amountWords } from '../app/naming/loadWords'
import { dayText, sayText, W } from '../app/words'
import { paperOf } from './paper'
import { sheetOf, table, type Content, type SheetDocument } from './sheetBase'

/** What each crew loads on each day, with boxes to tick. */
export function vanSheet({ name, crews, rooms, site }: JobFacts, van: VanPlan): SheetDocument {
  const content = van.lists.flatMap((list): Content[] => {
    const crew = crews.find((each) => each.id === list.crewId)?.name ?? list.crewId
    const rows = list.items.map((item) => [
      W.daySheet.box,
      itemWords(item),
      amountWords(item, site.units),
      rooms
        .filter((room) => item.roomIds.includes(room.id))
        .map((room) => room.name)
        .join(', '),
    ])
    const day = dayText(fromLocal(list.day, 720, site.zone), site.zone)
    return [
      { text: W.van.day({ day, crew }), style: 'head' },
      ...(rows.length > 0 ? [table([16, '*', 90, 190], [['', W.load.what, W.load.amount, ''], ...rows])] : []),
      { text: list.sundries.map(sundryWords).join(' · '), style: 'soft', margin: [0, 2, 0, 2] },
      { text: list.cautions.map(sayText).join(' '), style: 'small', margin: [0, 0, 0, 4] },
    ]
  })
  return sheetOf(paperOf(site), W.van.sheet, name, [
    ...content,
    { text: W.van.care, style: 'small', margin: [0, 8, 0, 0] },
  ])
}
