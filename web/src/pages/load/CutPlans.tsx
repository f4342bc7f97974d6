import { fileName } from '../../print/paper'
import { Printer } from 'lucide-react'
import {
  coverOf,
  cutsDone,
  formatInstant,
  formatLength,
  formatRun,
  panelsCut,
  UNSAID,
  type CoverTaken,
  type CutRoll,
  type Load,
  type RollCuts,
} from '@crisp-hem/core'
import { cutSheet } from '../../print/cutSheet'
import { savePdf } from '../../print/savePdf'
import { useNow } from '../../app/state/clock'
import { useFacts, useTick } from '../../app/state/useJob'
import { useAppSelector } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { factText, formatMoney, W } from '../../app/words'
import { CutBar } from './CutBar'
import { useLonger } from './useLonger'

/** How film and paper are cut, roll by roll, in the order in which it is needed. */
export function CutPlans({ load }: { load: Load }) {
  const facts = useFacts()
  const lines = load.covers.filter((line) => line.cuts !== null)
  const cuts = lines.flatMap((line) => line.cuts ?? [])
  if (cuts.length === 0) return <p className="panel text-soft">{W.cut.none}</p>
  return (
    <div className="grid grid-cols-1 gap-4">
      <p className="flex flex-wrap items-center gap-3 text-sm text-soft">
        {W.cut.order}
        <Button
          className="ml-auto"
          icon={<Printer size={16} aria-hidden />}
          onClick={() => void savePdf(fileName(facts.name, W.cut.sheet), cutSheet(facts, cuts))}
        >
          {W.cut.print}
        </Button>
      </p>
      {lines.map((line) => (
        <OneKind key={line.coverId} line={line} />
      ))}
    </div>
  )
}

interface Scratched {
  /** Panels that are cut, each with the line of the log that says so. */
  readonly done: ReadonlyMap<string, string>
  readonly mark: (key: string, words: string) => void
}

function OneKind({ line }: { line: CoverTaken }) {
  const { shelf, site } = useFacts()
  const longer = useLonger(line)
  const cuts = longer.cuts ?? line.cuts
  const { done, mark } = useScratched(cuts)
  if (!cuts) return null
  const spare = cuts.priceMinor - cuts.leastMinor
  const taken = cuts.rolls.reduce((sum, roll) => sum + roll.lengthMm, 0)
  const lost = cuts.rolls.reduce((sum, roll) => sum + (roll.isKept ? 0 : roll.leftMm), 0)
  return (
    <Panel title={W.cut.title({ name: coverOf(shelf, cuts.coverId).name })}>
      <p className="mb-2 text-sm">
        {spare <= 0 ? W.cut.proved : W.cut.gap({ money: formatMoney(spare, site.currency) })}{' '}
        {lost > 0 && W.cut.waste({ share: `${((100 * lost) / taken).toFixed(1)} %` })}
      </p>
      {longer.ways !== null && (
        <p role="status" className="mb-2 flex items-center gap-3 text-sm">
          {W.cut.looking({ n: longer.ways })}
          <Button onClick={longer.stop}>{W.exchange.stop}</Button>
        </p>
      )}
      {longer.ways === null && spare > 0 && (
        <Button className="mb-2" onClick={longer.look}>
          {W.cut.look}
        </Button>
      )}
      <ol className="grid gap-3">
        {cuts.rolls.map((roll, i) => (
          <RollLine key={i} roll={roll} number={i + 1} id={`${cuts.coverId} ${i}`} done={done} mark={mark} />
        ))}
      </ol>
    </Panel>
  )
}

function RollLine({ roll, number, id, done, mark }: { roll: CutRoll; number: number; id: string } & Scratched) {
  const { site, rooms } = useFacts()
  const length = (mm: number) => formatLength(mm, site.units)
  const roomName = (roomId: string) => rooms.find((room) => room.id === roomId)?.name ?? ''
  const title =
    roll.remnantId === null
      ? W.cut.roll({ n: number, length: formatRun(roll.lengthMm, site.units) })
      : W.cut.rest({ length: length(roll.lengthMm) })
  return (
    <li>
      <p className="flex flex-wrap gap-x-3 text-sm">
        <b>{title}</b>
        <span className="text-soft">
          {roll.isKept ? W.cut.kept({ length: length(roll.leftMm) }) : W.cut.left({ length: length(roll.leftMm) })}
        </span>
      </p>
      <CutBar roll={roll} isDone={(i) => done.has(`${id} ${i}`)} name={(i) => roomName(roll.panels[i]?.roomId ?? '')} />
      <ul className="mt-1 flex flex-wrap gap-1.5">
        {roll.panels.map((panel, i) => {
          const key = `${id} ${i}`
          const words = W.cut.panel({
            room: roomName(panel.roomId),
            what: factText(panel.what),
            length: length(panel.lengthMm),
          })
          return (
            <li key={key}>
              <button
                type="button"
                aria-pressed={done.has(key)}
                aria-label={W.cut.mark({ what: words })}
                className={`min-h-11 border px-2.5 text-left text-sm sm:min-h-8 ${done.has(key) ? 'border-rule text-soft line-through' : 'border-ink/60 bg-sheet hover:bg-deep'}`}
                onClick={() => mark(key, W.cut.mark({ what: words }))}
              >
                {words}
              </button>
            </li>
          )
        })}
        {roll.runMm > 0 && (
          <li className="self-center text-sm text-soft">{W.cut.run({ length: formatRun(roll.runMm, site.units) })}</li>
        )}
      </ul>
    </li>
  )
}

/** What was cut already, by the log: whoever stands at the roll marks it off, and everybody sees it. */
function useScratched(cuts: RollCuts | null): Scratched {
  const log = useAppSelector((state) => state.log.events)
  const tick = useTick()
  const now = useNow(60_000)
  const coverId = cuts?.coverId ?? ''
  const panels = (cuts?.rolls ?? []).flatMap((roll, r) =>
    roll.panels.map((panel, i) => ({ ...panel, coverId, key: `${coverId} ${r} ${i}` })),
  )
  const lines = panelsCut(panels, cutsDone(log))
  const done = new Map(panels.flatMap(({ key }, i) => (lines[i] ? [[key, lines[i]] as const] : [])))
  const mark = (key: string, words: string) => {
    const panel = panels.find((each) => each.key === key)
    if (!panel) return
    const at = formatInstant(Math.floor(now))
    const line = done.get(key)
    const event = line
      ? { ...UNSAID, kind: 'undone' as const, at, subjects: [], undoes: line }
      : {
          ...UNSAID,
          kind: 'cut' as const,
          at,
          subjects: [`stock:cover:${panel.coverId}`, `room:${panel.roomId}`],
          amount: panel.lengthMm,
        }
    tick([event], words)
  }
  return { done, mark }
}
