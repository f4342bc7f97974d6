import type { Room } from '@crisp-hem/core'

/** `fitting:r1/f3` as `Hall: smoke alarm`. */
export function breatherWords(rooms: readonly Room[], subject: string): string {
  const [roomId, fittingId] = subject.slice('fitting:'.length).split('/')
  const room = rooms.find((each) => each.id === roomId)
  return `${room?.name ?? ''}: ${room?.fittings.find((each) => each.id === fittingId)?.name ?? subject}`
}
