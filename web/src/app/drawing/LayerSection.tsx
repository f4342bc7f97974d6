import { length, roughLength, type Layer, type Setting, type UnitSystem } from '@crisp-hem/core'
import { W, factText, wordText } from '../words'

interface LayerSectionProps {
  readonly layers: readonly Layer[]
  readonly setting: Setting
  readonly units: UnitSystem
}

const [WIDTH, FACE_Y, EDGE_X] = [356, 128, 236]
const PX_PER_MM = 2.1
const STEP_Y = 13

/** Settings in which both sides lie in one plane: no corner stands at the edge. */
const FLAT: readonly Setting[] = ['line-to-make', 'rounded-corner', 'plate']

/** A layer as it is drawn: from, to and how high it lies. */
interface Laid {
  readonly layer: Layer
  readonly n: number
  readonly x1: number
  readonly x2: number
  readonly y: number
}

/**
 * A hem's recipe cut across, layer on layer as they go on, turned so that the keep side lies flat. Heights are not to
 * scale; widths beside the edge are, as far as the picture reaches.
 */
export function LayerSection({ layers, setting, units }: LayerSectionProps) {
  const laid = stack(layers)
  const places = badgePlaces(laid)
  const flat = FLAT.includes(setting)
  const lifted = layers.some((layer) => layer.seat === 'under' || layer.seat === 'tucked')
  return (
    <figure className="m-0">
      <svg
        viewBox={`0 0 ${WIDTH} 176`}
        className="block w-full"
        role="img"
        aria-label={`${W.layers.title}: ${layers.map((layer) => layerWords(layer, units)).join('; ')}`}
      >
        <rect x="0" y={FACE_Y} width={WIDTH} height="26" fill="var(--ground-deep)" stroke="var(--ink)" />
        <text x="4" y={FACE_Y + 17} fontSize="11">
          {W.layers.keep}
        </text>
        <PaintSide flat={flat} lifted={lifted} />
        {laid.map((each) => (
          <LaidLayer key={each.n} laid={each} flat={flat} />
        ))}
        {laid.map((each) => (
          <Badge key={each.n} laid={each} x={places.get(each.n)!} />
        ))}
      </svg>
      <ol className="mt-1 text-[0.86rem]" aria-label={W.layers.title}>
        {laid.map(({ layer, n }) => (
          <li key={n} className="flex gap-2 border-b border-rule py-0.5">
            <b className="w-5 text-right">{n}</b>
            <span className="flex-1">
              {layer.name}
              {widthWords(layer, units) && <span className="text-soft"> {widthWords(layer, units)}</span>}
            </span>
            <span className="text-soft">{layerNote(layer, units)}</span>
          </li>
        ))}
      </ol>
    </figure>
  )
}

/** Its width, unless the name says it already. */
const widthWords = ({ name, widthMm }: Layer, units: UnitSystem): string =>
  widthMm === null || name.includes(String(widthMm)) ? '' : factText(length(widthMm, units))

const layerNote = (layer: Layer, units: UnitSystem): string =>
  [
    W.layers.kinds[layer.kind],
    layer.edge === null || layer.edge === 'plain' ? '' : wordText('edge', layer.edge),
    layer.seat === 'beside' ? '' : W.layers.seats[layer.seat],
    layer.tackMm === null ? '' : W.layers.tacks({ tack: factText(roughLength(layer.tackMm, units)) }),
  ]
    .filter(Boolean)
    .join(', ')

export const layerWords = (layer: Layer, units: UnitSystem): string =>
  `${[layer.name, widthWords(layer, units)].filter(Boolean).join(' ')} (${layerNote(layer, units)})`

/** Where each layer lies: tape at the edge, covers over its outer half and away, cloths beyond. */
function stack(layers: readonly Layer[]): Laid[] {
  let y = FACE_Y
  let tapeFrom = EDGE_X
  return layers.map((layer, i): Laid => {
    const n = i + 1
    const width = layer.widthMm === null ? EDGE_X : Math.min(EDGE_X - 6, layer.widthMm * PX_PER_MM)
    switch (layer.kind) {
      case 'lining':
        y -= STEP_Y * 0.6
        return { layer, n, x1: EDGE_X - Math.min(width, 150), x2: EDGE_X + 44, y }
      case 'tape': {
        y -= STEP_Y * 0.7
        const over = layer.seat === 'tucked' ? width / 2 : 0
        tapeFrom = EDGE_X - width + over
        return { layer, n, x1: tapeFrom, x2: EDGE_X + over, y }
      }
      case 'liquid':
        y -= STEP_Y * 0.6
        return { layer, n, x1: 4, x2: EDGE_X + 6, y }
      case 'paper':
      case 'film':
      case 'board':
        y -= STEP_Y
        return { layer, n, x1: 4, x2: Math.max(tapeFrom + 16, EDGE_X - 40), y }
      case 'cloth':
        y -= STEP_Y
        return { layer, n, x1: 4, x2: Math.max(90, Math.min(tapeFrom, EDGE_X - 70)), y }
      case 'seal':
      case 'colour':
        return { layer, n, x1: EDGE_X - 8, x2: EDGE_X + 6, y: FACE_Y }
    }
  })
}

