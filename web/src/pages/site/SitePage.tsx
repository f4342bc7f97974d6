import { W, errorText } from '../../app/words'
import { checkZone, formatInstant, parseInstant } from '@crisp-hem/core'
import { instantOfInput, localInput } from '../../app/frame/ClockDialog'
import { PageHead } from '../../app/frame/PageHead'
import { useEdit, useFacts } from '../../app/state/useJob'
import { ChoiceField, TextField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { AddressesPanel } from './AddressesPanel'
import { AirPanel } from './AirPanel'
import { CrewsPanel } from './CrewsPanel'
import { HousePanel } from './HousePanel'

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
        <AddressesPanel />
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
      return errorText(error)
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
