import { ChoiceField, NumberField, inWords } from '../../app/ui/fields'
import type { ReactNode } from 'react'
import {
  PRESS_RULES,
  FIELD_RULES,
  HOUSE_WAYS,
  PULL_OPINIONS,
  RUN_WAYS,
  SEAL_DRYNESS,
  SEALANT_COLOURS,
  type HouseRules,
} from '@crisp-hem/core'
import { useEdit, useFacts } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { KeptRules } from './KeptRules'
import { W } from '../../app/words'

const H = W.house

export function useHouse(): [HouseRules, (change: Partial<HouseRules>) => boolean] {
  const { house } = useFacts()
  const edit = useEdit()
  return [house, (change) => edit((facts) => ({ ...facts, house: { ...facts.house, ...change } }))]
}

interface View {
  readonly for: string
  readonly against: string
}

type Way = 'sealantColour' | 'sealDry' | 'press' | 'runs' | 'fieldOrder'
type Flag =
  | 'sealAlways'
  | 'stackSeals'
  | 'holdFirstCoat'
  | 'liquidOnPanes'
  | 'provenHand'
  | 'rollOverEdge'
  | 'lendHands'
  | 'frontsInADay'

/** How this contractor works: every way painters differ in, each with what speaks for it and against it. */
export function HousePanel() {
  const [house, set] = useHouse()
  const flag = (name: Flag, label: string, yes: string, no: string) => (
    <Sided sides={H.switches[name]}>
      <ChoiceField
        label={label}
        value={house[name] ? 'yes' : 'no'}
        options={[
          { value: 'yes' as const, text: yes },
          { value: 'no' as const, text: no },
        ]}
        onCommit={(value) => set({ [name]: value === 'yes' })}
      />
    </Sided>
  )
  /** A rule with more than two sides, each argued. */
  const way = <Rule extends Way>(
    name: Rule,
    label: string,
    values: readonly HouseRules[Rule][],
    words: Readonly<Record<HouseRules[Rule], string>>,
  ) => (
    <Sided sides={H.switches[name]}>
      <ChoiceField
        label={label}
        value={house[name]}
        options={values.map((value) => ({ value, text: words[value] }))}
        onCommit={(value) => set({ [name]: value })}
      />
    </Sided>
  )
  return (
    <Panel title={H.title} className="lg:col-span-2">
      <KeptRules />
      <Part title={H.edge}>
        <Viewed view={H.schools[house.school]} how={H.schools[house.school].how}>
          <ChoiceField
            label={W.site.school}
            value={house.school}
            options={inWords('school', HOUSE_WAYS)}
            onCommit={(school) => set({ school })}
          />
        </Viewed>
        {flag('sealAlways', W.site.seal, W.site.always, W.site.needed)}
        {flag('stackSeals', H.stack, H.stackYes, H.stackNo)}
        {way('sealantColour', H.sealant, SEALANT_COLOURS, H.options)}
        {way('sealDry', H.sealDry, SEAL_DRYNESS, H.options)}
        {flag('liquidOnPanes', H.panes, H.panesYes, H.panesNo)}
        {flag('provenHand', H.hand, H.handYes, H.handNo)}
      </Part>
      <Part title={H.laying}>
        {way('press', W.site.press, PRESS_RULES, H.presses)}
        {way('runs', H.runs, RUN_WAYS, H.options)}
        {flag('holdFirstCoat', W.site.hold, W.site.held, W.site.both)}
        {way('fieldOrder', H.fieldOrder, FIELD_RULES, H.options)}
        {flag('rollOverEdge', H.roller, H.rollerOver, H.rollerOff)}
      </Part>
      <Part title={H.off}>
        <Viewed view={H.pullViews[house.pull]}>
          <ChoiceField
            label={W.site.pull}
            value={house.pull}
            options={PULL_OPINIONS.map((value) => ({ value, text: H.pulls[value] }))}
            onCommit={(pull) => set({ pull })}
          />
        </Viewed>
      </Part>
      <Part title={H.days}>
        {flag('lendHands', H.lend, H.lendYes, H.lendNo)}
        {flag('frontsInADay', H.fronts, H.frontsYes, H.frontsNo)}
      </Part>
      <Limits house={house} set={set} />
    </Panel>
  )
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mt-3 border-t border-rule pt-2">
      <h3 className="mb-1">{title}</h3>
      <div className="grid gap-x-5 gap-y-3 sm:grid-cols-2 xl:grid-cols-4">{children}</div>
    </section>
  )
}

