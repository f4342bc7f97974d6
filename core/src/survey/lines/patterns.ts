import { nth } from '../../base/units/sure'
import type { ShapePoint } from '../../base/nouns'
import { cutRing, type OnWall } from '../rooms/cutRing'

/** Walls a pattern runs over, in order from left to right, as one run of so much each; heights above the floor. mm. */
export interface PatternRun {
  readonly walls: readonly { readonly id: string; readonly lengthMm: number }[]
  readonly lowMm: number
  readonly highMm: number
}

/** A shape of a pattern in one of its colours: 0 is the ground and never given. */
export interface PatternShape {
  readonly wallId: string
  readonly colour: number
  readonly points: readonly ShapePoint[]
}

const point = ({ x, y }: OnWall, bendMm = 0): ShapePoint => ({ atMm: Math.round(x), heightMm: Math.round(y), bendMm })

/**
 * Stripes along a run, upright or slanting: each as broad as the next to a millimetre, measured along the wall.
 *
 * @param slantDeg  out of upright, to the right going up
 */
export function stripeShapes(
  run: PatternRun,
  edges: readonly { readonly fromMm: number; readonly toMm: number; readonly colour: number }[],
  slantDeg: number,
): PatternShape[] {
  const tall = run.highMm - run.lowMm
  const lean = tall * Math.tan((slantDeg * Math.PI) / 180)
  return edges.flatMap(({ fromMm, toMm, colour }) =>
    colour === 0
      ? []
      : onWalls(run, colour, [
          { x: fromMm, y: run.lowMm },
          { x: toMm, y: run.lowMm },
          { x: toMm + lean, y: run.highMm },
          { x: fromMm + lean, y: run.highMm },
        ]),
  )
}

/** Squares by so many across the run and so many up, colours turn about; a corner of the room cuts those it passes. */
export function checkShapes(run: PatternRun, across: number, up: number, colours: number): PatternShape[] {
  const { long, at, heightAt } = gridOf(run, across, up)
  return cells(across, up).flatMap(([i, k]) => {
    const colour = (i + k) % colours
    if (colour === 0 || long === 0) return []
    return onWalls(run, colour, [
      { x: at(i), y: heightAt(k) },
      { x: at(i + 1), y: heightAt(k) },
      { x: at(i + 1), y: heightAt(k + 1) },
      { x: at(i), y: heightAt(k + 1) },
    ])
  })
}

/** Diamonds standing point to point, so many across the run and so many up; what lies between them is ground. */
export function diamondShapes(run: PatternRun, across: number, up: number, colours: number): PatternShape[] {
  const { at, heightAt } = gridOf(run, across, up)
  return cells(across, up).flatMap(([i, k]) =>
    onWalls(run, 1 + ((i + k) % Math.max(1, colours - 1)), [
      { x: (at(i) + at(i + 1)) / 2, y: heightAt(k) },
      { x: at(i + 1), y: (heightAt(k) + heightAt(k + 1)) / 2 },
      { x: (at(i) + at(i + 1)) / 2, y: heightAt(k + 1) },
      { x: at(i), y: (heightAt(k) + heightAt(k + 1)) / 2 },
    ]),
  )
}

/**
 * All below a line that waves: arcs turn about up and down, so many whole waves over the run, so far above and below its middle.
 *
 * @param midMm   height of the line's middle
 * @param swingMm how far it stands above and below that; not more than a quarter of a wave
 */
export function waveShapes(run: PatternRun, waves: number, midMm: number, swingMm: number): PatternShape[] {
  const long = run.walls.reduce((sum, wall) => sum + wall.lengthMm, 0)
  let left = 0
  return run.walls.map((wall) => {
    const begin = left
    left += wall.lengthMm
    // Whole half waves on each wall: a line that turns up at a corner would show.
    const halves = Math.max(1, Math.round((2 * waves * wall.lengthMm) / long))
    const isUp = Math.round((2 * waves * begin) / long) % 2 === 0
    const x = (i: number) => (wall.lengthMm * i) / halves
    // From right to left along its top, the shape to the left; arcs that bulge out of it lie to the right.
    const top = Array.from({ length: halves }, (_, k) => {
      const i = halves - 1 - k
      const rises = (i % 2 === 0) === isUp
      return point({ x: x(i + 1), y: midMm }, rises ? -swingMm : swingMm)
    })
    return {
      wallId: wall.id,
      colour: 1,
      points: [
        point({ x: 0, y: run.lowMm }),
        point({ x: wall.lengthMm, y: run.lowMm }),
        ...top,
        point({ x: 0, y: midMm }),
      ],
    }
  })
}

/** A border of so broad a stripe on each wall, so far in from its ends, foot and top: four sides that meet in mitres. */
export function borderShapes(run: PatternRun, inMm: number, broadMm: number): PatternShape[] {
  return run.walls.flatMap(({ id, lengthMm }) => {
    const box = (off: number): OnWall[] => [
      { x: off, y: run.lowMm + off },
      { x: lengthMm - off, y: run.lowMm + off },
      { x: lengthMm - off, y: run.highMm - off },
      { x: off, y: run.highMm - off },
    ]
    const [outer, inner] = [box(inMm), box(inMm + broadMm)]
    if (nth(inner, 0).x >= nth(inner, 1).x || nth(inner, 0).y >= nth(inner, 2).y) return []
    return [0, 1, 2, 3].map((i) => ({
      wallId: id,
      colour: 1,
      points: [nth(outer, i), nth(outer, (i + 1) % 4), nth(inner, (i + 1) % 4), nth(inner, i)].map((p) => point(p)),
    }))
  })
}

/** A disc by its centre on the first wall, and its radius. */
export function discShapes(run: PatternRun, centre: OnWall, radiusMm: number): PatternShape[] {
  const [wall] = run.walls
  if (!wall) return []
  const { x, y } = centre
  // Two half circles: the middle of each stands a radius off the line between its ends, outside of the shape.
  return [
    {
      wallId: wall.id,
      colour: 1,
      points: [point({ x: x + radiusMm, y }, -radiusMm), point({ x: x - radiusMm, y }, -radiusMm)],
    },
  ]
}

function gridOf(run: PatternRun, across: number, up: number) {
  const long = run.walls.reduce((sum, wall) => sum + wall.lengthMm, 0)
  return {
    long,
    at: (i: number) => Math.round((long * i) / across),
    heightAt: (k: number) => run.lowMm + Math.round(((run.highMm - run.lowMm) * k) / up),
  }
}

const cells = (across: number, up: number): [number, number][] =>
  Array.from({ length: across * up }, (_, n) => [n % across, Math.floor(n / across)])

/** A straight-sided shape of the run as shapes of the walls it lies on, cut at their corners. */
function onWalls(run: PatternRun, colour: number, ring: readonly OnWall[]): PatternShape[] {
  let left = 0
  return run.walls.flatMap(({ id, lengthMm }) => {
    const begin = left
    left += lengthMm
    const within = cutRing(
      cutRing(ring, ({ x }) => x - begin),
      ({ x }) => begin + lengthMm - x,
    )
    const points = within.map(({ x, y }) => point({ x: x - begin, y }))
    const some = points.filter((p, i) => {
      const before = nth(points, (i + points.length - 1) % points.length)
      return p.atMm !== before.atMm || p.heightMm !== before.heightMm
    })
    return some.length < 3 ? [] : [{ wallId: id, colour, points: some }]
  })
}
