import { W } from '../words'
import { Maximize, Minus, Plus, Ruler } from 'lucide-react'
import { useCallback, useMemo, useRef, useState, type KeyboardEvent, type MouseEvent, type PointerEvent } from 'react'
import { formatLength, type Hem, type Room, type UnitSystem } from '@crisp-hem/core'
import { HemOnSheet } from './HemOnSheet'
import { nearestHem } from './nearestHem'
import { distanceMm, sheetPoint, type SheetPoint } from './measure'
import type { Pick } from './pick'
import { WallSheet } from './sheetFaces'
import { FittingShape, OpeningShape, PieceShape } from './sheetThings'
import type { Stitch } from './stitch'
import { unrollRoom, type Unrolled } from './unroll'
import { useSheetView } from './useSheetView'

interface UnrolledRoomProps {
  readonly room: Room
  readonly hems: readonly Hem[]
  readonly units: UnitSystem
  readonly stitch: (hem: Hem) => Stitch
  readonly picked: Pick
  /** Hems chosen together, by id. */
  readonly chosen?: ReadonlySet<string>
  readonly onPick: (pick: Pick, more?: boolean) => void
}

const SHEET_WIDTH = 690
const NONE: ReadonlySet<string> = new Set()

/** The working drawing: every wall with its openings, fittings, trim, ceiling and floor, and every hem on it. */
export function UnrolledRoom({ room, hems, units, stitch, picked, chosen = NONE, onPick }: UnrolledRoomProps) {
  const drawing = useMemo(() => unrollRoom(room, SHEET_WIDTH), [room])
  const box = useMemo(() => ({ x: -6, y: 0, width: SHEET_WIDTH + 12, height: drawing.height }), [drawing])
  const { attach, zoomBy, panBy, whole } = useSheetView(box)
  const [measuring, setMeasuring] = useState(false)
  const sheet = useRef<HTMLDivElement>(null)
  const onKey = (event: KeyboardEvent) => {
    if (event.key === '+' || event.key === '=') return zoomBy(1.4)
    if (event.key === '-') return zoomBy(1 / 1.4)
    if (event.key === '0') return whole()
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
    if (!step) return
    event.preventDefault()
    if (event.altKey) {
      const level = event.key === 'ArrowRight' || event.key === 'ArrowLeft'
      return panBy(level ? step * 60 : 0, level ? 0 : step * 40)
    }
    if (hems.length === 0) return
    const here = picked.kind === 'hem' ? hems.findIndex((hem) => hem.id === picked.id) : step > 0 ? -1 : 0
    const next = hems[(here + step + hems.length) % hems.length]!
    onPick({ kind: 'hem', id: next.id }, event.shiftKey)
    sheet.current?.querySelector<SVGGElement>(`[data-hem="${CSS.escape(next.id)}"]`)?.focus()
  }
  const parts = { room, drawing, picked, onPick }
  const onPoint = useCallback(
    (hem: Hem, event: MouseEvent) => {
      const screen = (event.currentTarget as SVGGElement).ownerSVGElement?.getScreenCTM()
      // A click without a place, as a screen reader makes, means the hem itself.
      const placed = screen && event.detail > 0
      const at = placed ? new DOMPoint(event.clientX, event.clientY).matrixTransform(screen.inverse()) : null
      const meant = (at && nearestHem(hems, drawing, at)) ?? hem
      onPick({ kind: 'hem', id: meant.id }, event.shiftKey)
    },
    [hems, drawing, onPick],
  )
  // The shorter lie above the longer: a thumb still finds them.
  const inReach = useMemo(() => [...hems].sort((a, b) => b.lengthMm - a.lengthMm), [hems])
  return (
    <div ref={sheet} className="relative">
      <div className="no-print absolute -top-9 right-0 z-10 flex gap-0.5" role="group" aria-label={W.walk.view}>
        <SheetButton label={W.walk.zoomIn} onClick={() => zoomBy(1.4)} icon={<Plus size={15} aria-hidden />} />
        <SheetButton label={W.walk.zoomOut} onClick={() => zoomBy(1 / 1.4)} icon={<Minus size={15} aria-hidden />} />
        <SheetButton label={W.walk.whole} onClick={whole} icon={<Maximize size={14} aria-hidden />} />
        <SheetButton
          label={W.walk.measure}
          pressed={measuring}
          onClick={() => setMeasuring(!measuring)}
          icon={<Ruler size={15} aria-hidden />}
        />
      </div>
      <svg
        ref={attach}
        data-sheet={room.id}
        className="block w-full min-w-[430px] overflow-hidden"
        style={{ aspectRatio: `${box.width} / ${box.height}` }}
        onKeyDown={onKey}
        role="group"
        aria-label={W.walk.unrolledName({ room: room.name })}
      >
        {drawing.walls.map((wall) => (
          <WallSheet key={wall.id} wall={wall} units={units} {...parts} />
        ))}
        {room.openings.map((opening) => (
          <OpeningShape key={opening.id} opening={opening} {...parts} />
        ))}
        {room.pieces.map((piece) => (
          <PieceShape key={piece.id} piece={piece} {...parts} />
        ))}
        {room.fittings.map((fitting) => (
          <FittingShape key={fitting.id} fitting={fitting} {...parts} />
        ))}
        {inReach.map((hem) => (
          <HemOnSheet
            key={hem.id}
            hem={hem}
            drawing={drawing}
            stitch={stitch(hem)}
            picked={(picked.kind === 'hem' && picked.id === hem.id) || chosen.has(hem.id)}
            tabbable={picked.kind === 'hem' ? picked.id === hem.id : hem === hems[0]}
            units={units}
            onPick={onPick}
            onPoint={onPoint}
          />
        ))}
        {measuring && <Measure room={room} drawing={drawing} units={units} />}
      </svg>
    </div>
  )
}

