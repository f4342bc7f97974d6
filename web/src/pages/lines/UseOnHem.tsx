import { Link } from 'react-router'
import { edgeOfHem, type Hem, type LineFit, type Lump, type Room, type WanderPoint } from '@crisp-hem/core'
import { useEditRoom, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { factText, W } from '../../app/words'
import type { EdgeWay } from './EdgeWays'

interface UseOnHemProps {
  readonly room: Room
  readonly hem: Hem
  readonly points: readonly WanderPoint[]
  readonly way: EdgeWay
  readonly fit: LineFit
  readonly lumps: readonly Lump[]
  readonly through: readonly WanderPoint[]
}

/** A reading as the job file keeps it. */
const asKept = ({ atMm, offMm }: WanderPoint): WanderPoint => ({
  atMm: Math.round(atMm),
  offMm: Math.round(offMm * 100) / 100,
})

/** The farthest an edge is noted to wander, mm, as the job file has it. */
const MOST_WANDER_MM = 200

/** Puts the readings, how far they wander and what is done about it to the hem, so that its recipe goes by them. */
export function UseOnHem({ room, hem, points, way, fit, lumps, through }: UseOnHemProps) {
  const { id } = useFacts()
  const editRoom = useEditRoom(room.id)
  const edge = edgeOfHem(hem.id)
  const offs = points.map(({ offMm }) => offMm)
  const noted: Room['lines'][number] = {
    edge,
    wanderMm: Math.min(MOST_WANDER_MM, Math.round(Math.max(...offs) - Math.min(...offs))),
    way: way === 'follow' ? 'follow' : 'straighten',
    // Places to the millimetre, offsets to a hundredth: finer than a pencil.
    readings: points.map(asKept),
    through: through.map(asKept),
    fit,
    lumps: lumps.map(({ atMm, lengthMm, heightMm }) => ({
      atMm: Math.round(atMm),
      lengthMm: Math.round(lengthMm),
      heightMm: Math.round(heightMm * 100) / 100,
    })),
  }
  const isUsed = JSON.stringify(room.lines.find((line) => line.edge === edge)) === JSON.stringify(noted)
  const use = () =>
    editRoom((before) => ({ ...before, lines: [...before.lines.filter((line) => line.edge !== edge), noted] }))
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Button tone="act" disabled={isUsed} onClick={use}>
        {W.lines.use({ place: factText(hem.place) })}
      </Button>
      {isUsed && (
        <p role="status">
          {W.lines.used}{' '}
          <Link className="underline" to={`/jobs/${id}/recipes?hem=${encodeURIComponent(hem.id)}`}>
            {W.lines.toRecipe}
          </Link>
        </p>
      )}
    </div>
  )
}
