import { useId } from 'react'
import {
  gatheredIn,
  traceOutline,
  type FloorPlan,
  type GatheredNeeds,
  type Laid,
  type PlanPoint,
  type Room,
} from '@crisp-hem/core'
import { W } from '../../app/words'

const [WIDE, HIGH, MARGIN] = [340, 240, 14]

/** A floor from above, to scale: outline, what lies on it with its laps, ways out doubled, furniture by number. */
export function FloorDrawing({ room, plan }: { room: Room; plan: FloorPlan }) {
  const all = [...plan.ring, ...[...plan.field, ...plan.boards, ...plan.waysOut].flatMap(({ corners }) => corners)]
  const [minX, maxX] = extent(all.map(({ x }) => x))
  const [minY, maxY] = extent(all.map(({ y }) => y))
  const scale = Math.min((WIDE - 2 * MARGIN) / (maxX - minX), (HIGH - 2 * MARGIN) / (maxY - minY))
  const px = ({ x, y }: PlanPoint) => `${MARGIN + (x - minX) * scale},${MARGIN + (y - minY) * scale}`
  const clip = useId()
  const gathered = gatheredIn(room)
  const points = (corners: readonly PlanPoint[]) => corners.map(px).join(' ')
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${2 * MARGIN + (maxY - minY) * scale}`}
      className="block w-full"
      role="img"
      aria-label={W.floors.of({ room: room.name })}
    >
      <clipPath id={clip}>
        <polygon points={points(plan.ring)} />
      </clipPath>
      {/* What is folded up at a wall stays visible as an outline. */}
      {[...plan.field, ...plan.waysOut.filter((_, i) => i % 2 === 0)].map((laid, i) => (
        <polygon key={i} points={points(laid.corners)} fill="none" stroke="var(--seam)" strokeDasharray="3 3" />
      ))}
      <g clipPath={`url(#${clip})`}>
        <polygon points={points(plan.ring)} fill="var(--sheet)" />
        {plan.field.map((laid, i) => (
          <polygon
            key={`f${i}`}
            points={points(laid.corners)}
            fill={FILL[laid.as]}
            fillOpacity="0.4"
            stroke="var(--kraft-edge)"
          />
        ))}
        {[...plan.boards, ...plan.stairs].map((laid, i) => (
          <polygon key={`b${i}`} points={points(laid.corners)} fill={FILL[laid.as]} stroke="var(--ink)" />
        ))}
        {plan.waysOut.map((laid, i) => (
          <polygon
            key={`w${i}`}
            points={points(laid.corners)}
            fill={i % 2 === 0 ? 'var(--kraft)' : 'none'}
            fillOpacity="0.5"
            stroke="var(--ink)"
            strokeWidth="1.4"
            strokeDasharray={i % 2 === 0 ? undefined : '5 4'}
            transform={i % 2 === 0 ? undefined : 'translate(3 3)'}
          />
        ))}
      </g>
      <polygon points={points(plan.ring)} fill="none" stroke="var(--ink)" strokeWidth="2.5" />
      {gathered && (
        <polygon
          points={points(gathered.block)}
          fill="var(--card)"
          fillOpacity="0.85"
          stroke="var(--ink)"
          strokeDasharray="6 3"
        />
      )}
      {furnitureAt(room, gathered).map(({ at, corners }, i) => {
        const [x, y] = px(at).split(',').map(Number)
        return (
          <g key={i}>
            {corners && (
              <polygon points={points(corners)} fill="var(--ground-deep)" stroke="var(--ink)" strokeWidth="0.8" />
            )}
            <circle cx={x} cy={y} r="9" fill="var(--card)" stroke="var(--ink)" />
            <text x={x} y={(y ?? 0) + 4} textAnchor="middle" fontSize="11" fill="var(--ink)">
              {i + 1}
            </text>
          </g>
        )
      })}
    </svg>
  )
}

const FILL: Record<Laid['as'], string> = {
  field: 'var(--kraft)',
  strip: 'var(--card)',
  middle: 'var(--ground-deep)',
  board: 'var(--sheet)',
  stairs: 'var(--kraft)',
  'way-out': 'none',
}

const extent = (numbers: readonly number[]): [number, number] => [Math.min(...numbers), Math.max(...numbers)]

interface Stands {
  readonly at: PlanPoint
  /** Null where it stands at its wall: the walk shows how large it is. */
  readonly corners: readonly PlanPoint[] | null
}

/** Where furniture stands: gathered, else before its wall, at half its depth. */
function furnitureAt(room: Room, gathered: GatheredNeeds | null): Stands[] {
  if (room.kind !== 'room') return []
  const { corners } = traceOutline(room.walls)
  return room.pieces
    .filter((piece) => piece.kind === 'furniture')
    .flatMap((piece): Stands[] => {
      const points = gathered?.places[gathered.pieces.indexOf(piece)]
      if (points) return [{ at: middleOf(points), corners: points }]
      const i = room.walls.findIndex((wall) => wall.id === piece.wallId)
      const [a, b] = [corners[i], corners[(i + 1) % corners.length]]
      if (!a || !b) return []
      const long = Math.hypot(b.x - a.x, b.y - a.y) || 1
      const [x, y] = [(b.x - a.x) / long, (b.y - a.y) / long]
      const [along, out] = [piece.atMm + piece.widthMm / 2, piece.depthMm / 2]
      return [{ at: { x: a.x + x * along - y * out, y: a.y + y * along + x * out }, corners: null }]
    })
}

const middleOf = (corners: readonly PlanPoint[]): PlanPoint => ({
  x: corners.reduce((sum, { x }) => sum + x, 0) / corners.length,
  y: corners.reduce((sum, { y }) => sum + y, 0) / corners.length,
})
