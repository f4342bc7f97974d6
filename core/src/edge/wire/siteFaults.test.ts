import { ternQuaySurvey } from '../../../../demo'
import type { Drive, Job, SitePlace } from '../../base/nouns'
import { crewWays, problemPlaces } from '../../planning/problem/places'
import { faultText } from '../words'
import { jobFaults } from './checkJob'

const survey = ternQuaySurvey()
const withSite = (places: readonly SitePlace[], drives: readonly Drive[], more: Partial<Job> = {}): Job => ({
  ...survey,
  site: { ...survey.site, places, drives },
  ...more,
})
const place = (id: string): SitePlace => ({ id, name: `Flat ${id}` })
const way = (from: string | null, to: string, minutes: number): Drive => ({ from, to, minutes })
const told = (job: Job) => jobFaults(job).map(faultText)

test('addresses are refused by their place: twice, unknown, a way told twice, and one to which no way leads', () => {
  expect(told(withSite([place('a')], [way(null, 'a', 20)]))).toEqual([])
  expect(told(withSite([place('a'), place('a')], [way(null, 'a', 20)]))).toEqual([
    'site.places[1].id: expected an id of its own, “a” is taken',
  ])
  expect(told(withSite([place('a')], [way(null, 'a', 20), way(null, 'b', 5)]))).toEqual([
    'site.drives[1].to: expected an address of this job, not “b”',
  ])
  expect(told(withSite([place('a')], [way(null, 'a', 20), way(null, 'a', 5)]))[0]).toMatch(/^site\.drives\[1\]/)
  expect(told(withSite([place('a'), place('b')], [way(null, 'a', 20)]))).toEqual([
    'site.places[1]: expected a way that leads to Flat b',
  ])
  const [room, ...rest] = survey.rooms
  expect(told(withSite([], [], { rooms: [{ ...room!, placeId: 'x' }, ...rest] }))).toEqual([
    'rooms[0].placeId: expected an address of this job, not “x”',
  ])
})

test('how a room is done is told once for each, by a crew of the job', () => {
  const planning = (rooms: Job['planning']['rooms']) => told({ ...survey, planning: { ...survey.planning, rooms } })
  const one = { roomId: 'kitchen', roundShare: 0.7, gunCrewId: null }
  expect(planning([one])).toEqual([])
  expect(planning([one, one])[0]).toMatch(/^planning\.rooms\[1\]\.roomId/)
  expect(planning([{ ...one, gunCrewId: 'nobody' }])[0]).toMatch(/^planning\.rooms\[0\]\.gunCrewId/)
  expect(planning([{ ...one, roundShare: 0.1 }])[0]).toMatch(/^planning\.rooms\[0\]\.roundShare/)
})

test('ways are the shortest there are, by hand: over the site where that is nearer', () => {
  const [one, two, three] = survey.rooms
  const rooms = [one!, { ...two!, placeId: 'a' }, { ...three!, placeId: 'b' }]
  const job = withSite([place('a'), place('b')], [way(null, 'a', 10), way(null, 'b', 15), way('a', 'b', 40)], { rooms })
  const ways = crewWays({ places: problemPlaces(job) })!
  expect([ways(one!.id, two!.id), ways(two!.id, three!.id), ways(three!.id, two!.id)]).toEqual([10, 25, 25])
  // All rooms at one address: nobody goes anywhere.
  expect(problemPlaces(withSite([place('a')], [way(null, 'a', 10)]))).toEqual([])
})
