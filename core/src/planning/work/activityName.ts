import {
  listed,
  readActivity,
  said,
  word,
  type ActivityId,
  type ActivityRef,
  type Fact,
  type Job,
  type PaintStep,
  type Room,
  type RoundRef,
  type Said,
} from '../../base/nouns'

/** What each act of an id is called as a kind of work. */
const KIND: Readonly<Record<ActivityRef['act'], string>> = {
  prep: 'prep',
  smooth: 'smooth',
  mend: 'mend',
  cover: 'cover',
  look: 'look',
  uncover: 'uncover',
  mark: 'mark',
  'gun-up': 'gun-up',
  'gun-down': 'gun-down',
  lay: 'lay',
  seal: 'seal',
  bead: 'seal',
  pull: 'pull',
  'pull-dry': 'pull',
  'pull-floor': 'pull',
  peel: 'pull',
  coat: 'coat',
  roll: 'roll',
}

/** A round in words: its colour, and the walls or the part of one it takes in. */
export function roundName(room: Pick<Room, 'walls'>, step: Pick<PaintStep, 'name'>, { wallIds, part }: RoundRef): Said {
  const walls = room.walls.filter((wall) => wallIds.includes(wall.id)).map((wall) => wall.name)
  if (part === null && walls.length === room.walls.length) return said('round.name_whole', { step: step.name })
  const facts = { step: step.name, count: walls.length, walls: listed(walls) }
  return part === null ? said('round.name', facts) : said('round.name_part', { ...facts, part })
}

/**
 * A piece of work in words by its id alone, so that no two of a plan read alike: room, colour, walls where it does not
 * take in all of them, and what is done.
 *
 * @param acts  what is done, where it is not its own kind of work alone
 * @returns the id where that is no activity's
 */
export function activityName(rooms: Job['rooms'], id: ActivityId, acts?: Fact): Said | string {
  const ref = readActivity(id)
  if (!ref) return id
  const { roomId, stepId } =
    ref.of === 'round' ? ref.round : { roomId: ref.roomId, stepId: ref.of === 'step' ? ref.stepId : null }
  const room = rooms.find((each) => each.id === roomId)
  const step = room?.steps.find((each) => each.id === stepId)
  const facts = { room: room?.name ?? roomId, acts: acts ?? word('task', KIND[ref.act]) }
  if (!room || !step) return said('task.of_room', facts)
  return ref.of === 'round' && hasOwnWalls(room, ref.round)
    ? said('task.of_round', { ...facts, round: roundName(room, step, ref.round) })
    : said('task.of_step', { ...facts, step: step.name })
}

/** Whether a round is told by its walls: it takes in some that the room still has, not all. */
function hasOwnWalls(room: Room, { wallIds, part }: RoundRef): boolean {
  const known = room.walls.filter((wall) => wallIds.includes(wall.id)).length
  return part !== null || (known > 0 && known < room.walls.length)
}
