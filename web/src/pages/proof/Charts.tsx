import { useMemo } from 'react'
import { recordCharts, type HouseChart, type HousePoint, type Plan } from '@crisp-hem/core'
import { useFacts, useWholeJob } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { decimals, W, wordText } from '../../app/words'

/** Charts of what was found for each that was expected, job by job and room by room; what stands out is told above each. */
export function Charts({ plan }: { readonly plan: Plan }) {
  const job = useWholeJob()
  const charts = useMemo(() => recordCharts(job, plan), [job, plan])
  if (charts.length === 0) return <p className="panel">{W.proof.charts.none}</p>
  return (
    <>
      <div className="grid grid-cols-1 gap-4 xl:grid-cols-2">
        {charts.map((chart) => (
          <OneChart key={`${chart.of} ${chart.key}`} chart={chart} />
        ))}
      </div>
      <p className="mt-3 text-sm text-soft">{W.proof.charts.how}</p>
    </>
  )
}

function OneChart({ chart }: { readonly chart: HouseChart }) {
  const { shelf, crews } = useFacts()
  const names: Record<HouseChart['of'], () => string> = {
    all: () => W.proof.charts.of.all,
    tape: () => W.proof.charts.of.tape({ name: shelf.tapes.find(({ id }) => id === chart.key)?.name ?? chart.key }),
    texture: () => W.proof.charts.of.texture({ name: wordText('texture', chart.key) }),
    crew: () => W.proof.charts.of.crew({ name: crews.find(({ id }) => id === chart.key)?.name ?? chart.key }),
  }
  const signals = chart.points.flatMap(({ name, signals: own }) =>
    own.map((signal) => W.proof.charts.signal[signal]({ name })),
  )
  return (
    <Panel title={names[chart.of]()}>
      {signals.length === 0 ? (
        <p>{W.proof.charts.quiet}</p>
      ) : (
        <ul>
          {signals.map((text) => (
            <li key={text} className="font-semibold text-act">
              {text}
            </li>
          ))}
        </ul>
      )}
      <ChartDrawing chart={chart} name={names[chart.of]()} />
      <p className="text-sm text-soft">
        {W.proof.charts.middle({ mean: decimals(chart.middle, 1) })}{' '}
        {W.proof.charts.alarm({ n: Math.round(100 * chart.falseAlarm) })}
      </p>
    </Panel>
  )
}

/** The drawing in its own units: so wide a point, so high in all, room on the left for figures and below for names. */
const [STEP, HIGH, LEFT, BELOW, TOP] = [64, 150, 34, 34, 8] as const
/** Narrower than so many pixels a point its name is not read. */
const LEAST_PX = 50
/** A limit far beyond every point would press all of them flat: the drawing ends so much above the highest. */
const HEADROOM = 1.4
/** Longer names are cut off below their point; the whole one is in its title. */
const NAME_LETTERS = 11

function ChartDrawing({ chart, name }: { readonly chart: HouseChart; readonly name: string }) {
  const { points, middle } = chart
  const highest = Math.max(...points.map(({ rate }) => rate), middle)
  const top = HEADROOM * Math.max(highest, Math.min(...points.map(({ high }) => high)), 0.1)
  const y = (rate: number) => TOP + HIGH * (1 - Math.min(rate, top) / top)
  const x = (i: number) => LEFT + STEP * (i + 0.5)
  const wide = LEFT + STEP * points.length
  const steps = (of: (point: HousePoint) => number) =>
    points.map((point, i) => `${i === 0 ? 'M' : 'L'}${x(i) - STEP / 2} ${y(of(point))}H${x(i) + STEP / 2}`).join('')
  return (
    <div className="overflow-x-auto">
      <svg
        viewBox={`0 0 ${wide} ${TOP + HIGH + BELOW}`}
        style={{ minWidth: LEAST_PX * points.length, maxWidth: 2 * wide }}
        className="block w-full"
        role="img"
        aria-label={`${name}: ${points.map((each) => `${each.name} ${decimals(each.rate, 1)}`).join(', ')}`}
      >
        {[0, middle, top / HEADROOM].map((rate, i) => (
          <text key={i} x={LEFT - 5} y={y(rate) + 4} textAnchor="end" fontSize="10" fill="var(--ink)">
            {decimals(rate, 1)}
          </text>
        ))}
        <path d={`M${LEFT} ${TOP}V${y(0)}H${wide}`} stroke="var(--ink)" fill="none" strokeWidth="0.8" />
        <path d={`M${LEFT} ${y(middle)}H${wide}`} stroke="var(--ink)" strokeWidth="1" />
        <path d={steps(({ high }) => high)} stroke="var(--ink)" fill="none" strokeDasharray="5 4" />
        <path d={steps(({ low }) => low)} stroke="var(--ink)" fill="none" strokeDasharray="5 4" />
        <polyline
          points={points.map(({ rate }, i) => `${x(i)},${y(rate)}`).join(' ')}
          stroke="var(--ink)"
          fill="none"
          strokeWidth="0.8"
        />
        {points.map((point, i) => (
          <g key={`${point.name}${point.at}`}>
            <title>{`${point.name}: ${decimals(point.rate, 1)}`}</title>
            {point.signals.length > 0 ? (
              <path
                d={`M${x(i)} ${y(point.rate) - 7}l7 7l-7 7l-7 -7z`}
                fill="var(--act)"
                stroke="var(--ink)"
                strokeWidth="0.8"
              />
            ) : (
              <circle cx={x(i)} cy={y(point.rate)} r="4" fill="var(--ink)" />
            )}
            <text x={x(i)} y={TOP + HIGH + 14} textAnchor="middle" fontSize="9.5" fill="var(--ink)">
              {point.name.length > NAME_LETTERS ? `${point.name.slice(0, NAME_LETTERS - 1)}…` : point.name}
            </text>
          </g>
        ))}
        <text x={LEFT} y={TOP + HIGH + 29} fontSize="9.5" fill="var(--ink)">
          {W.proof.charts.axis}
        </text>
      </svg>
    </div>
  )
}
