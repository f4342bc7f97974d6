import { useRef, type KeyboardEvent } from 'react'
import {
  faceOf,
  faceWords,
  formatLength,
  stepOf,
  type Fitting,
  type Hem,
  type Opening,
  type Room,
  type UnitSystem,
} from '@crisp-hem/core'
import { HemStitch } from './HemStitch'
import { paintSide, type Stitch } from './stitch'
import { unrollRoom, type Unrolled } from './unroll'

/** What is picked on the drawing. */
export type Pick =
  | { readonly kind: 'hem'; readonly id: string }
  | { readonly kind: 'face'; readonly key: string }
  | { readonly kind: 'opening'; readonly id: string }
  | { readonly kind: 'fitting'; readonly id: string }
  | { readonly kind: 'room' }

interface UnrolledRoomProps {
  readonly room: Room
  readonly hems: readonly Hem[]
  readonly units: UnitSystem
  readonly stitch: (hem: Hem) => Stitch
  readonly picked: Pick
  readonly onPick: (pick: Pick) => void
}

const SHEET_WIDTH = 690

/** The working drawing: every wall with its openings, fittings, trim, ceiling and floor, and every hem on it. */
export function UnrolledRoom({ room, hems, units, stitch, picked, onPick }: UnrolledRoomProps) {
  const drawing = unrollRoom(room, SHEET_WIDTH)
  const box = useRef<SVGSVGElement>(null)
  const onKey = (event: KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
    if (!step || hems.length === 0) return
    event.preventDefault()
    const here = picked.kind === 'hem' ? hems.findIndex((hem) => hem.id === picked.id) : step > 0 ? -1 : 0
    const next = hems[(here + step + hems.length) % hems.length]!
    onPick({ kind: 'hem', id: next.id })
    box.current?.querySelector<SVGGElement>(`[data-hem="${CSS.escape(next.id)}"]`)?.focus()
  }
  return (
    <svg
      ref={box}
      viewBox={`-6 0 ${SHEET_WIDTH + 12} ${drawing.height}`}
      className="block w-full min-w-[620px]"
      onKeyDown={onKey}
      role="group"
      aria-label={`${room.name}, unrolled`}
    >
      {drawing.walls.map((wall) => (
        <WallSheet
          key={wall.id}
          room={room}
          drawing={drawing}
          wallId={wall.id}
          units={units}
          picked={picked}
          onPick={onPick}
        />
      ))}
      {room.openings.map((opening) => (
        <OpeningShape
          key={opening.id}
          room={room}
          opening={opening}
          drawing={drawing}
          picked={picked}
          onPick={onPick}
        />
      ))}
      {room.fittings.map((fitting) => (
        <FittingShape key={fitting.id} fitting={fitting} drawing={drawing} picked={picked} onPick={onPick} />
      ))}
      {hems.map((hem, i) => (
        <HemOnSheet
          key={hem.id}
          hem={hem}
          drawing={drawing}
          stitch={stitch(hem)}
          picked={picked.kind === 'hem' && picked.id === hem.id}
          first={i === 0 && picked.kind !== 'hem'}
          units={units}
          onPick={onPick}
        />
      ))}
    </svg>
  )
}

interface PartProps {
  readonly drawing: Unrolled
  readonly picked: Pick
  readonly onPick: (pick: Pick) => void
}

/** What a face looks like in the end: its colour, hatched where this job paints it. */
function FaceFill({
  room,
  faceKey,
  x,
  y,
  width,
  height,
}: {
  room: Room
  faceKey: string
  x: number
  y: number
  width: number
  height: number
}) {
  const step = stepOf(room, faceKey)?.step
  const colour = step?.swatch ?? faceOf(room, faceKey).swatch
  const box = { x, y, width, height: Math.max(0, height) }
  return (
    <>
      <rect {...box} fill="var(--sheet)" />
      <rect {...box} fill={colour} opacity="0.42" />
      {step && <rect {...box} fill="url(#paint-field)" />}
    </>
  )
}

function FaceHit({
  room,
  faceKey,
  picked,
  onPick,
  ...box
}: { room: Room; faceKey: string; x: number; y: number; width: number; height: number } & Omit<PartProps, 'drawing'>) {
  const on = picked.kind === 'face' && picked.key === faceKey
  return (
    <rect
      {...box}
      height={Math.max(0, box.height)}
      fill="transparent"
      stroke={on ? 'var(--ink)' : 'none'}
      strokeWidth="3"
      className="cursor-pointer"
      role="button"
      tabIndex={-1}
      aria-label={faceWords(room, faceKey)}
      aria-pressed={on}
      onClick={() => onPick({ kind: 'face', key: faceKey })}
    />
  )
}

