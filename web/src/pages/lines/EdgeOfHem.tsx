import { useMemo, useState, type ReactNode } from 'react'
import {
  edgeOfHem,
  FITS,
  fitOver,
  lineThrough,
  marksOf,
  proofOf,
  splitOver,
  STUDS_MM,
  trimWidthMm,
  writeLumps,
  writeReadings,
  type Fit,
  type Hem,
  type Room,
} from '@crisp-hem/core'
import { isPainter, useFacts } from '../../app/state/useJob'
import { useAppSelector } from '../../app/state/store'
import { ChoiceField, LengthField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { Switch } from '../../app/ui/Tabs'
import { factText, W } from '../../app/words'
import { EdgeChart } from '../../app/drawing/EdgeChart'
import { EdgeSentences } from './EdgeSentences'
import { EdgeWays, type EdgeWay } from './EdgeWays'
import { LumpsField } from './LumpsField'
import { MarksTable } from './MarksTable'
import { mmWords } from '../../app/words/mmWords'
import { PhotoReadings } from './PhotoReadings'
import { ReadingsField } from './ReadingsField'
import { ThroughPoints } from './ThroughPoints'
import { TwoSides } from './TwoSides'
import { UseOnHem } from './UseOnHem'
import { useLumps } from './useLumps'
import { useReadings } from './useReadings'

/** What a line may do best, and whether it has to pass a place. */
const CHOICES = [...FITS, 'through'] as const
type LineChoice = (typeof CHOICES)[number]
/** What of a run is not read yet, mm, before it is said. From memory. */
const NOT_READ_MM = 300
const PLACEHOLDERS = { metric: '0 3\n400 5\n800 2', imperial: '0 1/8\n16 3/16\n32 1/4' } as const

/** Readings of one edge in, a line out, with what it takes of the trim and the marks to set it by. */
export function EdgeOfHem({ room, hem, children }: { room: Room; hem: Hem; children: ReactNode }) {
  const { units } = useFacts().site
  const isOnlyRead = useAppSelector(isPainter)
  const noted = room.lines.find((line) => line.edge === edgeOfHem(hem.id))
  const [text, setText] = useState(() => writeReadings(noted?.readings ?? [], units))
  const [lumpsText, setLumpsText] = useState(() => writeLumps(noted?.lumps ?? [], units))
  const [everyMm, setEveryMm] = useState(0)
  const [end, setEnd] = useState<'left' | 'right'>('left')
  const [grows, setGrows] = useState<'over-keep' | 'over-paint'>('over-keep')
  const [fit, setFit] = useState<LineChoice>(CHOICES.find((each) => each === noted?.fit) ?? 'least-area')
  const [throughText, setThroughText] = useState(() => writeReadings(noted?.through ?? [], units))
  const [way, setWay] = useState<EdgeWay>(noted?.fit === 'split' ? 'split' : 'straight')
  const [studsMm, setStudsMm] = useState<number>(STUDS_MM[units])
  const { lengthMm } = hem
  const mm = mmWords(units)
  const { points, fault } = useReadings(text, { units, lengthMm, everyMm: everyMm > 0 ? everyMm : null, end, grows })
  const lumps = useLumps(lumpsText, units, lengthMm)
  const [first, last] = [points[0], points.at(-1)]
  const through = useReadings(throughText, { units, lengthMm, everyMm: null, end, grows })
  const passed = useMemo(() => lineThrough(points, through.points), [points, through.points])
  const found = useMemo(() => {
    if (points.length < 2) return null
    const split = points.length > 2 ? splitOver(points) : null
    if (fit === 'through' && passed.line) return { fitted: { line: passed.line, touches: [] }, proof: null, split }
    const best: Fit = fit === 'through' ? 'least-area' : fit
    const fitted = fitOver(points, best)
    return { fitted, proof: proofOf(points, fitted, best), split }
  }, [points, fit, passed])
  const line = found && (way === 'split' ? (found.split ?? found.fitted.line) : found.fitted.line)
  const trimMm = trimWidthMm(room, hem.keep)
  const typed = (
    <Panel title={W.lines.readings}>
      <div className="grid gap-2">
        {children}
        <ReadingsField
          label={everyMm > 0 ? W.lines.offsetsOnly : W.lines.placeAndOffset}
          value={text}
          onChange={setText}
          fault={fault}
          placeholder={PLACEHOLDERS[units]}
          perLine={everyMm > 0 ? 1 : 2}
          autoFocus
        />
        <LumpsField text={lumpsText} onText={setLumpsText} lumps={lumps.list} fault={lumps.fault} units={units} />
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
                options={(['over-keep', 'over-paint'] as const).map((value) => ({ value, text: W.lines.grows[value] }))}
                onCommit={setGrows}
              />
            </div>
          </div>
        </details>
      </div>
    </Panel>
  )
  const photo = <PhotoReadings units={units} onReadings={setText} />
  if (!found || !line || !first || !last)
    return (
      <>
        <TwoSides
          typed={typed}
          found={
            <Panel title={W.lines.tasks.edge}>
              <p className="max-w-prose text-soft">{W.lines.howTo}</p>
            </Panel>
          }
        />
        {photo}
      </>
    )
  return (
    <>
      <TwoSides
        typed={typed}
        found={
          <>
            <Panel
              title={W.lines.theLine}
              aside={
                <Switch
                  label={W.lines.fit}
                  value={fit}
                  options={CHOICES.map((value) => ({ value, text: W.lines.fits[value] }))}
                  onChange={setFit}
                />
              }
            >
              {lengthMm - last.atMm > NOT_READ_MM && (
                <p className="mb-1 text-sm text-soft">{W.lines.readOn({ at: mm(last.atMm), long: mm(lengthMm) })}</p>
              )}
              {fit === 'through' && (
                <ThroughPoints
                  text={throughText}
                  onText={setThroughText}
                  fault={through.fault}
                  passed={passed}
                  units={units}
                />
              )}
              <EdgeChart
                points={points}
                of={way === 'follow' ? null : line}
                lengthMm={lengthMm}
                trimMm={trimMm}
                proof={way === 'straight' ? (found.proof ?? []) : []}
                units={units}
              />
              <EdgeSentences of={way === 'follow' ? null : line} points={points} trimMm={trimMm} />
              <EdgeWays
                way={way}
                onChange={setWay}
                {...found}
                points={points}
                lengthMm={lengthMm}
                edge={edgeOfHem(hem.id)}
              />
            </Panel>
            {way !== 'follow' && (
              <MarksTable
                name={`${room.name} ${factText(hem.place)}`}
                marks={marksOf(line, { fromMm: first.atMm, toMm: last.atMm, lengthMm }, studsMm)}
                units={units}
                studsMm={studsMm}
                onStuds={setStudsMm}
              />
            )}
            {!isOnlyRead && (
              <UseOnHem
                room={room}
                hem={hem}
                points={points}
                way={way}
                fit={way === 'split' ? 'split' : fit}
                lumps={lumps.list}
                through={through.points.slice(0, 2)}
              />
            )}
          </>
        }
      />
      {photo}
    </>
  )
}
