import { minorDigits, type Selling } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { useHouse } from '../site/HousePanel'
import { NumberField, TextField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { W } from '../../app/words'

/** How a price is made of what a job costs. */
export function QuoteRules() {
  const { site } = useFacts()
  const [{ selling }, set] = useHouse()
  const change = (part: Partial<Selling>) => set({ selling: { ...selling, ...part } })
  const unit = 10 ** minorDigits(site.currency)
  return (
    <Panel title={W.quote.rules}>
      <div className="grid gap-2">
        <NumberField
          label={W.quote.overheadPct}
          value={selling.overheadPct}
          onCommit={(overheadPct) => change({ overheadPct })}
        />
        <NumberField
          label={W.quote.marginPct}
          value={selling.marginPct}
          onCommit={(marginPct) => change({ marginPct })}
        />
        <TextField label={W.quote.taxName} value={selling.taxName} onCommit={(taxName) => change({ taxName })} />
        <NumberField label={W.quote.taxPct} value={selling.taxPct} onCommit={(taxPct) => change({ taxPct })} />
        <NumberField
          label={W.quote.sundries}
          value={selling.sundriesMinorPerDay / unit}
          onCommit={(money) => change({ sundriesMinorPerDay: Math.round(money * unit) })}
        />
        <NumberField
          label={W.quote.validDays}
          value={selling.validDays}
          onCommit={(days) => change({ validDays: Math.round(days) })}
        />
        <TextField label={W.quote.excluded} value={selling.excluded} onCommit={(excluded) => change({ excluded })} />
      </div>
    </Panel>
  )
}
