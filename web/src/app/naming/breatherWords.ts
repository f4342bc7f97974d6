import { readSubject, type Room, type SubjectKey } from '@crisp-hem/core'

/** `fitting:r1/f3` as `Hall: smoke alarm`. */
export function breatherWords(rooms: readonly Room[], subject: SubjectKey): string {
  const ref = readSubject(subject)
  if (ref?.of !== 'fitting') return subject
  const room = rooms.find((each) => each.id === ref.roomId)
  return `${room?.name ?? ''}: ${room?.fittings.find((fitting) => fitting.id === ref.fittingId)?.name ?? subject}`
}
