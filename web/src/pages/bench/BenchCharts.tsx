import {
  Chart,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  LogarithmicScale,
  PointElement,
  Tooltip,
  type ChartDataset,
} from 'chart.js'
import { memo, useEffect, useRef } from 'react'
import { type Curve } from '@crisp-hem/core'
import { Panel } from '../../app/ui/Panel'
import type { BenchView } from './bench.worker'
import { W, spanText } from '../../app/words'

Chart.register(LineController, LineElement, PointElement, LinearScale, LogarithmicScale, Legend, Tooltip)

const overPull = (view: BenchView) => view.overPull
const overAge = (view: BenchView) => view.overAge
const PULL_MARKS = [1, 5, 30, 120, 480, 1440]
const AGE_MARKS = [0.1, 0.3, 1, 3, 7, 14, 30]
const daysText = (days: number) => `${days} d`

/** Risk over the time of the pull and over the age of the keep side, for one setup or two. */
export const BenchCharts = memo(function BenchCharts({ views }: { views: readonly BenchView[] }) {
  return (
    <div className="grid grid-cols-1 gap-4 xl:grid-cols-2">
      <Panel title={W.bench.overPull}>
        <CurveChart
          views={views}
          curves={overPull}
          xTitle={W.bench.pullAfter}
          xText={spanText}
          marks={PULL_MARKS}
          name={W.bench.overPull}
        />
      </Panel>
      <Panel title={W.bench.overAge}>
        <CurveChart
          views={views}
          curves={overAge}
          xTitle={W.bench.age}
          xText={daysText}
          marks={AGE_MARKS}
          name={W.bench.overAge}
        />
      </Panel>
    </div>
  )
})

interface CurveChartProps {
  readonly views: readonly BenchView[]
  readonly curves: (view: BenchView) => readonly Curve[]
  readonly xTitle: string
  readonly xText: (x: number) => string
  /** Where the axis is marked. */
  readonly marks: readonly number[]
  readonly name: string
}

/** Dashes tell the risks apart, weight tells A from B; hue says nothing. */
const DASH: Record<Curve['risk'], number[]> = { tear: [], lift: [7, 4], residue: [2, 3], bleed: [], crack: [] }

function CurveChart({ views, curves, xTitle, xText, marks, name }: CurveChartProps) {
  const canvas = useRef<HTMLCanvasElement>(null)
  const chart = useRef<Chart | null>(null)
  useEffect(() => {
    const ink = getComputedStyle(document.documentElement).getPropertyValue('--ink').trim()
    const act = getComputedStyle(document.documentElement).getPropertyValue('--act').trim()
    const datasets = views.flatMap((view, i) =>
      curves(view).map((curve): ChartDataset<'line'> => ({
        label: views.length > 1 ? `${'AB'[i]}: ${W.bench.risks[curve.risk]}` : W.bench.risks[curve.risk],
        data: curve.points.map(({ x, y }) => ({ x, y: 100 * y })),
        borderColor: i === 0 ? ink : act,
        borderDash: DASH[curve.risk],
        borderWidth: i === 0 ? 2.2 : 1.8,
        pointRadius: 0,
      })),
    )
    if (chart.current) {
      chart.current.data.datasets = datasets
      chart.current.update('none')
      return
    }
    chart.current = new Chart(canvas.current!, {
      type: 'line',
      data: { datasets },
      options: {
        animation: false,
        maintainAspectRatio: false,
        color: ink,
        interaction: { mode: 'nearest', intersect: false },
        plugins: {
          legend: { labels: { boxWidth: 30, boxHeight: 0, color: ink } },
          tooltip: { callbacks: { title: (items) => xText(items[0]?.parsed.x ?? 0) } },
        },
        scales: {
          x: {
            type: 'logarithmic',
            title: { display: true, text: xTitle, color: ink },
            ticks: { color: ink, autoSkip: false, maxRotation: 0, callback: (x) => xText(Number(x)) },
            afterBuildTicks: (axis) => (axis.ticks = marks.map((value) => ({ value }))),
          },
          y: {
            type: 'linear',
            min: 0,
            suggestedMax: 5,
            title: { display: true, text: W.bench.percent, color: ink },
            ticks: { color: ink },
          },
        },
      },
    })
  }, [views, curves, xTitle, xText, marks])
  useEffect(
    () => () => {
      chart.current?.destroy()
      chart.current = null
    },
    [],
  )
  return (
    <div className="h-56">
      <canvas ref={canvas} role="img" aria-label={name} />
    </div>
  )
}
