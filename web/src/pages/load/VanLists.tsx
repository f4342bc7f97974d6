import { fileName } from '../../print/paper'
import { Printer } from 'lucide-react'
import {
  fromLocal,
  readArticle,
  toLocal,
  type Shortage,
  type VanItem,
  type VanList,
  type VanPlan,
} from '@crisp-hem/core'
import { savePdf } from '../../print/savePdf'
import { vanSheet } from '../../print/vanSheet'
import { amountWords } from '../../app/naming/loadWords'
import { useNow } from '../../app/state/clock'
import { useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { dayText, sayText, W } from '../../app/words'
import { OtherJobs } from './OtherJobs'
import { StockPanel } from './StockPanel'
import { itemWords, sundryWords } from '../../app/naming/vanWords'

/** What each crew loads on each day, what the van has not enough of, and what is on it. */
export function VanLists({ van }: { van: VanPlan }) {
  const facts = useFacts()
  return (
    <div className="grid grid-cols-1 gap-4 lg:grid-cols-[minmax(0,1fr)_380px]">
      <div className="grid min-w-0 content-start gap-4">
        {van.lists.length > 0 && <p className="text-sm text-soft">{W.van.care}</p>}
        {van.lists.length === 0 && <p className="panel text-soft">{W.van.nothing}</p>}
        {van.lists.map((list) => (
          <DayList key={`${list.day} ${list.crewId}`} list={list} />
        ))}
      </div>
      <div className="grid content-start gap-4">
        <Panel
          title={W.van.short}
          aside={
            <Button
              icon={<Printer size={16} aria-hidden />}
              onClick={() => void savePdf(fileName(facts.name, W.van.sheet), vanSheet(facts, van))}
            >
              {W.van.print}
            </Button>
          }
        >
          {van.shortages.length === 0 ? (
            <p className="text-soft">{W.van.enough}</p>
          ) : (
            <ul>
              {van.shortages.map((shortage) => (
                <ShortLine key={shortage.item.key} short={shortage} />
              ))}
            </ul>
          )}
        </Panel>
        <OtherJobs />
        <StockPanel van={van} />
      </div>
    </div>
  )
}

const noonOf = (day: number, zone: string): number => fromLocal(day, 720, zone)

function DayList({ list }: { list: VanList }) {
  const { crews, site } = useFacts()
  const crew = crews.find((each) => each.id === list.crewId)?.name ?? list.crewId
  return (
    <Panel title={W.van.day({ day: dayText(noonOf(list.day, site.zone), site.zone), crew })}>
      <ul className="text-[0.95rem]">
        {list.items.map((item) => (
          <ItemLine key={item.key} item={item} />
        ))}
      </ul>
      {list.sundries.length > 0 && (
        <p className="mt-1.5 text-sm text-soft">
          <b>{W.van.also}</b> {list.sundries.map(sundryWords).join(' · ')}
        </p>
      )}
      {list.cautions.length > 0 && (
        <ul className="mt-1.5 border-l-4 border-ink pl-2.5 text-sm" aria-label={W.recipes.care}>
          {list.cautions.map((caution) => (
            <li key={sayText(caution)}>{sayText(caution)}</li>
          ))}
        </ul>
      )}
    </Panel>
  )
}

function ItemLine({ item }: { item: VanItem }) {
  const { rooms, shelf, site } = useFacts()
  const names = rooms.filter((room) => item.roomIds.includes(room.id)).map((room) => room.name)
  const ref = readArticle(item.key)
  const tape = ref?.kind === 'tape' ? shelf.tapes.find((each) => each.id === ref.id) : undefined
  const dispenser = shelf.tools.some(
    (tool) => tool.kind === 'dispenser' && !tool.retired && tool.widthMm >= (item.widthMm ?? 0),
  )
  return (
    <li className="flex flex-wrap gap-x-3 border-b border-rule py-1">
      <b>{itemWords(item)}</b>
      <span className="text-sm text-soft">{W.van.for({ rooms: names.join(', ') })}</span>
      <span className="ml-auto">
        {tape && <b>{W.van.rolls({ n: Math.ceil(item.amount / tape.rollLengthMm) })} · </b>}
        {amountWords(item, site.units)}
        {tape && dispenser && <span className="text-sm text-soft"> · {W.van.dispenser}</span>}
      </span>
    </li>
  )
}

function ShortLine({ short: { item, needed, there, day, orderBy } }: { short: Shortage }) {
  const { site } = useFacts()
  const now = useNow(60_000)
  const today = toLocal(Math.floor(now), site.zone).day
  const words = (amount: number) => amountWords({ ...item, amount }, site.units)
  const when = (at: number) => dayText(noonOf(at, site.zone), site.zone)
  return (
    <li className="border-b border-rule py-1">
      {W.van.shortLine({ what: itemWords(item), needed: words(needed), there: words(there), day: when(day) })}{' '}
      <b className={orderBy !== null && orderBy < today ? 'text-act' : ''}>
        {orderBy === null
          ? W.van.overCounter
          : orderBy < today
            ? W.van.orderLate({ day: when(orderBy) })
            : W.van.orderBy({ day: when(orderBy) })}
      </b>
    </li>
  )
}
