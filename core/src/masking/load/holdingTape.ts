import { type Job, type Shelf, type Tape, type TapeRoll } from '../../base/nouns'
import { coverOf } from '../../survey/shelf/find'
import type { CoverNeed } from '../covers/coverNeed'
import type { Hem } from '../../survey/hems/deriveHems'
import type { Parameters } from '../../base/parameters/parameters'
import type { Recipe } from '../recipes/recipe'
import { stayDaysOf } from '../../nature/risk/residue'
import { rollCostPerM } from '../recipes/expectedCost'

/** A kind of tape in one width. */
export interface HoldingKind {
  readonly tape: Tape
  readonly roll: TapeRoll
}

interface HoldingMmSetup {
  readonly job: Job
  readonly hems: readonly Hem[]
  readonly recipes: ReadonlyMap<string, Recipe>
  readonly needs: readonly CoverNeed[]
  readonly parameters: Pick<Parameters, 'work'>
}

/**
 * Tape that holds covers rather than an edge, mm: the run of tape that masking paper goes on with, and the tacks of hung
 * film along its line and along its outer edge, seams and edges of film on a floor, and a bit over each overlap of a tape that hardly holds on itself. Films come
 * with a taped edge of their own.
 */
export function holdingMm({ job, hems, recipes, needs, parameters: { work } }: HoldingMmSetup): number {
  const tack = work.tackTapeMm.value
  const beside = hems.reduce((sum, hem) => {
    const recipe = recipes.get(hem.id)
    const spacing = recipe?.cover?.tackMm ?? null
    const laps = recipe?.steps.some(({ code }) => code === 'step.fix_overlaps') ? hem.corners + 2 * hem.laps : 0
    return sum + laps * OVERLAP_MM + (spacing === null ? 0 : Math.ceil(hem.lengthMm / spacing) * tack)
  }, 0)
  const rest = needs.reduce((sum, need) => {
    if (need.hold === 'hung') return sum + Math.ceil(need.runMm / work.outerTackMm.value) * tack
    return sum + (coverOf(job.shelf, need.coverId).kind === 'paper' ? need.runMm : onFloorMm(need))
  }, 0)
  return beside + rest
}

/** Tape along the seams and round the edges of film that lies over the open middle of a floor, mm. */
function onFloorMm({ hold, cuts, runMm, areaMm2 }: CoverNeed): number {
  const longest = Math.max(0, ...cuts)
  return hold === 'taped' && longest > 0 ? Math.round(runMm + longest + (2 * areaMm2) / longest) : 0
}

/**
 * What holds covers: of the tapes taken for edges anyway, by the metre, and of all plain ones, by the whole roll that
 * would have to be bought for it, whichever costs least. A tape that is hardly sticky holds no paper.
 *
 * @param mm  how much of it is wanted
 * @param lies  how long it lies, and where: what stays no longer than that is taken only where nothing else is there
 */
export function holdingKind(
  job: Job,
  taken: readonly HoldingKind[],
  mm: number,
  lies: HeldFor = NOT_LONG,
): HoldingKind | null {
  const isTaken = (kind: HoldingKind) =>
    taken.some((each) => each.tape.id === kind.tape.id && each.roll.widthMm === kind.roll.widthMm)
  const isCarried = ({ tape, roll }: HoldingKind) =>
    job.kit?.some((kind) => kind.tapeId === tape.id && kind.widthMm === roll.widthMm) ?? false
  const costOf = (kind: HoldingKind) => {
    const { tape, roll } = kind
    if (isTaken(kind) || roll.stockMm >= mm) return (rollCostPerM(tape, roll, job.house) * mm) / 1000
    return Math.ceil(mm / tape.rollLengthMm) * roll.priceMinor
  }
  const plain = kindsOf(job.shelf).filter(
    (kind) =>
      kind.tape.edge === 'plain' && !kind.tape.retired && (job.kit === null || isTaken(kind) || isCarried(kind)),
  )
  const held = taken.filter(({ tape }) => tape.gripN25 >= HOLDS_N25 && tape.edge !== 'plain')
  // What a chosen kit carries holds covers too, if it must with a delicate tape.
  const kinds = plain.length + held.length > 0 ? [...plain, ...held] : taken
  const lasting = kinds.filter((kind) => lasts(kind, lies))
  if (lasting.length > 0 || kinds.length === 0) return [...lasting].sort((a, b) => costOf(a) - costOf(b))[0] ?? null
  return kinds.reduce((best, kind) => (stayOf(kind, lies) > stayOf(best, lies) ? kind : best))
}

/** How long covers are held at the longest, days, and whether some of it lies outside. */
export interface HeldFor {
  readonly days: number
  readonly isOutside: boolean
}
const NOT_LONG: HeldFor = { days: 0, isOutside: false }

/** Label days of a tape where it holds covers: a label is never stretched. */
export const stayOf = ({ tape }: Pick<HoldingKind, 'tape'>, { isOutside }: HeldFor): number =>
  stayDaysOf(tape, isOutside)

/** Whether a tape holds covers as long as they lie, and through a night's dew where they lie outside. */
const lasts = (kind: HoldingKind, lies: HeldFor): boolean =>
  stayOf(kind, lies) >= lies.days && !(lies.isOutside && lies.days >= OVERNIGHT_DAYS && kind.tape.holdsIn === 'dry')

/** From here on a night lies between: dew falls. */
const OVERNIGHT_DAYS = 0.5

/** A bit of plain tape over one overlap, mm. From memory. */
const OVERLAP_MM = 50

/** Grip below which a tape does not hold paper or film by its weight, N per 25 mm. From memory. */
const HOLDS_N25 = 2.2

const kindsOf = (shelf: Shelf): HoldingKind[] =>
  shelf.tapes.flatMap((tape) => tape.rolls.map((roll): HoldingKind => ({ tape, roll })))
