import { gatheredIn } from '../../masking/covers/gather'
import {
  beginnersShare,
  isFace,
  type ActivityRef,
  type Crew,
  type HemId,
  type HouseRules,
  type PaintStep,
  type Room,
  writeActivity,
  writeSubject,
  mendingMin,
} from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'
import type { CoverNeed } from '../../masking/covers/coverNeed'
import type { Hem } from '../../survey/hems/deriveHems'
import { isMarked } from '../../survey/hems/hemMarks'
import type { Recipe } from '../../masking/recipes/recipe'
import { facesOfStep } from '../../survey/rooms/faces'
import { leadFaces } from '../../survey/ready/lead'
import { leavesAmong } from '../../survey/rooms/leaves'
import type { Activity, MinutePart } from './activity'
import { metresOf } from './stepWork'

/** What activities of a room or of one of its colours as a whole are made from. */
export interface WholeSetup {
  readonly room: Room
  readonly crew: Crew
  readonly house: HouseRules
  readonly parameters: Pick<Parameters, 'work'>
  /** All covers of the room. */
  readonly covers: readonly CoverNeed[]
  readonly hems: readonly Hem[]
  readonly recipes: ReadonlyMap<HemId, Recipe>
  /** The site's old paint may hold lead. */
  readonly mayHoldLead: boolean
  /** Bleeds that somebody counted, by hem. */
  readonly counted: ReadonlyMap<HemId, number>
}

type WholeRef = Exclude<ActivityRef, { of: 'round' }>

interface Made {
  readonly work: readonly MinutePart[]
  readonly gun?: boolean
  readonly impliedBy?: Activity['impliedBy']
  readonly divisible?: boolean
}

/** An activity of a room or of one of its colours as a whole. */
export function whole({ crew }: WholeSetup, ref: WholeRef, { work, gun, impliedBy, divisible }: Made): Activity {
  // A room's covers are ticked by the room; a colour's, and the rest, by the work itself.
  const isRoomCover = ref.of === 'room' && (ref.act === 'cover' || ref.act === 'uncover')
  const cover = ref.of === 'step' && ref.act === 'uncover' ? ({ ...ref, act: 'cover' } as const) : ref
  return {
    id: writeActivity(ref),
    ref,
    kind: kindOf(ref.act),
    roomId: ref.roomId,
    stepId: ref.of === 'step' ? ref.stepId : null,
    roundId: null,
    coat: null,
    subjects: [
      isRoomCover
        ? writeSubject({ of: 'room', roomId: ref.roomId })
        : writeSubject({ of: 'work', activityId: writeActivity(cover) }),
    ],
    needs: { crewId: crew.id, skill: null, gun: gun ?? false, tower: false },
    work: work.filter((part) => part.minutes > 0),
    leastMin: 0,
    divisible: divisible ?? true,
    release: null,
    impliedBy: impliedBy ?? null,
    follows: null,
  }
}

/** Making ready is one kind of work, in however many goes. */
const kindOf = (act: WholeRef['act']): Activity['kind'] => (act === 'smooth' || act === 'mend' ? 'prep' : act)

const m2Of = (needs: readonly CoverNeed[]): number => needs.reduce((sum, need) => sum + need.areaMm2, 0) / 1e6
const bagsOf = (needs: readonly CoverNeed[]): number => needs.filter((need) => need.hold === 'bagged').length
const lying = (needs: readonly CoverNeed[]): CoverNeed[] => needs.filter((need) => need.stepIds === null)

/** Floors first, then what stands in the room: covered before its first colour, and until its last is off. */
export const roomCover = (setup: WholeSetup): Activity =>
  whole(
    setup,
    { of: 'room', roomId: setup.room.id, act: 'cover' },
    {
      work: [
        { part: 'cover', minutes: m2Of(lying(setup.covers)) * setup.house.rates.coverPerM2 + carrying(setup) },
        { part: 'doors', minutes: hanging(setup) },
        { part: 'prep', minutes: guarding(setup) },
      ],
    },
  )

/** Half of taking doors off and hanging them again: off before the first colour, on after the last. */
function hanging({ room, house }: WholeSetup): number {
  const painted = new Set(room.steps.flatMap((step) => facesOfStep(room, step)))
  const off = leavesAmong(room, [...painted]).filter(({ takenOff }) => takenOff)
  return (off.reduce((sum, { count }) => sum + count, 0) * house.rates.hangEach) / 2
}

/** Sheets, signs and cleaning for old paint that may hold lead: half before, half after. */
const guarding = ({ mayHoldLead, room, parameters }: WholeSetup): number =>
  mayHoldLead && leadFaces(room).length > 0 ? parameters.work.leadMin.value / 2 : 0

/** Minutes for carrying furniture together, and as many for carrying it back. */
const carrying = ({ room, parameters }: WholeSetup): number =>
  (gatheredIn(room)?.pieces.length ?? 0) * parameters.work.gatherMin.value

