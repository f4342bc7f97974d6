import fc from 'fast-check'
import polygonClipping from 'polygon-clipping'
import { face, readEdge, writeEdge, edgeOfHem, type Job, type Room } from '../src/base/nouns'
import { deriveHems } from '../src/survey/hems/deriveHems'
import { lineToMake } from '../src/survey/hems/placeMarks'
import { faceAreaMm2 } from '../src/survey/rooms/areas'
import { liesIn, ringOf } from '../src/survey/rooms/bandShape'
import { shapeBands, withPattern } from '../src/survey/rooms/wallPattern'
import {
  borderShapes,
  checkShapes,
  diamondShapes,
  discShapes,
  stripeShapes,
  waveShapes,
  type PatternShape,
} from '../src/survey/lines/patterns'
import { stripesOver } from '../src/survey/lines/stripesOver'
import { readJobFile, writeJobFile } from '../src/edge/wire/jobFile'
import { expectWholePattern } from './wholePattern'
import { doorOf, jobOf, PLAIN_ROOM, WALLS } from './oneHem'

const plain: Room = { ...PLAIN_ROOM, steps: [{ ...WALLS, colour: 'White' }] }
const [first, second] = [plain.walls[0]!, plain.walls[1]!]
const foot = plain.skirting!.heightMm
const runOf = (walls = [first]) => ({ walls, lowMm: 0, highMm: plain.heightMm })
const on = (shapes: readonly PatternShape[], room = plain, colours = ['White', 'Green', 'Grey']) =>
  withPattern(room, { wallIds: room.walls.map(({ id }) => id), bands: shapeBands(shapes, colours) }, () => '#7f9c86')!
const linesOf = (room: Room) => deriveHems(room, jobOf().shelf).hems.filter(({ kind }) => kind === 'two-tone-line')
const tall = plain.heightMm - foot
/** Nine stripes over the first wall: the 2nd, 4th, 6th and 8th are painted. */
const nine = stripesOver({
  wallsMm: [first.lengthMm],
  by: { count: 9 },
  slantDeg: 0,
  heightMm: plain.heightMm,
  colours: ['White', 'Green'],
  openings: [],
}).stripes.map((stripe) => ({ ...stripe, colour: stripe.colour === 'White' ? 0 : 1 }))

