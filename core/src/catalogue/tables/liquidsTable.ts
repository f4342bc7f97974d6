import { MARKS, type Mark } from '../../known'
import { LIQUID_HOWS, type LiquidMask } from '../types'
import { choice, flag, major, minor, money, number, text, type ShelfTable } from './table'

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
  rowOf: (l) => ({
    defaults: l.defaults,
    cells: {
      id: l.id,
      name: l.name,
      how: l.how,
      spread_m2: l.spreadM2,
      clear_min: l.clearMin,
      cut_after_h: l.cutAfterH,
      yellows: l.yellows,
      price: major(l.priceMinor),
      retired: l.retired,
      mark: l.mark,
    },
  }),
  itemOf: ({ cells: c, defaults }) => ({
    id: String(c.id),
    name: String(c.name),
    how: c.how as LiquidMask['how'],
    spreadM2: Number(c.spread_m2),
    clearMin: Number(c.clear_min),
    cutAfterH: Number(c.cut_after_h),
    yellows: Boolean(c.yellows),
    priceMinor: minor(c.price!),
    retired: Boolean(c.retired),
    defaults,
    mark: c.mark as Mark,
  }),
}
