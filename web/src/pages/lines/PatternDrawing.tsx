import { ringOf, type LineToMake, type Room, type Wall } from '@crisp-hem/core'
import { W } from '../../app/words'

/** The drawing in units of its own: as wide as the run, at most so high, tape so wide. */
const [WIDE, MOST_HIGH, PAD, TAPE] = [720, 300, 6, 4] as const

interface PatternDrawingProps {
  readonly room: Room
  readonly walls: readonly Wall[]
  readonly lines: readonly LineToMake[]
}

/** The chosen walls side by side with the pattern in its colours, openings left bare, and tape outside its lines. */
export function PatternDrawing({ room, walls, lines }: PatternDrawingProps) {
  const run = walls.reduce((sum, { lengthMm }) => sum + lengthMm, 0)
  const scale = Math.min((WIDE - 2 * PAD) / run, (MOST_HIGH - 2 * PAD) / room.heightMm)
  const high = room.heightMm * scale + 2 * PAD
  const begins = new Map(
    walls.map(({ id }, i) => [id, walls.slice(0, i).reduce((sum, { lengthMm }) => sum + lengthMm, 0)]),
  )
  const x = (wallId: string, mm: number) => PAD + ((begins.get(wallId) ?? 0) + mm) * scale
  const y = (mm: number) => high - PAD - mm * scale
  const box = (wallId: string, [from, to]: readonly [number, number], [low, top]: readonly [number, number]) => ({
    x: x(wallId, from),
    width: (to - from) * scale,
    y: y(top),
    height: (top - low) * scale,
  })
  const swatchOf = (bandId: string) =>
    room.steps.find(({ targets }) => targets.includes(`band:${bandId}`))?.swatch ?? 'var(--soft)'
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${high.toFixed(0)}`}
      className="block w-full bg-sheet"
      role="img"
      aria-label={W.lines.patternChart}
    >
      {walls.map(({ id, lengthMm }) => (
        <rect key={id} {...box(id, [0, lengthMm], [0, room.heightMm])} className="fill-sheet stroke-rule" />
      ))}
      {room.bands.flatMap((band) =>
        band.shapes.length === 0
          ? walls
              .filter(({ id }) => band.wallIds.includes(id))
              .map(({ id, lengthMm }) => (
                <rect
                  key={`${band.id}${id}`}
                  {...box(id, [0, lengthMm], [band.fromMm, band.toMm])}
                  fill={swatchOf(band.id)}
                  opacity="0.6"
                />
              ))
          : band.shapes
              .filter(({ wallId }) => begins.has(wallId))
              .map((shape) => (
                <polygon
                  key={`${band.id}${shape.id}`}
                  points={ringOf(shape)
                    .map((p) => `${x(shape.wallId, p.x).toFixed(1)},${y(p.y).toFixed(1)}`)
                    .join(' ')}
                  fill={swatchOf(band.id)}
                  opacity="0.6"
                />
              )),
      )}
      {room.openings
        .filter(({ wallId }) => begins.has(wallId))
        .map((o) => (
          <rect
            key={o.id}
            {...box(
              o.wallId,
              [o.atMm - o.casingMm, o.atMm + o.widthMm + o.casingMm],
              [Math.max(0, o.sillMm - o.casingMm), o.sillMm + o.heightMm + o.casingMm],
            )}
            className="fill-sheet stroke-ink"
          />
        ))}
      {lines.flatMap(({ hem }) =>
        hem.segments.map((s, i) => {
          const off = besideLine(s, hem.place.bandLine === 'over' && hem.id.includes('|') ? 1 : -1)
          return (
            <line
              key={`${hem.id}${i}`}
              x1={x(s.wallId, s.x1) + off.x}
              x2={x(s.wallId, s.x2) + off.x}
              y1={y(s.y1) + off.y}
              y2={y(s.y2) + off.y}
              className="stroke-act"
              strokeWidth={TAPE}
            />
          )
        }),
      )}
    </svg>
  )
}

/** Half a tape to the left of a piece's run (1) or to its right (−1), in the drawing's units. */
function besideLine(
  s: { readonly x1: number; readonly y1: number; readonly x2: number; readonly y2: number },
  side: number,
) {
  const long = Math.max(1, Math.hypot(s.x2 - s.x1, s.y2 - s.y1))
  return { x: (-(s.y2 - s.y1) / long) * side * (TAPE / 2), y: (-(s.x2 - s.x1) / long) * side * (TAPE / 2) }
}
