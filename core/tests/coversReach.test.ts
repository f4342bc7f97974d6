import { door, plate, sash } from '../../demo/parts'
import { planJob } from '../src/answers/chain/planJob'
import { coverOf } from '../src/survey/shelf/find'
import { coverNeeds } from '../src/masking/covers/coverNeeds'
import type { PaintStep, Piece, Room } from '../src/base/nouns'
import { USUAL_FACES } from '../src/survey/rooms/roomTemplate'
import { ENGLISH, speaker } from '../src/edge/words'
import { CEILING, jobOf, layerKinds, recipeOf, spoken, TRIM, WALLS, tapeOfRecipe } from './oneHem'

/** What is covered where, and what is left bare: whole rooms. All of it: common practice, no published source. */
const { fact } = speaker(ENGLISH)
const sprayed = (step: PaintStep, more: Partial<PaintStep> = {}): PaintStep => ({ ...step, tool: 'spray', ...more })
const openings = [sash({ id: 'o1', wallId: 'w1', atMm: 700, widthMm: 1200 }), door('o2', 'w3', 700)]
const SKIRTING: PaintStep = sprayed({ ...TRIM, targets: ['skirting'] })
const covered = (room: Partial<Room>): string[] => {
  const job = jobOf({ room: { openings, ...room } })
  return coverNeeds(job.rooms[0]!, job.shelf, 'metric').map(
    (need) => `${fact(need.what)}: ${coverOf(job.shelf, need.coverId).id}`,
  )
}
const CARPET = { ...USUAL_FACES.floor, material: 'carpet', texture: 'masonry' } as const

describe('beside a sprayed skirting', () => {
  test('the strip, narrow paper as wide as mist reaches, then the van’s cloths: no film, no floor paper', () => {
    const room = { steps: [SKIRTING] }
    expect(covered(room)).toEqual(['floor: hessian-field', 'way out: hessian-runner'])
    expect(covered({ ...room, floor: CARPET })).toEqual(['floor: hessian-field', 'way out: hessian-runner'])
    const { covers } = planJob(jobOf({ room: { openings, ...room } })).load
    expect(covers.map((line) => line.coverId)).toEqual(['hessian-field', 'hessian-runner', 'fallow-paper'])
  })
  test('furniture is sheeted against knocks once, not taped against a gun that never reaches it', () => {
    const sofa = { id: 'p1', name: 'sofa', kind: 'furniture', wallId: 'w1', atMm: 0, bottomMm: 0, count: 1 } as const
    const size = {
      widthMm: 1800,
      heightMm: 900,
      depthMm: 900,
      inUse: false,
      paintedSides: 1,
      takenOff: false,
      face: USUAL_FACES.trim,
    }
    const job = jobOf({ room: { steps: [SKIRTING], pieces: [{ ...sofa, ...size }] } })
    expect(coverNeeds(job.rooms[0]!, job.shelf, 'metric').find((need) => need.what === 'sofa')).toMatchObject({
      hold: 'loose',
    })
  })
})

describe('windows and doors', () => {
  test('fall-out settles everywhere: one sprayed wall, or the ceiling, has every window and door of the room filmed (C28)', () => {
    for (const steps of [[sprayed({ ...WALLS, targets: ['wall:w1'] })], [sprayed(CEILING), WALLS]]) {
      expect(covered({ steps }).join()).toMatch(/window 1/)
      expect(covered({ steps }).join()).toMatch(/door 2/)
    }
  })
  test('a sprayed skirting is narrow: its mist stays near it', () => {
    expect(covered({ steps: [sprayed(SKIRTING)] }).join()).not.toMatch(/window 1|door 2/)
  })
  test('a kept casing goes under the film, one that is sprayed too stays bare', () => {
    const area = (steps: PaintStep[]) => {
      const job = jobOf({ room: { openings: [openings[0]!], steps } })
      return coverNeeds(job.rooms[0]!, job.shelf, 'metric').find((need) => need.what === 'window 1')!.areaMm2
    }
    expect(area([sprayed(WALLS)])).toBe((1200 + 140) * (1350 + 140))
    expect(area([sprayed(WALLS, { targets: ['walls', 'casings'] })])).toBe(1200 * 1350)
  })
})

