import { W, decimals } from '../words'
import { closedGapUm, DEFAULT_PARAMETERS, meanGapUm, type EdgeSetup, type Valley } from '@crisp-hem/core'

interface EdgeSectionProps {
  readonly edge: EdgeSetup
  readonly tapeThickUm: number
  /** Valleys along the edge, from its left end. */
  readonly valleys: readonly Valley[]
}

const [WIDTH, TAPE_Y, DEEPEST, CUT_TOP] = [356, 44, 44, 118]
/** Length of edge shown end-on, by the texture's pitch, mm. */
const shownMm = (pitchMm: number): number => Math.min(60, pitchMm * 9)

/**
 * The edge under a magnifier, twice: end-on, looking from the paint side along the tape's edge, and cut across at the
 * deepest valley shown. Valleys are those the reveal is made of; heights and lengths are to the scales written beside.
 */
export function EdgeSection({ edge, tapeThickUm, valleys }: EdgeSectionProps) {
  const pitch = DEFAULT_PARAMETERS.textures[edge.texture].pitchMm.value
  const length = shownMm(pitch)
  const shown = valleys.filter((valley) => valley.atMm < length)
  const deepest = shown.reduce<Valley | null>(
    (most, valley) => (most === null || valley.depthUm > most.depthUm ? valley : most),
    null,
  )
  const perMm = WIDTH / length
  const perUm = DEEPEST / Math.max(30, deepest?.depthUm ?? 0)
  const tape = Math.min(26, Math.max(4, tapeThickUm * perUm))
  const words = `${W.bench.gap({ mm: decimals(meanGapUm(edge, DEFAULT_PARAMETERS) / 1000, 3) })}; ${W.bench.shut({ mm: decimals(closedGapUm(edge, DEFAULT_PARAMETERS) / 1000, 2) })}`
  return (
    <svg viewBox={`0 0 ${WIDTH} 202`} className="block w-full" role="img" aria-label={words}>
      <EndOn shown={shown} pitch={pitch} perMm={perMm} perUm={perUm} tape={tape} edge={edge} />
      <text x="2" y="11" fontSize="11.5" fontWeight="650">
        {W.bench.endOn({ mm: length })}
      </text>
      <text x={WIDTH - 2} y="11" fontSize="11" textAnchor="end" style={{ color: 'var(--soft)' }}>
        {W.bench.heights({ n: Math.round((perUm * 1000) / perMm) })}
      </text>
      <CutAcross valley={deepest} edge={edge} tapeThickUm={tapeThickUm} />
    </svg>
  )
}

function EndOn({
  shown,
  pitch,
  perMm,
  perUm,
  tape,
  edge,
}: {
  shown: readonly Valley[]
  pitch: number
  perMm: number
  perUm: number
  tape: number
  edge: EdgeSetup
}) {
  const half = 0.42 * pitch * perMm
  const dip = (valley: Valley, depthUm: number) => {
    const x = valley.atMm * perMm
    return `L${(x - half).toFixed(1)} ${TAPE_Y}C${(x - half * 0.4).toFixed(1)} ${TAPE_Y} ${(x - half * 0.4).toFixed(1)} ${(TAPE_Y + depthUm * perUm).toFixed(1)} ${x.toFixed(1)} ${(TAPE_Y + depthUm * perUm).toFixed(1)}S${(x + half * 0.4).toFixed(1)} ${TAPE_Y} ${(x + half).toFixed(1)} ${TAPE_Y}`
  }
  const face = shown.map((valley) => dip(valley, valley.depthUm)).join('')
  const under = shown.map((valley) => dip(valley, valley.depthUm - valley.gapUm)).join('')
  return (
    <g>
      {shown.map((valley) => (
        <path
          key={valley.atMm}
          d={`M${(valley.atMm * perMm - half).toFixed(1)} ${TAPE_Y}${dip(valley, valley.depthUm)}z`}
          fill={
            valley.runMm > DEFAULT_PARAMETERS.bleed.visibleMm.value
              ? 'var(--act)'
              : edge.seal === 'none'
                ? 'var(--sheet)'
                : 'url(#span-dry)'
          }
        />
      ))}
      <path
        d={`M0 ${TAPE_Y}${face}L${WIDTH} ${TAPE_Y}V102H0z`}
        fill="var(--ground-deep)"
        stroke="var(--ink)"
        strokeWidth="1.1"
      />
      <path
        d={`M0 ${TAPE_Y - tape}V${TAPE_Y}${under}L${WIDTH} ${TAPE_Y}V${TAPE_Y - tape}z`}
        fill="var(--kraft)"
        stroke="var(--kraft-edge)"
      />
    </g>
  )
}

