import fc from 'fast-check'
import { nth } from '../../base/units/sure'
import { runsOf } from '../../../tests/runsOf'
import { lumpAnswer } from './lumps'
import { readLumps, writeLumps } from './readings'
import { readAcross, roomNet, sightsMm } from './roomNet'

const WALLS = [4000, 3000, 4000, 3000].map((lengthMm) => ({ lengthMm, turnDeg: 90 }))

describe('readings across a room', () => {
  test('are typed with their corners, and what is none is refused by its line', () => {
    expect(readAcross('1 3 -4\n2 4 1/4 in', 'metric', 4)).toEqual([
      { from: 0, to: 2, riseMm: -4 },
      { from: 1, to: 3, riseMm: 6.35 },
    ])
    for (const wrong of ['1 5 3', '2 2 1', '1 3', '0 1 2', '1 2 x'])
      expect(() => readAcross(`1 2 0\n${wrong}`, 'metric', 4)).toThrow(
        expect.objectContaining({ code: 'lines.across', facts: expect.objectContaining({ line: 2 }) }),
      )
  })

  test('one slip is found among readings that check one another, with what it would have been', () => {
    // True heights 0, 2, 5, 1; the leg to the third corner was read 12 mm too high, so all behind it are.
    const loop = [1400, 1402, 1417, 1413, 1412]
    const across = [
      { from: 0, to: 2, riseMm: 5 },
      { from: 1, to: 3, riseMm: -1 },
      { from: 0, to: 3, riseMm: 1 },
    ]
    const { wrong, heightsMm } = roomNet(WALLS, loop, across)
    expect(wrong).toMatchObject({ from: 1, to: 2, riseMm: 15 })
    expect(wrong!.wouldBeMm).toBeCloseTo(3, 6)
    // Without it the true heights come out.
    heightsMm.forEach((mm, i) => expect(mm).toBeCloseTo(nth([1400, 1402, 1405, 1401], i), 6))
  })

  test('law: without errors heights are the true ones and nothing is wrong; one gross slip in any reading is never laid on another', () => {
    const height = fc.integer({ min: -20, max: 20 })
    let found = 0
    fc.assert(
      fc.property(fc.tuple(height, height, height), fc.nat(6), fc.constantFrom(-60, 60), (rises, at, slip) => {
        const truth = [0, ...rises]
        const loop = [0, 1, 2, 3, 0].map((i) => 1400 + nth(truth, i))
        const pairs = [
          [0, 2],
          [1, 3],
          [0, 1],
        ] as const
        const across = pairs.map(([from, to]) => ({ from, to, riseMm: nth(truth, to) - nth(truth, from) }))
        const exact = roomNet(WALLS, loop, across)
        exact.heightsMm.forEach((mm, i) => expect(mm).toBeCloseTo(1400 + nth(truth, i), 6))
        expect(exact.wrong).toBeNull()
        const off = at < 4 ? loop.map((mm, i) => (i > at ? mm + slip : mm)) : loop
        const offAcross = across.map((each, i) => (at - 4 === i ? { ...each, riseMm: each.riseMm + slip } : each))
        const { wrong } = roomNet(WALLS, off, offAcross)
        if (!wrong) return
        found += 1
        const pair = at < 4 ? [at, (at + 1) % 4] : pairs[at - 4]
        // Two readings of one pair may change places: nothing tells them apart.
        expect([wrong.from, wrong.to].sort()).toEqual([...pair!].sort())
      }),
      { numRuns: runsOf(20_000, 300) },
    )
    expect(found).toBeGreaterThan(50)
  })

  test('a laser in the middle of a square room sees all corners as far', () => {
    for (const mm of sightsMm(WALLS)) expect(mm).toBeCloseTo(2500, 6)
  })
})

describe('a lump or a dip on a line', () => {
  test('by hand: 4 mm over 600 mm is an arc of 11.25 m; pieces of 130 mm stand off by a fifth of a millimetre', () => {
    const dip = lumpAnswer({ atMm: 0, lengthMm: 600, heightMm: -4 })
    expect(dip).toMatchObject({ way: 'short-pieces', everyMm: 130, count: 5 })
    expect(dip.openMm).toBeCloseTo((130 * 130) / 8 / 11_252, 4)
    expect(lumpAnswer({ atMm: 0, lengthMm: 600, heightMm: 4 }).way).toBe('relief-cuts')
    expect(lumpAnswer({ atMm: 0, lengthMm: 600, heightMm: 0.2 }).way).toBe('press')
    expect(lumpAnswer({ atMm: 0, lengthMm: 40, heightMm: -6 }).way).toBe('mend')
  })

  test('law: pieces never stand off by more than what may be open, and a higher lump never takes longer ones', () => {
    const size = fc.record({ lengthMm: fc.integer({ min: 10, max: 3000 }), high: fc.integer({ min: 1, max: 100 }) })
    fc.assert(
      fc.property(size, ({ lengthMm, high }) => {
        const answer = lumpAnswer({ atMm: 0, lengthMm, heightMm: high })
        const higher = lumpAnswer({ atMm: 0, lengthMm, heightMm: high + 1 })
        if (answer.everyMm !== null) expect(answer.openMm).toBeLessThanOrEqual(0.2 + 1e-9)
        if (answer.everyMm !== null && higher.everyMm !== null)
          expect(higher.everyMm).toBeLessThanOrEqual(answer.everyMm)
        if (answer.way === 'mend') expect(higher.way).toBe('mend')
      }),
      { numRuns: runsOf(20_000, 300) },
    )
  })

  test('what is written of them reads back the same, in either unit; what is none is refused by its line', () => {
    const lumps = [
      { atMm: 500, lengthMm: 600, heightMm: -4 },
      { atMm: 2000, lengthMm: 40, heightMm: 6.25 },
    ]
    expect(readLumps(writeLumps(lumps, 'metric'), 'metric', 4000)).toEqual(lumps)
    const again = readLumps(writeLumps(lumps, 'imperial'), 'imperial', 4000)
    again.forEach((lump, i) => {
      for (const key of ['atMm', 'lengthMm', 'heightMm'] as const)
        expect(Math.abs(lump[key] - nth(lumps, i)[key])).toBeLessThanOrEqual(25.4 / 64 + 1e-6)
    })
    const codeOf = (text: string) => {
      try {
        return readLumps(text, 'metric', 4000).length
      } catch (error) {
        return (error as { code: string }).code
      }
    }
    expect([codeOf('10 20'), codeOf('10 20 0'), codeOf('3900 200 3')]).toEqual([
      'lines.lump',
      'lines.lump',
      'lines.beyond',
    ])
  })
})
