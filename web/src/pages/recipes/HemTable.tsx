import { W, figure, formatMoney, factText } from '../../app/words'
import { useWindowVirtualizer } from '@tanstack/react-virtual'
import { useLayoutEffect, useMemo, useRef, useState, type Ref } from 'react'
import { formatLength, formatRun, type UnitSystem, type HemId } from '@crisp-hem/core'
import { tableLines, type HemRow, type RowGroup, type Sort, type SortKey } from './hemRows'

interface HemTableProps {
  readonly groups: readonly RowGroup[]
  readonly picked: string | null
  readonly currency: string
  readonly units: UnitSystem
  readonly sort: Sort
  readonly onSort: (sort: Sort) => void
  readonly onPick: (hemId: HemId) => void
}

const LINE_PX = 33
/** Lines drawn above and below what is seen, so that a flick of the wheel shows no gap. */
const SPARE_LINES = 20

/** Hems in groups, one line each: where, what, how risky, what it costs. Only lines in sight are drawn. */
export function HemTable({ groups, picked, currency, units, sort, onSort, onPick }: HemTableProps) {
  const lines = useMemo(() => tableLines(groups), [groups])
  const table = useRef<HTMLTableElement>(null)
  const [top, setTop] = useState(0)
  // What stands above the table grows and shrinks; the lines' places are counted from its top.
  useLayoutEffect(() => {
    const watch = new ResizeObserver(() => setTop(pageTop(table.current)))
    watch.observe(document.body)
    setTop(pageTop(table.current))
    return () => watch.disconnect()
  }, [])
  const window_ = useWindowVirtualizer({
    count: lines.length,
    estimateSize: () => LINE_PX,
    overscan: SPARE_LINES,
    scrollMargin: top,
    getItemKey: (index) => lines[index]!.key,
  })
  const seen = window_.getVirtualItems()
  const before = seen.length > 0 ? seen[0]!.start - top : 0
  const after = seen.length > 0 ? window_.getTotalSize() - (seen.at(-1)!.end - top) : 0
  const sorter = (key: SortKey, name: string, className = '') => (
    <SortHead
      key={key}
      name={name}
      className={className}
      on={sort === key}
      onClick={() => onSort(sort === key ? null : key)}
    />
  )
  return (
    <div className="overflow-x-auto">
      <table
        ref={table}
        className="w-full border-collapse text-[0.87rem] sm:min-w-[560px]"
        aria-rowcount={lines.length + 1}
      >
        <thead className="text-left text-[0.82rem] text-soft">
          <tr>
            <th className="py-1 font-normal">{W.recipes.where}</th>
            {sorter('length', W.recipes.length)}
            <th className="py-1 pl-3 font-normal">{W.recipes.what}</th>
            {sorter('bleeds', W.recipes.bleeds, WIDE_ONLY)}
            {sorter('lift', W.recipes.lift, WIDE_ONLY)}
            {sorter('cost', W.recipes.cost)}
          </tr>
        </thead>
        <tbody>
          <Gap px={before} />
          {seen.map(({ index }) => {
            const line = lines[index]!
            const at = { index, lineRef: window_.measureElement }
            return 'group' in line ? (
              <GroupLine key={line.key} {...at} group={line.group} units={units} />
            ) : (
              <HemLine
                key={line.key}
                {...at}
                row={line.row}
                picked={line.row.hem.id === picked}
                currency={currency}
                units={units}
                onPick={onPick}
              />
            )
          })}
          <Gap px={after} />
        </tbody>
      </table>
    </div>
  )
}

const pageTop = (element: HTMLElement | null): number =>
  element ? Math.round(element.getBoundingClientRect().top + window.scrollY) : 0

/** Holds the place of lines that are not drawn. */
const Gap = ({ px }: { px: number }) =>
  px > 0 ? (
    <tr aria-hidden>
      <td colSpan={6} style={{ height: px, padding: 0 }} />
    </tr>
  ) : null

/** Risks by the metre are left out on a phone; the card has them. */
const WIDE_ONLY = 'hidden sm:table-cell'

/** A column's name; a click puts the largest first, another the order of the survey back. */
function SortHead(props: { name: string; className: string; on: boolean; onClick: () => void }) {
  const { name, className, on, onClick } = props
  return (
    <th
      className={`py-1 pl-2 text-right font-normal whitespace-nowrap ${className}`}
      aria-sort={on ? 'descending' : 'none'}
    >
      <button type="button" className={`hover:underline ${on ? 'font-bold text-ink' : ''}`} onClick={onClick}>
        {name}
        {on && ' ↓'}
      </button>
    </th>
  )
}

interface LineProps {
  readonly index: number
  readonly lineRef: Ref<HTMLTableRowElement>
}

function GroupLine({ index, lineRef, group, units }: LineProps & { group: RowGroup; units: UnitSystem }) {
  return (
    <tr ref={lineRef} data-index={index}>
      <th colSpan={6} className="border-b-2 border-ink pb-1 pt-3 text-left">
        {group.name}{' '}
        <span className="font-normal text-soft">
          {W.walk.hems({ n: group.rows.length, m: formatRun(group.lengthMm, units) })}
        </span>
      </th>
    </tr>
  )
}

function HemLine({
  index,
  lineRef,
  row,
  picked,
  currency,
  units,
  onPick,
}: LineProps & { row: HemRow; picked: boolean } & Pick<HemTableProps, 'currency' | 'units' | 'onPick'>) {
  const { hem, recipe } = row
  const safe = recipe?.safe ? recipe : null
  return (
    <tr
      ref={lineRef}
      data-index={index}
      className={`cursor-pointer border-b border-rule ${picked ? 'bg-ink text-ground' : 'hover:bg-deep'}`}
      onClick={() => onPick(hem.id)}
    >
      <td className="py-1 pl-1.5">
        <button type="button" className="text-left" aria-pressed={picked} onClick={() => onPick(hem.id)}>
          {factText(hem.place)}
        </button>
      </td>
      <td className="py-1 pl-2 text-right whitespace-nowrap">{formatLength(hem.lengthMm, units)}</td>
      <td className={`py-1 pl-3 ${recipe && !recipe.safe ? `font-bold ${picked ? '' : 'text-act'}` : ''}`}>
        {row.words}
      </td>
      <td className={`py-1 pl-2 text-right ${WIDE_ONLY}`}>{safe ? figure(safe.risks.bleedMm.mean) : ''}</td>
      <td className={`py-1 pl-2 text-right ${WIDE_ONLY}`}>{safe ? figure(safe.risks.lift.mean * 100) : ''}</td>
      <td className="py-1 pl-3 pr-1.5 text-right">{safe ? formatMoney(safe.cost.total, currency) : ''}</td>
    </tr>
  )
}
