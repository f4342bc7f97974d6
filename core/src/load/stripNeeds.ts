import { type Job, said } from '../ground'
import { coverOf } from '../catalogue/find'
import type { CoverNeed } from '../covers/coverNeed'
import type { Hem } from '../hems/deriveHems'
import { endsMm } from '../hems/ends'
import type { Recipe } from '../recipes/recipe'

/**
 * Paper and film that lie beside hems, strip by strip as the recipes name them. What hangs or is taut covers a face of
 * the room, and stands among the room's covers already.
 */
export function stripNeeds(job: Job, hems: readonly Hem[], recipes: ReadonlyMap<string, Recipe>): CoverNeed[] {
  return hems.flatMap((hem): CoverNeed[] => {
    const layers = recipes.get(hem.id)?.layers ?? []
    return layers.flatMap(({ coverId, widthMm }) => {
      if (coverId === null || widthMm === null) return []
      const cover = coverOf(job.shelf, coverId)
      const runMm = hem.lengthMm + endsMm(hem)
      const place = { roomId: hem.roomId, what: hem.place, why: said('cover.beside'), hold: 'lies' } as const
      return [{ ...place, coverId, runMm, pieces: 0, areaMm2: runMm * cover.widthMm }]
    })
  })
}
