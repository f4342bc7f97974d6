import { coverOf, formatRun, tapeOf, type Load } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { W, decimals, factText, figure, formatMoney, sayText, wordText } from '../../app/words'
import { Sums } from './Sums'
import { TapeRolls } from './TapeRolls'

/** What the whole job takes, from its first day: tape, covers, sealant, paint, and what it all comes to. */
export function WholeLoad({ load }: { load: Load }) {
  return (
    <div className="grid grid-cols-1 gap-4 lg:grid-cols-[minmax(0,1fr)_330px]">
      <div className="grid min-w-0 grid-cols-1 content-start gap-4">
        {load.tapes.length === 0 ? <p className="panel text-soft">{W.load.empty}</p> : <Tapes load={load} />}
        <Covers load={load} />
      </div>
      <div className="grid content-start gap-4">
        <Sums load={load} />
        <Supplies load={load} kind="sealants" title={W.load.sealant} />
        <Supplies load={load} kind="glazes" title={W.load.glaze} />
        <Supplies load={load} kind="keepColours" title={W.load.keepColours} />
        <Supplies load={load} kind="liquids" title={W.load.liquid} />
        <Supplies load={load} kind="coatings" title={W.load.paint} />
        <Tools load={load} />
      </div>
    </div>
  )
}

/** What a total is made of is left out on a phone: what to take and what it costs has to fit. */
const DESK = 'hidden sm:table-cell'
const TH = 'py-1 pl-3 text-right font-normal'

function Tapes({ load }: { load: Load }) {
  const { shelf, site } = useFacts()
  const run = (mm: number) => formatRun(mm, site.units)
  return (
    <Panel title={W.load.tape}>
      <div className="overflow-x-auto">
        <table className="w-full text-[0.9rem] sm:min-w-[600px]">
          <thead className="text-[0.82rem] text-soft">
            <tr>
              <th className="py-1 text-left font-normal">{W.load.kind}</th>
              <th className={`${TH} ${DESK}`}>{W.load.hems}</th>
              <th className={`${TH} ${DESK}`}>{W.load.tabs}</th>
              <th className={`${TH} ${DESK}`}>{W.load.holds}</th>
              <th className={`${TH} ${DESK}`}>{W.load.extra}</th>
              <th className={TH}>{W.load.total}</th>
              <th className="py-1 pl-5 text-left font-normal">{W.load.rolls}</th>
              <th className={TH}>{W.load.cost}</th>
            </tr>
          </thead>
          <tbody>
            {load.tapes.map((line) => {
              const tape = tapeOf(shelf, line.tapeId)
              return (
                <tr key={`${line.tapeId}${line.widthMm}`} className="border-b border-rule">
                  <td className="py-1.5">
                    <b>{tape.name}</b> {line.widthMm} mm
                    <span className="hidden text-[0.82rem] text-soft sm:block">
                      {W.load.tapeFacts({ edge: wordText('edge', tape.edge), grip: tape.gripN25, days: tape.stayDays })}
                    </span>
                  </td>
                  <td className={`pl-3 text-right whitespace-nowrap ${DESK}`}>{run(line.hemMm)}</td>
                  <td className={`pl-3 text-right whitespace-nowrap ${DESK}`}>{run(line.tabsMm)}</td>
                  <td className={`pl-3 text-right whitespace-nowrap ${DESK}`}>{run(line.holdMm)}</td>
                  <td className={`pl-3 text-right whitespace-nowrap ${DESK}`}>{run(line.wasteMm)}</td>
                  <td className="pl-3 text-right font-semibold whitespace-nowrap">{run(line.totalMm)}</td>
                  <td className="py-1 pl-5">
                    <span className="hidden sm:block">
                      <TapeRolls rolls={line.rolls} share={line.totalMm / tape.rollLengthMm} />
                    </span>
                    <span className="text-[0.82rem]">
                      {W.load.packs({
                        p: line.packs,
                        s: line.singles,
                        both: line.packs && line.singles ? 'yes' : 'no',
                      })}
                    </span>
                  </td>
                  <td className="pl-3 text-right whitespace-nowrap">{formatMoney(line.usedMinor, site.currency)}</td>
                </tr>
              )
            })}
          </tbody>
        </table>
      </div>
    </Panel>
  )
}

function Covers({ load }: { load: Load }) {
  const { shelf, site, rooms } = useFacts()
  if (load.covers.length === 0) return null
  const roomName = (id: string) => rooms.find((room) => room.id === id)?.name
  return (
    <Panel title={W.load.covers}>
      {load.covers.map((line) => {
        const cover = coverOf(shelf, line.coverId)
        return (
          <div key={line.coverId} className="border-b border-rule py-1.5">
            <p className="flex flex-wrap gap-x-4">
              <b>{cover.name}</b>
              <span>{(line.areaMm2 / 1e6).toFixed(1)} m²</span>
              {line.runMm > 0 && <span>{formatRun(line.runMm, site.units)}</span>}
              <b className="ml-auto">
                {line.count} {cover.reusable ? W.load.fromVan : `× ${formatRun(cover.lengthMm, site.units)}`}
              </b>
              {line.short > 0 && <b>{W.load.toGet({ n: line.short })}</b>}
              {line.costMinor > 0 && <span>{formatMoney(line.costMinor, site.currency)}</span>}
            </p>
            <p className="text-[0.82rem] text-soft">
              {line.needs
                .map((need) =>
                  W.load.need({ room: roomName(need.roomId) ?? '', what: factText(need.what), why: sayText(need.why) }),
                )
                .join(' · ')}
            </p>
          </div>
        )
      })}
      <p className="mt-2 text-sm">{W.load.slip}</p>
    </Panel>
  )
}

type SupplyKind = 'sealants' | 'glazes' | 'keepColours' | 'liquids' | 'coatings'

function Supplies({ load, kind, title }: { load: Load; kind: SupplyKind; title: string }) {
  const { site } = useFacts()
  const lines = load[kind]
  if (lines.length === 0) return null
  return (
    <Panel title={title}>
      <ul className="text-[0.92rem]">
        {lines.map((line) => (
          <li key={line.id} className="flex flex-wrap gap-x-2 border-b border-rule py-1">
            <span className="basis-full font-semibold">{line.name}</span>
            <span className="flex-1 text-soft">
              {W.load.exact} {line.exact < 0.01 ? figure(line.exact) : decimals(line.exact, 2)}
            </span>
            <b>{W.load.amounts[line.unit]({ n: line.amount })}</b>
            <span className="w-16 text-right">
              {kind === 'keepColours' ? W.load.atHand : formatMoney(line.costMinor, site.currency)}
            </span>
          </li>
        ))}
      </ul>
    </Panel>
  )
}

/** Tools the recipes call for; one that is not on the van has to be got. */
function Tools({ load }: { load: Load }) {
  if (load.tools.length === 0) return null
  return (
    <Panel title={W.load.tools}>
      <ul className="text-[0.92rem]">
        {load.tools.map((line) => (
          <li key={line.kind} className="flex flex-wrap gap-x-2 border-b border-rule py-1">
            <span className="flex-1 font-semibold">
              {line.toolId === null ? wordText('shelfKind', line.kind) : line.name}
            </span>
            <span className="text-soft">{W.load.forHems({ n: line.hems })}</span>
            {line.toolId === null && <b className="text-act">{W.load.noTool}</b>}
          </li>
        ))}
      </ul>
    </Panel>
  )
}
