import { readSubject, type LogEvent } from '../../base/nouns'
import { standingEvents } from './hemStates'

/** Lengths that were cut off rolls of a cover for a room, and the lines of the log that say so. */
export interface CutDone {
  readonly eventId: string
  readonly coverId: string
  readonly roomId: string
  readonly lengthMm: number
}

/** What has been cut by the log, the first first. */
export function cutsDone(log: readonly LogEvent[]): CutDone[] {
  return standingEvents(log).flatMap(({ id, kind, subjects, amount }): CutDone[] => {
    if (kind !== 'cut' || amount === null) return []
    const refs = subjects.map(readSubject)
    const cover = refs.flatMap((ref) => (ref?.of === 'stock' ? (/^cover:(.+)$/.exec(ref.article)?.[1] ?? []) : []))[0]
    const room = refs.flatMap((ref) => (ref?.of === 'room' ? ref.roomId : []))[0]
    return cover !== undefined && room !== undefined
      ? [{ eventId: id, coverId: cover, roomId: room, lengthMm: amount }]
      : []
  })
}

/**
 * Which panels of a cut plan are cut: of alike ones for a room the first so many. A plan made anew keeps what is cut, wherever on
 * its rolls it stands now.
 *
 * @returns by panel the line that says so, or null
 */
export function panelsCut(
  panels: readonly { readonly coverId: string; readonly roomId: string; readonly lengthMm: number }[],
  done: readonly CutDone[],
): (string | null)[] {
  const left = [...done]
  return panels.map((panel) => {
    const i = left.findIndex(
      (cut) => cut.coverId === panel.coverId && cut.roomId === panel.roomId && cut.lengthMm === panel.lengthMm,
    )
    return i < 0 ? null : (left.splice(i, 1)[0]?.eventId ?? null)
  })
}