/** Taking those covers off again. */
export const roomUncover = (setup: WholeSetup): Activity =>
  whole(
    setup,
    { of: 'room', roomId: setup.room.id, act: 'uncover' },
    {
      work: [
        { part: 'uncover', minutes: m2Of(lying(setup.covers)) * setup.house.rates.uncoverPerM2 + carrying(setup) },
        { part: 'doors', minutes: hanging(setup) },
        { part: 'prep', minutes: guarding(setup) },
      ],
    },
  )

/** Lines of a colour that no edge gives, or that are straight over an edge that was read, marked before tape. Null where there are none. */
export function stepMark(setup: WholeSetup, step: PaintStep): Activity | null {
  const { work } = setup.parameters
  const lines = setup.hems.filter(
    (hem) => hem.stepIds[0] === step.id && hem.line !== 'follow' && (isMade(hem) || isMarked(hem)),
  )
  if (lines.length === 0) return null
  const minutes = metresOf(lines) * work.markMinPerM.value + work.closeMin.value
  const hemIds = setup.hems.filter((hem) => hem.stepIds[0] === step.id).map((hem) => hem.id)
  return whole(
    setup,
    { of: 'step', roomId: setup.room.id, stepId: step.id, act: 'mark' },
    { work: [{ part: 'mark', minutes }], impliedBy: { tick: 'laid', hemIds } },
  )
}

const isMade = (hem: Hem): boolean =>
  (hem.kind === 'two-tone-line' && hem.line === 'straighten') || (hem.kind === 'by-hand' && isFace(hem.keep, 'wall'))

/** Film from tape to tape and film hung for one colour, once its tape is on; outer edges tacked. Null where it needs none. */
export function stepCover(setup: WholeSetup, step: PaintStep): Activity | null {
  const own = setup.covers.filter((need) => need.stepIds?.[0] === step.id)
  if (own.length === 0) return null
  const { work } = setup.parameters
  const outer = own.reduce((sum, need) => sum + (need.hold === 'hung' ? need.runMm : 0), 0)
  return whole(
    setup,
    { of: 'step', roomId: setup.room.id, stepId: step.id, act: 'cover' },
    {
      work: [
        {
          part: 'cover',
          minutes: m2Of(own) * setup.house.rates.coverPerM2 + bagsOf(own) * work.bagMin.value,
        },
        { part: 'tack', minutes: (outer / work.outerTackMm.value) * work.tackMin.value },
      ],
      impliedBy: coated(setup, step),
    },
  )
}

/** Covers off that the colours up to this one needed, and no later one. */
export function stepUncover(setup: WholeSetup, step: PaintStep): Activity | null {
  const own = setup.covers.filter((need) => need.stepIds?.at(-1) === step.id)
  if (own.length === 0) return null
  const minutes = m2Of(own) * setup.house.rates.uncoverPerM2
  return whole(
    setup,
    { of: 'step', roomId: setup.room.id, stepId: step.id, act: 'uncover' },
    { work: [{ part: 'uncover', minutes }] },
  )
}

/** The gun made ready for a colour, and cleaned after it. */
export const gunUp = (setup: WholeSetup, step: PaintStep): Activity => gunAct(setup, step, 'gun-up')
export const gunDown = (setup: WholeSetup, step: PaintStep): Activity => gunAct(setup, step, 'gun-down')

function gunAct(setup: WholeSetup, step: PaintStep, act: 'gun-up' | 'gun-down'): Activity {
  const { gunSetUpMin, gunCleanMin } = setup.parameters.work
  const minutes = (act === 'gun-up' ? gunSetUpMin : gunCleanMin).value
  return whole(
    setup,
    { of: 'step', roomId: setup.room.id, stepId: step.id, act },
    {
      work: [{ part: 'gun', minutes }],
      gun: true,
      divisible: false,
      impliedBy: act === 'gun-up' ? coated(setup, step) : null,
    },
  )
}

const coated = ({ hems }: WholeSetup, step: PaintStep): Activity['impliedBy'] => ({
  tick: 'coated',
  hemIds: hems.filter((hem) => hem.stepIds.includes(step.id)).map((hem) => hem.id),
})

/**
 * The look along all lines in raking light, with the touch-up that was counted, or, of lines nobody has looked at yet, that their
 * recipes leave to be expected. Null without lines.
 */
export function roomLook(setup: WholeSetup): Activity | null {
  const { room, crew, house, parameters, hems, recipes, counted } = setup
  const own = hems.filter((hem) => recipes.has(hem.id))
  if (own.length === 0) return null
  const mendingMinor = own.reduce((sum, { id }) => {
    const bleeds = counted.get(id)
    return sum + (bleeds === undefined ? (recipes.get(id)?.cost.mending ?? 0) : bleeds * house.mendBleedMinor)
  }, 0)
  const { lookMinPerM, beginnerLook } = parameters.work
  const perM = lookMinPerM.value * (1 + beginnersShare([crew], crew.id) * (beginnerLook.value - 1))
  return whole(
    setup,
    { of: 'room', roomId: room.id, act: 'look' },
    {
      work: [
        { part: 'look', minutes: metresOf(own) * perM },
        { part: 'touch-up', minutes: mendingMin(mendingMinor, house) },
      ],
    },
  )
}
