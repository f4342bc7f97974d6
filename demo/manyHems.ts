import { newRoom, type Job, type Room } from '@crisp-hem/core'
import { ternQuaySurvey } from './ternQuay'

/** A made-up job with at least so many hems, for measuring speed: copies of plain and textured rooms. */
export function manyHems(atLeast: number, hemsPerRoom: number): Job {
  const base = ternQuaySurvey()
  const [plain, textured] = [base.rooms[2]!, base.rooms[0]!]
  const rooms: Room[] = Array.from({ length: Math.ceil(atLeast / hemsPerRoom) }, (_, i) => {
    const like = i % 2 === 0 ? plain : textured
    return {
      ...newRoom(`r${i}`, `Room ${i + 1}`, like.walls),
      ...like,
      id: `r${i}`,
      name: `Room ${i + 1}`,
      crewId: null,
      neededBy: null,
    }
  })
  return { ...base, id: 'many-hems', name: 'Many hems', rooms }
}
