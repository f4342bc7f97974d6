import { trialOrder, UNSAID, writeSubject, type Job, type LogEvent, type OwnCount, type Trial } from '@crisp-hem/core'

/** Made-up jobs of a year before: what was found, what was expected, and when. The fifth had a bad roll of day tape. */
const PAST = [
  ['Heron Court', '2026-06-12', 5, 3.9, 4, 4.4],
  ['9 Lime Walk', '2026-07-03', 3, 4.2, 5, 5.1],
  ['Chapel Annex', '2026-08-21', 5, 5.6, 4, 3.2],
  ['Fen Cottage', '2026-09-18', 4, 3.1, 2, 3.6],
  ['Mill Street 4', '2026-10-30', 4, 4.8, 15, 3.9],
  ['Orchard House', '2026-12-11', 2, 3.3, 5, 4.2],
  ['Weir Lodge', '2027-02-05', 6, 5.2, 3, 3.7],
  ['South Terrace', '2027-03-19', 3, 4, 5, 4.6],
] as const
/** Bleeds that the models expect on a metre of either tape there, near enough. */
const PER_M = { 'marram-general': 0.04, 'teasel-day': 0.04 } as const

const counts: readonly OwnCount[] = PAST.flatMap(([job, day, found, expected, foundDay, expectedDay], i) => {
  const of = (tapeId: keyof typeof PER_M, counted: number, due: number): OwnCount => ({
    jobId: `past-${i + 1}`,
    job,
    at: `${day}T15:00:00Z`,
    fault: 'bleeds',
    tapeId,
    texture: 'smooth',
    laidBy: 'practised',
    metres: due / PER_M[tapeId],
    counted,
    expected: due,
  })
  return [of('marram-general', found, expected), of('teasel-day', foundDay, expectedDay)]
})

const trial: Trial = {
  id: 'door-board',
  name: 'Day tape against general, on the old door',
  texture: 'smooth',
  coatingId: '',
  ways: [
    { tapeId: 'marram-general', seal: 'none', pressing: 'tool', stroke: 'outward', waitH: 48 },
    { tapeId: 'teasel-day', seal: 'none', pressing: 'tool', stroke: 'outward', waitH: 48 },
    { tapeId: 'marram-general', seal: 'own-colour', pressing: 'tool', stroke: 'outward', waitH: 48 },
  ],
  rows: 12,
  pieceMm: 914,
  seed: 8,
}
/** Found at each piece of each way, row by row. */
const FOUND = [
  [1, 0, 2, 1, 0, 1, 1, 0, 1, 2, 0, 1],
  [3, 2, 4, 1, 3, 2, 5, 2, 3, 2, 4, 3],
  [0, 0, 0, 1, 0, 0, 0, 0, 0, 0, 0, 0],
] as const

/** A job of a house that has a record: eight made-up jobs before it, and a trial that was counted. */
export function withPastWork(job: Job): Job {
  const coatingId = job.shelf.coatings.find(({ primer, retired }) => !primer && !retired)?.id ?? ''
  const log = trialOrder(trial.ways.length, trial.rows, trial.seed).flatMap((row, i) =>
    row.map((way, place): LogEvent => {
      const piece = i * trial.ways.length + place
      return {
        ...UNSAID,
        id: `door-board-${piece}`,
        kind: 'tried',
        at: `2027-05-11T${String(12 + Math.floor(piece / 30)).padStart(2, '0')}:${String((2 * piece) % 60).padStart(2, '0')}:00Z`,
        subjects: [writeSubject({ of: 'trial', trialId: trial.id, piece })],
        bleeds: FOUND[way]?.[i] ?? 0,
      }
    }),
  )
  return {
    ...job,
    house: { ...job.house, own: { ...job.house.own, counts } },
    trials: [{ ...trial, coatingId }],
    log: [...job.log, ...log],
  }
}