describe('a pattern on a wall', () => {
  test('upright stripes: two lines each from skirting to ceiling, marks at both ends, an area of their own', () => {
    const striped = on(stripeShapes(runOf(), nine, 0))
    const lines = linesOf(striped)
    expect(lines).toHaveLength(8)
    for (const { lengthMm, orientation, corners } of lines)
      expect([lengthMm, orientation, corners]).toEqual([tall, 'upright', 0])
    expect(lines.map(({ place }) => place.bandLine).sort()).toEqual([
      ...Array(4).fill('left'),
      ...Array(4).fill('right'),
    ])
    const { marks } = lineToMake(striped, lines[0]!)!
    expect(marks.map(({ heightMm }) => heightMm)).toEqual([foot, plain.heightMm])
    const green = nine.filter(({ colour }) => colour === 1).reduce((sum, { fromMm, toMm }) => sum + toMm - fromMm, 0)
    const area = faceAreaMm2(striped, face('band', striped.bands[0]!.id))
    expect(area).toBeCloseTo(green * tall, 0)
    // The ground is put on all over.
    expect(faceAreaMm2(striped, face('wall', first.id))).toBe(faceAreaMm2(plain, face('wall', first.id)))
  })

  test('the ceiling line above stripes is theirs where they lie, the wall’s between them', () => {
    const striped = on(stripeShapes(runOf(), nine, 0))
    const above = deriveHems(striped, jobOf().shelf).hems.filter(
      ({ kind, segments }) => kind === 'wall-to-ceiling' && segments[0]?.wallId === first.id,
    )
    const byFace = above.map(({ paint, lengthMm, segments }) => [paint.split(':')[0], lengthMm, segments.length])
    const green = nine.filter(({ colour }) => colour === 1).reduce((sum, { fromMm, toMm }) => sum + toMm - fromMm, 0)
    expect(byFace).toEqual(
      expect.arrayContaining([
        ['band', green, 4],
        ['wall', first.lengthMm - green, 5],
      ]),
    )
  })

  test('a line ends at a door and goes on above it', () => {
    const room = { ...plain, openings: [doorOf({ wallId: first.id, atMm: 1500, widthMm: 900 })] }
    const one = on(stripeShapes(runOf(), [{ fromMm: 1200, toMm: 2000, colour: 1 }], 0), room)
    const lengths = linesOf(one).map(({ lengthMm }) => lengthMm)
    expect(lengths).toEqual([plain.heightMm - 2040, tall].sort((a, b) => a - b))
    // By hand: 800 × tall less the half metre of door it covers.
    expect(faceAreaMm2(one, face('band', one.bands[0]!.id))).toBeCloseTo(800 * tall - 500 * (2040 - foot), 0)
  })

  test('a stripe round a corner has no line there; slanting ones are as long as Pythagoras says', () => {
    const run = runOf([first, second])
    const stripe = { fromMm: first.lengthMm - 200, toMm: first.lengthMm + 300, colour: 1 }
    const round = on(stripeShapes(run, [stripe], 0))
    expect(linesOf(round).map(({ segments }) => segments[0]!.wallId)).toEqual([first.id, second.id])
    expect(
      deriveHems(round, jobOf().shelf).hems.filter(
        ({ kind, paint }) => kind === 'wall-to-wall' && paint.startsWith('band'),
      ),
    ).toEqual([])
    const slant = on(stripeShapes({ ...runOf(), lowMm: foot }, [{ fromMm: 500, toMm: 900, colour: 1 }], 30))
    for (const { lengthMm } of linesOf(slant)) expect(lengthMm).toBeCloseTo(tall / Math.cos(Math.PI / 6), -1)
  })

  test('checks are one hem, all round; squares of one colour that touch at corners share none', () => {
    const room = on(checkShapes({ ...runOf(), lowMm: 300, highMm: 2100 }, 4, 3, 2))
    const [line, more] = linesOf(room)
    expect(more).toBeUndefined()
    expect(line!.orientation).toBe('loop')
    // By hand: six squares; four sides each, but none on the two ends of the wall (one square left, one right of them).
    const [w, h] = [first.lengthMm / 4, 600]
    const atEnds = room.bands[0]!.shapes.filter(({ points }) =>
      points.some(({ atMm }) => atMm === 0 || atMm === first.lengthMm),
    ).length
    expect(line!.lengthMm).toBeCloseTo(6 * 2 * (w + h) - atEnds * h, -1)
    expect(line!.corners).toBe(6 * 4 - 2 * atEnds)
    const { grid } = lineToMake(room, line!)!
    expect(grid!.heightMm).toEqual([300, 900, 1500, 2100])
    expect(grid!.atMm).toHaveLength(3)
    // A door cuts them to ends of all lengths: one hem still.
    const door = { ...plain, openings: [doorOf({ wallId: first.id, atMm: 1300, widthMm: 900 })] }
    expect(linesOf(on(checkShapes({ ...runOf(), lowMm: 0, highMm: 2600 }, 8, 5, 2), door))).toHaveLength(1)
  })

  test('three colours of diamonds; a border in mitres; a disc with its pin; a wave of arcs', () => {
    const diamonds = on(diamondShapes(runOf(), 5, 3, 3))
    expect(diamonds.bands.map(({ shapes }) => shapes.length)).toEqual([8, 7])
    expect(diamonds.steps.map(({ name }) => name)).toEqual(
      ['Walls', 'Green', 'Grey'].map((name, i) => (i === 0 ? WALLS.name : name)),
    )
    const border = linesOf(on(borderShapes({ ...runOf(), lowMm: 300, highMm: 2300 }, 200, 60)))
    const total = border.reduce((sum, { lengthMm }) => sum + lengthMm, 0)
    const [w, h] = [first.lengthMm - 400, 1600]
    expect(total).toBeCloseTo(2 * (w + h) + 2 * (w - 120 + h - 120), -1)
    const disc = on(discShapes(runOf(), { x: 1500, y: 1400 }, 400))
    const [round] = linesOf(disc)
    expect(round!.lengthMm).toBeCloseTo(2 * Math.PI * 400, 0)
    expect(round!.curve!.radiusMm).toBe(400)
    expect(round!.curve!.arcDeg).toBeCloseTo(360, 6)
    expect(lineToMake(disc, round!)!.pins).toEqual([{ atMm: 1500, heightMm: 1400, radiusMm: 400 }])
    expect(faceAreaMm2(disc, face('band', disc.bands[0]!.id)) / (Math.PI * 400 ** 2)).toBeCloseTo(1, 2)
    const wave = on(waveShapes(runOf(), 2, 1200, 100))
    const [top] = linesOf(wave)
    // Four arcs of chord c and height 100: r = c²/800 + 50, length 4·r·4·atan(200/c).
    const c = first.lengthMm / 4
    const r = (c * c) / 800 + 50
    expect(top!.lengthMm).toBeCloseTo(4 * r * 4 * Math.atan(200 / c), 0)
    expect(lineToMake(wave, top!)!.marks).toHaveLength(5)
    expect(lineToMake(wave, top!)!.pins).toHaveLength(4)
  })

  test('a whole job of stripes and checks: every line has a recipe, is marked, taped and pulled, and none is missed', () => {
    for (const shapes of [stripeShapes(runOf(), nine, 12), checkShapes(runOf(), 6, 4, 2)]) {
      const room = on(shapes)
      const job: Job = { ...jobOf(), rooms: [room], published: null, log: [] }
      expect(readJobFile(writeJobFile(job)).rooms[0]!.bands).toEqual(room.bands)
      expectWholePattern(room, room.steps[1]!.id)
    }
  })
})

