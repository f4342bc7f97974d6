import { fileName } from '../../print/paper'
import { useMemo, useState } from 'react'
import {
  formatInstant,
  isOutdated,
  quoteBasis,
  type Grade,
  type Job,
  type Quote,
  type QuoteOffer,
} from '@crisp-hem/core'
import { quoteCsv } from './quoteCsv'
import { quoteSheet } from '../../print/quoteSheet'
import { savePdf } from '../../print/savePdf'
import { useNow } from '../../app/state/clock'
import { useEdit, useFacts } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { useAppSelector } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { newId } from '../../app/device/newId'
import { Panel } from '../../app/ui/Panel'
import { TextField } from '../../app/ui/fields'
import { saveText } from '../../app/ui/saveText'
import { W, whenText, wordText } from '../../app/words'
import { OfferCards } from './OfferCards'
import { FirmPanel } from './FirmPanel'
import { QuoteRules } from './QuoteRules'
import { QuoteTook } from './QuoteTook'

const ASK_AFTER_MS = 100
const start = () => new Worker(new URL('./offers.worker.ts', import.meta.url), { type: 'module' })

/** What the customer pays: offers worked out from the plan, quotes as they were given, and what the job took since. */
export function Quotes() {
  const facts = useFacts()
  const [asked, setAsked] = useState<Job | null>(null)
  const offers = useWorkerAnswer<Job | null, readonly QuoteOffer[] | null>(start, asked, ASK_AFTER_MS)
  const [note, setNote] = useState('')
  const edit = useEdit()
  const now = useNow(60_000)
  const by = useAppSelector((state) => state.out.who?.who?.name ?? '')
  const draft = useMemo(
    (): Quote | null =>
      offers
        ? {
            id: `q-${newId()}`,
            at: formatInstant(Math.floor(now)),
            by,
            note,
            offers: [...offers],
            taken: null,
            basis: quoteBasis(facts),
          }
        : null,
    [offers, now, by, note, facts],
  )
  const keep = () => {
    if (draft && edit((before) => ({ ...before, quotes: [...before.quotes, draft] }))) setAsked(null)
  }
  return (
    <div className="grid grid-cols-1 gap-4 lg:grid-cols-[minmax(0,1fr)_330px]">
      <div className="grid min-w-0 content-start gap-4">
        <Panel
          title={W.quote.title}
          aside={
            <Button tone="act" onClick={() => setAsked({ ...facts, log: [], published: null })}>
              {W.quote.make}
            </Button>
          }
        >
          {asked && !draft && <p className="text-soft">{W.quote.working}</p>}
          {asked && draft && (
            <>
              <OfferCards offers={draft.offers} />
              {!draft.offers.some((offer) => offer.school === facts.house.school) && <NotOwn />}
              <div className="mt-3 flex flex-wrap items-end gap-2">
                <div className="min-w-64 flex-1">
                  <TextField label={W.quote.note} value={note} onCommit={setNote} />
                </div>
                <Button className="min-h-11" onClick={keep}>
                  {W.quote.keep}
                </Button>
              </div>
            </>
          )}
          <p className="mt-2 text-sm text-soft">{W.quote.care}</p>
        </Panel>
        {[...facts.quotes].reverse().map((quote) => (
          <Given key={quote.id} quote={quote} />
        ))}
      </div>
      <div className="grid content-start gap-4">
        <QuoteRules />
        <FirmPanel />
      </div>
    </div>
  )
}

function NotOwn() {
  const { house } = useFacts()
  return <p className="mt-2 text-sm">{W.quote.notOwn({ school: wordText('school', house.school) })}</p>
}

/** A quote as it was given, which offer was taken, and what the job has taken since. */
function Given({ quote }: { quote: Quote }) {
  const facts = useFacts()
  const edit = useEdit()
  const now = useNow(60_000)
  const take = (taken: Grade) =>
    edit((before) => ({
      ...before,
      quotes: before.quotes.map((each) => (each.id === quote.id ? { ...each, taken } : each)),
    }))
  const name = `${facts.name}, ${W.quote.title}`
  const taken = quote.offers.find((offer) => offer.grade === quote.taken)
  return (
    <Panel
      title={W.quote.given({
        when: whenText(Math.floor(Date.parse(quote.at) / 60_000), now, facts.site.zone),
        by: quote.by || W.quote.anonymous,
      })}
      aside={
        <>
          <Button onClick={() => void savePdf(fileName(name, quote.at.slice(0, 10)), quoteSheet(facts, quote))}>
            {W.quote.pdf}
          </Button>
          <Button onClick={() => saveText(`${name}.csv`, quoteCsv(facts, quote), 'text/csv')}>{W.quote.csv}</Button>
        </>
      }
    >
      {isOutdated(quote.basis, facts) && (
        <p role="note" className="mb-2 border-l-4 border-act pl-2 font-semibold">
          {W.quote.outdated}
        </p>
      )}
      {quote.note && <p className="mb-2">{quote.note}</p>}
      <OfferCards offers={quote.offers} taken={quote.taken} onTake={take} />
      {taken && <QuoteTook offer={taken} />}
    </Panel>
  )
}
