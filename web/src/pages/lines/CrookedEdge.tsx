import { useMemo, useState } from 'react'
import { Link } from 'react-router'
import { deriveHems, edgeOfHem, trimWidthMm, type EdgeKey, type Hem, type Room } from '@crisp-hem/core'
import {
  FITS,
  fitOver,
  marksOf,
  proofOf,
  splitOver,
  straightened,
  wanderShows,
  type Fit,
  type SplitLine,
  type StraightLine,
} from '@crisp-hem/core'
import { useEditRoom, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { ChoiceField, Labelled, LengthField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { Switch } from '../../app/ui/Tabs'
import { factText, W } from '../../app/words'
import { EdgeChart } from './EdgeChart'
import { MarksTable } from './MarksTable'
import { mmWords } from './mmWords'
import { useReadings } from './useReadings'

const WAYS = ['straight', 'split', 'follow'] as const
type Way = (typeof WAYS)[number]

/** Usual distance of studs, mm: what marks are set at. */
const STUDS_MM = { metric: 600, imperial: 406 } as const

/** An edge that wanders: readings in, a line out, with what it takes of the trim and the marks to set it by. */
export function CrookedEdge({ room, edge }: { readonly room: Room; readonly edge: string | null }) {
  const { site, shelf } = useFacts()
  const { units } = site
  const hems = useMemo(() => deriveHems(room, shelf).hems, [room, shelf])
  const [hemId, setHemId] = useState(() => (hems.find(({ id }) => edgeOfHem(id) === edge) ?? hems[0])?.id ?? '')
  const hem = hems.find(({ id }) => id === hemId)
  const noted = hem && room.lines.find((line) => line.edge === edgeOfHem(hem.id))
  const [text, setText] = useState(() => textOf(noted?.readings ?? []))
  const [everyMm, setEveryMm] = useState(0)
  const [end, setEnd] = useState<'left' | 'right'>('left')
  const [grows, setGrows] = useState<'over-keep' | 'over-paint'>('over-keep')
  const [fit, setFit] = useState<Fit>('least-area')
  const [way, setWay] = useState<Way>('straight')
  const [studsMm, setStudsMm] = useState<number>(STUDS_MM[units])
  const lengthMm = hem?.lengthMm ?? 4000
  const words = mmWords(units)
  const { points, fault } = useReadings(text, { units, lengthMm, everyMm: everyMm > 0 ? everyMm : null, end, grows })
  const found = useMemo(() => {
    if (points.length < 2) return null
    const fitted = fitOver(points, fit)
    return { fitted, proof: proofOf(points, fitted, fit), split: points.length > 2 ? splitOver(points) : null }
  }, [points, fit])
  const of: StraightLine | SplitLine | null =
    found && (way === 'split' && found.split ? found.split : found.fitted.line)
  const trimMm = hem ? trimWidthMm(room, hem.keep) : null
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[19rem_minmax(0,1fr)]">
      <Panel title={W.lines.readings}>
        <div className="grid gap-2">
          {hems.length > 0 && (
            <ChoiceField
              label={W.lines.along}
              value={hemId}
              options={hems.map(({ id, place }) => ({ value: id, text: factText(place) }))}
              onCommit={(id) => {
                setHemId(id)
                const line = room.lines.find((each) => each.edge === edgeOfHem(id))
                setText(textOf(line?.readings ?? []))
              }}
            />
          )}
          <Labelled label={everyMm > 0 ? W.lines.offsetsOnly : W.lines.placeAndOffset} hint={fault}>
            {(id) => (
              <textarea
                id={id}
                className="field min-h-44 font-mono text-base"
                value={text}
                spellCheck={false}
                inputMode="decimal"
                autoFocus
                placeholder={units === 'metric' ? '0 3\n400 5\n800 2' : '0 1/8\n16 3/16\n32 1/4'}
                onChange={(event) => setText(event.target.value)}
              />
            )}
          </Labelled>
          <details>
            <summary className="cursor-pointer text-sm font-semibold">{W.lines.howRead}</summary>
            <div className="mt-1 grid grid-cols-2 gap-2">
              <LengthField label={W.lines.every} mm={everyMm} units={units} allowZero onCommit={setEveryMm} />
              <ChoiceField
                label={W.lines.fromEnd}
                value={end}
                options={(['left', 'right'] as const).map((value) => ({ value, text: W.lines.ends[value] }))}
                onCommit={setEnd}
              />
              <div className="col-span-2">
                <ChoiceField
                  label={W.lines.larger}
                  value={grows}
                  options={(['over-keep', 'over-paint'] as const).map((value) => ({
                    value,
                    text: W.lines.grows[value],
                  }))}
                  onCommit={setGrows}
                />
              </div>
            </div>
          </details>
        </div>
      </Panel>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-4">
        {!of && <Panel title={W.lines.tasks.edge}>{<p className="max-w-prose text-soft">{W.lines.howTo}</p>}</Panel>}
        {of && found && (
          <>
            <Panel
              title={W.lines.theLine}
              aside={
                <Switch
                  label={W.lines.fit}
                  value={fit}
                  options={FITS.map((value) => ({ value, text: W.lines.fits[value] }))}
                  onChange={setFit}
                />
              }
            >
              {lengthMm - (points.at(-1)?.atMm ?? 0) > NOT_READ_MM && (
                <p className="mb-1 text-sm text-soft">
                  {W.lines.readOn({ at: words(points.at(-1)?.atMm ?? 0), long: words(lengthMm) })}
                </p>
              )}
              <EdgeChart
                points={points}
                of={way === 'follow' ? null : of}
                lengthMm={lengthMm}
                trimMm={trimMm}
                proof={way === 'straight' ? (found.proof ?? []) : []}
                units={units}
              />
              <Sentences of={of} way={way} points={points} trimMm={trimMm} />
              <Ways way={way} onChange={setWay} found={found} points={points} trimMm={trimMm} />
            </Panel>
            {way !== 'follow' && (
              <MarksTable
                name={`${room.name} ${hem ? factText(hem.place) : ''}`}
                marks={marksOf(
                  of,
                  { fromMm: points[0]?.atMm ?? 0, toMm: points.at(-1)?.atMm ?? lengthMm, lengthMm },
                  studsMm,
                )}
                units={units}
                studsMm={studsMm}
                onStuds={setStudsMm}
              />
            )}
            {hem && <UseOnHem room={room} hem={hem} points={points} way={way} />}
          </>
        )}
      </div>
    </div>
  )
}

/** What of a run is not read yet, mm, before it is said. */
const NOT_READ_MM = 300

const textOf = (readings: readonly { readonly atMm: number; readonly offMm: number }[]): string =>
  readings.map(({ atMm, offMm }) => `${atMm} ${offMm}`).join('\n')

interface FoundProps {
  readonly points: readonly { readonly atMm: number; readonly offMm: number }[]
  readonly trimMm: number | null
}

/** What to do, in a painter's words. */
function Sentences({ of, way, points, trimMm }: FoundProps & { of: StraightLine | SplitLine; way: Way }) {
  const { site } = useFacts()
  const mm = mmWords(site.units)
  const what = straightened(points, of, trimMm)
  if (way === 'follow')
    return <p className="mt-2 max-w-prose">{wanderShows(points) ? W.lines.followShows : W.lines.followHides}</p>
  return (
    <div className="mt-2 grid max-w-prose gap-1">
      <p className="font-semibold">
        {'slope' in of
          ? W.lines.snap({ left: mm(what.leftMm), right: mm(what.rightMm) })
          : W.lines.snapTwo({ left: mm(what.leftMm), joint: mm(of.jointMm), right: mm(what.rightMm) })}
      </p>
      <p>
        {W.lines.covers({ most: mm(what.mostMm), at: mm(what.mostAtMm), run: mm(what.coveredRunMm) })}{' '}
        {trimMm !== null && what.staysMm !== null && W.lines.stays({ stays: mm(what.staysMm), trim: mm(trimMm) })}
      </p>
      {what.slants && <p>{W.lines.slants}</p>}
      {what.bendShows && <p>{W.lines.bends}</p>}
      {what.trim !== 'enough' && (
        <p role="alert" className="font-semibold text-act">
          {what.trim === 'gone' ? W.lines.trimGone : W.lines.trimUnderHalf}
        </p>
      )}
    </div>
  )
}

/** Straight, in two parts, or followed: what each hides and shows. */
function Ways({
  way,
  onChange,
  found,
  points,
  trimMm,
}: FoundProps & {
  way: Way
  onChange: (way: Way) => void
  found: { fitted: { line: StraightLine }; split: SplitLine | null }
}) {
  const { site } = useFacts()
  const mm = mmWords(site.units)
  const row = (of: StraightLine | SplitLine) => {
    const { mostMm, coveredRunMm, slants, bendShows } = straightened(points, of, trimMm)
    return W.lines.wayFacts({
      most: mm(mostMm),
      run: mm(coveredRunMm),
      shows: slants ? 'slants' : bendShows ? 'bends' : 'no',
    })
  }
  const texts: Readonly<Record<Way, string | null>> = {
    straight: row(found.fitted.line),
    split: found.split ? row(found.split) : null,
    follow: W.lines.followFacts({ shows: wanderShows(points) ? 'yes' : 'no' }),
  }
  return (
    <div role="group" aria-label={W.lines.ways} className="mt-3 grid gap-2 sm:grid-cols-3">
      {WAYS.map((each) => {
        const text = texts[each]
        return (
          <button
            key={each}
            type="button"
            disabled={text === null}
            aria-pressed={way === each}
            className={`flex min-h-11 flex-col items-start border-2 p-2 text-left text-sm ${way === each ? 'border-ink bg-card' : 'border-rule'} disabled:opacity-60`}
            onClick={() => onChange(each)}
          >
            <b className="block">{W.lines.wayNames[each]}</b>
            {text ?? W.lines.noSplit}
          </button>
        )
      })}
    </div>
  )
}

/** Puts the readings, how far they wander and what is done about it to the hem, so that its recipe goes by them. */
function UseOnHem({ room, hem, points, way }: { room: Room; hem: Hem; points: FoundProps['points']; way: Way }) {
  const { id } = useFacts()
  const editRoom = useEditRoom(room.id)
  const [isUsed, setUsed] = useState(false)
  const edge: EdgeKey = edgeOfHem(hem.id)
  const offs = points.map(({ offMm }) => offMm)
  const wanderMm = Math.min(200, Math.round(Math.max(...offs) - Math.min(...offs)))
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Button
        tone="act"
        onClick={() => {
          editRoom((before) => ({
            ...before,
            lines: [
              ...before.lines.filter((line) => line.edge !== edge),
              { edge, wanderMm, way: way === 'follow' ? 'follow' : 'straighten', readings: points.map(rounded) },
            ],
          }))
          setUsed(true)
        }}
      >
        {W.lines.use({ place: factText(hem.place) })}
      </Button>
      {isUsed && (
        <p role="status">
          {W.lines.used}{' '}
          <Link className="underline" to={`/jobs/${id}/recipes?hem=${encodeURIComponent(hem.id)}`}>
            {W.lines.toRecipe}
          </Link>
        </p>
      )}
    </div>
  )
}

const rounded = ({ atMm, offMm }: FoundProps['points'][number]) => ({
  atMm: Math.round(atMm),
  offMm: Math.round(offMm * 100) / 100,
})
