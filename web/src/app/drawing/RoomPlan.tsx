import { W } from '../words'
import { useState, type KeyboardEvent, type PointerEvent } from 'react'
import type { Leg, PlanPoint } from '@crisp-hem/core'
import { planScale, snapCorner } from './planScale'

interface RoomPlanProps {
  readonly walls: readonly (Leg & { readonly name: string })[]
  readonly picked?: string | null
  readonly size?: number
  /** Still being typed: drawn open from first corner to last. */
  readonly open?: boolean
  /** Corners can be dragged, and moved by arrow keys; false says that a move was refused. */
  readonly onMove?: (index: number, to: PlanPoint) => boolean
}

/** A small plan of a room with its walls named. */
export function RoomPlan({ walls, picked = null, size = 150, open = false, onMove }: RoomPlanProps) {
  const [drag, setDrag] = useState<{ index: number; to: PlanPoint } | null>(null)
  if (walls.length === 0) return null
  const plan = planScale(walls, size)
  const corners = plan.corners.map((corner, i) => (drag?.index === i ? drag.to : corner))
  const points = [...corners, open ? plan.end : corners[0]!].map(plan.toPx)
  return (
    <svg
      viewBox={`0 0 ${size} ${plan.height}`}
      width={size}
      height={plan.height}
      className={onMove ? 'touch-none' : ''}
      role={onMove ? 'group' : 'img'}
      aria-label={W.walk.planOf({ walls: walls.length })}
    >
      {!open && <polygon points={points.map((p) => `${p.x},${p.y}`).join(' ')} fill="var(--sheet)" />}
      {walls.map((wall, i) => (
        <PlanWall key={i} name={wall.name} a={points[i]!} b={points[i + 1]!} picked={wall.name === picked} />
      ))}
      {open && <circle cx={points.at(-1)!.x} cy={points.at(-1)!.y} r="4" fill="var(--act)" />}
      {onMove &&
        corners.map((corner, i) => (
          <Corner
            key={i}
            at={plan.toPx(corner)}
            name={W.walk.corner({ a: walls[(i + walls.length - 1) % walls.length]!.name, b: walls[i]!.name })}
            onDrag={(px) => setDrag({ index: i, to: snapCorner(plan.corners, i, plan.toMm(px)) })}
            onDrop={() => {
              if (drag) onMove(drag.index, drag.to)
              setDrag(null)
            }}
            onNudge={(dx, dy) => onMove(i, { x: corner.x + dx, y: corner.y + dy })}
          />
        ))}
    </svg>
  )
}

function PlanWall({ name, a, b, picked }: { name: string; a: PlanPoint; b: PlanPoint; picked: boolean }) {
  const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 }
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1
  // Names stand outside: left of the walking direction.
  const out = { x: ((b.y - a.y) / length) * 12, y: (-(b.x - a.x) / length) * 12 }
  return (
    <g>
      <line
        x1={a.x}
        y1={a.y}
        x2={b.x}
        y2={b.y}
        stroke="var(--ink)"
        strokeWidth={picked ? 5 : 2}
        strokeLinecap="square"
      />
      <text x={middle.x + out.x} y={middle.y + out.y + 4} fontSize="11.5" fontWeight="600" textAnchor="middle">
        {name}
      </text>
    </g>
  )
}

interface CornerProps {
  readonly at: PlanPoint
  readonly name: string
  readonly onDrag: (px: PlanPoint) => void
  readonly onDrop: () => void
  readonly onNudge: (dx: number, dy: number) => void
}

/** How far an arrow key moves a corner, mm; ten times as far with Shift. */
const NUDGE_MM = 10
const NUDGES: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

function Corner({ at, name, onDrag, onDrop, onNudge }: CornerProps) {
  const onDown = (event: PointerEvent<SVGCircleElement>) => event.currentTarget.setPointerCapture(event.pointerId)
  const onMove = (event: PointerEvent<SVGCircleElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return
    const svg = event.currentTarget.ownerSVGElement!
    onDrag(new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()!.inverse()))
  }
  const onKey = (event: KeyboardEvent) => {
    const way = NUDGES[event.key]
    if (!way) return
    event.preventDefault()
    const step = NUDGE_MM * (event.shiftKey ? 10 : 1)
    onNudge(way[0] * step, way[1] * step)
  }
  return (
    <g>
      <circle cx={at.x} cy={at.y} r="4" fill="var(--card)" stroke="var(--ink)" strokeWidth="1.5" pointerEvents="none" />
      <circle
        cx={at.x}
        cy={at.y}
        fill="transparent"
        className="hit-point cursor-move"
        role="button"
        tabIndex={0}
        aria-label={name}
        onPointerDown={onDown}
        onPointerMove={onMove}
        onPointerUp={onDrop}
        onKeyDown={onKey}
      />
    </g>
  )
}
