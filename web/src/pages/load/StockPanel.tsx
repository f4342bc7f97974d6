import { useState } from 'react'
import {
  formatInstant,
  length,
  stockKept,
  takenFirst,
  UNSAID,
  writeSubject,
  type StockKept,
  type UnitSystem,
  type VanPlan,
} from '@crisp-hem/core'
import { amountWords } from '../../app/naming/loadWords'
import { useNow } from '../../app/state/clock'
import { useFacts, useTick } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { ChoiceField, Labelled, TextField } from '../../app/ui/fields'
import { dayText, factText, W } from '../../app/words'

const ACTS = ['received', 'returned', 'counted'] as const
type Act = (typeof ACTS)[number]

/** Metres and litres are typed as such and kept in thousandths. */
const THOUSANDTHS: Readonly<Record<StockKept['unit'], number>> = { mm: 1000, pieces: 1, tubes: 1, ml: 1000 }

/** What a thing is called where all of them stand in one list. */
const keptWords = ({ name, widthMm }: StockKept, units: UnitSystem): string =>
  widthMm === null ? name : `${name} ${factText(length(widthMm, units))}`

/** Which of a thing is taken first, where some of it is older than the rest. */
function First({ article, van }: { article: string; van: VanPlan }) {
  const { site } = useFacts()
  const now = useNow(600_000)
  const first = takenFirst(article, van.lots, now)
  if (!first) return null
  const text =
    first.at === null
      ? W.stock.firstUnknown
      : (first.isOld ? W.stock.firstOld : W.stock.first)({ when: dayText(first.at, site.zone) })
  return <span className={`block ${first.isOld ? 'text-act' : 'text-soft'}`}>{text}</span>
}

/** Books what came in, went back and was counted; by the log, so that it waits for a line like any tick. */
export function StockPanel({ van }: { van: VanPlan }) {
  const { shelf, site } = useFacts()
  const tick = useTick()
  const now = useNow(60_000)
  const all = stockKept(shelf)
  const [key, setKey] = useState(all[0]?.key ?? '')
  const [act, setAct] = useState<Act>('received')
  const [amount, setAmount] = useState(0)
  const [why, setWhy] = useState('')
  const kept = all.find((each) => each.key === key)
  const there = (each: StockKept) => {
    const n = van.stock.get(each.key) ?? 0
    return amountWords(
      each.unit === 'ml' ? { amount: n / 1000, unit: 'litres' } : { amount: n, unit: each.unit },
      site.units,
    )
  }
  const book = () => {
    if (!kept) return
    const event = {
      ...UNSAID,
      kind: act,
      at: formatInstant(Math.floor(now)),
      subjects: [writeSubject({ of: 'stock', article: kept.key })],
      amount: Math.round(amount * THOUSANDTHS[kept.unit]),
      note: why,
    } as const
    tick([event], W.stock.booked({ what: `${keptWords(kept, site.units)}, ${W.stock.acts[act]} ${amount}` }))
    setAmount(0)
    setWhy('')
  }
  const present = all.filter((each) => (van.stock.get(each.key) ?? 0) > 0)
  return (
    <Panel title={W.stock.title}>
      <p className="mb-1.5 text-sm text-soft">{W.stock.hint}</p>
      <ul className="mb-2 text-sm">
        {present.map((each) => (
          <li key={each.key} className="flex border-b border-rule py-0.5">
            <span className="flex-1">
              {keptWords(each, site.units)}
              <First article={each.key} van={van} />
            </span>
            <b>{there(each)}</b>
          </li>
        ))}
      </ul>
      <div className="grid grid-cols-2 gap-2">
        <ChoiceField
          label={W.stock.thing}
          value={key}
          options={all.map((each) => ({ value: each.key, text: keptWords(each, site.units) }))}
          onCommit={setKey}
        />
        <ChoiceField
          label={W.stock.act}
          value={act}
          options={ACTS.map((value) => ({ value, text: W.stock.acts[value] }))}
          onCommit={setAct}
        />
        <Labelled label={W.stock.amount[kept?.unit ?? 'mm']}>
          {(id) => (
            <input
              id={id}
              type="number"
              min={0}
              className="field w-full"
              value={amount}
              onChange={(event) => setAmount(Math.max(0, Number(event.target.value)))}
            />
          )}
        </Labelled>
        <TextField label={W.stock.why} value={why} onCommit={(text) => setWhy(text.trim())} />
      </div>
      <Button className="mt-2 min-h-11" disabled={!kept || (act !== 'counted' && amount <= 0)} onClick={book}>
        {W.stock.book}
      </Button>
    </Panel>
  )
}
