import { keptWords } from '../units/keptWords'
import { ID_PATTERN } from './faceKey'
import type { KeyText } from './keyText'

/** The id of a round as text: room, step, and the walls it takes in. */
export type RoundId = KeyText<'round'>
/** The id of an activity as text. */
export type ActivityId = KeyText<'activity'>

export interface RoundRef {
  readonly roomId: string
  readonly stepId: string
  readonly wallIds: readonly string[]
  /** Which part of its one wall it takes in, 1 from the left; null for whole walls. */
  readonly part: number | null
}

/** Of a room as a whole: making it ready, sanding and priming once filler is dry, mending once primer is, floors and furniture under cover, the look along its lines at the end. */
const ROOM_ACTS = ['prep', 'smooth', 'mend', 'cover', 'look', 'uncover'] as const
/** Of one colour in a room: its own covers, lines to mark, the gun made ready and cleaned. */
const STEP_ACTS = ['mark', 'cover', 'gun-up', 'gun-down', 'uncover'] as const
/** `bead` is a seal that stays wet until the pull; `pull-dry` a pull beside a wet one of the same round; `pull-floor` one of tape that stays until walls are done. */
const ROUND_ACTS = ['lay', 'seal', 'bead', 'pull', 'pull-dry', 'pull-floor', 'peel'] as const
type RoomAct = (typeof ROOM_ACTS)[number]
type StepAct = (typeof STEP_ACTS)[number]
export type RoundAct = (typeof ROUND_ACTS)[number]
/** Done once for each coat: a coat, and the field that is rolled apart from it. */
type CoatAct = 'coat' | 'roll'

/** An activity as a value: of a room, of one of its colours, or of a round. */
export type ActivityRef =
  | { readonly of: 'room'; readonly roomId: string; readonly act: RoomAct }
  | {
      readonly of: 'step'
      readonly roomId: string
      readonly stepId: string
      readonly act: StepAct
      /** Which time between its coats, 1 for the first, a gun is cleaned or made ready again; left out for all else. */
      readonly turn?: number
    }
  | { readonly of: 'round'; readonly round: RoundRef; readonly act: RoundAct }
  | { readonly of: 'round'; readonly round: RoundRef; readonly act: CoatAct; readonly coat: number }

export const writeRound = ({ roomId, stepId, wallIds, part }: RoundRef): RoundId =>
  `${roomId}/${stepId}/${wallIds.join('+')}${part === null ? '' : `~${part}`}`

export function writeActivity(ref: ActivityRef): ActivityId {
  if (ref.of === 'room') return `${ref.roomId}/${ref.act}`
  if (ref.of === 'step') return `${ref.roomId}/${ref.stepId}/${ref.act}${ref.turn ?? ''}`
  return `${writeRound(ref.round)}/${'coat' in ref ? `${ref.act}${ref.coat}` : ref.act}`
}

/** The acts of one round by id. */
export const actOf = (round: RoundRef, act: RoundAct): ActivityId => writeActivity({ of: 'round', round, act })
export const coatOf = (round: RoundRef, coat: number): ActivityId =>
  writeActivity({ of: 'round', round, act: 'coat', coat })

/** What an id names; null for text that is no activity's. */
export const readActivity = keptWords(activityOf)

function activityOf(id: string): ActivityRef | null {
  const words = id.split('/')
  if (words.length === 2) {
    const [roomId = '', word] = words
    const act = ROOM_ACTS.find((each) => each === word)
    return act && ID_PATTERN.test(roomId) ? { of: 'room', roomId, act } : null
  }
  if (words.length === 3) {
    const [roomId = '', stepId = '', word] = words
    const again = /^(gun-up|gun-down)([1-9]\d?)$/.exec(word ?? '')
    const act = STEP_ACTS.find((each) => each === (again?.[1] ?? word))
    if (!act || ![roomId, stepId].every((each) => ID_PATTERN.test(each))) return null
    return { of: 'step', roomId, stepId, act, ...(again && { turn: Number(again[2]) }) }
  }
  const round = words.length === 4 ? readRound(words.slice(0, 3).join('/')) : null
  if (!round) return null
  const word = words[3] ?? ''
  const [, coatAct, number] = /^(coat|roll)([1-9]\d?)$/.exec(word) ?? []
  if (coatAct) return { of: 'round', round, act: coatAct as CoatAct, coat: Number(number) }
  const act = ROUND_ACTS.find((each) => each === word)
  return act ? { of: 'round', round, act } : null
}

/** What a round's id names; null for text that is none. */
export function readRound(id: string): RoundRef | null {
  const [roomId = '', stepId = '', where = '', more] = id.split('/')
  const [walls = '', part] = where.split('~')
  const wallIds = walls.split('+')
  const isPart = part === undefined || (/^[1-9]\d{0,2}$/.test(part) && wallIds.length === 1)
  const good = more === undefined && isPart && [roomId, stepId, ...wallIds].every((each) => ID_PATTERN.test(each))
  return good ? { roomId, stepId, wallIds, part: part === undefined ? null : Number(part) } : null
}

/** Whether an id is that of making a gun ready, for the first time or again. */
export const isGunUp = (id: ActivityId): boolean => isStepAct(id, 'gun-up')
/** Whether an id is that of cleaning a gun. */
export const isGunDown = (id: ActivityId): boolean => isStepAct(id, 'gun-down')

function isStepAct(id: ActivityId, act: 'gun-up' | 'gun-down'): boolean {
  const ref = readActivity(id)
  return ref?.of === 'step' && ref.act === act
}

/** The room a piece of work is in; null for a text that names none. */
export function roomOfActivity(id: string): string | null {
  const ref = readActivity(id)
  if (ref === null) return null
  return ref.of === 'round' ? ref.round.roomId : ref.roomId
}
