import { meanGapUm, criticalGapUm, closedGapUm, TEXTURE_FACTS, seededNumbers, type EdgeSetup } from '@crisp-hem/core'

interface EdgeSectionProps {
  readonly setup: EdgeSetup
  readonly tapeThickUm: number
  readonly seed: number
}

const [W, H, EDGE_X] = [340, 150, 205]

/**
 * A magnified cut across the tape's edge: valleys of this texture drawn to one scale with the tape and the gap the
 * paint needs. The depths are drawn from the law the bleed model uses.
 */
export function EdgeSection({ setup, tapeThickUm, seed }: EdgeSectionProps) {
  const mean = meanGapUm(setup)
  const shut = closedGapUm(setup)
  const critical = criticalGapUm(setup)
  const random = seededNumbers(seed)
  const depths = Array.from(
    { length: 18 },
    () => TEXTURE_FACTS[setup.texture].valleyUm.value * Math.sqrt((-4 / Math.PI) * Math.log(1 - random())),
  )
  const scale = 52 / Math.max(tapeThickUm, ...depths, 60)
  const tapeY = 74
  const xs = depths.map((_, i) => (i * W) / (depths.length - 1))
  const surface = depths.map(
    (depth, i) => `${xs[i]!.toFixed(1)} ${(tapeY + (i % 2 === 0 ? 0 : depth * scale)).toFixed(1)}`,
  )
  const tape = Math.max(4, tapeThickUm * scale)
  const runs = mean > critical && setup.seal === 'none' && mean > shut
  const reach = runs ? Math.min(90, 24 + (mean / critical) * 9) : 0
  const words = runs
    ? `paint runs under: gaps of ${(mean / 1000).toFixed(2)} mm against ${(shut / 1000).toFixed(2)} mm that stay shut`
    : `gaps up to ${(shut / 1000).toFixed(2)} mm stay shut`
  return (
    <svg viewBox={`0 0 ${W} ${H}`} className="block w-full" role="img" aria-label={words}>
      <path
        d={`M0 ${H}L${surface.join('L')}L${W} ${H}z`}
        fill="var(--ground-deep)"
        stroke="var(--ink)"
        strokeWidth="1.2"
      />
      <path
        d={`M${EDGE_X - reach} ${tapeY + 1}L${EDGE_X} ${tapeY - tape - 4}H${W}V${tapeY}L${surface
          .slice(Math.ceil((EDGE_X / W) * 17))
          .reverse()
          .join('L')}L${EDGE_X - reach} ${tapeY + 2}z`}
        fill="url(#paint-hatch)"
        stroke="var(--paint)"
      />
      <rect x="0" y={tapeY - tape} width={EDGE_X} height={tape} fill="var(--kraft)" stroke="var(--kraft-edge)" />
      {setup.seal !== 'none' && (
        <ellipse
          cx={EDGE_X - 9}
          cy={tapeY + 3}
          rx="15"
          ry="6"
          fill="var(--sheet)"
          stroke="var(--ink)"
          strokeDasharray={setup.seal === 'wiped sealant' ? undefined : '3 2'}
        />
      )}
      <text x="4" y="14" fontSize="12.5">
        keep side
      </text>
      <text x={W - 4} y="14" fontSize="12.5" textAnchor="end">
        paint side
      </text>
      <text x="4" y={H - 8} fontSize="12.5" fontWeight="650">
        {words}
      </text>
    </svg>
  )
}
