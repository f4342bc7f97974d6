import { useState } from 'react'
import { formatLength, MEND_WAYS, type Hem, type HemId, type MendWay } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts, useHems, useLog, useTick } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { ChoiceField, NumberField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { factText, W } from '../../app/words'
import { mendTick } from './ticks'

/** Lines with faults that nobody has put right. */
export function MendList({ hemIds }: { readonly hemIds: readonly HemId[] }) {
  const hems = useHems()
  const list = hemIds.flatMap((id) => hems.get(id) ?? [])
  if (list.length === 0) return null
  return (
    <Panel title={W.inspect.mendTitle({ n: list.length })}>
      <ul>
        {list.map((hem) => (
          <MendLine key={hem.id} hem={hem} />
        ))}
      </ul>
    </Panel>
  )
}

function MendLine({ hem }: { readonly hem: Hem }) {
  const { rooms, site } = useFacts()
  const log = useLog()
  const tick = useTick()
  const now = useNow()
  const [how, setHow] = useState<MendWay>('touched-up')
  const [minutes, setMinutes] = useState(5)
  const room = rooms.find(({ id }) => id === hem.roomId)?.name ?? W.frame.goneRoom
  const words = `${room}: ${factText(hem.place)}, ${formatLength(hem.lengthMm, site.units)}`
  const state = log.hems.get(hem.id)
  const finds = state?.found?.finds ?? []
  const text =
    finds.length > 0
      ? finds
          .map(({ count, fault, size }) =>
            W.inspect.chip({ n: count, fault: W.inspect.faults[fault], size: W.inspect.sizes[size] }),
          )
          .join(', ')
      : W.inspect.chip({
          n: state?.bleeds ?? 0,
          fault: W.inspect.faults['run-under'],
          size: W.inspect.sizes.small,
        })
  const save = () =>
    tick([mendTick(hem.id, { how, minutes }, now)], W.inspect.mendedOf({ what: words, n: Math.round(minutes) }))
  return (
    <li className="border-b border-rule py-1.5">
      <p>{words}</p>
      <p className="text-sm text-soft">{text}</p>
      <div className="mt-1 flex flex-wrap items-end gap-2">
        <ChoiceField
          label={W.inspect.how}
          value={how}
          options={MEND_WAYS.map((value) => ({ value, text: W.inspect.ways[value] }))}
          onCommit={setHow}
        />
        <div className="w-20">
          <NumberField label={W.inspect.minutes} value={minutes} onCommit={(n) => setMinutes(Math.max(0, n))} />
        </div>
        <Button className="min-h-11" aria-label={`${W.inspect.mended}: ${words}`} onClick={save}>
          {W.inspect.mended}
        </Button>
      </div>
    </li>
  )
}
