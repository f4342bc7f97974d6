import { BREATHER_KINDS, type Fitting, type Opening, type Piece, face } from '@crisp-hem/core'
import { isPicked, type Pick } from './pick'
import { boxPoints, FaceShape, type SheetProps } from './sheetFaces'
import type { Unrolled } from './unroll'

/** A click target with a name. */
function Thing({
  name,
  pick,
  on,
  onPick,
  children,
}: {
  name: string
  pick: Pick
  on: boolean
  onPick: (pick: Pick) => void
  children: React.ReactNode
}) {
  return (
    <g
      className="cursor-pointer"
      onClick={() => onPick(pick)}
      role="button"
      tabIndex={-1}
      aria-label={name}
      aria-pressed={on}
    >
      {children}
    </g>
  )
}

export function OpeningShape({ room, opening: o, drawing, picked, onPick }: { opening: Opening } & SheetProps) {
  const { scale } = drawing
  const corner = drawing.at(o.wallId, o.atMm, o.sillMm + o.heightMm)
  const [width, height, casing] = [o.widthMm * scale, o.heightMm * scale, o.casingMm * scale]
  const bottom = o.sillMm === 0 ? 0 : casing
  const on = isPicked(picked, 'opening', o.id)
  const outer = {
    x: corner.x - casing,
    y: corner.y - casing,
    width: width + 2 * casing,
    height: height + casing + bottom,
  }
  return (
    <Thing name={o.name} pick={{ kind: 'opening', id: o.id }} on={on} onPick={onPick}>
      {casing > 0 && o.casing && (
        <FaceShape
          room={room}
          faceKey={face('casing', o.id)}
          points={boxPoints(outer.x, outer.y, outer.width, outer.height)}
          picked={picked}
          onPick={onPick}
          pick={null}
        />
      )}
      <rect x={corner.x} y={corner.y} width={width} height={height} fill="var(--sheet)" stroke="var(--ink)" />
      {o.leaf && <rect x={corner.x} y={corner.y} width={width} height={height} fill={o.leaf.swatch} opacity="0.45" />}
      <path d={barsPath(o, corner, width, height)} stroke="var(--ink)" strokeWidth={o.glazing ? 1.4 : 1} fill="none" />
      {o.kind === 'door' && (
        <circle cx={corner.x + width - 5} cy={corner.y + height * 0.52} r="1.8" fill="var(--ink)" />
      )}
      {on && <rect {...outer} fill="none" stroke="var(--ink)" strokeWidth="3" />}
    </Thing>
  )
}

/** Bars between panes; a plain window has a cross, a door nothing. */
function barsPath(o: Opening, corner: { x: number; y: number }, width: number, height: number): string {
  const g = o.glazing ?? (o.kind === 'window' ? { leaves: 1, wide: 2, high: 2 } : null)
  if (!g) return ''
  const columns = g.leaves * g.wide
  const upright = Array.from(
    { length: columns - 1 },
    (_, i) => `M${corner.x + ((i + 1) * width) / columns} ${corner.y}v${height}`,
  )
  const level = Array.from(
    { length: g.high - 1 },
    (_, i) => `M${corner.x} ${corner.y + ((i + 1) * height) / g.high}h${width}`,
  )
  return [...upright, ...level].join('')
}

/** Fittings are small on paper: drawn no smaller than a thumb can see. */
const LEAST_FITTING = 9

export function FittingShape({ fitting: f, drawing, picked, onPick }: { fitting: Fitting } & SheetProps) {
  const { x, y, width, height } = fittingBox(f, drawing)
  const on = isPicked(picked, 'fitting', f.id)
  return (
    <Thing name={f.name} pick={{ kind: 'fitting', id: f.id }} on={on} onPick={onPick}>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth={on ? 3 : 1.2}
        strokeDasharray={f.scope === 'mask' ? undefined : '2 2'}
      />
      {BREATHER_KINDS.includes(f.kind) && (
        <path
          d={`M${x + 2} ${y + height / 2}h${width - 4}M${x + width / 2} ${y + 2}v${height - 4}`}
          stroke="var(--ink)"
        />
      )}
    </Thing>
  )
}

function fittingBox(f: Fitting, drawing: Unrolled) {
  const [width, height] = [
    Math.max(LEAST_FITTING, f.widthMm * drawing.scale),
    Math.max(LEAST_FITTING, f.heightMm * drawing.scale),
  ]
  const across = f.atMm + f.widthMm / 2
  if (f.on === 'ceiling') {
    // The ceiling is not drawn: it stands on the line of the wall it is measured from.
    const line = drawing.topAt(f.wallId, across)
    return { x: line.x - width / 2, y: line.y - height, width, height }
  }
  const centre = drawing.at(f.wallId, across, f.bottomMm + f.heightMm / 2)
  return { x: centre.x - width / 2, y: centre.y - height / 2, width, height }
}

/** A piece before its wall; furniture is drawn open, since the wall behind it is painted all the same. */
export function PieceShape({ room, piece: p, drawing, picked, onPick }: { piece: Piece } & SheetProps) {
  const { scale } = drawing
  const { x, y } = drawing.at(p.wallId, p.atMm, p.bottomMm + p.heightMm)
  const [width, height] = [p.widthMm * scale, p.heightMm * scale]
  const on = isPicked(picked, 'piece', p.id)
  const pick: Pick = { kind: 'piece', id: p.id }
  const parts = p.kind === 'cabinets' || p.kind === 'radiator' ? Math.max(p.kind === 'radiator' ? 8 : p.count, 1) : 0
  const stairs = Array.from(
    { length: p.count },
    (_, i) => `h${width / p.count}v${i < p.count - 1 ? -height / p.count : 0}`,
  )
  return (
    <Thing name={p.name} pick={pick} on={on} onPick={onPick}>
      {p.kind === 'furniture' || p.kind === 'stairs' ? (
        <rect x={x} y={y} width={width} height={height} fill="transparent" />
      ) : (
        <FaceShape
          room={room}
          faceKey={face('piece', p.id)}
          points={boxPoints(x, y, width, height)}
          picked={picked}
          onPick={onPick}
          pick={null}
        />
      )}
      {p.kind === 'stairs' ? (
        <path
          d={`M${x} ${y + height}v${-height / p.count}${stairs.join('')}V${y + height}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={on ? 3 : 1.2}
        />
      ) : (
        <rect
          x={x}
          y={y}
          width={width}
          height={height}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={on ? 3 : 1.2}
          strokeDasharray={p.kind === 'furniture' ? '7 4' : undefined}
        />
      )}
      {parts > 1 && (
        <path
          d={Array.from({ length: parts - 1 }, (_, i) => `M${x + ((i + 1) * width) / parts} ${y}v${height}`).join('')}
          stroke="var(--ink)"
          strokeWidth="0.8"
        />
      )}
    </Thing>
  )
}
