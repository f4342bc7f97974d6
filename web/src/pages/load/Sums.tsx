import { type Load } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { W, formatMoney } from '../../app/words'

/** What masking this job comes to, and of what it is made: tape as a strip cut into its parts. */
export function Sums({ load }: { load: Load }) {
  const { site } = useFacts()
  const parts = [
    { name: W.load.material, minor: load.materialMinor, fill: 'var(--kraft)' },
    { name: W.load.labour, minor: load.labourMinor, fill: 'var(--ink)' },
    { name: W.load.mending, minor: load.mendingMinor, fill: 'url(#span-tacky)' },
  ]
  const all = parts.reduce((sum, part) => sum + part.minor, 0)
  let x = 0
  return (
    <Panel title={W.load.sum}>
      <p className="font-head text-[1.9rem] font-semibold">{formatMoney(all, site.currency)}</p>
      <svg viewBox="0 0 300 20" className="my-1 block w-full" aria-hidden>
        {parts.map((part) => {
          const width = all > 0 ? (300 * part.minor) / all : 0
          const at = x
          x += width
          return (
            <rect
              key={part.name}
              x={at}
              y="2"
              width={width}
              height="16"
              fill={part.fill}
              stroke="var(--ink)"
              strokeWidth="0.8"
            />
          )
        })}
      </svg>
      <dl className="text-[0.92rem]">
        {parts.map((part) => (
          <div key={part.name} className="flex items-center gap-2 py-0.5">
            <svg width="14" height="14" aria-hidden>
              <rect width="14" height="14" fill={part.fill} stroke="var(--ink)" />
            </svg>
            <dt className="flex-1">{part.name}</dt>
            <dd className="font-semibold">{formatMoney(part.minor, site.currency)}</dd>
          </div>
        ))}
      </dl>
    </Panel>
  )
}
