import type { Room } from '@crisp-hem/core'

/** The room with what the scope says of a face; null takes it back. */
export function withScope(room: Room, face: string, scope: Room['scopes'][number]['scope'] | null, note = ''): Room {
  const others = room.scopes.filter((each) => each.face !== face)
  return { ...room, scopes: scope === null ? others : [...others, { face, scope, note }] }
}

/** Steps that named one of these faces no longer do; one that named nothing else goes. */
export function withoutTargets(room: Room, gone: readonly string[]): Room['steps'] {
  return room.steps.flatMap((step) => {
    const targets = step.targets.filter((target) => !gone.includes(target))
    return targets.length > 0 ? [{ ...step, targets }] : []
  })
}

/** What is left of a room's steps and notes once some of its faces are gone. */
export const withoutFaces = (room: Room, gone: readonly string[]): Pick<Room, 'steps' | 'scopes' | 'defects'> => ({
  steps: withoutTargets(room, gone),
  scopes: room.scopes.filter((scope) => !gone.includes(scope.face)),
  defects: room.defects.filter((defect) => !gone.includes(defect.face)),
})
