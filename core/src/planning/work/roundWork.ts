import type { Parameters } from '../../base/parameters/parameters'
import {
  type ActivityId,
  type Coating,
  type Crew,
  type HouseRules,
  type PaintStep,
  type Room,
  type RoundRef,
  type Shelf,
  type SubjectKey,
  isFace,
} from '../../base/nouns'
import { actOf, coatOf, writeActivity, writeRound, writeSubject, type ActivityRef } from '../../base/nouns'
import { liquidOf } from '../../survey/shelf/find'
import { coatOfStep } from '../../nature/cure/film'
import { coatAtPull } from '../../nature/cure/softPull'
import { filmClockOf } from '../../nature/cure/paintClocks'
import { coatsBelow, facesOfStep, lastCoatOf } from '../../survey/rooms/faces'
import { fieldMinutes } from '../../survey/rooms/fieldMinutes'
import { leavesOf } from '../../survey/rooms/leaves'
import { crewSpeed } from '../../nature/calendar/calendar'
import type { Hem } from '../../survey/hems/deriveHems'
import type { Recipe } from '../../masking/recipes/recipe'
import { AT_ONCE, type Activity, type Delay, type Lag, type Round, type RoundPull } from './activity'
import { roundName } from './activityName'
import type { WallGroup } from './groupRounds'
import { coatParts, fieldParts, layParts, pullParts, sealParts } from './minuteParts'
import { needsOf } from './needs'
import { mannerOf, roundPulls } from './roundPulls'
import { metresOf, type WallWork } from './stepWork'

export interface RoundSetup {
  readonly room: Room
  readonly step: PaintStep
  readonly crew: Crew
  readonly house: HouseRules
  readonly shelf: Shelf
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly parameters: Parameters
  readonly group: WallGroup
  /** What laying waits for: cover, earlier steps pulled, cure of the keep sides. */
  readonly waits: readonly Wait[]
  readonly layRelease: number | null
  /** What the first coat waits for besides: coats below it on the same faces. */
  readonly undercoats: readonly Wait[]
}

/** What a round's first activity waits for. */
export type Wait = Pick<Lag, 'from' | 'min'>

export interface RoundWork {
  readonly round: Round
  readonly activities: readonly Activity[]
  readonly lags: readonly Lag[]
}

/** The round with what has to be done in it. */
export function roundOf(setup: RoundSetup): RoundWork {
  const { room, step, crew, group, recipes } = setup
  const hems = group.work.flatMap((work) => work.hems)
  const ref: RoundRef = {
    roomId: room.id,
    stepId: step.id,
    wallIds: group.work.map((work) => work.wallId),
    part: group.part,
  }
  const hemIds = hems.map((hem) => hem.id)
  const freed = hems.filter((hem) => hem.stepId === step.id)
  const pulls = roundPulls(
    ref,
    freed.map((hem) => hem.id),
    recipes,
  )
  const round: Round = {
    id: writeRound(ref),
    name: roundName(room, step, ref),
    ...ref,
    crewId: crew.id,
    hemIds,
    wet: pulls.some((pull) => pull.manner === 'wet'),
    fieldOrder: group.fieldOrder,
    pulls,
    metres: metresOf(hems),
    wetNeedMin: group.wetNeedMin,
    wetWindowMin: group.wetWindowMin,
    pairNeeds: group.pairNeeds,
    why: group.why,
  }
  return { round, ...activitiesOf(setup, ref, hems, pulls) }
}

/** A round whose activities are collected one after another; each waits for what came before. */
interface Chain {
  readonly setup: RoundSetup
  readonly round: RoundRef
  readonly activities: Activity[]
  readonly lags: Lag[]
  /** What the next activity waits for. */
  waits: readonly Wait[]
}

/**
 * The activities of one round in order: lay; seal that must dry; coats with their drying gaps; the last coat together
 * with a wet bead and a wet pull without a break between them; a dry pull once the film is hard. Tape that an earlier
 * step laid, or that a later one needs as well, is neither laid nor pulled here.
 */
