import { seededNumbers, seedOf, TEXTURE_FACTS, type Texture } from '@crisp-hem/core'

/** Length of face a swatch shows, mm. */
const SHOWN_MM = 40

/** A texture as it looks in raking light: its valleys at their own pitch, darker the deeper. */
export function TextureSwatch({ texture, size = 44 }: { texture: Texture; size?: number }) {
  const { pitchMm, valleyUm, voidShare } = TEXTURE_FACTS[texture]
  const random = seededNumbers(seedOf(texture))
  const per = Math.max(3, Math.round(SHOWN_MM / pitchMm.value))
  const cell = size / per
  const dark = Math.min(0.75, Math.sqrt(valleyUm.value / 700))
  const grain = texture === 'wood grain'
  // Grain runs across the whole swatch, so one mark a row is enough.
  const marks = Array.from({ length: grain ? per : per * per }, (_, i) => ({
    x: ((i % per) + 0.2 + 0.6 * random()) * cell,
    y: ((grain ? i : Math.floor(i / per)) + 0.2 + 0.6 * random()) * cell,
    r: cell * (0.22 + 0.25 * random()),
    seen: random() < voidShare,
  }))
  return (
    <svg width={size} height={size} aria-hidden className="border border-seam bg-sheet">
      {texture !== 'glassy' &&
        marks
          .filter((mark) => mark.seen)
          .map((mark, i) =>
            grain ? (
              <path
                key={i}
                d={`M0 ${mark.y}q${size / 2} ${mark.r * 3} ${size} 0`}
                stroke="var(--ink)"
                strokeWidth="0.7"
                opacity={dark * 0.6}
                fill="none"
              />
            ) : (
              <g key={i}>
                <ellipse cx={mark.x} cy={mark.y} rx={mark.r} ry={mark.r * 0.8} fill="var(--ink)" opacity={dark} />
                <ellipse
                  cx={mark.x - mark.r * 0.25}
                  cy={mark.y - mark.r * 0.25}
                  rx={mark.r * 0.75}
                  ry={mark.r * 0.6}
                  fill="var(--sheet)"
                  opacity="0.85"
                />
              </g>
            ),
          )}
      {texture === 'glassy' && <path d={`M0 ${size}L${size} 0`} stroke="var(--seam)" strokeWidth="3" />}
    </svg>
  )
}
