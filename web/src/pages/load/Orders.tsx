import { Download } from 'lucide-react'
import {
  formatInstant,
  fromLocal,
  minorDigits,
  orderLines,
  ordersCsv,
  stockReceived,
  UNSAID,
  writeSubject,
  type Load,
  type OrderLine,
  type VanPlan,
} from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts, useTick } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { saveText } from '../../app/ui/saveText'
import { dayText, formatMoney, W } from '../../app/words'
import { useJobWithLog } from './useVan'
import { itemWords } from '../../app/naming/vanWords'

/** What has to be bought for the work that is left, by supplier, with article numbers and the day to order. */
export function Orders({ load, van }: { load: Load; van: VanPlan }) {
  const job = useJobWithLog()
  const lines = orderLines(job, load, van)
  const suppliers = [...new Set(lines.map((line) => line.supplier))].sort((a, b) => (a ?? '~').localeCompare(b ?? '~'))
  if (lines.length === 0) return <p className="panel text-soft">{W.orders.none}</p>
  return (
    <div className="grid grid-cols-1 gap-4">
      {suppliers.map((supplier) => (
        <OneOrder key={supplier ?? ''} supplier={supplier} lines={lines.filter((line) => line.supplier === supplier)} />
      ))}
    </div>
  )
}

function OneOrder({ supplier, lines }: { supplier: string | null; lines: readonly OrderLine[] }) {
  const { site, id } = useFacts()
  const came = useCame()
  const day = (at: number | null) => (at === null ? '–' : dayText(fromLocal(at, 720, site.zone), site.zone))
  const title = supplier === null ? W.orders.counter : W.orders.of({ supplier })
  return (
    <Panel
      title={title}
      aside={
        <>
          <Button
            icon={<Download size={15} aria-hidden />}
            onClick={() =>
              saveText(
                `${id}-${(supplier ?? 'counter').toLowerCase().replace(/\W+/g, '-')}.csv`,
                ordersCsv(lines, supplier, minorDigits(site.currency)),
                'text/csv',
              )
            }
          >
            {W.orders.csv}
          </Button>
          <Button onClick={() => came(title, lines)}>{W.orders.came}</Button>
        </>
      }
    >
      <div className="overflow-x-auto">
        <table className="w-full text-[0.92rem]">
          <thead className="text-[0.82rem] text-soft">
            <tr>
              {[W.orders.article, W.load.what, W.orders.count, W.orders.needed, W.orders.by].map((head) => (
                <th key={head} className="py-1 pr-4 text-left font-normal">
                  {head}
                </th>
              ))}
              <th className="py-1 text-right font-normal">{W.load.cost}</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <tr key={line.key} className="border-b border-rule">
                <td className="py-1.5 pr-4 text-soft">{line.number ?? '–'}</td>
                <td className="pr-4 font-semibold">{itemWords(line)}</td>
                <td className="pr-4 whitespace-nowrap">
                  {W.orders.units[line.unit]({ n: line.count })}
                  {line.packs > 0 && ` · ${W.orders.packs({ n: line.packs })}`}
                </td>
                <td className="pr-4 whitespace-nowrap">{day(line.day)}</td>
                <td className="pr-4 whitespace-nowrap">{day(line.orderBy)}</td>
                <td className="text-right whitespace-nowrap">{formatMoney(line.costMinor, site.currency)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Panel>
  )
}

/** Books a whole order as come in. */
function useCame(): (title: string, lines: readonly OrderLine[]) => void {
  const { shelf } = useFacts()
  const tick = useTick()
  const now = useNow(60_000)
  return (title, lines) =>
    tick(
      lines.map((line) => ({
        ...UNSAID,
        kind: 'received' as const,
        at: formatInstant(Math.floor(now)),
        subjects: [writeSubject({ of: 'stock', article: line.key })],
        amount: stockReceived(shelf, line),
      })),
      W.stock.booked({ what: title }),
    )
}
