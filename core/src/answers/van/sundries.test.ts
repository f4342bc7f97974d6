import { sundriesOf, SUNDRY_RATES, type SundryDay } from './sundries'

/** Amounts from memory, so that only how they follow from the work is checked. */
const DAY: SundryDay = {
  people: 2,
  work: [],
  tapeMm: 0,
  coverM2: 0,
  rounds: 0,
  isRolled: false,
  isSprayed: false,
  hasSolvent: false,
  readied: new Set(),
}
const counts = (day: Partial<SundryDay>): Record<string, number> =>
  Object.fromEntries(sundriesOf({ ...DAY, ...day }).map(({ sundry, count }) => [sundry, count]))
const minutes = (part: SundryDay['work'][number]['part']) => [{ part, minutes: 20 }]

test('a day without work takes nothing', () => {
  expect(counts({ tapeMm: 90_000 })).toEqual({})
  expect(counts({ work: [{ part: 'lay', minutes: 0 }] })).toEqual({})
})

test('painting by brush: a brush, gloves and rags for each person, no masks', () => {
  expect(counts({ work: minutes('cut-in') })).toEqual({
    brushes: 2,
    gloves: 2 * SUNDRY_RATES.glovesPerPersonDay.value,
    rags: 2 * SUNDRY_RATES.ragsPerPersonDay.value,
  })
})

test('sanding and spraying want dust masks, solvents vapour masks, rolling rollers', () => {
  expect(counts({ work: minutes('prep') })['dust-masks']).toBe(2)
  expect(counts({ work: minutes('spray'), isSprayed: true })['dust-masks']).toBe(2)
  expect(counts({ work: minutes('field'), hasSolvent: true })['vapour-masks']).toBe(2)
  expect(counts({ work: minutes('field'), isRolled: true }).rollers).toBe(2)
  expect(counts({ work: minutes('lay') })).toEqual({})
})

test('blades, tags and bags follow tape, rounds and what is thrown away', () => {
  const day = counts({ work: minutes('lay'), tapeMm: 81_000, rounds: 3, coverM2: 30 })
  expect(day.blades).toBe(Math.ceil(81 / SUNDRY_RATES.tapePerBladeM.value))
  expect(day.labels).toBe(3)
  expect(day['waste-bags']).toBe(Math.ceil(81 / SUNDRY_RATES.tapePerBagM.value + 30 / SUNDRY_RATES.coverPerBagM2.value))
})

test('more people, more tape or more film never take less', () => {
  const work = minutes('cut-in')
  for (const more of [{ people: 3 }, { tapeMm: 400_000 }, { coverM2: 200 }] as const) {
    const [less, grown] = [counts({ work }), counts({ work, ...more })]
    for (const [sundry, count] of Object.entries(less)) expect(grown[sundry]).toBeGreaterThanOrEqual(count)
  }
})

test('filler, sealant and sandpaper go along on the day on which they are wanted', () => {
  const work = [{ part: 'prep', minutes: 34 } as const]
  expect(counts({ work, readied: new Set(['fill', 'sand'] as const) })).toMatchObject({ filler: 1, abrasives: 4 })
  expect(counts({ work, readied: new Set(['seal-gaps'] as const) })).toMatchObject({ 'joint-sealant': 1 })
  expect(counts({ work, readied: new Set() })).not.toHaveProperty('filler')
})
