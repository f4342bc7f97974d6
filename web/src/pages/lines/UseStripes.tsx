import { Link } from 'react-router'
import { withStripes, type Room, type StripesOver } from '@crisp-hem/core'
import { useEditRoom, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { W } from '../../app/words'

/** Colours to draw stripes in until somebody says which they are on the Walk. */
const SWATCHES = ['#7f9c86', '#8c7b6b', '#5f7391', '#a08a5c'] as const

interface UseStripesProps {
  readonly room: Room
  readonly wallIds: readonly string[]
  readonly plan: StripesOver
  /** Where the lowest begins, above the floor. */
  readonly lowMm: number
}

/** Puts level stripes on the walls, so that their edges are taped and planned like all others. */
export function UseStripes({ room, wallIds, plan, lowMm }: UseStripesProps) {
  const { id } = useFacts()
  const editRoom = useEditRoom(room.id)
  const ground = plan.stripes[0]?.colour
  const stripes = plan.stripes
    .filter(({ colour }) => colour !== ground)
    .map(({ fromMm, toMm, colour }) => ({ fromMm: lowMm + fromMm, toMm: lowMm + toMm, colour }))
  const colours = [...new Set(stripes.map(({ colour }) => colour))]
  const after = withStripes(
    room,
    { wallIds, stripes },
    (colour) => SWATCHES[colours.indexOf(colour) % SWATCHES.length] ?? SWATCHES[0],
  )
  if (!after) return <p>{W.lines.noGround}</p>
  const isThere = stripes.every(({ fromMm, toMm }) =>
    room.bands.some((band) => band.kind === 'stripe' && band.fromMm === fromMm && band.toMm === toMm),
  )
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Button tone="act" disabled={isThere} onClick={() => editRoom(() => after)}>
        {W.lines.useStripes}
      </Button>
      {isThere && (
        <p role="status">
          {W.lines.stripesThere}{' '}
          <Link className="underline" to={`/jobs/${id}/walk/${room.id}`}>
            {W.lines.toWalk}
          </Link>
        </p>
      )}
    </div>
  )
}
