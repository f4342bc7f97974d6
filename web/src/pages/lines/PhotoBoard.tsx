import { useState, type PointerEvent } from 'react'
import type { InPicture } from '@crisp-hem/core/exchange'
import { W } from '../../app/words'

/** The glass: so wide, and so many times as large as the picture is shown. */
const [GLASS_PX, TIMES] = [112, 4] as const

interface PhotoBoardProps {
  readonly url: string
  readonly known: readonly InPicture[]
  readonly edge: readonly InPicture[]
  /** A place was set, in the picture's own pixels. */
  readonly onSet: (px: InPicture) => void
}

/** A photograph on which places are set by dragging, with a glass for what lies under the finger. */
export function PhotoBoard({ url, known, edge, onSet }: PhotoBoardProps) {
  const [size, setSize] = useState({ width: 1, height: 1 })
  const [held, setHeld] = useState<{ readonly left: number; readonly top: number; readonly width: number } | null>(null)
  const at = (event: PointerEvent<HTMLDivElement>) => {
    const box = event.currentTarget.getBoundingClientRect()
    return { left: event.clientX - box.left, top: event.clientY - box.top, width: box.width }
  }
  const shown = held ? held.width / size.width : 1
  const dot = size.width / 120
  return (
    <div
      className="relative touch-none overflow-hidden border border-rule"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId)
        setHeld(at(event))
      }}
      onPointerMove={(event) => held && setHeld(at(event))}
      onPointerCancel={() => setHeld(null)}
      onPointerUp={(event) => {
        if (!held) return
        const { left, top, width } = at(event)
        const scale = size.width / width
        setHeld(null)
        onSet({ x: left * scale, y: top * scale })
      }}
    >
      <img
        src={url}
        alt={W.lines.photoAlt}
        draggable={false}
        className="block w-full select-none"
        onLoad={({ currentTarget: { naturalWidth, naturalHeight } }) =>
          setSize({ width: naturalWidth, height: naturalHeight })
        }
      />
      <svg viewBox={`0 0 ${size.width} ${size.height}`} className="pointer-events-none absolute inset-0 size-full">
        <polyline
          points={edge.map(({ x, y }) => `${x},${y}`).join(' ')}
          className="fill-none stroke-act"
          strokeWidth={dot / 3}
        />
        {edge.map(({ x, y }, i) => (
          <circle key={i} cx={x} cy={y} r={dot / 2} className="fill-act" />
        ))}
        {known.map(({ x, y }, i) => (
          <g key={i}>
            <path
              d={`M${x - dot} ${y}h${2 * dot}M${x} ${y - dot}v${2 * dot}`}
              className="stroke-sheet"
              strokeWidth={dot / 2}
            />
            <path
              d={`M${x - dot} ${y}h${2 * dot}M${x} ${y - dot}v${2 * dot}`}
              className="stroke-ink"
              strokeWidth={dot / 5}
            />
            <text
              x={x + dot}
              y={y - dot}
              fontSize={3 * dot}
              className="fill-ink stroke-sheet"
              strokeWidth={dot / 3}
              paintOrder="stroke"
            >
              {i + 1}
            </text>
          </g>
        ))}
      </svg>
      {held && (
        <div
          aria-hidden
          className="pointer-events-none absolute border-2 border-ink bg-sheet"
          style={{
            width: GLASS_PX,
            height: GLASS_PX,
            // In the corner the finger is not in.
            top: 4,
            [held.left > held.width / 2 ? 'left' : 'right']: 4,
            backgroundImage: `url(${url})`,
            backgroundSize: `${size.width * shown * TIMES}px ${size.height * shown * TIMES}px`,
            backgroundPosition: `${GLASS_PX / 2 - held.left * TIMES}px ${GLASS_PX / 2 - held.top * TIMES}px`,
            backgroundRepeat: 'no-repeat',
          }}
        >
          <span className="absolute inset-x-0 top-1/2 h-px bg-act" />
          <span className="absolute inset-y-0 left-1/2 w-px bg-act" />
        </div>
      )}
    </div>
  )
}
