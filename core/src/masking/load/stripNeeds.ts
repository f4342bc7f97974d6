import { isFace, type Job, said } from '../../base/nouns'
import { coverOf } from '../../survey/shelf/find'
import type { CoverNeed } from '../covers/coverNeed'
import type { Hem } from '../../survey/hems/deriveHems'
import { endsMm } from '../../survey/hems/ends'
import type { Recipe } from '../recipes/recipe'
import { groupedBy } from '../../base/units/groupedBy'

/**
 * Paper and film that lie beside hems, as the recipes name them; for each room and cover one need. What covers a face of
 * the room stands among the rooms' covers already (`ofRooms`), and so does paper along a floor that lies under paper as a whole.
 */
export function stripNeeds(
  job: Job,
  hems: readonly Hem[],
  recipes: ReadonlyMap<string, Recipe>,
  ofRooms: readonly CoverNeed[],
): CoverNeed[] {
  const ofRoom = groupedBy(hems, (hem) => hem.roomId)
  return job.rooms.flatMap((room) => {
    const fields = ofRooms.flatMap((need) =>
      need.roomId === room.id && need.why.code === 'cover.mist' ? [need.coverId] : [],
    )
    const strips = (ofRoom.get(room.id) ?? []).flatMap((hem) =>
      (recipes.get(hem.id)?.layers ?? []).flatMap(({ coverId, widthMm }) => {
        const isField = coverId !== null && isFace(hem.keep, 'floor') && fields.includes(coverId)
        return coverId === null || widthMm === null || isField ? [] : [{ coverId, runMm: hem.lengthMm + endsMm(hem) }]
      }),
    )
    return [...groupedBy(strips, (strip) => strip.coverId)].map(([coverId, own]): CoverNeed => {
      const runMm = own.reduce((sum, strip) => sum + strip.runMm, 0)
      const what = said('cover.lines', { count: own.length })
      const areaMm2 = runMm * coverOf(job.shelf, coverId).widthMm
      return {
        roomId: room.id,
        what,
        why: said('cover.beside'),
        hold: 'lies',
        coverId,
        cuts: [],
        runMm,
        pieces: 0,
        areaMm2,
        stepIds: null,
      }
    })
  })
}
