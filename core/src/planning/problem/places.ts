import type { Job } from '../../base/nouns'
import { nth } from '../../base/units/sure'
import type { ProblemPlace, Resource, ScheduleProblem } from './problem'

/** The site's own address among the others. */
const OWN = 'site'

/** Addresses of a job with the shortest ways between them (Floyd & Warshall); none where all rooms are at one. */
export function problemPlaces({ site, rooms }: Pick<Job, 'site' | 'rooms'>): ProblemPlace[] {
  const ids = [null, ...site.places.map(({ id }) => id)]
  const roomsAt = (id: string | null) =>
    rooms.filter((room) => (ids.includes(room.placeId) ? room.placeId : null) === id).map((room) => room.id)
  if (ids.filter((id) => roomsAt(id).length > 0).length < 2) return []
  const minutes = ids.map((_, i) => ids.map((__, j) => (i === j ? 0 : Number.POSITIVE_INFINITY)))
  for (const drive of site.drives) {
    const [from, to] = [ids.indexOf(drive.from), ids.indexOf(drive.to)]
    const rows = [minutes[from], minutes[to]]
    if (!rows[0] || !rows[1]) continue
    rows[0][to] = rows[1][from] = drive.minutes
  }
  for (const by of ids.keys())
    for (const row of minutes)
      for (const to of ids.keys()) row[to] = Math.min(nth(row, to), nth(row, by) + nth(nth(minutes, by), to))
  // An address to which no way leads is refused when it is entered; until then it is next door.
  return ids.map((id, i) => ({
    id: id ?? OWN,
    roomIds: roomsAt(id),
    minutes: nth(minutes, i).map((each) => (Number.isFinite(each) ? each : 0)),
  }))
}

/** Minutes on the way between rooms. */
export type WayMin = (fromRoom: string, toRoom: string) => number

/** The way of people between two rooms; null where nobody goes any. */
export function crewWays({ places }: Pick<ScheduleProblem, 'places'>): WayMin | null {
  if (places.length === 0) return null
  const at = new Map(places.flatMap(({ roomIds }, i) => roomIds.map((roomId) => [roomId, i] as const)))
  return (from, to) => places[at.get(from) ?? 0]?.minutes[at.get(to) ?? 0] ?? 0
}

/** How long a thing is neither here nor there between two rooms: its way, and taking it down and putting it up; null for no time. */
export function carryWays(problem: Pick<ScheduleProblem, 'places'>, { carryMin }: Resource): WayMin | null {
  const ways = crewWays(problem)
  if (!ways && carryMin === 0) return null
  return (from, to) => (from === to ? 0 : carryMin + (ways?.(from, to) ?? 0))
}
