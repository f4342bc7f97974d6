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

export type StripeRun = 'upright' | 'level'

interface StripesPlanProps {
  readonly plan: StripesOver
  readonly run: StripeRun
  /** Where level ones begin, above the floor; 0 for upright ones. */
  readonly lowMm: number
  readonly wallNames: readonly string[]
}

/** Stripes as they will stand, what they take, and every edge to tape as a measure from its wall's left corner. */
export function StripesPlan({ plan, run: way, lowMm, wallNames }: StripesPlanProps) {
  const { units } = useFacts().site
  const mm = mmWords(units)
  const run = plan.stripes.at(-1)?.toMm ?? 1
  const isLevel = way === 'level'
  const x = (at: number) => (at / run) * WIDE
  // From the floor up.
  const y = (at: number) => HIGH - PAD - (at / run) * (HIGH - 2 * PAD)
  const boxOf = (from: number, to: number) =>
    isLevel ? { x: 0, width: WIDE, y: y(to), height: y(from) - y(to) } : { ...tall, x: x(from), width: x(to) - x(from) }
  const tapeBox = (at: number, isBelow: boolean) =>
    isLevel
      ? { x: 0, width: WIDE, y: y(at) - (isBelow ? 0 : TAPE), height: TAPE }
      : { ...tall, x: x(at) - (isBelow ? TAPE : 0), width: TAPE }
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
              {...boxOf(stripe.fromMm, stripe.toMm)}
              className={stripe.colour === ground ? 'fill-sheet stroke-rule' : 'fill-soft/50 stroke-rule'}
            />
          ))}
          {plan.edges.map((edge) => (
            <rect key={`${edge.atMm}${edge.tape}`} {...tapeBox(edge.atMm, edge.tape === 'left')} className="fill-act" />
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
          heads={isLevel ? [W.lines.aboveFloor, W.lines.tapeSide] : [W.lines.wall, W.lines.fromLeft, W.lines.tapeSide]}
          boldAt={isLevel ? 0 : 1}
          rows={plan.edges.map((edge) => ({
            key: `${edge.atMm}${edge.tape}${edge.turn}`,
            cells: isLevel
              ? [mm(lowMm + edge.onWallMm), W.lines.levelSides[edge.tape]]
              : [wallNames[edge.wall], mm(edge.onWallMm), W.lines.sides[edge.tape]],
          }))}
        />
      </Panel>
    </>
  )
}
