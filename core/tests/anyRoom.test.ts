import fc from 'fast-check'
import { ternQuaySurvey } from '../../demo'
import { STARTER_SHELF } from '../src/survey/shelf/starterShelf'
import { planJob } from '../src/answers/chain/planJob'
import type { Job, Room } from '../src/base/nouns'
import { deriveHems } from '../src/survey/hems/deriveHems'
import { chooseKit } from '../src/masking/kit/chooseKit'
import { jobKit } from '../src/masking/kit/jobKit'
import { faceAreaMm2, skirtingMm } from '../src/survey/rooms/areas'
import { faceKeys, faceOf, facesOfStep, stepOf } from '../src/survey/rooms/faces'
import { orderFaults } from '../src/survey/rooms/orders'
import { mirrorRoom } from '../src/survey/rooms/roomOps'
import { wallAreaMm2 } from '../src/survey/rooms/wallTop'
import { sayText } from '../src/edge/words'
import { roomEdges } from '../src/survey/hems/edges'
import { factsFaults, planOutput, readJobFile, writeJobFile } from '../src/edge/wire'
import { anyRoom } from './anyRoom'
import { early } from './early'

const base = early(ternQuaySurvey())
const jobOf = (room: Room): Job => ({ ...base, rooms: [room] })
const RUNS = { numRuns: 50 }

test('what the generator makes is right by the schema, and survives a file', () => {
  fc.assert(
    fc.property(anyRoom, (room) => {
      const job = jobOf(room)
      const { log: _log, published: _published, ...facts } = job
      expect(factsFaults(facts)).toEqual([])
      const text = writeJobFile(job)
      expect(writeJobFile(readJobFile(text))).toBe(text)
    }),
    { numRuns: 20 },
  )
})

describe('edges and hems of any room', () => {
  test('every edge has a key of its own, a length, and segments on walls that exist', () => {
    fc.assert(
      fc.property(anyRoom, (room) => {
        const edges = roomEdges(room)
        expect(new Set(edges.map((edge) => edge.key)).size).toBe(edges.length)
        const walls = new Set(room.walls.map((wall) => wall.id))
        for (const edge of edges) {
          expect(edge.lengthMm).toBeGreaterThan(0)
          expect(edge.segments.every((segment) => walls.has(segment.wallId))).toBe(true)
        }
      }),
      RUNS,
    )
  })
  test('every edge is either a hem or bare with a reason, never both', () => {
    fc.assert(
      fc.property(anyRoom, (room) => {
        const { hems, bare } = deriveHems(room, STARTER_SHELF)
        const keys = [...hems.map((hem) => hem.id), ...bare.map((edge) => `r/${edge.edge}`)]
        expect(keys.sort()).toEqual(
          roomEdges(room)
            .map((edge) => `r/${edge.key}`)
            .sort(),
        )
      }),
      RUNS,
    )
  })
  test('the paint side is coated by the hem’s step, and the keep side earlier or not at all', () => {
    fc.assert(
      fc.property(anyRoom, (room) => {
        for (const hem of deriveHems(room, STARTER_SHELF).hems) {
          const [paint, keep] = [stepOf(room, hem.paint)!, stepOf(room, hem.keep)]
          expect(paint.step.id).toBe(hem.stepId)
          expect(keep?.index ?? -1).toBeLessThan(paint.index)
          expect(hem.keepStepId).toBe(keep?.step.id ?? null)
        }
      }),
      RUNS,
    )
  })
  test('turning the coating plan round turns every hem with two painted sides round, and makes or takes none', () => {
    fc.assert(
      fc.property(anyRoom, (room) => {
        const before = new Map(deriveHems(room, STARTER_SHELF).hems.map((hem) => [hem.id, hem]))
        const turned = deriveHems({ ...room, steps: [...room.steps].reverse() }, STARTER_SHELF).hems
        expect(turned.map((hem) => hem.id).sort()).toEqual([...before.keys()].sort())
        for (const hem of turned) {
          const old = before.get(hem.id)!
          if (old.keepStepId === null) expect([hem.keep, hem.paint]).toEqual([old.keep, old.paint])
          else expect([hem.keep, hem.paint]).toEqual([old.paint, old.keep])
        }
      }),
      RUNS,
    )
  })
  test('bands part edges without making any longer or shorter', () => {
    fc.assert(
      fc.property(anyRoom, (room) => {
        const total = (of: Room, kind: string) =>
          roomEdges(of)
            .filter((edge) => edge.kind === kind)
            .reduce((sum, edge) => sum + edge.lengthMm, 0)
        const plain = { ...room, bands: [] }
        for (const kind of [
          'wall-to-casing',
          'wall-to-ceiling',
          'wall-to-skirting',
          'skirting-to-floor',
          'casing-to-glass',
        ])
          // A part's length is rounded to the mm on its own.
          expect(Math.abs(total(room, kind) - total(plain, kind))).toBeLessThanOrEqual(roomEdges(room).length)
      }),
      RUNS,
    )
  })
  test('the mirror keeps areas and the metres of every kind', () => {
    fc.assert(
      fc.property(anyRoom, (room) => {
        const metres = (of: Room) =>
          deriveHems(of, STARTER_SHELF).hems.reduce(
            (sum, hem) => sum + (hem.kind === 'wall-to-wall' ? 0 : hem.lengthMm),
            0,
          )
        const mirrored = mirrorRoom(room)
        expect(metres(mirrored)).toBe(metres(room))
        expect(Math.abs(faceAreaMm2(mirrored, 'ceiling') / faceAreaMm2(room, 'ceiling') - 1)).toBeLessThan(0.005)
      }),
      RUNS,
    )
  })
})

