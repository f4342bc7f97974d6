import { traceOutline, type Turn } from '@crisp-hem/core'

interface RoomPlanProps {
  readonly walls: readonly { readonly name: string; readonly lengthMm: number; readonly turn: Turn }[]
  readonly picked?: string | null
  readonly size?: number
  /** Still being typed: drawn open from first corner to last. */
  readonly open?: boolean
}

/** A small plan of a room with its walls named. */
export function RoomPlan({ walls, picked = null, size = 150, open = false }: RoomPlanProps) {
  if (walls.length === 0) return null
  const { corners, end } = traceOutline(walls)
  const points = [...corners, end]
  const [minX, minY] = [Math.min(...points.map((p) => p.x)), Math.min(...points.map((p) => p.y))]
  const [maxX, maxY] = [Math.max(...points.map((p) => p.x)), Math.max(...points.map((p) => p.y))]
  const scale = (size - 44) / Math.max(maxX - minX, maxY - minY, 1)
  const px = (p: { x: number; y: number }) => ({ x: 22 + (p.x - minX) * scale, y: 22 + (p.y - minY) * scale })
  const height = 44 + (maxY - minY) * scale
  return (
    <svg
      viewBox={`0 0 ${size} ${height}`}
      width={size}
      height={height}
      role="img"
      aria-label={`plan with ${walls.length} walls`}
    >
      {!open && <polygon points={corners.map((p) => `${px(p).x},${px(p).y}`).join(' ')} fill="var(--sheet)" />}
      {walls.map((wall, i) => {
        const [a, b] = [px(corners[i]!), px(points[i + 1]!)]
        const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 }
        const length = Math.hypot(b.x - a.x, b.y - a.y) || 1
        // Names stand outside: left of the walking direction.
        const out = { x: ((b.y - a.y) / length) * 12, y: (-(b.x - a.x) / length) * 12 }
        return (
          <g key={i}>
            <line
              x1={a.x}
              y1={a.y}
              x2={b.x}
              y2={b.y}
              stroke="var(--ink)"
              strokeWidth={wall.name === picked ? 5 : 2}
              strokeLinecap="square"
            />
            <text x={middle.x + out.x} y={middle.y + out.y + 4} fontSize="11.5" fontWeight="600" textAnchor="middle">
              {wall.name}
            </text>
          </g>
        )
      })}
      {open && <circle cx={px(end).x} cy={px(end).y} r="4" fill="var(--act)" />}
    </svg>
  )
}
