import { ChoiceField, NumberField, TextField, inWords } from '../../app/ui/fields'
import { formatInstant, parseInstant, TOOLS, type LastCoat } from '@crisp-hem/core'
import { readMeter } from '../../app/devices/meter'
import { instantOfInput, localInput } from '../../app/frame/ClockDialog'
import { useNow } from '../../app/state/clock'
import { useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { W } from '../../app/words'

const KNOWN = ['none', 'unknown', 'known'] as const

/** When the finish that lies there was put on: recently and known, recently but nobody knows when, or long ago. */
export function LastCoatForm({
  last,
  onChange,
}: {
  last: LastCoat | null
  onChange: (last: LastCoat | null) => boolean
}) {
  const { site, shelf, air } = useFacts()
  const now = useNow(60_000)
  const known = last === null ? 'none' : last.at === null ? 'unknown' : 'known'
  const words = { none: W.walk.lastOld, unknown: W.walk.lastUnknown, known: W.walk.lastKnown }
  const pickKnown = (next: (typeof KNOWN)[number]) => {
    if (next === 'none') return onChange(null)
    const at = next === 'known' ? formatInstant(Math.floor(now) - 18 * 60) : null
    const before = last ?? { tool: null, coatingId: null, coats: 1, tempC: null, rh: null }
    return onChange({ ...before, at })
  }
  return (
    <div className="mt-3 grid grid-cols-2 items-end gap-x-3 gap-y-2 border-t border-rule pt-2">
      <ChoiceField
        label={W.walk.lastCoat}
        value={known}
        options={KNOWN.map((value) => ({ value, text: words[value] }))}
        onCommit={pickKnown}
      />
      {last && (
        <>
          <ChoiceField
            label={W.walk.lastTool}
            value={last.tool ?? ''}
            options={[{ value: '' as const, text: '?' }, ...inWords('tool', TOOLS)]}
            onCommit={(tool) => onChange({ ...last, tool: tool === '' ? null : tool })}
          />
          {last.at && (
            <div className="col-span-2">
              <TextField
                label={W.walk.lastWhen}
                type="datetime-local"
                value={localInput(parseInstant(last.at), site.zone)}
                onCommit={(text) => {
                  const at = instantOfInput(text, site.zone)
                  return at === null ? false : onChange({ ...last, at: formatInstant(at) })
                }}
              />
            </div>
          )}
          <ChoiceField
            label={W.walk.coating}
            value={last.coatingId ?? ''}
            options={[{ value: '', text: '?' }, ...shelf.coatings.map(({ id, name }) => ({ value: id, text: name }))]}
            onCommit={(coatingId) => onChange({ ...last, coatingId: coatingId === '' ? null : coatingId })}
          />
          <NumberField label={W.walk.coats} value={last.coats} onCommit={(coats) => onChange({ ...last, coats })} />
          <p className="text-sm text-soft">
            {last.tempC === null ? W.walk.noReading : W.walk.reading({ c: last.tempC, rh: last.rh ?? 0 })}
          </p>
          <Button onClick={() => onChange({ ...last, ...readMeter(air, now) })}>{W.air.meter}</Button>
        </>
      )}
    </div>
  )
}
