import { LIQUID_HOWS, type LiquidMask, MARKS } from '../../../base/nouns'
import { choice, flag, money, namedOf, namedRow, number, text, type ShelfTable } from './table'

/** Liquid masks as rows. */
export const liquidsTable: ShelfTable<LiquidMask> = {
  columns: [
    text('id', 80),
    text('name'),
    choice('how', LIQUID_HOWS),
    number('spread_m2', 0.1, 100),
    number('clear_min', 1, 1440, { classDefault: () => 45 }),
    number('cut_after_h', 0, 240, { classDefault: () => 24 }),
    flag('yellows'),
    money('price'),
    flag('retired'),
    choice('mark', MARKS),
  ],
  rowOf: (l) =>
    namedRow(l, {
      how: l.how,
      spread_m2: l.spreadM2,
      clear_min: l.clearMin,
      cut_after_h: l.cutAfterH,
      yellows: l.yellows,
      price: l.priceMinor,
    }),
  itemOf: (row) => ({
    ...namedOf(row),
    how: row.cells.how as LiquidMask['how'],
    spreadM2: Number(row.cells.spread_m2),
    clearMin: Number(row.cells.clear_min),
    cutAfterH: Number(row.cells.cut_after_h),
    yellows: Boolean(row.cells.yellows),
    priceMinor: Number(row.cells.price),
  }),
}
