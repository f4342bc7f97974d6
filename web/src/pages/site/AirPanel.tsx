import { W, errorText } from '../../app/words'
import {
  aboveDewC,
  airAt,
  dewPointC,
  dryingRate,
  hardeningRate,
  solventRate,
  formatInstant,
  parseInstant,
  roomAir,
  WINDOWS,
  writeAirCsv,
  type OutsideAir,
  type SiteAir,
} from '@crisp-hem/core'
import { api } from '../../app/office/api'
import { readMeter } from '../../app/devices/meter'
import { AirStrip } from '../../app/drawing/AirStrip'
import { noticed } from '../../app/state/noticeSlice'
import { useNow } from '../../app/state/clock'
import { useEdit, useFacts } from '../../app/state/useJob'
import { useAppDispatch } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { ChoiceField, NumberField } from '../../app/ui/fields'
import { FileButton } from '../../app/ui/FileButton'
import { Panel } from '../../app/ui/Panel'
import { saveText } from '../../app/ui/saveText'
import { useReading } from '../../app/ui/useReading'

const ASKED_HOURS = 240

/** The air paint dries in: readings inside, and the hours outside from a service or a file. */
export function AirPanel() {
  const { air, site } = useFacts()
  const edit = useEdit()
  const now = useNow(60_000)
  const set = (change: Partial<SiteAir>) => edit((facts) => ({ ...facts, air: { ...facts.air, ...change } }))
  const series = roomAir(air)
  const point = airAt(series, now)
  const facts = [
    [W.site.temp, `${point.tempC.toFixed(1)} °C`],
    [W.site.rh, `${point.rh.toFixed(0)} %`],
    [W.site.dew, `${dewPointC(point.tempC, point.rh).toFixed(1)} °C`],
    [W.site.above, `${aboveDewC(point.tempC, point.tempC, point.rh).toFixed(1)} °C`],
    [W.site.drying, speedText(dryingRate(point))],
    [W.site.hardening, speedText(hardeningRate(point))],
    [W.site.solvent, speedText(solventRate(point))],
  ]
  return (
    <Panel title={W.site.airTitle}>
      <div className="grid grid-cols-3 gap-x-3 gap-y-2">
        <NumberField label={W.site.temp} value={air.tempC} onCommit={(tempC) => set({ tempC })} />
        <NumberField label={W.site.rh} value={air.rh} onCommit={(rh) => set({ rh })} />
        <ChoiceField
          label={W.air.windows}
          value={air.windows}
          options={WINDOWS.map((value) => ({ value, text: W.air[value] }))}
          onCommit={(windows) => set({ windows })}
        />
      </div>
      <Button className="mt-2" onClick={() => set(readMeter(air, now))}>
        {W.air.meter}
      </Button>
      <Hours outside={air.outside} onTake={(outside) => set({ outside })} />
      {air.outside && (
        <AirStrip
          air={series}
          from={parseInstant(air.outside.from)}
          hours={air.outside.hours.length}
          now={now}
          zone={site.zone}
        />
      )}
      <dl className="mt-2">
        {facts.map(([name, value]) => (
          <div key={name} className="flex border-b border-rule py-0.5">
            <dt className="flex-1 text-soft">{name}</dt>
            <dd className="font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
    </Panel>
  )
}

/** How fast a clock runs; a clock that stands says so. */
const speedText = (rate: number): string => (rate === 0 ? W.site.notInThisAir : W.site.speed({ x: rate.toFixed(2) }))

/** Where the hours come from, and how to change that. */
function Hours({ outside, onTake }: { outside: OutsideAir | null; onTake: (outside: OutsideAir | null) => boolean }) {
  const { site, start, id } = useFacts()
  const dispatch = useAppDispatch()
  const say = (text: string, tone: 'plain' | 'wrong') => dispatch(noticed({ text, tone, undo: null }))
  const take = (next: OutsideAir) => onTake(next) && say(W.air.taken({ hours: next.hours.length }), 'plain')
  const ask = async () => {
    if (site.latDeg === null || site.lonDeg === null) return say(W.air.needsPlace, 'wrong')
    const from = formatInstant(Math.floor(parseInstant(start) / 60) * 60 - 24 * 60)
    const question = { place: site.place, lat: String(site.latDeg), lon: String(site.lonDeg), from, hours: ASKED_HOURS }
    await api.weather(question).then(
      ({ hours }) => take({ source: 'weather-service', from, hours }),
      (error: Error) => say(errorText(error), 'wrong'),
    )
  }
  const { read, line } = useReading()
  const readFile = (text: string, name: string) =>
    read('air', { text, name }, {}, { taken: take, refused: (words) => say(W.air.refused + words, 'wrong') })
  return (
    <>
      <p className="mt-2 text-sm text-soft">{outside ? W.air.from[outside.source] : W.air.none}</p>
      <div className="my-1.5 flex flex-wrap gap-2">
        <Button onClick={() => void ask()}>{W.air.ask}</Button>
        <FileButton label={W.air.file} accept=".csv,text/csv" onText={readFile} />
        {outside && (
          <>
            <Button onClick={() => saveText(`${id}-air.csv`, writeAirCsv(outside), 'text/csv')}>{W.air.save}</Button>
            <Button tone="quiet" onClick={() => onTake(null)}>
              {W.air.steady}
            </Button>
          </>
        )}
      </div>
      {line}
    </>
  )
}
