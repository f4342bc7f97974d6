import { checkZone, formatInstant, parseInstant, SCHOOLS, type HouseRules, type Rates } from '@crisp-hem/core'
import { instantOfInput, localInput } from '../frame/ClockDialog'
import { PageHead } from '../frame/PageHead'
import { useEdit, useFacts } from '../state/useJob'
import { ChoiceField, NumberField, TextField } from '../ui/fields'
import { Panel } from '../ui/Panel'
import { W } from '../words'
import { AirPanel } from './AirPanel'
import { CrewsPanel } from './CrewsPanel'

/** Where the job is, what the air is like, how this house works, and who is on the crews. */
export function SitePage() {
  return (
    <>
      <PageHead title={W.site.title} />
      <div className="grid grid-cols-1 gap-4 px-4 pb-6 lg:grid-cols-2 lg:px-6">
        <SitePanel />
        <AirPanel />
        <HousePanel />
        <CrewsPanel />
        <RatesPanel />
      </div>
    </>
  )
}

/** Degrees as typed; nothing typed is null, and what is no number is refused by the schema. */
const degrees = (text: string) => (text.trim() === '' ? null : Number(text.replace(',', '.')))

const GRID = 'grid grid-cols-2 gap-x-3 gap-y-2'

function SitePanel() {
  const { name, site, start } = useFacts()
  const edit = useEdit()
  const set = (change: Partial<typeof site>) => edit((facts) => ({ ...facts, site: { ...facts.site, ...change } }))
  const setZone = (zone: string) => {
    try {
      return set({ zone: checkZone(zone.trim()) })
    } catch (error) {
      return (error as Error).message
    }
  }
  return (
    <Panel title={W.site.siteTitle}>
      <div className={GRID}>
        <TextField label={W.jobs.name} value={name} onCommit={(next) => edit((facts) => ({ ...facts, name: next }))} />
        <TextField label={W.jobs.place} value={site.place} onCommit={(place) => set({ place })} />
        <TextField label={W.jobs.zone} value={site.zone} onCommit={setZone} />
        <ChoiceField
          label={W.jobs.units}
          value={site.units}
          options={[
            { value: 'metric', text: W.jobs.metric },
            { value: 'imperial', text: W.jobs.imperial },
          ]}
          onCommit={(units) => set({ units })}
        />
        <TextField
          label={W.jobs.currency}
          value={site.currency}
          onCommit={(currency) => set({ currency: currency.toUpperCase() })}
        />
        <TextField
          label={W.site.year}
          value={site.yearBuilt === null ? '' : String(site.yearBuilt)}
          onCommit={(text) => set({ yearBuilt: text.trim() === '' ? null : Number(text) })}
        />
        <TextField
          label={W.site.country}
          value={site.country}
          onCommit={(country) => set({ country: country.trim().toUpperCase() })}
        />
        <TextField
          label={W.site.lat}
          value={site.latDeg === null ? '' : String(site.latDeg)}
          onCommit={(text) => set({ latDeg: degrees(text) })}
        />
        <TextField
          label={W.site.lon}
          value={site.lonDeg === null ? '' : String(site.lonDeg)}
          onCommit={(text) => set({ lonDeg: degrees(text) })}
        />
        <TextField
          label={W.jobs.begin}
          type="datetime-local"
          value={localInput(parseInstant(start), site.zone)}
          onCommit={(text) => {
            const at = instantOfInput(text, site.zone)
            return at === null ? false : edit((facts) => ({ ...facts, start: formatInstant(at) }))
          }}
        />
      </div>
    </Panel>
  )
}

function useHouse(): [HouseRules, (change: Partial<HouseRules>) => boolean] {
  const { house } = useFacts()
  const edit = useEdit()
  return [house, (change) => edit((facts) => ({ ...facts, house: { ...facts.house, ...change } }))]
}

function HousePanel() {
  const [house, set] = useHouse()
  const yesNo = (yes: string, no: string) => [
    { value: 'yes' as const, text: yes },
    { value: 'no' as const, text: no },
  ]
  const money = (
    label: string,
    field: 'wagePerHourMinor' | 'kindMinor' | 'mendBleedMinor' | 'mendLiftMinor' | 'mendTearMinor',
  ) => (
    <NumberField
      label={label}
      value={house[field] / 100}
      onCommit={(value) => set({ [field]: Math.round(value * 100) })}
    />
  )
  return (
    <Panel title={W.site.houseTitle}>
      <div className={GRID}>
        <ChoiceField
          label={W.site.school}
          value={house.school}
          options={SCHOOLS}
          onCommit={(school) => set({ school })}
        />
        <ChoiceField
          label={W.site.pull}
          value={house.pull}
          options={[
            { value: 'wet', text: W.site.wet },
            { value: 'dry', text: W.site.dry },
          ]}
          onCommit={(pull) => set({ pull })}
        />
        <p className="col-span-2 -mt-1 text-sm text-soft">{W.site.schools[house.school]}</p>
        <ChoiceField
          label={W.site.seal}
          value={house.sealAlways ? 'yes' : 'no'}
          options={yesNo(W.site.always, W.site.needed)}
          onCommit={(value) => set({ sealAlways: value === 'yes' })}
        />
        <ChoiceField
          label={W.site.press}
          value={house.press}
          options={['thumb', 'tool'] as const}
          onCommit={(press) => set({ press })}
        />
        <ChoiceField
          label={W.site.hold}
          value={house.holdFirstCoat ? 'yes' : 'no'}
          options={yesNo(W.site.held, W.site.both)}
          onCommit={(value) => set({ holdFirstCoat: value === 'yes' })}
        />
        <NumberField label={W.site.rest} value={house.restHours} onCommit={(restHours) => set({ restHours })} />
        <NumberField
          label={W.site.bleeds}
          value={house.maxBleedsPerM}
          onCommit={(maxBleedsPerM) => set({ maxBleedsPerM })}
        />
        <NumberField
          label={W.site.lift}
          value={Number((house.maxLift * 100).toFixed(3))}
          onCommit={(percent) => set({ maxLift: percent / 100 })}
        />
        {money(W.site.wage, 'wagePerHourMinor')}
        <NumberField label={W.site.waste} value={house.wastePct} onCommit={(wastePct) => set({ wastePct })} />
        {money(W.site.kind, 'kindMinor')}
        {money(W.site.mendBleed, 'mendBleedMinor')}
        {money(W.site.mendLift, 'mendLiftMinor')}
        {money(W.site.mendTear, 'mendTearMinor')}
      </div>
    </Panel>
  )
}

function RatesPanel() {
  const [house, set] = useHouse()
  const names = Object.keys(W.site.rates) as (keyof Rates)[]
  return (
    <Panel title={W.site.ratesTitle}>
      <div className="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-3">
        {names.map((name) => (
          <NumberField
            key={name}
            label={`${W.site.rates[name]}, ${name.endsWith('M2') ? W.site.perM2 : W.site.perM}`}
            value={house.rates[name]}
            onCommit={(value) => set({ rates: { ...house.rates, [name]: value } })}
          />
        ))}
      </div>
    </Panel>
  )
}
