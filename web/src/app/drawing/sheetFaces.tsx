import {
  faceOf,
  faceName,
  formatLength,
  ringOf,
  stepOf,
  type Band,
  type Room,
  type UnitSystem,
  face as keyOfFace,
} from '@crisp-hem/core'
import { isPicked, type Pick } from './pick'
import type { Unrolled, UnrolledWall } from './unroll'
import { factText } from '../words'

export interface SheetProps {
  readonly room: Room
  readonly drawing: Unrolled
  readonly picked: Pick
  readonly onPick: (pick: Pick) => void
}

type Points = readonly { readonly x: number; readonly y: number }[]
const pointsText = (points: Points) => points.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ')

export const boxPoints = (x: number, y: number, width: number, height: number): Points => [
  { x, y },
  { x: x + width, y },
  { x: x + width, y: y + Math.max(0, height) },
  { x, y: y + Math.max(0, height) },
]

interface FaceShapeProps extends Omit<SheetProps, 'drawing'> {
  readonly faceKey: string
  readonly points: Points
  /** What is picked by a click; the face itself, if nothing else; null leaves the click to what it is part of. */
  readonly pick?: Pick | null
}

/** A face as it looks in the end: its colour, hatched where this job paints it; a click picks it. */
export function FaceShape({ room, faceKey, points, picked, onPick, pick }: FaceShapeProps) {
  const step = stepOf(room, faceKey)?.step
  const colour = step?.swatch ?? faceOf(room, faceKey).swatch
  const shape = pointsText(points)
  const own = pick === undefined ? { kind: 'face' as const, key: faceKey } : pick
  const on =
    own !== null &&
    ('key' in own ? isPicked(picked, 'face', own.key) : 'id' in own && isPicked(picked, own.kind, own.id))
  return (
    <g>
      <polygon points={shape} fill="var(--sheet)" />
      <polygon points={shape} fill={colour} opacity="0.42" />
      {step && <polygon points={shape} fill="url(#paint-field)" />}
      {own && (
        <polygon
          points={shape}
          fill="transparent"
          stroke={on ? 'var(--ink)' : 'none'}
          strokeWidth="3"
          className="cursor-pointer"
          role="button"
          tabIndex={-1}
          aria-label={factText(faceName(room, faceKey))}
          aria-pressed={on}
          onClick={() => onPick(own)}
        />
      )}
    </g>
  )
}

interface WallSheetProps extends SheetProps {
  readonly wall: UnrolledWall
  readonly units: UnitSystem
}

/** One wall with what lies above and below it. */
export function WallSheet({ room, drawing, wall, units, picked, onPick }: WallSheetProps) {
  const { x, y, width, top } = wall
  const survey = room.walls.find((each) => each.id === wall.id)!
  const foot = y + drawing.tall
  const above: Points = [...top.map((p) => ({ x: p.x, y: p.y - 11 })), ...[...top].reverse()]
  const face: Points = [...top, { x: x + width, y: foot - wall.skirting }, { x, y: foot - wall.skirting }]
  const parts: { key: string; points: Points }[] = [
    ...(survey.free ? [] : [{ key: 'ceiling', points: above }]),
    { key: keyOfFace('wall', wall.id), points: face },
    ...(wall.skirting > 0
      ? [{ key: 'skirting', points: boxPoints(x, foot - wall.skirting, width, wall.skirting) }]
      : []),
    { key: 'floor', points: boxPoints(x, foot, width, 9) },
  ]
  const shared = { room, picked, onPick }
  return (
    <g>
      {parts.map(({ key, points }) => (
        <FaceShape key={key} faceKey={key} points={points} {...shared} />
      ))}
      {survey.lapMm !== null && <Laps drawing={drawing} wall={wall} lapMm={survey.lapMm} fromMm={survey.lapFromMm} />}
      {room.bands
        .filter((band) => band.wallIds.includes(wall.id))
        .map((band) => (
          <BandShape key={band.id} band={band} wall={wall} drawing={drawing} {...shared} />
        ))}
      {room.foot
        .filter((stretch) => stretch.wallId === wall.id)
        .map((stretch) => (
          <FaceShape
            key={stretch.id}
            faceKey={stretch.floor ? keyOfFace('floor', stretch.id) : 'floor'}
            points={boxPoints(
              x + stretch.fromMm * drawing.scale,
              foot,
              (stretch.toMm - stretch.fromMm) * drawing.scale,
              9,
            )}
            pick={{ kind: 'foot', id: stretch.id }}
            {...shared}
          />
        ))}
      {[0, top.length - 1].map((end) => (
        <line
          key={end}
          x1={top[end]!.x}
          x2={top[end]!.x}
          y1={top[end]!.y - 11}
          y2={foot + 9}
          stroke="var(--ink)"
          strokeDasharray="2 4"
        />
      ))}
      <text x={x + 4} y={y - 17} fontSize="13" fontWeight="700">
        {wall.name}
      </text>
      {width > 62 && (
        <text x={x + width - 4} y={y - 17} fontSize="11.5" textAnchor="end" style={{ color: 'var(--soft)' }}>
          {formatLength(wall.lengthMm, units)}
        </text>
      )}
    </g>
  )
}

function BandShape({ band, wall, drawing, ...shared }: { band: Band; wall: UnrolledWall } & SheetProps) {
  const foot = wall.y + drawing.tall
  if (band.shapes.length > 0)
    return (
      <g>
        {band.shapes
          .filter(({ wallId }) => wallId === wall.id)
          .map((shape) => (
            <FaceShape
              key={shape.id}
              faceKey={keyOfFace('band', band.id)}
              points={ringOf(shape).map(({ x, y }) => ({
                x: wall.x + x * drawing.scale,
                y: Math.min(foot - y * drawing.scale, foot - wall.skirting),
              }))}
              pick={{ kind: 'band', id: band.id }}
              {...shared}
            />
          ))}
      </g>
    )
  const low = Math.max(band.fromMm * drawing.scale, wall.skirting)
  const high = Math.min(band.toMm * drawing.scale, foot - Math.min(...wall.top.map((p) => p.y)))
  return (
    <FaceShape
      faceKey={keyOfFace('band', band.id)}
      points={boxPoints(wall.x, foot - high, wall.width, high - low)}
      pick={{ kind: 'band', id: band.id }}
      {...shared}
    />
  )
}

interface LapsProps {
  readonly drawing: Unrolled
  readonly wall: UnrolledWall
  readonly lapMm: number
  readonly fromMm: number
}

/** Boards of a lapped face, one line for each. */
function Laps({ drawing, wall, lapMm, fromMm }: LapsProps) {
  const foot = wall.y + drawing.tall
  const step = lapMm * drawing.scale
  // From the first board's lower edge, which may lie above the ground or be cut by it.
  const first = (fromMm % lapMm) * drawing.scale
  const count = Math.floor((foot - first - Math.min(...wall.top.map((p) => p.y))) / step) + 1
  const id = `laps-${wall.id}`
  return (
    <g pointerEvents="none">
      <clipPath id={id}>
        <polygon points={pointsText([...wall.top, { x: wall.x + wall.width, y: foot }, { x: wall.x, y: foot }])} />
      </clipPath>
      <path
        clipPath={`url(#${id})`}
        d={Array.from({ length: count }, (_, i) => `M${wall.x} ${foot - first - i * step}h${wall.width}`).join('')}
        stroke="var(--ink)"
        strokeWidth="0.5"
        opacity="0.35"
      />
    </g>
  )
}