function activitiesOf(
  setup: RoundSetup,
  round: RoundRef,
  hems: readonly Hem[],
  pulls: readonly RoundPull[],
): Pick<RoundWork, 'activities' | 'lags'> {
  const { room, step } = setup
  const chain: Chain = { setup, round, activities: [], lags: [], waits: setup.waits }
  const wet = pulls.some((pull) => pull.manner === 'wet')
  const below = coatsBelow(room, step)
  const [laid, freed] = [hems.filter((hem) => hem.stepIds[0] === step.id), hems.filter((hem) => hem.stepId === step.id)]
  addLay(chain, laid)
  chain.waits = [...chain.waits, ...setup.undercoats]
  for (let n = 1; n <= step.coats; n++) {
    const last = n === step.coats
    addDrySeal(chain, [
      ...(n === 1 ? laid.filter((hem) => !isHeldOff(setup, hem)) : []),
      ...(last ? freed.filter((hem) => isHeldOff(setup, hem)) : []),
    ])
    if (last && setup.group.fieldOrder === 'edge-last') addRoll(chain, below + n)
    const beaded = last && addBead(chain, freed)
    addCoat(chain, hems, {
      coat: below + n,
      isLast: last,
      settles: last && wet,
      followsBead: beaded && wet,
    })
  }
  for (const pull of pulls) {
    addPull(chain, hems, pull)
    if (pull.manner === 'wet' && setup.group.fieldOrder === 'after-pull') addRoll(chain, below + step.coats)
  }
  return { activities: chain.activities, lags: chain.lags }
}

/** Whether every coat before the last stays off the tape: then it is sealed before the last, else before the first that comes near. */
const isHeldOff = ({ recipes }: RoundSetup, hem: Hem): boolean =>
  hem.stepIds.length === 1 && (recipes.get(hem.id)?.standOffMm ?? 0) > 0

type Act = Extract<ActivityRef, { of: 'round' }>['act']

interface Made {
  readonly kind: Activity['kind']
  readonly subjects: readonly SubjectKey[]
  readonly work: Activity['work']
  readonly coat?: number
  readonly leastMin?: number
  readonly divisible?: boolean
  readonly release?: number | null
  readonly follows?: ActivityId | null
  /** The wall whose field it is, for a field. */
  readonly field?: string
}

/** Adds an activity that waits for what the chain waits for. @param max how long it may wait for the one before */
function add(chain: Chain, act: Act, made: Made, max: Delay | null = null): Activity {
  const { room, step, crew } = chain.setup
  const { round } = chain
  const coat = made.coat ?? null
  const ref: ActivityRef =
    act === 'roll'
      ? { of: 'round', round: fieldRef(round, made.field ?? ''), act, coat: coat ?? 1 }
      : act === 'coat'
        ? { of: 'round', round, act, coat: coat ?? 1 }
        : { of: 'round', round, act }
  const activity: Activity = {
    id: writeActivity(ref),
    ref,
    kind: made.kind,
    roomId: room.id,
    stepId: step.id,
    roundId: writeRound(round),
    coat,
    subjects: made.subjects,
    needs: needsOf({ room, step, crew, kind: made.kind, work: made.work }),
    work: made.work,
    leastMin: made.leastMin ?? 0,
    divisible: made.divisible ?? false,
    release: made.release ?? null,
    impliedBy: null,
    follows: made.follows ?? null,
  }
  chain.activities.push(activity)
  chain.lags.push(...chain.waits.map((wait) => ({ ...wait, to: activity.id, max })))
  return activity
}

const idsOf = (hems: readonly Hem[]): SubjectKey[] => hems.map((hem) => writeSubject({ of: 'hem', hemId: hem.id }))

function addLay(chain: Chain, hems: readonly Hem[]): void {
  const { setup } = chain
  const masked = hems.filter((hem) => mannerOf(setup.recipes.get(hem.id)) !== null)
  // A step that meets no hem still has its coats.
  if (masked.length === 0) return
  const lay = add(chain, 'lay', {
    kind: 'lay',
    subjects: idsOf(masked),
    work: layParts(masked, setup),
    divisible: true,
    release: setup.layRelease,
  })
  const clearMin = Math.max(0, ...masked.map((hem) => clearMinutes(setup, hem)))
  chain.waits = [{ from: lay.id, min: clearMin > 0 ? { clock: 'drying', amount: clearMin } : AT_ONCE }]
}

