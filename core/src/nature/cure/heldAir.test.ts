import { gullRow } from '../../../../demo'
import { planJob, problemOf } from '../../answers/chain/planJob'
import type { HeldAir, Job, Room } from '../../base/nouns'
import { jobClocks } from './areaClocks'
import { instantOfGain } from './rateClock'

const base = gullRow()
const cold: Job = { ...base, air: { ...base.air, tempC: 4, rh: 85, outside: null } }
const held = (air: HeldAir | null, job = cold): Job => ({
  ...job,
  rooms: job.rooms.map((room): Room => (room.kind === 'room' ? { ...room, heldAir: air } : room)),
})
const roomId = base.rooms[0]!.id
const hardIn = (job: Job): number =>
  instantOfGain(jobClocks(job)(roomId).paint('hardening'), 0, 240) ?? Number.POSITIVE_INFINITY

test('a heated, dried room keeps its label times whatever the house is like; a fan helps the skin more than the film', () => {
  expect(hardIn(held({ tempC: 23, rh: 50, fan: 'none' }))).toBeCloseTo(240, 6)
  expect(hardIn(cold)).toBeGreaterThan(900)
  const still = jobClocks(held({ tempC: 23, rh: 50, fan: 'none' }))(roomId)
  const blown = jobClocks(held({ tempC: 23, rh: 50, fan: 'at-face' }))(roomId)
  const gain = (clock: 'drying' | 'hardening') =>
    (instantOfGain(still.paint(clock), 0, 100) ?? 0) / (instantOfGain(blown.paint(clock), 0, 100) ?? 1)
  expect(gain('drying')).toBeGreaterThan(1.5)
  expect(gain('hardening')).toBeLessThan(gain('drying'))
  expect(gain('hardening')).toBeGreaterThan(1)
})

test('a winter job: too cold to coat as it is, planned whole once the room is held warm', () => {
  const frozen = planJob(cold)
  expect(frozen.misses.some((miss) => miss.kind === 'no-air')).toBe(true)
  const warm = planJob(held({ tempC: 20, rh: 50, fan: 'in-room' }))
  expect(warm.misses.filter((miss) => miss.kind === 'no-air' || miss.kind === 'waits-for-unplaced')).toEqual([])
  expect(warm.tasks).toHaveLength(warm.placed.length)
  // The held room's clocks are its own: another room of the house stays cold.
  const clocks = problemOf(held({ tempC: 20, rh: 50, fan: 'none' })).clocks.map((clock) => clock.id)
  expect(clocks.filter((id) => id.endsWith(`@${roomId}`)).length).toBeGreaterThan(0)
})
