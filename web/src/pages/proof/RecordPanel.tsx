import { Download, Upload } from 'lucide-react'
import { useMemo } from 'react'
import {
  forgotten,
  learnedFrom,
  mergedRecords,
  movedMost,
  recordChanges,
  showsMore,
  takenIn,
  type ChosenBy,
  type OwnRecord,
  type Plan,
  type RecordChange,
} from '@crisp-hem/core'
import { writeRecordFile } from '@crisp-hem/core/wire'
import { noticed } from '../../app/state/noticeSlice'
import { useAppDispatch } from '../../app/state/store'
import { useEdit, useFacts, useTell, useWholeJob } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { ChoiceField } from '../../app/ui/fields'
import { FileButton } from '../../app/ui/FileButton'
import { Panel } from '../../app/ui/Panel'
import { saveText } from '../../app/ui/saveText'
import { useReading } from '../../app/ui/useReading'
import { runText } from '../../app/naming/runText'
import { decimals, formatMoney, W, wordText } from '../../app/words'

const USES = ['on', 'frozen', 'off'] as const
/** Days after which a count weighs half. */
const HALF_LIVES = { never: null, year: 365, 'half-year': 183 } as const
const FADES = ['never', 'year', 'half-year'] as const

/** What recipes would do with what this job's lines showed, and whether they go by it. For the office: it is a house rule. */
export function RecordPanel({ plan }: { readonly plan: Plan }) {
  const job = useWholeJob()
  const { house, site } = useFacts()
  const edit = useEdit()
  const tell = useTell()
  const dispatch = useAppDispatch()
  const { read, line } = useReading()
  const { own } = house
  const shown = useMemo(() => learnedFrom(job, plan), [job, plan])
  const next = useMemo(() => takenIn(own, shown), [own, shown])
  const isNew = shown.length > 0 && own.use === 'on' && showsMore(own, shown)
  const does = useMemo(() => (isNew ? recordChanges({ ...job, id: 'next' }, own, next) : null), [isNew, job, own, next])
  const change = (to: Partial<OwnRecord>) =>
    edit((facts) => ({ ...facts, house: { ...facts.house, own: { ...own, ...to } } }))
  const jobs = [...new Map(own.counts.map((each) => [each.jobId, each])).values()]
  const metres = own.counts.reduce((sum, each) => sum + (each.fault === 'bleeds' ? each.metres : 0), 0)
  const unsafe = does?.changes.filter(({ after }) => after === null).length ?? 0
  const addFile = (text: string, name: string) =>
    read(
      'record',
      { text, name },
      {},
      {
        taken: (record) => {
          const { counts } = mergedRecords(record, own)
          if (change({ counts })) tell(W.proof.record.added({ n: new Set(counts.map(({ jobId }) => jobId)).size }))
        },
        refused: (words) => dispatch(noticed({ text: words, tone: 'wrong', undo: null })),
      },
    )
  return (
    <Panel
      title={W.proof.view.record}
      aside={
        <>
          <Button
            icon={<Download size={16} aria-hidden />}
            disabled={own.counts.length === 0}
            onClick={() => saveText('house.record.json', writeRecordFile(own), 'application/json')}
          >
            {W.proof.record.out}
          </Button>
          <FileButton
            label={W.proof.record.in}
            accept=".json"
            icon={<Upload size={16} aria-hidden />}
            onText={addFile}
          />
        </>
      }
    >
      {line}
      <p className="font-semibold">
        {jobs.length > 0 ? W.record.holds({ run: runText(metres, site.units), n: jobs.length }) : W.record.holdsNone}
      </p>
      {does && (
        <>
          <p>
            {W.record.wouldChange({ n: does.changes.length })}
            {unsafe > 0 && ` ${W.record.wouldBeUnsafe({ n: unsafe })}`}{' '}
            {W.record.wouldCost({
              before: formatMoney(does.before.totalMinor, site.currency),
              after: formatMoney(does.after.totalMinor, site.currency),
            })}
          </p>
          <ChangesBy changes={does.changes} />
          <Button tone="act" className="mt-1 min-h-11" onClick={() => change({ counts: next.counts })}>
            {W.record.takeIn}
          </Button>
        </>
      )}
      <Moved own={own} />
      <div className="mt-2 grid grid-cols-2 gap-2">
        <ChoiceField
          label={W.record.use}
          value={own.use}
          options={USES.map((value) => ({ value, text: W.record.uses[value] }))}
          onCommit={(use) => change({ use })}
        />
        <ChoiceField
          label={W.record.fade}
          value={FADES.find((name) => HALF_LIVES[name] === own.halfLifeDays) ?? 'never'}
          options={FADES.map((value) => ({ value, text: W.record.fades[value] }))}
          onCommit={(name) => change({ halfLifeDays: HALF_LIVES[name] })}
        />
      </div>
      {jobs.length > 0 && (
        <ul className="mt-2">
          {jobs.map(({ jobId, job: name }) => (
            <li key={jobId} className="flex items-center justify-between gap-2 border-b border-rule py-1">
              {name}
              <Button
                aria-label={W.record.forgetOf({ job: name })}
                onClick={() => change({ counts: forgotten(own, jobId).counts })}
              >
                {W.record.forget}
              </Button>
            </li>
          ))}
        </ul>
      )}
    </Panel>
  )
}