/** A choice of a way, with what is said for it and against it. */
function Viewed({ view, how, children }: { view: View; how?: string; children: ReactNode }) {
  return (
    <div>
      {children}
      <dl className="mt-0.5 grid grid-cols-[1.1rem_1fr] text-[0.82rem] leading-snug text-soft">
        {how && <dd className="col-span-2">{how}</dd>}
        <dt title={H.for} aria-label={H.for}>
          +
        </dt>
        <dd>{view.for}</dd>
        <dt title={H.against} aria-label={H.against}>
          −
        </dt>
        <dd>{view.against}</dd>
      </dl>
    </div>
  )
}

/** A switch, with what is said for each of its two sides. */
function Sided({ sides, children }: { sides: readonly string[]; children: ReactNode }) {
  return (
    <div>
      {children}
      <ul className="mt-0.5 text-[0.82rem] leading-snug text-soft">
        {sides.map((side) => (
          <li key={side}>{side}</li>
        ))}
      </ul>
    </div>
  )
}

type MoneyRule =
  'wagePerHourMinor' | 'kindMinor' | 'tinMinor' | 'mendBleedMinor' | 'mendLiftMinor' | 'mendTearMinor' | 'mendBandMinor'

/** Prices of a plan that are money, in the order of the form. */
const PLAN_MONEY = [
  'visitMinor',
  'siteDayMinor',
  'nightMinor',
  'lateHourMinor',
  'fillMinor',
  'tapeDayMinor',
  'toldMinor',
] as const

function Limits({ house, set }: { house: HouseRules; set: (change: Partial<HouseRules>) => boolean }) {
  const money = (label: string, field: MoneyRule) => (
    <NumberField
      label={label}
      value={house[field] / 100}
      onCommit={(value) => set({ [field]: Math.round(value * 100) })}
    />
  )
  return (
    <section className="mt-3 border-t border-rule pt-2">
      <h3 className="mb-1">{H.limits}</h3>
      <div className="grid grid-cols-2 items-end gap-x-3 gap-y-2 sm:grid-cols-4 xl:grid-cols-6">
        <NumberField label={W.site.rest} value={house.restHours} onCommit={(restHours) => set({ restHours })} />
        <NumberField label={H.stayOn} value={house.stayOnMin} onCommit={(stayOnMin) => set({ stayOnMin })} />
        <NumberField label={W.site.bleeds} value={house.maxBleedMm} onCommit={(maxBleedMm) => set({ maxBleedMm })} />
        <NumberField
          label={W.site.lift}
          value={Number((house.maxLift * 100).toFixed(3))}
          onCommit={(percent) => set({ maxLift: percent / 100 })}
        />
        <NumberField label={W.site.waste} value={house.wastePct} onCommit={(wastePct) => set({ wastePct })} />
        {money(W.site.wage, 'wagePerHourMinor')}
        {money(W.site.kind, 'kindMinor')}
        {money(H.tin, 'tinMinor')}
        {money(W.site.mendBleed, 'mendBleedMinor')}
        {money(W.site.mendLift, 'mendLiftMinor')}
        {money(W.site.mendTear, 'mendTearMinor')}
        {money(H.band, 'mendBandMinor')}
      </div>
      <h3 className="mt-3 mb-1">{H.planPrices}</h3>
      <p className="mb-1 text-sm text-soft">{H.planPricesWhy}</p>
      <div className="grid grid-cols-2 items-end gap-x-3 gap-y-2 sm:grid-cols-4 xl:grid-cols-6">
        {PLAN_MONEY.map((field) => (
          <NumberField
            key={field}
            label={H.planRates[field]}
            value={house.planRates[field] / 100}
            onCommit={(value) => set({ planRates: { ...house.planRates, [field]: Math.round(value * 100) } })}
          />
        ))}
        <NumberField
          label={H.planRates.moveMin}
          value={house.planRates.moveMin}
          onCommit={(moveMin) => set({ planRates: { ...house.planRates, moveMin } })}
        />
      </div>
    </section>
  )
}
