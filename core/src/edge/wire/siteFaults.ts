import type { Site } from '../../base/nouns'
import { expects, type Fault } from '../../base/units/faults'
import { repeats } from './repeats'

/** Addresses that stand twice, ways to none of them, and addresses to which no way leads. */
export function siteFaults({ places, drives }: Site): Fault[] {
  const ids = new Set(places.map(({ id }) => id))
  const known = (id: string | null, place: string): Fault[] =>
    id === null || ids.has(id) ? [] : [{ place, expected: expects('place_called', { name: id }) }]
  const seen = new Set<string>()
  const faults = drives.flatMap(({ from, to }, i): Fault[] => {
    const key = JSON.stringify([from ?? '', to].sort())
    const again = from === to || seen.has(key)
    seen.add(key)
    return [
      ...known(from, `site.drives[${i}].from`),
      ...known(to, `site.drives[${i}].to`),
      ...(again ? [{ place: `site.drives[${i}]`, expected: expects('own_id', { id: `${from ?? ''} – ${to}` }) }] : []),
    ]
  })
  const reached = new Set<string | null>([null])
  for (let grown = true; grown;) {
    const { size } = reached
    for (const { from, to } of drives) if (reached.has(from) || reached.has(to)) reached.add(from).add(to)
    grown = reached.size > size
  }
  const lost = places.flatMap(({ id, name }, i) =>
    reached.has(id) ? [] : [{ place: `site.places[${i}]`, expected: expects('way_to', { name }) }],
  )
  return [...repeats(places, 'site.places'), ...faults, ...lost]
}
