import { readActivity, readRound, readSubject, type Hem, type Room, type SubjectKey } from '@crisp-hem/core'
import type { HistoryLine } from '@crisp-hem/core/wire'
import { byWords } from '../../app/naming/byWords'
import { factText, W } from '../../app/words'

/** What a history is told with: names of rooms and places of hems. */
interface HistoryNames {
  readonly rooms: readonly Room[]
  readonly hems: ReadonlyMap<string, Hem>
  readonly crews: readonly { readonly id: string; readonly name: string }[]
}

const roomName = (rooms: readonly Room[], id: string | undefined): string =>
  rooms.find((room) => room.id === id)?.name ?? W.history.parts.rooms

const isPart = (name: string | undefined): name is keyof typeof W.history.parts =>
  name !== undefined && name in W.history.parts

const partWords = (name: string | undefined): string => W.history.parts[isPart(name) ? name : 'other']

/** `rooms / parlour / openings / o1 / widthMm` as `Parlour, openings`. */
function pathWords(path: string, rooms: readonly Room[]): string {
  const [top, id, part] = path.split(' / ')
  return top === 'rooms' && id ? W.history.room({ room: roomName(rooms, id), part: partWords(part) }) : partWords(top)
}

/** `fitting:r1/f2`, `room:r1`, `work:r1/s2/cover` or a hem’s id as where it is. */
function subjectWords(subject: SubjectKey, { rooms, hems }: HistoryNames): string {
  const hem = hems.get(subject)
  if (hem) return `${roomName(rooms, hem.roomId)}, ${factText(hem.place)}`
  return roomName(rooms, roomOf(subject))
}

/** The room a subject lies in; undefined for one that lies in none. */
function roomOf(subject: SubjectKey): string | undefined {
  const ref = readSubject(subject)
  if (ref?.of === 'room' || ref?.of === 'fitting') return ref.roomId
  const round = ref?.of === 'field' ? readRound(ref.roundId) : null
  const act = ref?.of === 'work' ? readActivity(ref.activityId) : null
  return round?.roomId ?? (act?.of === 'round' ? act.round.roomId : act?.roomId)
}

/** A line of a history as a sentence. */
export function historyWords(line: HistoryLine, names: HistoryNames): string {
  const who = byWords(names.crews, line.by)
  const [first = ''] = line.of
  if (line.what === 'published') return W.history.published({ who, number: first })
  if (line.what === 'edited') {
    const all = [...new Set(line.of.map((path) => pathWords(path, names.rooms)))]
    return W.history.edited({ who, what: withOthers(all) })
  }
  const [, ...subjects] = line.of
  const all = [...new Set(subjects.map((subject) => subjectWords(subject, names)))]
  const kind = W.history.kinds[first as keyof typeof W.history.kinds]
  return W.history.ticked({ who, kind, what: withOthers(all) })
}

const withOthers = ([first = '', ...others]: readonly string[]): string =>
  others.length === 0 ? first : W.history.others({ what: first, n: others.length })
