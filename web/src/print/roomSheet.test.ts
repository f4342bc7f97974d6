import { parseInstant, planJob, tapeOf } from '@crisp-hem/core'
import { ternQuay, TERN_QUAY_NOW } from '../../../demo'
import { recipeGroups, sharedSteps, signOf } from './recipeGroups'
import { roomSheet } from './roomSheet'
import { sheetDrawing } from './sheetDrawing'

const job = ternQuay()
const plan = planJob(job, parseInstant(TERN_QUAY_NOW))
const answers = new Map(plan.recipes.map((answer) => [answer.hemId, answer]))
const hemsOf = (roomId: string) => plan.hems.filter((hem) => hem.roomId === roomId)
const sheetOf = (roomId: string) =>
  JSON.stringify(
    roomSheet(
      job,
      plan,
      job.rooms.find((room) => room.id === roomId)!,
    ).content,
  )

test('recipes have a sign of their own: letters are the walls’', () => {
  expect([0, 8, 26].map(signOf)).toEqual(['R1', 'R9', 'R27'])
  for (const room of job.rooms)
    for (const { letter } of recipeGroups(hemsOf(room.id), answers).groups)
      expect(room.walls.map(({ name }) => name)).not.toContain(letter)
})

test('steps that recipes share stand in the order in which each of them takes them', () => {
  for (const room of job.rooms) {
    const { groups } = recipeGroups(hemsOf(room.id), answers)
    const shared = sharedSteps(groups)
    for (const { steps } of groups) {
      const numbers = steps.flatMap((step) => shared.get(step) ?? [])
      expect([room.id, numbers]).toEqual([room.id, [...numbers].sort((a, b) => a - b)])
    }
  }
})

test('a line over an edge that was read stands on the sheet with its marks', () => {
  const room = job.rooms.find(({ id }) => id === 'practice2')!
  const readings = [
    { atMm: 0, offMm: 2 },
    { atMm: 1200, offMm: 5 },
  ]
  const edge = 'wall:w1|skirting'
  const read = {
    ...room,
    lines: [{ edge, wanderMm: 3, way: 'straighten', readings, fit: 'least-area', lumps: [], through: [] } as const],
  }
  const anew = { ...job, rooms: job.rooms.map((each) => (each === room ? read : each)) }
  const text = JSON.stringify(roomSheet(anew, planJob(anew, parseInstant(TERN_QUAY_NOW)), read).content)
  expect(text).toContain('2 mm at 0 mm; 4 mm at 600 mm; 5 mm at 1.20 m')
  expect(sheetOf('practice2')).not.toContain('Marks to set')
})

test('hems with the same steps share a letter; every hem is in one group or told to be unsafe', () => {
  for (const room of job.rooms) {
    const hems = hemsOf(room.id)
    const { groups, unsafe } = recipeGroups(hems, answers)
    expect([...groups.flatMap((group) => group.hems), ...unsafe].map((hem) => hem.id).sort()).toEqual(
      hems.map((hem) => hem.id).sort(),
    )
    expect(new Set(groups.map((group) => group.steps.join())).size).toBe(groups.length)
    for (const group of groups) expect(group.lengthMm).toBe(group.hems.reduce((sum, hem) => sum + hem.lengthMm, 0))
  }
})

test('the sheet of every room tells drawing, times, steps, amounts and cautions, without gaps', () => {
  for (const room of job.rooms) {
    const text = sheetOf(room.id)
    expect(text).toContain('<svg')
    expect(text).toContain('What this room takes')
    expect(text).toContain('4 : 1')
    expect(text).not.toMatch(/undefined|NaN|\{\w+\}|Infinity/)
  }
})

test('breathers get a box to sign, unsafe hems are named, a liquid mask is cut and peeled', () => {
  expect(sheetOf('practice2')).toContain('smoke alarm   [   ]  uncovered')
  expect(sheetOf('store')).toContain('Nothing safe: ask the office before these')
  expect(sheetOf('corridor')).toContain('cut and peel: ')
})

test('the drawing has a strip for every stretch of hem, its letter, and nothing that is no number', () => {
  for (const room of job.rooms) {
    const hems = hemsOf(room.id)
    const letters = new Map(hems.map((hem) => [hem.id, 'Q']))
    const svg = sheetDrawing({ room, hems, letters, width: 500, units: 'metric' })
    const stretches = hems.reduce((sum, hem) => sum + hem.segments.length, 0)
    expect(svg.match(/stroke="#cbb68f"/g)).toHaveLength(stretches)
    expect(svg.match(/>Q</g)).toHaveLength(hems.length)
    expect(svg).not.toMatch(/NaN|undefined|var\(/)
  }
})

test('a site that measures in inches reads no millimetre on any sheet, in steps, cautions or amounts', () => {
  const inches = { ...job, site: { ...job.site, units: 'imperial' as const } }
  const inInches = planJob(inches, parseInstant(TERN_QUAY_NOW))
  // Products keep the names people gave them: one of the demo's films is sold by its drop in metres.
  const unnamed = (text: string) => job.shelf.covers.reduce((left, { name }) => left.replaceAll(name, ''), text)
  const texts = inches.rooms.map((room) => unnamed(JSON.stringify(roomSheet(inches, inInches, room).content.slice(1))))
  for (const text of texts) expect(text.match(/.{0,40}\d (mm|cm|m)\b.{0,20}/g)).toBeNull()
  expect(texts.join()).toMatch(/setting 6\\" to 8\\" at a time/)
  expect(texts.join()).toMatch(/setting 1' to 2' at a time/)
  expect(texts.join()).toMatch(/stay 1\/16\\" off the tape/)
})

test('names with signs of markup are written out', () => {
  const [room] = job.rooms
  const odd = { ...room!, openings: room!.openings.map((opening) => ({ ...opening, name: '<b>&"door"' })) }
  expect(sheetDrawing({ room: odd, hems: [], letters: new Map(), width: 500, units: 'imperial' })).not.toContain('<b>')
})

test('a room’s sheet takes the tape that holds covers, and the cloths at its doors, as the load of the whole job has them', () => {
  const { holding, covers } = plan.load
  const held = tapeOf(job.shelf, holding!.tapeId).name
  for (const roomId of holding!.roomIds) expect([roomId, sheetOf(roomId).includes(held)]).toEqual([roomId, true])
  // Of rooms that open into one another only some have a way out of the work.
  const ways = covers.flatMap(({ needs }) => needs).filter(({ what }) => JSON.stringify(what).includes('ways_out'))
  const told = job.rooms.filter((room) => /ways? out: doubled/.test(sheetOf(room.id))).map(({ id }) => id)
  expect(told.sort()).toEqual([...new Set(ways.map(({ roomId }) => roomId))].sort())
  expect(told.length).toBeGreaterThan(0)
  expect(told.length).toBeLessThan(job.rooms.filter(({ kind }) => kind === 'room').length)
})
