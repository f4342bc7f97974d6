import type { GunRun } from './activity'
import { areKept, gunTurns, type GunTurn } from './gunTurns'

/** Small plans of coats, by hand: what a gun is filled with, and when it is cleaned. Common practice, no published source. */
const run = (room: string, paint: string, coats: readonly string[]): GunRun => ({
  first: { roomId: room, stepId: 's' },
  last: { roomId: room, stepId: 's' },
  coatIds: coats.map((coat) => `${room}/s/w/${coat}`),
  paint,
})
const at = (taskId: string, hour: number, more: { done?: boolean; crewId?: string; min?: number } = {}) => ({
  taskId,
  crewId: more.crewId ?? 'c',
  from: hour * 60,
  to: hour * 60 + (more.min ?? 10),
  done: more.done ?? false,
})
const told = ({ up, down, coatIds, before }: GunTurn): string => {
  const name = (ref: GunTurn['up']) => (ref.of === 'step' ? `${ref.roomId}:${ref.act}${ref.turn ?? ''}` : '')
  return `${name(up)} ${coatIds.map((id) => id.replace('/s/w/', ':')).join(' ')} ${name(down)} after ${before ?? '-'}`
}
const hall = run('hall', 'white', ['coat1', 'coat2'])
const den = run('den', 'white', ['coat1'])
const loft = run('loft', 'green', ['coat1'])

test('two coats of one day go through as they are; with a night between it is cleaned and filled again', () => {
  const day = gunTurns([hall], [at('hall/s/w/coat1', 8), at('hall/s/w/coat2', 13)], 1)
  expect(day.turns.map(told)).toEqual(['hall:gun-up hall:coat1 hall:coat2 hall:gun-down after -'])
  const night = gunTurns([hall], [at('hall/s/w/coat1', 8), at('hall/s/w/coat2', 31)], 1)
  expect(night.turns.map(told)).toEqual([
    'hall:gun-up hall:coat1 hall:gun-down1 after -',
    'hall:gun-up1 hall:coat2 hall:gun-down after 0',
  ])
  expect(night.turns.map((turn) => turn.restMin)).toEqual([0, 720])
})

test('another colour between takes it through twice; a second gun spares that', () => {
  const plan = [at('hall/s/w/coat1', 8), at('loft/s/w/coat1', 9), at('hall/s/w/coat2', 12)]
  expect(gunTurns([hall, loft], plan, 1).turns.map(told)).toEqual([
    'hall:gun-up hall:coat1 hall:gun-down1 after -',
    'loft:gun-up loft:coat1 loft:gun-down after 0',
    'hall:gun-up1 hall:coat2 hall:gun-down after 1',
  ])
  expect(gunTurns([hall, loft], plan, 2).turns.map(told)).toEqual([
    'hall:gun-up hall:coat1 hall:coat2 hall:gun-down after -',
    'loft:gun-up loft:coat1 loft:gun-down after -',
  ])
})

test('the same paint in the next room: filled in one, cleaned in the other, and nothing between', () => {
  const plan = [at('hall/s/w/coat1', 8), at('den/s/w/coat1', 9), at('hall/s/w/coat2', 12)]
  const { turns, idle } = gunTurns([hall, den], plan, 1)
  expect(turns.map(told)).toEqual(['hall:gun-up hall:coat1 den:coat1 hall:coat2 hall:gun-down after -'])
  expect([...idle].sort()).toEqual(['den/s/gun-down', 'den/s/gun-up'])
})

test('the same paint in other hands within its hours: the gun is handed on filled', () => {
  const plan = [at('hall/s/w/coat1', 8), at('den/s/w/coat1', 10, { crewId: 'd' })]
  const { turns } = gunTurns([run('hall', 'white', ['coat1']), den], plan, 1)
  expect(turns.map(told)).toEqual(['hall:gun-up hall:coat1 den:coat1 den:gun-down after -'])
})

test.each([
  ['two spray at once', [at('hall/s/w/coat1', 8), at('den/s/w/coat1', 8, { crewId: 'd' })]],
  [
    'somebody cleaned it',
    [at('hall/s/w/coat1', 8, { done: true }), at('hall/s/gun-down', 9, { done: true }), at('den/s/w/coat1', 10)],
  ],
])('the same paint is filled anew where %s', (_, plan) => {
  const { turns, idle } = gunTurns([run('hall', 'white', ['coat1']), den], plan, 1)
  expect(turns).toHaveLength(2)
  expect(idle).toEqual([])
})

test('what was sprayed again already was cleaned before: nobody is sent to do it for yesterday', () => {
  const plan = [at('hall/s/w/coat1', 8, { done: true }), at('hall/s/w/coat2', 31, { done: true })]
  expect([...gunTurns([hall], plan, 1).idle].sort()).toEqual(['hall/s/gun-down1', 'hall/s/gun-up1'])
})

test('a plan keeps its turns unless a gun is filled before it is clean', () => {
  const coats = [at('hall/s/w/coat1', 8), at('hall/s/w/coat2', 9), at('loft/s/w/coat1', 12)]
  const turns = gunTurns([hall, loft], coats, 1)
  expect(areKept(turns, [...coats, at('hall/s/gun-down', 10), at('loft/s/gun-up', 11)])).toBe(true)
  expect(areKept(turns, [...coats, at('hall/s/gun-down', 11), at('loft/s/gun-up', 10)])).toBe(false)
})
