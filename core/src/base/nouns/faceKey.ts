import type { KeyText } from './keyText'

/**
 * Names one face of an area as text: `ceiling`, `floor`, `skirting`, `wall:w1`, `band:b1`, `casing:o2`, `leaf:o2`,
 * `glass:o2`, `fitting:f3`, `piece:p1`, `inside:p1`, `floor:z1` (a stretch of another floor); `inside` alone is that of the thing named beside
 * it. Made by {@link face} and
 * {@link writeFace}, read by {@link readFace}, nowhere else.
 */
export type FaceKey = KeyText<'face'>

/** Faces that stand for themselves, and faces of one thing each. */
export const WHOLE_FACES = ['ceiling', 'floor', 'skirting', 'inside'] as const
export const THING_FACES = ['wall', 'band', 'casing', 'leaf', 'glass', 'fitting', 'piece', 'inside', 'floor'] as const
export type WholeFace = (typeof WHOLE_FACES)[number]
export type ThingFace = (typeof THING_FACES)[number]

/** A face as a value: what it is, and the id of the thing it belongs to; null for the whole area's. */
export type FaceRef =
  { readonly kind: WholeFace; readonly id: null } | { readonly kind: ThingFace; readonly id: string }

/** Ids of people's things: letters, digits, `-` and `_`, so that keys made of them can be read back. */
export const ID_PATTERN = /^[A-Za-z0-9_-]{1,200}$/

export const writeFace = (ref: FaceRef): FaceKey => (ref.id === null ? ref.kind : `${ref.kind}:${ref.id}`)

/** The key of one thing's face. */
export const face = (kind: ThingFace, id: string): FaceKey => writeFace({ kind, id })

/** What a key names; null for text that is no face's key. */
export function readFace(key: string): FaceRef | null {
  const colon = key.indexOf(':')
  if (colon < 0) return isOneOf(WHOLE_FACES, key) ? { kind: key, id: null } : null
  const [kind, id] = [key.slice(0, colon), key.slice(colon + 1)]
  return isOneOf(THING_FACES, kind) && ID_PATTERN.test(id) ? { kind, id } : null
}

/** Whether a key names a face of this kind; a floor may be the room's own or a stretch of another. */
export const isFace = (key: FaceKey, kind: WholeFace | ThingFace): boolean => readFace(key)?.kind === kind

/** The id of the thing a face belongs to; null for the area's own faces. */
export const thingOf = (key: FaceKey): string | null => readFace(key)?.id ?? null

const isOneOf = <T extends string>(list: readonly T[], word: string): word is T =>
  (list as readonly string[]).includes(word)