function PaintSide({ flat, lifted }: { flat: boolean; lifted: boolean }) {
  if (flat) {
    return (
      <text x={WIDTH - 4} y={FACE_Y + 17} fontSize="11" textAnchor="end">
        {W.layers.paint}
      </text>
    )
  }
  return (
    <g>
      <rect
        x={EDGE_X}
        y="14"
        width={WIDTH - EDGE_X}
        height={FACE_Y - 14 - (lifted ? 9 : 0)}
        fill="url(#paint-hatch)"
        stroke="var(--ink)"
      />
      <rect x={EDGE_X + 18} y="46" width="86" height="17" fill="var(--sheet)" />
      <text x={EDGE_X + 61} y="58" fontSize="11" textAnchor="middle">
        {W.layers.paint}
      </text>
    </g>
  )
}

function LaidLayer({ laid, flat }: { laid: Laid; flat: boolean }) {
  const { layer, x1, x2, y } = laid
  switch (layer.kind) {
    case 'tape':
      return layer.seat === 'in-pieces' ? <Pieces laid={laid} /> : <Strip laid={laid} high={8} fill="var(--kraft)" />
    case 'lining':
      return <Strip laid={laid} high={5} fill="var(--sheet)" />
    case 'paper':
    case 'board':
      return <path d={`M${x1} ${y}H${x2 - 26}L${x2} ${y + 9}`} fill="none" stroke="var(--ink)" strokeWidth="3.5" />
    case 'liquid':
      return (
        <path
          d={`M${x1} ${y + 8}V${y}H${x2 - 8}Q${x2} ${y} ${x2} ${y + 8}z`}
          fill="url(#span-dry)"
          stroke="var(--ink)"
          strokeWidth="1"
        />
      )
    case 'film':
      return (
        <g stroke="var(--ink)" fill="none">
          <path d={`M${x1} ${y}H${x2 - 26}L${x2} ${y + 9}`} strokeWidth="1.3" strokeDasharray="7 2" />
          {layer.tackMm !== null &&
            [40, 110, 180].map((x) => <path key={x} d={`M${x - 5} ${y - 5}l10 10m0 -10l-10 10`} strokeWidth="2" />)}
        </g>
      )
    case 'cloth':
      return <path d={waves(x1, x2, y)} fill="none" stroke="var(--seam)" strokeWidth="5" />
    case 'seal':
      return (
        <circle cx={EDGE_X - 1} cy={FACE_Y - 3} r="5.5" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.6" />
      )
    case 'colour':
      return flat ? (
        <path
          d={`M${EDGE_X - 16} ${FACE_Y - 11}H${EDGE_X}V${FACE_Y - 4}H${WIDTH}`}
          stroke="var(--act)"
          strokeWidth="4"
          fill="none"
        />
      ) : (
        <path d={`M${EDGE_X - 3} 16V${FACE_Y - 12}H${EDGE_X - 24}`} stroke="var(--act)" strokeWidth="4" fill="none" />
      )
  }
}

function Strip({ laid: { x1, x2, y }, high, fill }: { laid: Laid; high: number; fill: string }) {
  return <rect x={x1} y={y} width={x2 - x1} height={high} fill={fill} stroke="var(--ink)" />
}

/** Short pieces, each over the last, pushed into the joint. */
function Pieces({ laid: { x1, x2, y } }: { laid: Laid }) {
  const wide = (x2 - x1) / 2.4
  return (
    <g fill="var(--kraft)" stroke="var(--ink)">
      {[0, 1, 2].map((i) => (
        <rect
          key={i}
          x={x1 + i * 0.7 * wide}
          y={y - i * 3}
          width={Math.min(wide, x2 - x1 - i * 0.7 * wide)}
          height="7"
        />
      ))}
    </g>
  )
}

/** A cloth's folds. */
function waves(x1: number, x2: number, y: number): string {
  const count = Math.max(2, Math.round((x2 - x1) / 16))
  const step = (x2 - x1) / count
  return `M${x1} ${y}${Array.from({ length: count }, (_, i) => `q${step / 2} ${i % 2 ? 7 : -7} ${step} 0`).join('')}`
}

/** Where a layer is pointed at. */
function targetX({ layer, x1, x2 }: Laid): number {
  if (layer.kind === 'seal') return EDGE_X - 3
  if (layer.kind === 'colour') return EDGE_X - 3
  if (layer.kind === 'tape' || layer.kind === 'lining') return (x1 + Math.min(x2, EDGE_X)) / 2
  return (x1 + x2) / 2
}

const BADGE_GAP = 24

/** Places of the numbers along the top: above what each points at, pushed apart from right to left. */
function badgePlaces(laid: readonly Laid[]): ReadonlyMap<number, number> {
  const places = new Map<number, number>()
  let right = EDGE_X + BADGE_GAP
  for (const each of [...laid].sort((a, b) => targetX(b) - targetX(a) || b.n - a.n)) {
    right = Math.min(right - BADGE_GAP, targetX(each))
    places.set(each.n, right)
  }
  return places
}

function Badge({ laid, x }: { laid: Laid; x: number }) {
  const y = laid.layer.kind === 'colour' ? 40 : laid.y
  return (
    <g>
      <path d={`M${x} 22L${targetX(laid)} ${y}`} stroke="var(--soft)" strokeWidth="0.8" />
      <circle cx={x} cy="14" r="9" fill="var(--sheet)" stroke="var(--ink)" />
      <text x={x} y="18" fontSize="11.5" fontWeight="700" textAnchor="middle">
        {laid.n}
      </text>
    </g>
  )
}