interface SheetButtonProps {
  readonly label: string
  readonly icon: React.ReactNode
  readonly onClick: () => void
  readonly pressed?: boolean
}

function SheetButton({ label, icon, onClick, pressed }: SheetButtonProps) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      aria-pressed={pressed}
      className="grid size-8 place-items-center border border-rule bg-card hover:bg-deep aria-pressed:bg-ink aria-pressed:text-ground"
      onClick={onClick}
    >
      {icon}
    </button>
  )
}

/** Two clicks and the distance between them; corners catch the pointer. */
function Measure({ room, drawing, units }: { room: Room; drawing: Unrolled; units: UnitSystem }) {
  const [points, setPoints] = useState<readonly SheetPoint[]>([])
  const onDown = (event: PointerEvent<SVGRectElement>) => {
    const svg = event.currentTarget.ownerSVGElement!
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()!.inverse())
    const point = sheetPoint(room, drawing, at, 9)
    if (point) setPoints((before) => (before.length === 1 ? [before[0]!, point] : [point]))
  }
  const px = points.map((point) => drawing.at(point.wallId, point.xMm, point.yMm))
  const [a, b] = px
  return (
    <g>
      <rect
        x="-6"
        width={SHEET_WIDTH + 12}
        height={drawing.height}
        fill="transparent"
        className="cursor-crosshair"
        onPointerDown={onDown}
      />
      {px.map((point, i) => (
        <circle key={i} cx={point.x} cy={point.y} r="4" fill="var(--act)" pointerEvents="none" />
      ))}
      {a && b && (
        <g pointerEvents="none">
          <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} stroke="var(--act)" strokeWidth="2" />
          <text
            x={(a.x + b.x) / 2}
            y={(a.y + b.y) / 2 - 6}
            textAnchor="middle"
            fontSize="14"
            fontWeight="700"
            role="status"
            paintOrder="stroke"
            stroke="var(--sheet)"
            strokeWidth="4"
          >
            {formatLength(distanceMm(drawing, points[0]!, points[1]!), units)}
          </text>
        </g>
      )}
    </g>
  )
}
