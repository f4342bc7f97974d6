import { readActivity, type ActivityId, type FaceKey, type Prep, type Room } from '../../base/nouns'
import { MIN_PER_DAY } from '../../base/units/time'
import { faceAreaMm2 } from '../../survey/rooms/areas'
import { faceOf } from '../../survey/rooms/faces'
import { leavesOf } from '../../survey/rooms/leaves'
import { facesToReady, readySteps, type ReadyAct, type ReadyStep } from '../../survey/ready/readying'
import { spotMinutes } from '../../survey/ready/spotMinutes'
import { AT_ONCE, type Activity, type Delay, type Lag } from './activity'
import type { Wait } from './roundWork'
import { lagsTo } from './waits'
import { whole, type WholeSetup } from './wholeActs'

/** Making a room's faces ready: what is done in one go, between two waits for something to dry. */
interface MakingReady {
  /** In order; none where nothing was ticked or marked. */
  readonly activities: readonly Activity[]
  readonly lags: readonly Lag[]
  /** What masking or coating waits for that meets some faces of the room, or any of them for null. */
  readonly waits: (faces: ReadonlySet<FaceKey> | null) => readonly Wait[]
}

/** What is done up to filler and washing; once those are dry; and once the primer is. */
const STAGES = ['prep', 'smooth', 'mend'] as const
type Stage = (typeof STAGES)[number]

/**
 * Making faces ready as the survey ticked and marked it: filler and sealant dry before they are sanded, primer before it is looked
 * over and mended. Each is an activity of its own, since other work goes on meanwhile.
 */
export function makingReady(setup: WholeSetup): MakingReady {
  const laid = { tick: 'laid', hemIds: setup.hems.map((hem) => hem.id) } as const
  const activities = STAGES.flatMap((stage) => {
    const minutes = stageMinutes(setup, stage)
    if (minutes === 0) return []
    const act = whole(
      setup,
      { of: 'room', roomId: setup.room.id, act: stage },
      { work: [{ part: 'prep', minutes }], impliedBy: laid },
    )
    return [{ stage, act }]
  })
  const lags = activities.slice(1).flatMap(({ act }, i) => {
    const before = activities[i]
    return before ? lagsTo(act, [{ from: before.act.id, min: dryingAfter(setup, before.stage, null) }]) : []
  })
  return {
    activities: activities.map(({ act }) => act),
    lags,
    // Dust and wet work hold up the whole room; a primer that dries elsewhere holds up nobody.
    waits: (faces) =>
      activities
        .filter(({ stage }) => stage !== 'mend' || isReadiedIn(setup, stage, faces))
        .map(({ stage, act }): Wait => ({ from: act.id, min: dryingAfter(setup, stage, faces) })),
  }
}

/** In which go a step is done on a face: what is not held up by anything wet goes with the first. */
function stageOf(acts: readonly ReadyAct[], act: ReadyAct, isOutside: boolean): Stage {
  if (act === 'look-over') return 'mend'
  const isWetBefore = acts.slice(0, acts.indexOf(act)).some((each) => WETS.includes(each))
  // Outside the wash is rinsed off over filler that has set by then; only primer waits for the days after it.
  const waits: readonly ReadyAct[] = isOutside ? ['prime'] : ['sand', 'wipe', 'prime']
  return isWetBefore && waits.includes(act) ? 'smooth' : 'prep'
}

/** What leaves a face wet. */
const WETS: readonly ReadyAct[] = ['wash', 'degrease', 'seal-gaps', 'fill']

const isOutside = ({ room }: Pick<WholeSetup, 'room'>): boolean => room.kind === 'elevation'

/** Acts of a face that belong to a stage. */
function actsIn({ room }: Pick<WholeSetup, 'room'>, key: FaceKey, stage: Stage): ReadyStep[] {
  const steps = readySteps(room, key)
  const acts = steps.map(({ act }) => act)
  return steps.filter(({ act }) => stageOf(acts, act, isOutside({ room })) === stage)
}

