import { REVEAL_MM, type Reveal } from '@crisp-hem/core'
import { W } from '../words'

interface RevealStripProps {
  readonly reveal: Reveal
  readonly keepSwatch: string
  readonly coatSwatch: string
}

const ROWS = 3
const ROW_MM = REVEAL_MM / ROWS
const [WIDTH, ROW, KEEP] = [356, 46, 23]
const PER_MM = WIDTH / ROW_MM

/** 300 mm of edge as it looks after the pull, in three rows of 100 mm, to scale. */
export function RevealStrip({ reveal, keepSwatch, coatSwatch }: RevealStripProps) {
  const words = W.bench.revealWords({
    bleeds: reveal.bleeds.length + reveal.grain.length,
    teeth: reveal.teeth.length,
    lifts: reveal.lifts.length,
  })
  return (
    <svg viewBox={`0 0 ${WIDTH} ${ROWS * (ROW + 5)}`} className="block w-full" role="img" aria-label={words}>
      {Array.from({ length: ROWS }, (_, row) => (
        <g key={row} transform={`translate(0 ${row * (ROW + 5)})`}>
          <RevealRow reveal={reveal} row={row} keepSwatch={keepSwatch} coatSwatch={coatSwatch} />
        </g>
      ))}
    </svg>
  )
}

function RevealRow({ reveal, row, keepSwatch, coatSwatch }: { row: number } & RevealStripProps) {
  const here = <T extends { readonly atMm: number }>(things: readonly T[]) =>
    things.filter((thing) => Math.floor(thing.atMm / ROW_MM) === row)
  const x = (atMm: number) => (atMm - row * ROW_MM) * PER_MM
  return (
    <g>
      <rect width={WIDTH} height={KEEP} fill={keepSwatch} />
      <rect y={KEEP} width={WIDTH} height={ROW - KEEP} fill={coatSwatch} />
      {here(reveal.bleeds).map((bleed) => {
        const run = Math.min(KEEP, bleed.runMm * PER_MM)
        const wide = Math.max(1.2, 0.35 * run)
        return (
          <path
            key={bleed.atMm}
            d={`M${x(bleed.atMm) - wide} ${KEEP}q${wide * 0.4} ${-run * 1.6} ${wide} ${-run}t${wide} ${run}z`}
            fill={coatSwatch}
          />
        )
      })}
      {here(reveal.grain).map((line) => (
        <line
          key={line.atMm}
          x1={x(line.atMm)}
          x2={x(line.atMm)}
          y1={KEEP}
          y2={KEEP - line.runMm * PER_MM}
          stroke={coatSwatch}
          strokeWidth="1.1"
        />
      ))}
      {here(reveal.teeth).map((tooth) => (
        <path
          key={tooth.atMm}
          d={`M${x(tooth.atMm)} ${KEEP}l${(tooth.widthMm * PER_MM) / 2} ${tooth.widthMm * PER_MM * 0.7}l${(tooth.widthMm * PER_MM) / 2} ${-tooth.widthMm * PER_MM * 0.7}z`}
          fill={keepSwatch}
          stroke="var(--ink)"
          strokeWidth="0.6"
        />
      ))}
      {here(reveal.lifts).map((lift) => (
        <ellipse
          key={lift.atMm}
          cx={x(lift.atMm)}
          cy={KEEP - lift.deepMm}
          rx={(lift.widthMm * PER_MM) / 4}
          ry={Math.min(KEEP / 2, lift.deepMm)}
          fill="var(--ground-deep)"
          stroke="var(--ink)"
          strokeDasharray="2 1.5"
        />
      ))}
      <rect width={WIDTH} height={ROW} fill="none" stroke="var(--ink)" strokeWidth="0.8" />
    </g>
  )
}