/** Across the edge at one valley: tape at the left, paint at the right, how far it ran. Millimetres to one scale. */
function CutAcross({ valley, edge, tapeThickUm }: { valley: Valley | null; edge: EdgeSetup; tapeThickUm: number }) {
  const edgeX = 232
  const ran = valley?.runMm ?? 0
  const perMm = ran > 3.5 ? 200 / ran : 56
  const gap = Math.max(1.5, Math.min(26, ((valley?.gapUm ?? 0) / 1000) * perMm * 2))
  const tape = Math.max(3, Math.min(16, (tapeThickUm / 1000) * perMm * 2))
  const floor = CUT_TOP + 52
  const reach = ran * perMm
  const shows = ran > DEFAULT_PARAMETERS.bleed.visibleMm.value
  return (
    <g>
      <text x="2" y={CUT_TOP + 2} fontSize="11.5" fontWeight="650">
        {W.bench.across}
      </text>
      <text x={edgeX - 8} y={CUT_TOP + 2} fontSize="11" textAnchor="end" style={{ color: 'var(--soft)' }}>
        {W.walk.keep.toLowerCase()}
      </text>
      <text x={WIDTH - 2} y={CUT_TOP + 2} fontSize="11" textAnchor="end" style={{ color: 'var(--soft)' }}>
        {W.walk.paint.toLowerCase()}
      </text>
      <rect x="0" y={floor} width={WIDTH} height="14" fill="var(--ground-deep)" stroke="var(--ink)" strokeWidth="1" />
      <path
        d={`M${edgeX} ${floor - gap - tape - 9}H${WIDTH}V${floor}H${edgeX - reach}q-3 ${-gap / 2} 0 ${-gap}H${edgeX}z`}
        fill="var(--sheet)"
      />
      <path
        d={`M${edgeX} ${floor - gap - tape - 9}H${WIDTH}V${floor}H${edgeX - reach}q-3 ${-gap / 2} 0 ${-gap}H${edgeX}z`}
        fill="url(#paint-hatch)"
        stroke="var(--paint)"
      />
      <rect x="0" y={floor - gap - tape} width={edgeX} height={tape} fill="var(--kraft)" stroke="var(--kraft-edge)" />
      {edge.seal !== 'none' && !shows && (
        <ellipse
          cx={edgeX - 6}
          cy={floor - gap / 2}
          rx="13"
          ry={Math.max(2.5, gap / 2)}
          fill="url(#span-dry)"
          stroke="var(--ink)"
        />
      )}
      <text
        x={shows ? Math.max(2, edgeX - reach) : 2}
        y={floor + 27}
        fontSize="11.5"
        fontWeight="650"
        style={{ color: shows ? 'var(--act)' : undefined }}
      >
        {shows
          ? W.bench.ran({ mm: decimals(ran, 1) })
          : W.bench.stopped({ at: ran < 0.05 ? 'edge' : 'later', mm: decimals(ran, 1) })}
      </text>
      {shows && (
        <line x1={edgeX - reach} x2={edgeX} y1={floor + 8} y2={floor + 8} stroke="var(--act)" strokeWidth="2.5" />
      )}
    </g>
  )
}