test('walls, bands and holes add up to the whole wall', () => {
  fc.assert(
    fc.property(anyRoom, (room) => {
      const gross = room.walls.reduce((sum, wall) => sum + wallAreaMm2(room, wall, skirtingMm(room, wall.id)), 0)
      const faces = faceKeys(room).filter((key) => key.startsWith('wall:') || key.startsWith('band:'))
      const net = faces.reduce((sum, key) => sum + faceAreaMm2(room, key), 0)
      const holes = room.openings.reduce((sum, o) => {
        const low = skirtingMm(room, o.wallId)
        const bottom = o.sillMm === 0 ? low : Math.max(low, o.sillMm - o.casingMm)
        return sum + (o.widthMm + 2 * o.casingMm) * (o.sillMm + o.heightMm + o.casingMm - bottom)
      }, 0)
      expect(Math.abs(net + holes - gross)).toBeLessThan(gross * 1e-9 + 1)
    }),
    RUNS,
  )
})

describe('the plan of any room', () => {
  test('answers for every hem, buys tape for all of them, and says the same twice', () => {
    fc.assert(
      fc.property(anyRoom, (room) => {
        const plan = planJob(jobOf(room))
        expect(plan.recipes.map((answer) => answer.hemId)).toEqual(plan.hems.map((hem) => hem.id))
        const safe = plan.recipes.filter((answer) => answer.safe)
        const taped = safe.filter((answer) => answer.way !== 'liquid-mask')
        expect(plan.load.tapes.flatMap((line) => line.hemIds).sort()).toEqual(taped.map((each) => each.hemId).sort())
        for (const answer of plan.recipes) {
          if (answer.safe) {
            expect(answer.risks.lift.mean).toBeLessThanOrEqual(base.house.maxLift + 1e-12)
            expect(answer.risks.bleedMm.mean).toBeLessThanOrEqual(base.house.maxBleedMm + 1e-12)
            expect(answer.steps.length).toBeGreaterThan(2)
          } else expect(answer.wouldHelp.length).toBeGreaterThan(0)
        }
        expect(JSON.stringify(planOutput(planJob(jobOf(room))))).toBe(JSON.stringify(planOutput(plan)))
      }),
      { numRuns: 20 },
    )
  })
  test('no sentence of it has a gap left open', () => {
    fc.assert(
      fc.property(anyRoom, (room) => {
        const plan = planJob(jobOf(room))
        const said = [
          ...plan.problems,
          ...plan.rounds.map((round) => round.why),
          ...orderFaults(room),
          ...plan.recipes.flatMap((answer) => [
            ...answer.reasons,
            ...answer.ruledOut.map((each) => each.why),
            ...(answer.safe ? [...answer.steps, ...answer.cautions] : answer.wouldHelp),
          ]),
        ]
        for (const each of said) expect(sayText(each)).not.toMatch(/\{\w+\}|undefined|NaN|Infinity/)
      }),
      { numRuns: 20 },
    )
  })
  test('every face a step paints is one that exists, and is painted once', () => {
    fc.assert(
      fc.property(anyRoom, (room) => {
        const painted = room.steps.flatMap((step) => facesOfStep(room, step))
        expect(new Set(painted).size).toBe(painted.length)
        for (const key of painted) expect(faceOf(room, key)).toBeDefined()
      }),
      RUNS,
    )
  })
  test('kits: the best at the house’s price is never dearer than carrying every hem’s best', () => {
    fc.assert(
      fc.property(anyRoom, (room) => {
        const { points, best } = jobKit(jobOf(room))
        if (points.length === 0) return
        const every = points[0]!
        expect(best!.totalMinor).toBeLessThanOrEqual(every.hemsMinor + every.kinds.length * base.house.kindMinor + 1)
      }),
      { numRuns: 30 },
    )
  })
})

// Every kit of three kinds tried one by one.
test('the exact kit equals trying all kits', () => {
  const cost = fc.oneof(
    { weight: 3, arbitrary: fc.integer({ min: 0, max: 60 }) },
    { weight: 1, arbitrary: fc.constant(Infinity) },
  )
  const problems = fc.record({
    carry: fc.array(fc.integer({ min: 0, max: 40 }), { minLength: 3, maxLength: 3 }),
    serve: fc.array(fc.array(cost, { minLength: 3, maxLength: 3 }), { minLength: 1, maxLength: 7 }),
  })
  fc.assert(
    fc.property(problems, (problem) => {
      const kits = [[0], [1], [2], [0, 1], [0, 2], [1, 2], [0, 1, 2]]
      const best = Math.min(
        ...kits.map(
          (kit) =>
            kit.reduce((sum, j) => sum + problem.carry[j]!, 0) +
            problem.serve.reduce((sum, costs) => sum + Math.min(...kit.map((j) => costs[j]!)), 0),
        ),
      )
      expect(chooseKit(problem)?.cost ?? Infinity).toBeCloseTo(best, 6)
    }),
    { numRuns: 300 },
  )
})
