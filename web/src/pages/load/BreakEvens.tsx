import { CategoryScale, Chart, Legend, LinearScale, LineController, LineElement, PointElement, Tooltip } from 'chart.js'
import { useEffect, useMemo, useRef } from 'react'
import type { BreakEven, Job } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { Panel } from '../../app/ui/Panel'
import { formatMoney, W } from '../../app/words'

Chart.register(LineController, LineElement, PointElement, LinearScale, CategoryScale, Legend, Tooltip)

const ASK_AFTER_MS = 1200
const start = () => new Worker(new URL('./even.worker.ts', import.meta.url), { type: 'module' })

/** From how many panes, coats and metres on another way costs less, by this house's rates and shelf. */
export function BreakEvens() {
  const { format, version, id, name, site, start: begin, air, house, crews, shelf, planning } = useFacts()
  // Sample rooms stand for the job's own, whose changes therefore ask nothing anew.
  const question = useMemo((): Job => {
    const bare = { kit: null, rooms: [], quotes: [], trials: [], log: [], published: null }
    return { format, version, id, name, site, start: begin, air, house, crews, shelf, planning, ...bare }
  }, [format, version, id, name, site, begin, air, house, crews, shelf, planning])
  const curves = useWorkerAnswer<Job, readonly BreakEven[]>(start, question, ASK_AFTER_MS)
  return (
    <Panel title={W.even.title}>
      {curves === null ? (
        <p className="text-soft">{W.even.working}</p>
      ) : (
        <div className="grid grid-cols-1 gap-5 lg:grid-cols-3">
          {curves.map((curve) => (
            <EvenChart key={curve.sweep} even={curve} />
          ))}
        </div>
      )}
    </Panel>
  )
}

function EvenChart({ even }: { even: BreakEven }) {
  const { currency } = useFacts().site
  const canvas = useRef<HTMLCanvasElement>(null)
  useEffect(() => {
    const style = getComputedStyle(document.documentElement)
    const ink = style.getPropertyValue('--ink').trim()
    const chart = new Chart(canvas.current!, {
      type: 'line',
      data: {
        labels: [...even.xs],
        datasets: even.ways.map(({ way, minor }, i) => ({
          label: W.compared.names[way],
          data: [...minor],
          borderColor: ink,
          borderDash: i === 0 ? [] : [7, 4],
          borderWidth: 2,
          pointRadius: 0,
        })),
      },
      options: {
        animation: false,
        maintainAspectRatio: false,
        color: ink,
        interaction: { mode: 'index', intersect: false },
        plugins: {
          legend: { labels: { boxWidth: 30, boxHeight: 0, color: ink } },
          tooltip: {
            callbacks: { label: (item) => `${item.dataset.label}: ${formatMoney(Number(item.raw), currency)}` },
          },
        },
        scales: {
          x: { title: { display: true, text: W.even.x[even.sweep], color: ink }, ticks: { color: ink } },
          y: { min: 0, ticks: { color: ink, callback: (minor) => formatMoney(Number(minor), currency) } },
        },
      },
    })
    return () => chart.destroy()
  }, [even, currency])
  const second = even.ways[1]
  const way = second ? W.compared.names[second.way] : ''
  return (
    <div>
      <h3 className="mb-1">{W.even.sweeps[even.sweep]}</h3>
      <div className="h-52">
        <canvas ref={canvas} role="img" aria-label={W.even.sweeps[even.sweep]} />
      </div>
      <p className="mt-1 text-sm">
        {even.from === null ? W.even.never({ way }) : W.even.from({ x: even.from, unit: W.even.x[even.sweep], way })}
      </p>
    </div>
  )
}
