import { W, figure, sayText, wordText } from '../../app/words'
import { memo, useMemo } from 'react'
import { benchEdge, tapeOf, type JudgedRisk } from '@crisp-hem/core'
import { EdgeSection } from '../../app/drawing/EdgeSection'
import { PullRibbon } from '../../app/drawing/PullRibbon'
import { RevealStrip } from '../../app/drawing/RevealStrip'
import { RiskBar } from '../recipes/RiskBar'
import { useFacts } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import type { BenchView } from './bench.worker'

/** What one setup does: section, reveal, ribbon, and every risk with what decides it. */
export const BenchResult = memo(function BenchResult({ name, view }: { name: 'A' | 'B' | null; view: BenchView }) {
  const { shelf, site } = useFacts()
  const { setup, answer, reveal } = view
  const edge = useMemo(() => benchEdge(setup, shelf), [setup, shelf])
  const tape = tapeOf(shelf, setup.tapeId)
  return (
    <Panel
      title={
        <>
          {name && <span className="mr-2 inline-block bg-ink px-2 text-ground">{name}</span>}
          {tape.name}
        </>
      }
      aside={
        <span className="text-soft">
          {setup.seal === 'none' ? W.recipes.noSeal : wordText('seal', setup.seal)},{' '}
          {wordText('texture', setup.texture)}
        </span>
      }
    >
      <EdgeSection edge={edge} tapeThickUm={tape.thickUm} valleys={reveal.valleys} />
      <h3 className="mb-1 mt-2">{W.bench.reveal}</h3>
      <RevealStrip reveal={reveal} keepSwatch={setup.keepSwatch} coatSwatch={setup.coatSwatch} />
      <PullRibbon
        spans={answer.spans}
        now={answer.pulledAt}
        zone={site.zone}
        score={setup.scored}
        mark={W.bench.mark}
      />
      <p className={`text-sm ${answer.dewOk ? 'text-soft' : 'font-semibold text-act'}`}>
        {W.bench.face({ c: answer.faceC.toFixed(1), over: answer.aboveDewC.toFixed(1) })}
      </p>
      <ul className="mt-2">
        {answer.risks.map((risk) => (
          <li key={risk.name}>
            <RiskLine risk={risk} />
          </li>
        ))}
      </ul>
    </Panel>
  )
})

function RiskLine({ risk }: { risk: JudgedRisk }) {
  const { house } = useFacts()
  const { mean, low, high } = risk.perMetre
  const count = risk.name === 'bleed'
  const limit = count ? house.maxBleedMm : risk.name === 'lift' ? house.maxLift : 0.05
  const scale = count ? 1 : 100
  return (
    <>
      <RiskBar
        name={W.bench.risks[risk.name]}
        estimate={risk.perMetre}
        limit={limit}
        text={count ? `${figure(mean)} mm/m` : `${figure(mean * scale)} % /m`}
      />
      <p className="mb-1 text-[0.8rem] text-soft">
        {sayText(risk.decides)}{' '}
        {high > 0 &&
          W.bench.between({ low: figure(low * scale), high: figure(high * scale), unit: count ? ' mm' : ' %' })}
      </p>
    </>
  )
}
