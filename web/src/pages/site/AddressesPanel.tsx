import { Plus } from 'lucide-react'
import type { Drive, Site } from '@crisp-hem/core'
import { useEdit, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { TextField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { W } from '../../app/words'

/** Minutes a way takes until somebody says better. */
const USUAL_WAY_MIN = 15

/** Other addresses of the same job, and how long people are on the way between them. */
export function AddressesPanel() {
  const { site } = useFacts()
  const edit = useEdit()
  const set = (change: Partial<Site>) => edit((facts) => ({ ...facts, site: { ...facts.site, ...change } }))
  const add = () => {
    let n = site.places.length + 1
    while (site.places.some((place) => place.id === `p${n}`)) n += 1
    set({
      places: [...site.places, { id: `p${n}`, name: W.site.addressName({ n: n + 1 }) }],
      drives: [...site.drives, { from: null, to: `p${n}`, minutes: USUAL_WAY_MIN }],
    })
  }
  const drop = (id: string) =>
    edit((facts) => ({
      ...facts,
      site: {
        ...facts.site,
        places: facts.site.places.filter((place) => place.id !== id),
        drives: facts.site.drives.filter((drive) => drive.from !== id && drive.to !== id),
      },
      rooms: facts.rooms.map((room) => (room.placeId === id ? { ...room, placeId: null } : room)),
    }))
  return (
    <Panel
      title={W.site.addresses}
      aside={
        <Button icon={<Plus size={15} aria-hidden />} onClick={add}>
          {W.site.addAddress}
        </Button>
      }
    >
      {site.places.length === 0 && <p className="text-soft">{W.site.oneAddress}</p>}
      {site.places.map(({ id, name }, i) => (
        <section key={id} aria-label={name} className="mb-3 grid grid-cols-2 items-end gap-2 border-b border-rule pb-3">
          <TextField
            label={W.walk.address}
            value={name}
            onCommit={(next) =>
              set({ places: site.places.map((place) => (place.id === id ? { ...place, name: next } : place)) })
            }
          />
          <Button
            className="justify-self-start"
            tone="quiet"
            onClick={() => drop(id)}
            aria-label={`${W.site.remove} ${name}`}
          >
            {W.site.remove}
          </Button>
          {[null, ...site.places.slice(0, i).map((place) => place.id)].map((from) => (
            <TextField
              key={from ?? ''}
              label={W.site.wayFrom({ place: site.places.find((place) => place.id === from)?.name ?? site.place })}
              value={wayText(site.drives, from, id)}
              onCommit={(text) => set({ drives: withWay(site.drives, from, id, text) })}
            />
          ))}
        </section>
      ))}
    </Panel>
  )
}

const isWay = (drive: Drive, from: string | null, to: string): boolean =>
  (drive.from === from && drive.to === to) || (drive.from === to && drive.to === from)

const wayText = (drives: readonly Drive[], from: string | null, to: string): string => {
  const minutes = drives.find((drive) => isWay(drive, from, to))?.minutes
  return minutes === undefined ? '' : String(minutes)
}

/** A way as typed; nothing typed goes by way of others, and what is no number is refused by the schema. */
function withWay(drives: readonly Drive[], from: string | null, to: string, text: string): Drive[] {
  const rest = drives.filter((drive) => !isWay(drive, from, to))
  return text.trim() === '' ? rest : [...rest, { from, to, minutes: Number(text.replace(',', '.')) }]
}
