import type { EdgeKey } from './edgeKey'
import { ID_PATTERN } from './faceKey'

import type { KeyText } from './keyText'

/** A hem's id as text: its room, and the edge it lies on. Made by {@link writeHem}, read by {@link readHem}. */
export type HemId = KeyText<'hem'>

interface HemRef {
  readonly roomId: string
  readonly edge: EdgeKey
}

export const writeHem = ({ roomId, edge }: HemRef): HemId => `${roomId}/${edge}`

/** What a hem's id names; null for text that is none. */
export function readHem(id: string): HemRef | null {
  const at = id.indexOf('/')
  if (at < 1 || at === id.length - 1) return null
  const [roomId, edge] = [id.slice(0, at), id.slice(at + 1)]
  return ID_PATTERN.test(roomId) ? { roomId, edge } : null
}

/** The edge a hem lies on. */
export const edgeOfHem = (id: HemId): EdgeKey => readHem(id)?.edge ?? String(id)
