import { memo } from 'react'
import { DEFAULT_PARAMETERS, seededNumbers, seedOf, type Texture } from '@crisp-hem/core'

/** Length of face a swatch shows, mm. */
const SHOWN_MM = 40

interface TextureSwatchProps {
  readonly texture: Texture
  readonly size?: number
}

/** A texture as it looks in raking light: its valleys at their own pitch, darker the deeper. */
export const TextureSwatch = memo(function TextureSwatch({ texture, size = 44 }: TextureSwatchProps) {
  return (
    <svg width={size} height={size} aria-hidden className="border border-seam bg-sheet">
      {texture === 'glassy' ? (
        <path d={`M0 ${size}L${size} 0`} stroke="var(--seam)" strokeWidth="3" />
      ) : texture === 'wood-grain' ? (
        <Grain texture={texture} size={size} />
      ) : (
        <Valleys texture={texture} size={size} />
      )}
    </svg>
  )
})

const darkness = (texture: Texture) =>
  Math.min(0.75, Math.sqrt(DEFAULT_PARAMETERS.textures[texture].valleyUm.value / 700))
const across = (texture: Texture) =>
  Math.max(3, Math.round(SHOWN_MM / DEFAULT_PARAMETERS.textures[texture].pitchMm.value))

/** A circle as a path, so that hundreds of valleys are one shape. */
const dot = (x: number, y: number, r: number): string =>
  `M${(x - r).toFixed(1)} ${y.toFixed(1)}a${r.toFixed(1)} ${r.toFixed(1)} 0 1 0 ${(2 * r).toFixed(1)} 0a${r.toFixed(1)} ${r.toFixed(1)} 0 1 0 ${(-2 * r).toFixed(1)} 0`

interface Marks {
  readonly hollows: string
  readonly glints: string
}

const drawn = new Map<string, Marks>()

/** The valleys of a texture as two paths; the same each time, so worked out once for each size. */
function marksOf(texture: Texture, size: number): Marks {
  const key = `${texture} ${size}`
  const known = drawn.get(key) ?? valleyMarks(texture, size)
  drawn.set(key, known)
  return known
}

function valleyMarks(texture: Texture, size: number): Marks {
  const random = seededNumbers(seedOf(texture))
  const per = across(texture)
  const cell = size / per
  const marks = Array.from({ length: per * per }, (_, i) => ({
    x: ((i % per) + 0.2 + 0.6 * random()) * cell,
    y: (Math.floor(i / per) + 0.2 + 0.6 * random()) * cell,
    r: cell * (0.22 + 0.25 * random()),
    seen: random() < DEFAULT_PARAMETERS.textures[texture].voidShare,
  })).filter((mark) => mark.seen)
  return {
    hollows: marks.map(({ x, y, r }) => dot(x, y, r)).join(''),
    glints: marks.map(({ x, y, r }) => dot(x - r * 0.25, y - r * 0.25, r * 0.72)).join(''),
  }
}

function Valleys({ texture, size }: Required<TextureSwatchProps>) {
  const { hollows, glints } = marksOf(texture, size)
  return (
    <>
      <path d={hollows} fill="var(--ink)" opacity={darkness(texture)} />
      <path d={glints} fill="var(--sheet)" opacity="0.85" />
    </>
  )
}

/** Grain runs across the whole swatch, one line for each vessel. */
function Grain({ texture, size }: Required<TextureSwatchProps>) {
  const random = seededNumbers(seedOf(texture))
  const per = across(texture)
  const lines = Array.from({ length: per }, (_, i) => {
    const y = ((i + 0.2 + 0.6 * random()) * size) / per
    return `M0 ${y.toFixed(1)}q${size / 2} ${(3 * random()).toFixed(1)} ${size} 0`
  })
  return <path d={lines.join('')} stroke="var(--ink)" strokeWidth="0.7" opacity={darkness(texture) * 0.6} fill="none" />
}
