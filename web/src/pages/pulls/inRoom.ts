import { readHem, readSubject } from '@crisp-hem/core'
import type { Board } from './board'

/** As much of the board as is in one room; all of it for null. */
export function inRoom(board: Board, roomId: string | null): Board {
  if (roomId === null) return board
  return {
    pulls: board.pulls.filter(({ pull }) => pull.roomId === roomId),
    todo: board.todo.filter(({ task }) => task.roomId === roomId),
    toInspect: board.toInspect.filter((id) => readHem(id)?.roomId === roomId),
    toMend: board.toMend.filter((id) => readHem(id)?.roomId === roomId),
    breathers: board.breathers.filter((subject) => {
      const ref = readSubject(subject)
      return ref?.of === 'fitting' && ref.roomId === roomId
    }),
  }
}