function clearMinutes({ recipes, shelf }: RoundSetup, hem: Hem): number {
  const liquidId = recipes.get(hem.id)?.liquidId
  return liquidId ? liquidOf(shelf, liquidId).clearMin : 0
}

/** A seal that dries before colour: what follows waits for it as well. */
function addDrySeal(chain: Chain, hems: readonly Hem[]): void {
  const { recipes, house } = chain.setup
  const dryMin = (hem: Hem): number => recipes.get(hem.id)?.sealDryMin ?? 0
  const sealed = hems.filter((hem) => dryMin(hem) > 0)
  if (sealed.length === 0) return
  const work = sealParts(sealed, house)
  const seal = add(chain, 'seal', { kind: 'seal', subjects: idsOf(sealed), work, divisible: true })
  const amount = Math.max(...sealed.map(dryMin))
  chain.waits = [...chain.waits, { from: seal.id, min: { clock: 'drying', amount } }]
}

/** A bead that stays wet until the pull. Returns whether there is one. */
function addBead(chain: Chain, hems: readonly Hem[]): boolean {
  const { recipes, house } = chain.setup
  const beaded = hems.filter((hem) => recipes.get(hem.id)?.seal === 'wiped-sealant')
  if (beaded.length === 0) return false
  const bead = add(chain, 'bead', { kind: 'seal', subjects: idsOf(beaded), work: sealParts(beaded, house) })
  chain.waits = [{ from: bead.id, min: AT_ONCE }]
  return true
}

interface CoatFacts {
  /** Counted from the first coat of all on its faces. */
  readonly coat: number
  readonly isLast: boolean
  /** The pull follows while it is wet, so a short coat waits until a fresh edge no longer runs. */
  readonly settles: boolean
  readonly followsBead: boolean
}

function addCoat(chain: Chain, hems: readonly Hem[], { coat, isLast, settles, followsBead }: CoatFacts): void {
  const { step, shelf, group } = chain.setup
  const made = {
    kind: 'coat',
    coat,
    // A round without hems (a ceiling whose edges a later colour covers) is ticked as a field.
    subjects: hems.length > 0 ? idsOf(hems) : [writeSubject({ of: 'field', roundId: writeRound(chain.round) })],
    work: coatParts(chain.setup, isLast && group.fieldOrder !== 'within'),
    leastMin: settles ? group.settleMin : 0,
  } as const
  const added = add(chain, 'coat', made, followsBead ? AT_ONCE : null)
  const coating = coatOfStep(shelf, step)
  const recoat: Delay = { clock: filmClockOf(coating), amount: coating.recoatMin + turnMin(chain.setup, coating) }
  chain.waits = [{ from: added.id, min: isLast ? AT_ONCE : recoat }]
}

/**
 * How much later the second side of doors on stands gets its coat than the first: they are turned once that is dry to touch. Where
 * there are many the first is by the time the last is done. Common practice, no published source.
 */
function turnMin({ room, step, house }: RoundSetup, { touchDryMin }: Coating): number {
  const turned = facesOfStep(room, step).filter((key) => {
    const leaves = leavesOf(room, key)
    return leaves?.takenOff && leaves.sides > leaves.count
  })
  if (turned.length === 0) return 0
  const oneSideMin = turned.reduce((sum, key) => sum + fieldMinutes(room, key, step, house), 0) / 2
  return Math.max(0, touchDryMin - oneSideMin)
}

/**
 * The field of the last coat, filled in apart from its lines: each wall is rolled in one go, corner to corner, and ticked by itself
 * whatever rounds the walls are in by then; a night or a meal may come between two walls, never within one. A ceiling is one
 * field. Only what takes longer than the crew's longest stretch is broken all the same.
 */
