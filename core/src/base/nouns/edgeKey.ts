import { ID_PATTERN, readFace, type FaceKey } from './faceKey'

import type { KeyText } from './keyText'

/**
 * Names a place where two faces of an area meet, as text that stays the same when lengths change. Made by
 * {@link writeEdge}, read by {@link readEdge}, nowhere else.
 */
export type EdgeKey = KeyText<'edge'>

/** What bounds a stretch left and right, by id; '' is the wall's own end. */
export interface Between {
  readonly left: string
  readonly right: string
}

/** The splits before and after a part of an edge that was cut by hand; '' is the edge's own end. */
export interface Part {
  readonly after: string
  readonly before: string
}

/** The two lines of a band. */
export const BAND_LINES = ['under', 'over'] as const
export type BandLine = (typeof BAND_LINES)[number]

/** On which side of its band a line lies, or all round its shapes. */
export const BAND_SIDES = [...BAND_LINES, 'left', 'right', 'round'] as const
export type BandSide = (typeof BAND_SIDES)[number]

/** Two faces that meet; the rest tells apart edges between the same two. */
export interface MeetingEdge {
  readonly is: 'meeting'
  readonly a: FaceKey
  readonly b: FaceKey
  /** A band's line, or the wall it runs along where the faces do not say. */
  readonly line: BandLine | null
  readonly wallId: string | null
  readonly between: Between | null
  readonly part: Part | null
}

/** A line of a band's shapes on a wall: one run of one shape, or all their runs with corners together. */
export interface ShapeEdge {
  readonly is: 'shape'
  readonly bandId: string
  readonly wallId: string
  /** Null for all runs with corners together. */
  readonly run: { readonly shapeId: string; readonly n: number } | null
  readonly part: Part | null
}

export type EdgeRef =
  | MeetingEdge
  | ShapeEdge
  | { readonly is: 'hand'; readonly id: string; readonly part: Part | null }
  | { readonly is: 'join'; readonly id: string }

/** An edge between two faces with nothing more to tell. */
export const meeting = (a: FaceKey, b: FaceKey, more: Partial<MeetingEdge> = {}): MeetingEdge => ({
  is: 'meeting',
  a,
  b,
  line: null,
  wallId: null,
  between: null,
  part: null,
  ...more,
})

export function writeEdge(ref: EdgeRef): EdgeKey {
  switch (ref.is) {
    case 'join':
      return `join:${ref.id}`
    case 'hand':
      return `hand:${ref.id}${partText(ref.part)}`
    case 'shape': {
      const run = ref.run ? `:${ref.run.shapeId}:${ref.run.n}` : ''
      return `shape:${ref.bandId}:${ref.wallId}${run}${partText(ref.part)}`
    }
    case 'meeting':
      return `${ref.a}|${ref.b}${boundsText(ref)}${partText(ref.part)}`
  }
}

function boundsText({ line, wallId, between }: MeetingEdge): string {
  const place = line ?? wallId
  if (place === null && between === null) return ''
  return `#${[...(place === null ? [] : [place]), ...(between === null ? [] : [betweenText(between)])].join(':')}`
}

const betweenText = ({ left, right }: Between): string => (left || right ? `${left}..${right}` : '')
const partText = (part: Part | null): string => (part ? `~${part.after}..${part.before}` : '')

const EDGE = /^(?<body>[^#~]+)(?:#(?<bounds>[^~]*))?(?:~(?<part>.*))?$/

/** What a key names; null for text that is no edge's key. */
export function readEdge(key: string): EdgeRef | null {
  const found = EDGE.exec(key)?.groups
  if (!found?.body) return null
  const part = readPair(found.part)
  if (found.body.startsWith('shape:')) return readShape(found.body, found.bounds, part)
  const own = /^(hand|join):(.+)$/.exec(found.body)
  if (own) {
    const [, is, id = ''] = own
    if (!ID_PATTERN.test(id) || found.bounds !== undefined || part === undefined) return null
    if (is === 'hand') return { is: 'hand', id, part: part && { after: part.left, before: part.right } }
    return part === null ? { is: 'join', id } : null
  }
  const [a = '', b = '', more] = found.body.split('|')
  const bounds = readBounds(found.bounds)
  if (!readFace(a) || !readFace(b) || more !== undefined || !bounds || part === undefined) return null
  return meeting(a, b, { ...bounds, part: part && { after: part.left, before: part.right } })
}

function readShape(body: string, bounds: string | undefined, part: Between | null | undefined): ShapeEdge | null {
  const [, bandId = '', wallId = '', shapeId, n, more] = body.split(':')
  const isRun = shapeId === undefined || (ID_PATTERN.test(shapeId) && n !== undefined && /^\d{1,3}$/.test(n))
  if (!ID_PATTERN.test(bandId) || !ID_PATTERN.test(wallId) || !isRun || more !== undefined) return null
  if (bounds !== undefined || part === undefined) return null
  return {
    is: 'shape',
    bandId,
    wallId,
    run: shapeId === undefined ? null : { shapeId, n: Number(n) },
    part: part && { after: part.left, before: part.right },
  }
}

type Bounds = Pick<MeetingEdge, 'line' | 'wallId' | 'between'>

function readBounds(text: string | undefined): Bounds | null {
  if (text === undefined) return { line: null, wallId: null, between: null }
  const words = text.split(':')
  const first = words[0] ?? ''
  const placed = ID_PATTERN.test(first)
  const rest = placed ? words.slice(1) : words
  if (rest.length > 1) return null
  const between = rest.length === 0 ? null : rest[0] === '' ? { left: '', right: '' } : readPair(rest[0])
  if (between === undefined) return null
  const line = BAND_LINES.find((each) => each === first) ?? null
  return { line, wallId: placed && line === null ? first : null, between }
}

/** `o1..o2` as two ids, either of which may be empty; null for nothing said, undefined for something else. */
function readPair(text: string | undefined): Between | null | undefined {
  if (text === undefined) return null
  const [left, right, more] = text.split('..')
  const isEnd = (id: string | undefined): id is string => id === '' || (id !== undefined && ID_PATTERN.test(id))
  return isEnd(left) && isEnd(right) && more === undefined ? { left, right } : undefined
}

/** Whole edges that a key of a part belongs to. */
export function wholeEdge(key: EdgeKey): EdgeKey {
  const ref = readEdge(key)
  return ref && ref.is !== 'join' && ref.part ? writeEdge({ ...ref, part: null }) : key
}
