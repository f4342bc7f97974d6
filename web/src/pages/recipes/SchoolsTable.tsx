import { W, figure, formatMoney, wordText } from '../../app/words'
import { type HouseWay, type SchoolOutcome } from '@crisp-hem/core'

interface SchoolsTableProps {
  readonly outcomes: readonly SchoolOutcome[]
  readonly own: HouseWay
  readonly currency: string
}

const [BAR, THICK] = [120, 12]

/** One line for each house way: a strip as long as what the job comes to, cut where mending begins. */
export function SchoolsTable({ outcomes, own, currency }: SchoolsTableProps) {
  const dearest = Math.max(1, ...outcomes.map((outcome) => outcome.totalMinor))
  const money = (minor: number) => formatMoney(minor, currency)
  return (
    <>
      <div className="overflow-x-auto">
        <table className="mt-1 w-full min-w-[560px] text-[0.9rem]">
          <thead className="text-[0.82rem] text-soft">
            <tr>
              <th className="py-1 text-left font-normal">{W.recipes.school}</th>
              {[W.ways.total, W.ways.made, W.ways.unsafe, W.ways.kinds, W.ways.faults].map((name) => (
                <th key={name} className="pl-2 text-right font-normal whitespace-nowrap">
                  {name}
                </th>
              ))}
              <th className="pl-4 text-left font-normal">{W.ways.strip}</th>
            </tr>
          </thead>
          <tbody>
            {outcomes.map((outcome) => {
              const work = (BAR * outcome.workMinor) / dearest
              return (
                <tr
                  key={outcome.school}
                  className={`border-b border-rule ${outcome.school === own ? 'font-bold' : ''}`}
                >
                  <td className="py-1 whitespace-nowrap">{wordText('school', outcome.school)}</td>
                  <td className="pl-2 text-right whitespace-nowrap">{money(outcome.totalMinor)}</td>
                  <td className="pl-2 text-right whitespace-nowrap">
                    {W.ways.of({ own: outcome.own, hems: outcome.hems })}
                  </td>
                  <td className={`pl-2 text-right ${outcome.unsafe > 0 ? 'text-act' : ''}`}>{outcome.unsafe}</td>
                  <td className="pl-2 text-right">{outcome.kinds}</td>
                  <td className="pl-2 text-right">{figure(outcome.faults)}</td>
                  <td className="pl-4">
                    <svg
                      viewBox={`0 0 ${BAR} ${THICK}`}
                      width={BAR}
                      height={THICK}
                      role="img"
                      aria-label={W.ways.bar({ work: money(outcome.workMinor), mending: money(outcome.mendingMinor) })}
                    >
                      <rect width={work} height={THICK} fill="var(--kraft)" stroke="var(--kraft-edge)" />
                      <rect
                        x={work}
                        width={(BAR * outcome.mendingMinor) / dearest}
                        height={THICK}
                        fill="url(#span-tacky)"
                        stroke="var(--ink)"
                        strokeWidth="0.8"
                      />
                    </svg>
                  </td>
                </tr>
              )
            })}
          </tbody>
        </table>
      </div>
      <p className="mt-1 text-sm text-soft">{W.ways.note}</p>
    </>
  )
}
