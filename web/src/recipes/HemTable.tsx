import { figure, formatLength, formatMoney, formatRun, type UnitSystem } from '@crisp-hem/core'
import { W } from '../words'
import type { HemRow, RowGroup, Sort, SortKey } from './hemRows'

interface HemTableProps {
  readonly groups: readonly RowGroup[]
  readonly picked: string | null
  readonly currency: string
  readonly units: UnitSystem
  readonly sort: Sort
  readonly onSort: (sort: Sort) => void
  readonly onPick: (hemId: string) => void
}

/** Hems in groups, one line each: where, what, how risky, what it costs. */
export function HemTable({ groups, picked, currency, units, sort, onSort, onPick }: HemTableProps) {
  const sorter = (key: SortKey, name: string) => (
    <SortHead key={key} name={name} on={sort === key} onClick={() => onSort(sort === key ? null : key)} />
  )
  return (
    <div className="overflow-x-auto">
      <table className="w-full min-w-[560px] border-collapse text-[0.9rem]">
        <thead className="text-left text-[0.82rem] text-soft">
          <tr>
            <th className="py-1 font-normal">{W.recipes.where}</th>
            {sorter('length', W.recipes.length)}
            <th className="py-1 pl-4 font-normal">{W.recipes.what}</th>
            {sorter('bleeds', W.recipes.bleeds)}
            {sorter('lift', W.recipes.lift)}
            {sorter('cost', W.recipes.cost)}
          </tr>
        </thead>
        {groups.map((group) => (
          <tbody key={group.name}>
            <tr>
              <th colSpan={6} className="border-b-2 border-ink pb-1 pt-3 text-left">
                {group.name}{' '}
                <span className="font-normal text-soft">
                  {W.walk.hems(group.rows.length, formatRun(group.lengthMm, units))}
                </span>
              </th>
            </tr>
            {group.rows.map((row) => (
              <HemLine
                key={row.hem.id}
                row={row}
                picked={row.hem.id === picked}
                currency={currency}
                units={units}
                onPick={onPick}
              />
            ))}
          </tbody>
        ))}
      </table>
    </div>
  )
}

/** A column's name; a click puts the largest first, another the order of the survey back. */
function SortHead({ name, on, onClick }: { name: string; on: boolean; onClick: () => void }) {
  return (
    <th className="py-1 text-right font-normal" aria-sort={on ? 'descending' : 'none'}>
      <button type="button" className={`hover:underline ${on ? 'font-bold text-ink' : ''}`} onClick={onClick}>
        {name}
        {on && ' ↓'}
      </button>
    </th>
  )
}

function HemLine({
  row,
  picked,
  currency,
  units,
  onPick,
}: { row: HemRow; picked: boolean } & Pick<HemTableProps, 'currency' | 'units' | 'onPick'>) {
  const { hem, recipe } = row
  const safe = recipe?.safe ? recipe : null
  return (
    <tr
      className={`cursor-pointer border-b border-rule ${picked ? 'bg-ink text-ground' : 'hover:bg-deep'}`}
      onClick={() => onPick(hem.id)}
    >
      <td className="py-1 pl-1.5">
        <button type="button" className="text-left" aria-pressed={picked} onClick={() => onPick(hem.id)}>
          {hem.place}
        </button>
      </td>
      <td className="py-1 text-right whitespace-nowrap">{formatLength(hem.lengthMm, units)}</td>
      <td className={`py-1 pl-4 ${recipe && !recipe.safe ? `font-bold ${picked ? '' : 'text-act'}` : ''}`}>
        {row.words}
      </td>
      <td className="py-1 text-right">{safe ? figure(safe.risks.bleeds.mean) : ''}</td>
      <td className="py-1 text-right">{safe ? figure(safe.risks.lift.mean * 100) : ''}</td>
      <td className="py-1 pr-1.5 text-right">{safe ? formatMoney(safe.cost.total, currency) : ''}</td>
    </tr>
  )
}