/** As many as tell what the record does; the rest is alike. */
const SHOWN = 6

/** Recipes that would be others, by which tape they leave for which. */
function ChangesBy({ changes }: { readonly changes: readonly RecordChange[] }) {
  const { shelf } = useFacts()
  const nameOf = (by: ChosenBy | null) =>
    by === null
      ? W.proof.record.nothing
      : [
          shelf.tapes.find(({ id }) => id === by.tapeId)?.name ?? wordText('school', by.school),
          by.seal === 'none' ? '' : wordText('seal', by.seal),
        ]
          .filter(Boolean)
          .join(', ')
  const counts = new Map<string, { from: string; to: string; n: number }>()
  for (const { before, after } of changes) {
    const [from, to] = [nameOf(before), nameOf(after)]
    const key = `${from}|${to}`
    counts.set(key, { from, to, n: (counts.get(key)?.n ?? 0) + 1 })
  }
  const most = [...counts.values()].sort((a, b) => b.n - a.n).slice(0, SHOWN)
  return (
    <ul className="my-1 text-sm">
      {most.map((each) => (
        <li key={`${each.from}|${each.to}`}>{W.proof.record.changes(each)}</li>
      ))}
    </ul>
  )
}

/** Figures the record has moved most. */
function Moved({ own }: { readonly own: OwnRecord }) {
  const { shelf, site } = useFacts()
  const moved = useMemo(() => movedMost(own).slice(0, SHOWN), [own])
  if (moved.length === 0) return null
  return (
    <section className="mt-3" aria-label={W.proof.record.moved}>
      <h3>{W.proof.record.moved}</h3>
      <ul className="text-sm">
        {moved.map(({ fault, tapeId, texture, laidBy, factor }) => (
          <li
            key={`${fault}${tapeId}${texture}${laidBy}`}
            className="flex flex-wrap justify-between gap-x-3 border-b border-rule py-1"
          >
            <b>
              {W.proof.record.movedRow({
                fault: W.proof.record.faults[fault],
                tape: shelf.tapes.find(({ id }) => id === tapeId)?.name ?? tapeId,
                texture: wordText('texture', texture),
                hand: laidBy,
              })}
            </b>
            <span>
              {W.proof.record.movedBy({
                times: decimals(factor.mean, 1),
                low: decimals(factor.low, 1),
                high: decimals(factor.high, 1),
                run: runText(factor.ofTape, site.units),
              })}
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-sm text-soft">{W.proof.record.movedHow}</p>
    </section>
  )
}