function WallSheet({
  room,
  drawing,
  wallId,
  units,
  picked,
  onPick,
}: { room: Room; wallId: string; units: UnitSystem } & PartProps) {
  const wall = drawing.walls.find((each) => each.id === wallId)!
  const { x, y, width } = wall
  const parts = [
    { key: 'ceiling', x, y: y - 11, width, height: 11 },
    { key: `wall:${wallId}`, x, y, width, height: drawing.tall - wall.skirting },
    ...(wall.skirting > 0
      ? [{ key: 'skirting', x, y: y + drawing.tall - wall.skirting, width, height: wall.skirting }]
      : []),
    { key: 'floor', x, y: y + drawing.tall, width, height: 9 },
  ]
  return (
    <g>
      {parts.map(({ key, ...box }) => (
        <g key={key}>
          <FaceFill room={room} faceKey={key} {...box} />
          <FaceHit room={room} faceKey={key} {...box} picked={picked} onPick={onPick} />
        </g>
      ))}
      <line x1={x} x2={x} y1={y - 11} y2={y + drawing.tall + 9} stroke="var(--ink)" strokeDasharray="2 4" />
      <line
        x1={x + width}
        x2={x + width}
        y1={y - 11}
        y2={y + drawing.tall + 9}
        stroke="var(--ink)"
        strokeDasharray="2 4"
      />
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

function OpeningShape({ room, opening: o, drawing, picked, onPick }: { room: Room; opening: Opening } & PartProps) {
  const { scale } = drawing
  const corner = drawing.at(o.wallId, o.atMm, o.sillMm + o.heightMm)
  const [width, height, casing] = [o.widthMm * scale, o.heightMm * scale, o.casingMm * scale]
  const bottom = o.sillMm === 0 ? 0 : casing
  const on = picked.kind === 'opening' && picked.id === o.id
  return (
    <g
      className="cursor-pointer"
      onClick={() => onPick({ kind: 'opening', id: o.id })}
      role="button"
      tabIndex={-1}
      aria-label={o.name}
      aria-pressed={on}
    >
      {casing > 0 && o.casing && (
        <FaceFill
          room={room}
          faceKey={`casing:${o.id}`}
          x={corner.x - casing}
          y={corner.y - casing}
          width={width + 2 * casing}
          height={height + casing + bottom}
        />
      )}
      <rect
        x={corner.x}
        y={corner.y}
        width={width}
        height={height}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth="1"
      />
      {o.leaf && <rect x={corner.x} y={corner.y} width={width} height={height} fill={o.leaf.swatch} opacity="0.45" />}
      {o.kind === 'window' && (
        <path
          d={`M${corner.x + width / 2} ${corner.y}v${height}M${corner.x} ${corner.y + height / 2}h${width}`}
          stroke="var(--ink)"
        />
      )}
      {o.kind === 'door' && (
        <circle cx={corner.x + width - 5} cy={corner.y + height * 0.52} r="1.8" fill="var(--ink)" />
      )}
      {on && (
        <rect
          x={corner.x - casing - 1}
          y={corner.y - casing - 1}
          width={width + 2 * casing + 2}
          height={height + casing + bottom + 2}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="3"
        />
      )}
    </g>
  )
}

/** Fittings are small on paper: drawn no smaller than a thumb can see. */
const LEAST_FITTING = 9

function FittingShape({ fitting: f, drawing, picked, onPick }: { fitting: Fitting } & PartProps) {
  const { x, y, width, height } = fittingBox(f, drawing)
  const on = picked.kind === 'fitting' && picked.id === f.id
  const scoped = f.scope === 'mask'
  return (
    <g
      className="cursor-pointer"
      onClick={() => onPick({ kind: 'fitting', id: f.id })}
      role="button"
      tabIndex={-1}
      aria-label={f.name}
      aria-pressed={on}
    >
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth={on ? 3 : 1.2}
        strokeDasharray={scoped ? undefined : '2 2'}
      />
      {['vent', 'alarm', 'sprinkler', 'flue'].includes(f.kind) && (
        <path
          d={`M${x + 2} ${y + height / 2}h${width - 4}M${x + width / 2} ${y + 2}v${height - 4}`}
          stroke="var(--ink)"
        />
      )}
    </g>
  )
}

function fittingBox(f: Fitting, drawing: Unrolled) {
  const centre = drawing.at(f.wallId, f.atMm + f.widthMm / 2, f.bottomMm + f.heightMm / 2)
  const [width, height] = [
    Math.max(LEAST_FITTING, f.widthMm * drawing.scale),
    Math.max(LEAST_FITTING, f.heightMm * drawing.scale),
  ]
  return { x: centre.x - width / 2, y: centre.y - height / 2, width, height }
}

interface HemOnSheetProps {
  readonly hem: Hem
  readonly drawing: Unrolled
  readonly stitch: Stitch
  readonly picked: boolean
  readonly first: boolean
  readonly units: UnitSystem
  readonly onPick: (pick: Pick) => void
}

function HemOnSheet({ hem, drawing, stitch, picked, first, units, onPick }: HemOnSheetProps) {
  const lines = hem.segments.map(drawing.line)
  const side = paintSide(hem)
  const small = hem.kind === 'wall to fitting' || hem.lengthMm * drawing.scale < 60
  return (
    <g
      data-hem={hem.id}
      role="button"
      tabIndex={picked || first ? 0 : -1}
      aria-label={`${hem.place}, ${formatLength(hem.lengthMm, units)}, ${stitch}`}
      aria-pressed={picked}
      className="cursor-pointer outline-none"
      onClick={() => onPick({ kind: 'hem', id: hem.id })}
      onKeyDown={(event) => (event.key === 'Enter' || event.key === ' ') && onPick({ kind: 'hem', id: hem.id })}
    >
      {picked &&
        lines.map((line, i) => (
          <line
            key={i}
            {...line}
            stroke="var(--ink)"
            strokeWidth={small ? 9 : 15}
            strokeLinecap="square"
            opacity="0.25"
          />
        ))}
      {lines.map((line, i) => (
        <HemStitch key={i} line={line} stitch={stitch} side={side} half={small ? 1.5 : 3.2} />
      ))}
      {lines.map((line, i) => (
        <line key={i} {...line} stroke="transparent" strokeWidth={small ? 7 : 12} />
      ))}
    </g>
  )
}