function addRoll(chain: Chain, coat: number): void {
  const { step, shelf, group } = chain.setup
  const fields = group.work.filter((work) => work.restMin > 0)
  const isLaterDry = group.fieldOrder === 'after-pull'
  let before: ActivityId | null = isLaterDry ? (chain.waits[0]?.from ?? null) : null
  for (const works of fieldsInOneGo(chain.setup, fields)) {
    const [first] = works
    if (!first) continue
    const added = add(
      chain,
      'roll',
      {
        kind: 'roll',
        coat,
        subjects: works.map(({ wallId }) =>
          writeSubject({ of: 'field', roundId: writeRound(fieldRef(chain.round, wallId)) }),
        ),
        work: fieldParts(works, step),
        divisible: !isOneGo(chain.setup, works),
        follows: before,
        field: first.wallId,
        // The band just cut is still open: nobody goes home, or to eat, between the pull and the field.
      },
      isLaterDry && before !== null && isOneGo(chain.setup, works) ? AT_ONCE : null,
    )
    before = added.id
    chain.waits = [{ from: added.id, min: AT_ONCE }]
  }
  const coating = coatOfStep(shelf, step)
  if (before !== null && isLaterDry && fields.length > 0)
    chain.waits = [{ from: before, min: { clock: filmClockOf(coating), amount: coating.hardDryMin } }]
}

/** Fields that have no corner between them: each wall by itself, a ceiling with all that lies round it. */
function fieldsInOneGo({ room, step }: RoundSetup, fields: readonly WallWork[]): (readonly WallWork[])[] {
  const isCeiling = facesOfStep(room, step).some((key) => isFace(key, 'ceiling'))
  return isCeiling ? [fields] : fields.map((field) => [field])
}

/** Whether a field fits between two breaks of its crew's longest day. */
function isOneGo({ crew, group, parameters, step }: RoundSetup, works: readonly WallWork[]): boolean {
  const minutes = fieldParts(works, step).reduce((sum, part) => sum + part.minutes, 0)
  return minutes / Math.max(crewSpeed(crew, parameters), 0.1) <= group.stretchMin
}

/** A field is named by its wall alone, whichever round it is rolled behind. */
const fieldRef = ({ roomId, stepId }: RoundRef, wallId: string): RoundRef => ({
  roomId,
  stepId,
  wallIds: [wallId],
  part: null,
})

function addPull(chain: Chain, hems: readonly Hem[], pull: RoundPull): void {
  const { room, step, shelf, group, house } = chain.setup
  const wet = pull.manner === 'wet'
  // Tape that comes off dry beside a field rolled after the wet pull minds that field as well.
  const rolled =
    chain.activities.some((act) => act.kind === 'roll') && !wet && pull.manner !== 'peel' ? chain.waits : []
  chain.waits = [
    {
      from: coatOf(chain.round, lastCoatOf(room, step)),
      min: pullDelay(pull, coatAtPull(shelf, { house, room, step })),
    },
    ...(group.fieldOrder === 'after-pull' ? rolled : []),
  ]
  const off = hems.filter((hem) => pull.hemIds.includes(hem.id))
  const work = pullParts(off, chain.setup, pull.manner)
  const made = { kind: 'pull', subjects: pull.hemIds, work, divisible: !wet } as const
  const added = add(chain, pullActName(chain.round, pull), made, wet ? AT_ONCE : null)
  chain.waits = [{ from: added.id, min: AT_ONCE }]
}

const pullActName = (round: RoundRef, pull: RoundPull) =>
  (['pull', 'pull-dry', 'pull-floor', 'peel'] as const).find((act) => actOf(round, act) === pull.taskId) ?? 'pull'

/** What a pull waits for after the last coat: nothing when wet, a hard film when dry, its hours when a mask is cut. */
function pullDelay(pull: RoundPull, coating: Coating): Delay {
  if (pull.manner === 'wet') return AT_ONCE
  if (pull.manner === 'peel') return { clock: 'plain', amount: pull.afterH * 60 }
  return { clock: filmClockOf(coating), amount: coating.hardDryMin }
}
