import { formatRun, type StripesOver } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { figure, W } from '../../app/words'
import { LinesTable } from './LinesTable'
import { mmWords } from '../../app/words/mmWords'

/** The drawing in units of its own: as wide as the run, so high, with so much above and below, tape so wide. */
const [WIDE, HIGH, PAD, TAPE] = [720, 150, 16, 5] as const
/** Square feet in a square metre: 1 ft is 0.3048 m (international yard and pound agreement 1959): published. */
const FT2_PER_M2 = 1 / 0.3048 ** 2

/** Stripes as they will stand, what they take, and every edge to tape as a measure from its wall's left corner. */
export function StripesPlan({ plan, wallNames }: { plan: StripesOver; wallNames: readonly string[] }) {
  const { units } = useFacts().site
  const mm = mmWords(units)
  const run = plan.stripes.at(-1)?.toMm ?? 1
  const x = (at: number) => (at / run) * WIDE
  const ground = plan.stripes[0]?.colour ?? ''
  const area = (m2: number) => (units === 'metric' ? `${figure(m2)} m²` : `${figure(m2 * FT2_PER_M2)} ft²`)
  const tall = { y: PAD, height: HIGH - 2 * PAD }
  return (
    <>
      <Panel title={W.lines.even({ n: plan.stripes.length, wide: mm(plan.visibleMm) })}>
        <svg
          viewBox={`0 0 ${WIDE} ${HIGH}`}
          className="block w-full bg-sheet"
          role="img"
          aria-label={W.lines.stripesChart({ n: plan.stripes.length })}
        >
          {plan.stripes.map((stripe) => (
            <rect
              key={stripe.fromMm}
              {...tall}
              x={x(stripe.fromMm)}
              width={x(stripe.toMm) - x(stripe.fromMm)}
              className={stripe.colour === ground ? 'fill-sheet stroke-rule' : 'fill-soft/50 stroke-rule'}
            />
          ))}
          {plan.edges.map((edge) => (
            <rect
              key={`${edge.atMm}${edge.tape}`}
              {...tall}
              x={x(edge.atMm) - (edge.tape === 'left' ? TAPE : 0)}
              width={TAPE}
              className="fill-act"
            />
          ))}
        </svg>
        <p className="mt-1 text-sm text-soft">{W.lines.tapeOutside}</p>
        <p className="mt-1">
          {W.lines.ground({ colour: ground })} {W.lines.tapeRun({ run: formatRun(1000 * plan.tapeM, units) })}{' '}
          {Object.entries(plan.areaM2)
            .map(([colour, m2]) => W.lines.area({ colour, area: area(m2) }))
            .join('; ')}
          .
        </p>
        {plan.stripes.map(({ roundCorner, fromMm, colour }) =>
          roundCorner === null ? null : (
            <p key={fromMm}>{W.lines.roundCorner({ colour, from: mm(fromMm), wall: wallNames[roundCorner] ?? '' })}</p>
          ),
        )}
        {plan.stripes.some(({ meetsOpening }) => meetsOpening) && <p>{W.lines.meetsOpening}</p>}
      </Panel>
      <Panel title={W.lines.tapeEdges}>
        <LinesTable
          heads={[W.lines.wall, W.lines.fromLeft, W.lines.tapeSide]}
          boldAt={1}
          rows={plan.edges.map((edge) => ({
            key: `${edge.atMm}${edge.tape}${edge.turn}`,
            cells: [wallNames[edge.wall], mm(edge.onWallMm), W.lines.sides[edge.tape]],
          }))}
        />
      </Panel>
    </>
  )
}