// Reference: polygon-clipping of the registry.
test('areas of random shapes beside openings agree with a polygon library', () => {
  const place = fc.record({ x: fc.integer({ min: 0, max: 4000 }), y: fc.integer({ min: 0, max: 2500 }) })
  fc.assert(
    fc.property(place, place, place, (a, b, c) => {
      const points = [a, b, c].map(({ x, y }) => ({ atMm: x, heightMm: y, bendMm: 0 }))
      const openings = [doorOf({ wallId: first.id, atMm: 1200, widthMm: 900 })]
      const room = on([{ wallId: first.id, colour: 1, points }], { ...plain, openings })
      const [band] = room.bands
      const box = (l: number, low: number, r: number, high: number): [number, number][] => [
        [l, low],
        [r, low],
        [r, high],
        [l, high],
      ]
      const ring = [a, b, c].map(({ x, y }): [number, number] => [x, y])
      const left = polygonClipping.difference(
        polygonClipping.intersection([ring], [box(0, foot, first.lengthMm, plain.heightMm)]),
        [box(1200, 0, 2100, 2040)],
      )
      const area = left
        .flat()
        .reduce((sum, r) => sum + r.slice(1).reduce((own, [x, y], i) => own + (r[i]![0] * y - x * r[i]![1]) / 2, 0), 0)
      expect(Math.abs(faceAreaMm2(room, face('band', band!.id)) - Math.abs(area))).toBeLessThan(
        2 + 1e-6 * Math.abs(area),
      )
      // A place lies in it where the ring says so.
      const shape = band!.shapes[0]!
      const mean = { x: (a.x + b.x + c.x) / 3, y: (a.y + b.y + c.y) / 3 }
      if (Math.abs(area) > 1e5 && ringOf(shape).length === 3) expect(liesIn(band!, first.id, mean)).toBe(true)
    }),
    { numRuns: 200 },
  )
})

test('keys of lines of shapes are read back, and no others taken for them', () => {
  for (const run of [null, { shapeId: 's1', n: 2 }]) {
    const ref = { is: 'shape', bandId: 'b1', wallId: 'w1', run, part: null } as const
    expect(readEdge(writeEdge(ref))).toEqual(ref)
  }
  for (const text of [
    'shape:',
    'shape:b1',
    'shape:b1:w1:s1',
    'shape:b1:w1:s1:x',
    'shape:b1:w1:s1:1:2',
    'shape:b1:w1#w2',
  ])
    expect(readEdge(text)).toBeNull()
  expect(edgeOfHem('r/shape:b1:w1:s1:0')).toBe('shape:b1:w1:s1:0')
})