describe('fittings', () => {
  const fittings = [
    plate({ id: 'f1', kind: 'light', wallId: 'w2', atMm: 700, bottomMm: 1800 }),
    plate({ id: 'f2', kind: 'socket', wallId: 'w2', atMm: 300, bottomMm: 300 }),
  ]
  test('a lantern is bagged beside its tape, a socket gets tape alone', () => {
    const room = { fittings, steps: [WALLS] }
    expect(covered(room).filter((each) => /light|socket/.test(each))).toEqual(['light 1: skein-window'])
    const light = recipeOf({ room }, 'wall:w2|fitting:f1')
    expect(light.setting).toBe('thing-on-the-wall')
    expect(layerKinds(light)).toContain('film')
    expect(spoken(light)).toMatch(/round .* where it meets the wall.*bag or Skein/)
    const socket = recipeOf({ room }, 'wall:w2|fitting:f2')
    expect(socket.setting).toBe('plate')
    expect(layerKinds(socket)).not.toContain('film')
  })
  test('sprayed, a plate gets no loose film; an alarm is bagged against a gun only', () => {
    const room = {
      fittings: [...fittings, plate({ id: 'f3', kind: 'alarm', wallId: 'w2', atMm: 1500, bottomMm: 2200 })],
    }
    expect(layerKinds(recipeOf({ room: { ...room, steps: [sprayed(WALLS)] } }, 'wall:w2|fitting:f2'))).not.toContain(
      'film',
    )
    const alarm = (steps: PaintStep[]) => covered({ ...room, steps }).some((each) => each.startsWith('alarm'))
    expect([alarm([WALLS]), alarm([sprayed(WALLS)])]).toEqual([false, true])
  })
  test('bags have minutes of their own, on after the tape and off with the colour', () => {
    const plan = planJob(jobOf({ room: { fittings, steps: [WALLS] } }))
    const cover = plan.placed.find((task) => task.taskId === `r/${WALLS.id}/cover`)!
    expect(cover.to - cover.from).toBeGreaterThanOrEqual(1)
    const lays = plan.placed.filter((task) => task.taskId.endsWith('/lay'))
    expect(cover.from).toBeGreaterThanOrEqual(Math.max(...lays.map((lay) => lay.to)))
  })
})

describe('feet of casings and windows in slopes', () => {
  test('a painted casing gets a piece of tape at each foot; a kept one none', () => {
    const foot = recipeOf({ room: { openings, steps: [{ ...TRIM, targets: ['casings'] }] } }, 'casing:o2|floor')
    // A tape that wants a knife takes an eighth longer a piece.
    const slower = tapeOfRecipe(foot).tears === 'by-hand' ? 1 : 1.125
    expect(foot.layMinPerM * 0.14).toBeCloseTo(2 * 0.4 * slower, 5)
    const hems = planJob(jobOf({ room: { openings, steps: [WALLS] } })).hems
    expect(hems.some((hem) => hem.kind === 'casing-to-floor')).toBe(false)
  })
  test('a roof window has a line against its slope and film over its glass', () => {
    const box = { wallId: 'w1', atMm: 500, bottomMm: 1300, widthMm: 780, heightMm: 1180, depthMm: 60, count: 1 }
    const pane: Piece = {
      id: 'p1',
      name: 'roof window',
      kind: 'roof-window',
      inUse: false,
      paintedSides: 1,
      takenOff: false,
      face: USUAL_FACES.trim,
      ...box,
    }
    const room = { pieces: [pane], steps: [CEILING] }
    expect(recipeOf({ room }, 'ceiling|piece:p1').tapeId).not.toBeNull()
    expect(covered(room).some((each) => each.startsWith('roof window: skein'))).toBe(true)
  })
})
