import { useMemo, useState } from 'react'
import {
  formatLength,
  LIGHTS,
  worthLooking,
  type Find,
  type Hem,
  type HemId,
  type Light,
  type Plan,
} from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts, useHems, useLog, useTick, useWholeJob } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { ChoiceField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { factText, W } from '../../app/words'
import { DefectPictures } from './DefectPictures'
import { FaultPicker } from './FaultPicker'
import { inspectTick } from './ticks'

/** From how far a line is looked at, mm. From memory. */
const AWAYS = { close: 600, step: 1500, door: 3500 } as const
type Away = keyof typeof AWAYS
const FROM = ['close', 'step', 'door'] as const

/** Lines whose tape is off: looked along room by room, clean ones by one tap, faults by what they look like. */
export function InspectList({ hemIds, plan }: { readonly hemIds: readonly HemId[]; readonly plan: Plan }) {
  const hems = useHems()
  const job = useWholeJob()
  const log = useLog()
  const tick = useTick()
  const now = useNow()
  const [light, setLight] = useState<Light>('lamp-along')
  const [away, setAway] = useState<Away>('close')
  const first = useMemo(() => new Map(worthLooking(job, plan, log).map(({ hemId }, i) => [hemId, i])), [job, plan, log])
  if (hemIds.length === 0) return null
  const look = (finds: readonly Find[]) => ({ light, awayMm: AWAYS[away], finds })
  const rooms = job.rooms.flatMap((room) => {
    const own = hemIds.flatMap((id) => {
      const hem = hems.get(id)
      return hem?.roomId === room.id ? [hem] : []
    })
    const ordered = own.sort((a, b) => (first.get(a.id) ?? Infinity) - (first.get(b.id) ?? Infinity))
    return ordered.length > 0 ? [{ room, own: ordered }] : []
  })
  const save = (of: readonly Hem[], finds: readonly Find[], what: string) =>
    tick(
      of.map(({ id }) => inspectTick(id, look(finds), now)),
      W.inspect.seen({ what, n: finds.reduce((sum, { count }) => sum + count, 0) }),
    )
  return (
    <Panel title={`${W.pulls.toInspect} (${hemIds.length})`}>
      <div className="grid grid-cols-2 gap-2">
        <ChoiceField
          label={W.inspect.light}
          value={light}
          options={LIGHTS.map((value) => ({ value, text: W.inspect.lights[value] }))}
          onCommit={setLight}
        />
        <ChoiceField
          label={W.inspect.away}
          value={away}
          options={FROM.map((value) => ({ value, text: W.inspect.aways[value] }))}
          onCommit={setAway}
        />
      </div>
      {rooms.map(({ room, own }) => (
        <section key={room.id} className="mt-3" aria-label={room.name}>
          <div className="flex flex-wrap items-center justify-between gap-2">
            <h3 className="font-semibold">{room.name}</h3>
            <Button
              className="min-h-11"
              aria-label={`${W.inspect.cleanAll({ n: own.length })}: ${room.name}`}
              onClick={() => save(own, [], room.name)}
            >
              {W.inspect.cleanAll({ n: own.length })}
            </Button>
          </div>
          {own.length > 1 && <p className="text-sm text-soft">{W.inspect.first}</p>}
          <ul>
            {own.map((hem) => (
              <InspectLine key={hem.id} hem={hem} onSave={(finds, what) => save([hem], finds, what)} />
            ))}
          </ul>
        </section>
      ))}
    </Panel>
  )
}

interface InspectLineProps {
  readonly hem: Hem
  readonly onSave: (finds: readonly Find[], what: string) => void
}

function InspectLine({ hem, onSave }: InspectLineProps) {
  const { units } = useFacts().site
  const [isOpen, setIsOpen] = useState(false)
  const words = `${factText(hem.place)}, ${formatLength(hem.lengthMm, units)}`
  return (
    <li className="flex flex-wrap items-center gap-2 border-b border-rule py-1.5">
      <span className="min-w-0 flex-1 basis-40">{words}</span>
      <Button className="min-h-11" aria-label={`${W.inspect.clean}: ${words}`} onClick={() => onSave([], words)}>
        {W.inspect.cleanShort}
      </Button>
      <Button
        className="min-h-11"
        aria-expanded={isOpen}
        aria-label={`${W.inspect.found}: ${words}`}
        onClick={() => setIsOpen(!isOpen)}
      >
        {W.inspect.foundShort}
      </Button>
      {isOpen && (
        <>
          <FaultPicker name={words} onSave={(finds) => onSave(finds, words)} />
          <DefectPictures hemIds={[hem.id]} name={words} />
        </>
      )}
    </li>
  )
}