/** What one go of making a room ready does, face by face; none for other work. */
export function readiedIn(
  room: Room,
  activityId: ActivityId,
): { readonly face: FaceKey; readonly steps: readonly ReadyStep[] }[] {
  const ref = readActivity(activityId)
  const stage = STAGES.find((each) => ref?.of === 'room' && ref.act === each)
  if (!stage) return []
  return facesToReady(room).flatMap((face) => {
    const steps = actsIn({ room }, face, stage)
    return steps.length > 0 ? [{ face, steps }] : []
  })
}

const stageMinutes = (setup: WholeSetup, stage: Stage): number =>
  facesToReady(setup.room).reduce(
    (sum, key) => actsIn(setup, key, stage).reduce((all, step) => all + actMinutes(setup, key, step), sum),
    0,
  )

/** Minutes for one act on one face: doors by their sides, all else by area, marked places and lines besides. */
function actMinutes({ room, parameters: { work } }: WholeSetup, key: FaceKey, { act, places, lineMm }: ReadyStep) {
  const leaves = leavesOf(room, key)
  const byFace = (perM2: number, perSide: number): number =>
    leaves ? leaves.sides * perSide : (perM2 * faceAreaMm2(room, key)) / 1e6
  const spots = (perM: number): number =>
    places.reduce(
      (sum, { lengthMm }) => sum + spotMinutes(lengthMm, perM, work),
      lineMm > 0 ? spotMinutes(lineMm, perM, work) : 0,
    )
  const isTicked = faceTicks(room, key)
  switch (act) {
    case 'wash':
    case 'degrease':
    case 'prime':
      return byFace(work.prepMinPerM2[act].value, work.prepMinPerSide[act].value)
    case 'fill':
      return (
        (isTicked('fill') ? byFace(work.prepMinPerM2.fill.value, work.prepMinPerSide.fill.value) : 0) +
        spots(work.fillMinPerM.value)
      )
    case 'sand':
      // Filler that was only put in places is sanded there.
      return isTicked('sand') || isTicked('fill')
        ? byFace(work.prepMinPerM2.sand.value, work.prepMinPerSide.sand.value)
        : spots(work.fillMinPerM.value) / 2
    case 'scrape':
      return spots(work.scrapeMinPerM.value)
    case 'seal-gaps':
      return spots(work.sealGapMinPerM.value)
    case 'look-over':
      return byFace(work.lookOverMin.value, work.lookOverMin.value)
    case 'wipe':
      return 0
  }
}

const faceTicks =
  (room: Room, key: FaceKey) =>
  (prep: Prep): boolean =>
    faceOf(room, key).prep.includes(prep)

/** Whether a stage does anything to some faces; to any for null. */
const isReadiedIn = (setup: WholeSetup, stage: Stage, faces: ReadonlySet<FaceKey> | null): boolean =>
  facesMet(setup, faces).some((key) => actsIn(setup, key, stage).length > 0)

const facesMet = ({ room }: WholeSetup, faces: ReadonlySet<FaceKey> | null): FaceKey[] =>
  facesToReady(room).filter((key) => faces === null || faces.has(key))

/** How long faces are left after a stage: a floor that dries holds up nobody at a wall. */
function dryingAfter(setup: WholeSetup, stage: Stage, faces: ReadonlySet<FaceKey> | null): Delay {
  const { work } = setup.parameters
  const done = new Set(facesMet(setup, faces).flatMap((key) => actsIn(setup, key, stage).map(({ act }) => act)))
  if (isOutside(setup) && done.has('wash')) return { clock: 'plain', amount: work.washDryDays.value * MIN_PER_DAY }
  if (done.has('prime')) return { clock: 'drying', amount: work.primedMin.value }
  if (done.has('fill') || done.has('seal-gaps')) return { clock: 'drying', amount: work.filledMin.value }
  if (done.has('wash') || done.has('degrease')) return { clock: 'drying', amount: work.washedMin.value }
  return AT_ONCE
}
