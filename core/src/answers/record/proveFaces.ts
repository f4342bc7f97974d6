import type { FaceKey, HemId, Job, Room } from '../../base/nouns'
import { groupedBy } from '../../base/units/groupedBy'
import { sumOf } from '../../base/units/sumOf'
import { MIN_PER_HOUR } from '../../base/units/time'
import { jobRecipes, rankerOf } from '../../masking/recipes/jobRecipes'
import type { NoRecipe } from '../../masking/recipes/recipe'
import { withFace } from '../../survey/rooms/withFace'

/** How a face is proved: six cuts and a tape torn off over them, or a strip of the tape itself left on as long as it would stay. */
export const PROOFS = ['cross-cut', 'strip'] as const
export type Proof = (typeof PROOFS)[number]

/** What a strip showed. Of a cross-cut its class is entered. */
export type ProofOutcome = 'clean' | 'came-off'

/** A face beside lines for which nothing is safe, and what would be if it proved sound. */
export interface FaceProof {
  readonly roomId: string
  readonly face: FaceKey
  /** Lines that would get a recipe, and metres of them. */
  readonly hemIds: readonly HemId[]
  readonly metres: number
  /** The tape most of them would get: the strip is of it. Null where they would go without tape. */
  readonly tapeId: string | null
  /** Hours the strip stays on: as long as the longest of these lines' tape would. */
  readonly hours: number
}

/** Ruled out because the finish may not hold: what a test of the face can answer. */
const OF_HOLD: readonly string[] = ['out.never_safe', 'out.lift', 'out.lead_lift']
/** ISO 2409 class of the best outcome. */
const BEST_CLASS = 0
/**
 * What a strip counts as: one that came off clean says the finish holds this tape so long, not that it is perfect; one that brought paint along
 * says it does not. By the classes of a cross-cut. From memory.
 */
const AS_CLASS: Readonly<Record<ProofOutcome, number>> = { clean: 1, 'came-off': 4 }

/** Faces worth testing because nothing is safe beside them: those where a good outcome would give their lines a recipe, most metres first. */
export function proveFaces(job: Job): FaceProof[] {
  const { hems } = rankerOf(job)
  const found = new Map(hems.map((hem) => [hem.id, hem]))
  const unsafe = jobRecipes(job).flatMap((answer) => (!answer.safe && ofHold(answer) ? [found.get(answer.hemId)] : []))
  const doubtful = groupedBy(
    unsafe.flatMap((hem) => (hem ? [hem] : [])),
    ({ roomId, keep }) => `${roomId} ${keep}`,
  )
  if (doubtful.size === 0) return []
  const faces = [...doubtful.values()].flatMap(([hem]) => (hem ? [{ roomId: hem.roomId, face: hem.keep }] : []))
  const after = jobRecipes(faces.reduce<Job>((now, { roomId, face }) => proven(now, roomId, face, BEST_CLASS), job))
  const safe = new Map(after.flatMap((answer) => (answer.safe ? [[answer.hemId, answer]] : [])))
  return [...doubtful.values()]
    .flatMap((own): FaceProof[] => {
      const [first] = own
      const helped = own.flatMap((hem) => {
        const recipe = safe.get(hem.id)
        return recipe ? [{ hem, recipe, metres: hem.lengthMm / 1000 }] : []
      })
      if (!first || helped.length === 0) return []
      const tapes = [...groupedBy(helped, ({ recipe }) => recipe.tapeId)]
        .map(([tapeId, lines]) => ({ tapeId, metres: sumOf(lines, ({ metres }) => metres) }))
        .sort((a, b) => b.metres - a.metres)
      const ofTape = helped.filter(({ recipe }) => recipe.tapeId === tapes[0]?.tapeId)
      return [
        {
          roomId: first.roomId,
          face: first.keep,
          hemIds: helped.map(({ hem }) => hem.id),
          metres: sumOf(helped, ({ metres }) => metres),
          tapeId: tapes[0]?.tapeId ?? null,
          hours: Math.ceil(Math.max(...ofTape.map(({ recipe }) => recipe.stayMin)) / MIN_PER_HOUR),
        },
      ]
    })
    .sort((a, b) => b.metres - a.metres)
}

const ofHold = ({ ruledOut }: NoRecipe): boolean => ruledOut.some(({ why }) => OF_HOLD.includes(why.code))

/** A room after its face was tested: the plan follows by itself. */
export const provenBy = (room: Room, face: FaceKey, outcome: ProofOutcome | { readonly iso: number }): Room =>
  withFace(room, face, (each) => ({
    ...each,
    crossCut: typeof outcome === 'string' ? AS_CLASS[outcome] : outcome.iso,
  }))

const proven = (job: Job, roomId: string, face: FaceKey, iso: number): Job => ({
  ...job,
  rooms: job.rooms.map((room) => (room.id === roomId ? provenBy(room, face, { iso }) : room)),
})
