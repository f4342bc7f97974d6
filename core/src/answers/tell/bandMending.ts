import { readActivity, readSubject, face, mendingMin, type HemId, type Job } from '../../base/nouns'
import type { Parameters } from '../../base/parameters/parameters'
import { bandPerMetre } from '../../nature/risk/banding'
import { coatOfStep } from '../../nature/cure/film'
import { lightness } from '../../survey/rooms/contrast'
import type { Hem } from '../../survey/hems/deriveHems'
import type { Task } from './task'

interface BandSetup {
  readonly job: Job
  readonly hems: ReadonlyMap<HemId, Hem>
  /** The field that comes too late, and the work that cut the line beside it. */
  readonly fieldId: string
  readonly line: Task | undefined
  readonly parameters: Pick<Parameters, 'band'>
}

/**
 * Minutes of rolling out that are to be expected where a field is reached when the line beside it has set: metres of that line on
 * the field's wall × chance that a metre of band shows, by sheen and depth of colour × what mending a metre costs the house.
 */
export function bandMendingMin({ job, hems, fieldId, line, parameters }: BandSetup): number {
  const ref = readActivity(fieldId)
  const room = job.rooms.find(({ id }) => id === line?.roomId)
  const step = room?.steps.find(({ id }) => id === line?.stepId)
  if (!line || !room || !step || ref?.of !== 'round') return 0
  const walls = new Set(ref.round.wallIds.map((id) => face('wall', id)))
  const metres = line.subjects.reduce((sum, subject) => {
    const named = readSubject(subject)
    const hem = named?.of === 'hem' ? hems.get(named.hemId) : undefined
    return hem && walls.has(hem.paint) ? sum + hem.lengthMm / 1000 : sum
  }, 0)
  const shows = bandPerMetre(coatOfStep(job.shelf, step).sheen, lightness(step.swatch), parameters)
  return Math.round(mendingMin(metres * shows * job.house.mendBandMinor, job.house))
}
