import fc from 'fast-check'
import type { Stretch } from '../../nature/calendar/calendar'
import { freeTime } from './freeTime'

const DAY: Stretch[] = [
  { from: 450, to: 720 },
  { from: 750, to: 960 },
  { from: 1890, to: 2160 },
]

describe('a crew’s free time, by hand', () => {
  test('a slot begins when it is ready, or at the next stretch that holds it whole', () => {
    const free = freeTime(DAY)
    expect(free.firstSlot(0, 60)).toEqual({ from: 450, to: 510 })
    expect(free.firstSlot(500, 60)).toEqual({ from: 500, to: 560 })
    // 20 minutes are left before the meal; half an hour waits until after it.
    expect(free.firstSlot(700, 30)).toEqual({ from: 750, to: 780 })
    expect(free.firstSlot(0, 271)).toBeNull()
    expect(free.firstSlot(900, 240)).toEqual({ from: 1890, to: 2130 })
  })
  test('what is taken is gone, and a stretch can be taken from its middle', () => {
    const free = freeTime(DAY)
    free.take({ from: 500, to: 600 })
    expect(free.firstSlot(0, 51)).toEqual({ from: 600, to: 651 })
    expect(free.firstSlot(0, 50)).toEqual({ from: 450, to: 500 })
    free.take({ from: 450, to: 500 })
    expect(free.firstSlot(0, 1)).toEqual({ from: 600, to: 601 })
  })
  test('divisible work goes on after the meal and the next day', () => {
    const free = freeTime(DAY)
    expect(free.firstPieces(700, 300)).toEqual([
      { from: 700, to: 720 },
      { from: 750, to: 960 },
      { from: 1890, to: 1960 },
    ])
    expect(free.firstPieces(0, 10_000)).toBeNull()
  })
})

test('however it is taken, no two slots overlap, each lies in one stretch and none could begin sooner', () => {
  const wishes = fc.array(
    fc.record({ ready: fc.integer({ min: 0, max: 2000 }), minutes: fc.integer({ min: 1, max: 120 }) }),
    {
      maxLength: 20,
    },
  )
  fc.assert(
    fc.property(wishes, (list) => {
      const free = freeTime(DAY)
      const taken: Stretch[] = []
      const isFree = (from: number, to: number) =>
        DAY.some((stretch) => from >= stretch.from && to <= stretch.to) &&
        taken.every((stretch) => to <= stretch.from || from >= stretch.to)
      for (const { ready, minutes } of list) {
        const slot = free.firstSlot(ready, minutes)
        const sooner = Array.from({ length: 2160 - ready }, (_, i) => ready + i).find((at) => isFree(at, at + minutes))
        expect(slot?.from).toBe(sooner)
        if (!slot) continue
        free.take(slot)
        taken.push(slot)
      }
    }),
    { numRuns: 60 },
  )
})
