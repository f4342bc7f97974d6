import type { Stitch } from './stitch'

export interface StitchLine {
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
}

interface HemStitchProps {
  readonly line: StitchLine
  readonly stitch: Stitch
  /** −1 paint on the left of the line's direction, 1 on the right. */
  readonly side: -1 | 1
  /** Half the width of the tape on the drawing, px. */
  readonly half?: number
}

/** One stretch of hem as a stitched line; hatching lies on the paint side. Drawn in the line's own frame. */
export function HemStitch({ line, stitch, side, half = 4 }: HemStitchProps) {
  const dx = line.x2 - line.x1
  const dy = line.y2 - line.y1
  const length = Math.hypot(dx, dy)
  const angle = (Math.atan2(dy, dx) * 180) / Math.PI
  return (
    <g transform={`translate(${line.x1} ${line.y1}) rotate(${angle})`}>
      <StitchBody stitch={stitch} side={side} half={half} length={length} />
    </g>
  )
}

function StitchBody({ stitch, side, half, length }: { stitch: Stitch; side: -1 | 1; half: number; length: number }) {
  switch (stitch) {
    case 'planned':
      return <line x2={length} stroke="var(--ink)" strokeWidth="2" strokeDasharray="8 5" />
    case 'laid':
      return <Tape half={half} length={length} />
    case 'sealed':
      return (
        <>
          <Tape half={half} length={length} />
          <line
            y1={side * (half + 2.5)}
            y2={side * (half + 2.5)}
            x1="3"
            x2={length}
            stroke="var(--ink)"
            strokeWidth="3"
            strokeLinecap="round"
            strokeDasharray="0 7"
          />
        </>
      )
    case 'coated':
      return (
        <>
          <rect y={side < 0 ? -half - 8 : half} width={length} height="8" fill="url(#paint-hatch)" />
          <Tape half={half} length={length} />
        </>
      )
    case 'due':
      return (
        <>
          <rect y={-half - 1.5} width={length} height={2 * half + 3} fill="var(--act)" />
          <line className="due-march" x2={length} stroke="var(--act-ink)" strokeWidth="2.5" strokeDasharray="10 8" />
        </>
      )
    case 'pulled':
    case 'inspected':
      return (
        <>
          <line x2={length} stroke="var(--ink)" strokeWidth="1.3" />
          {stitch === 'inspected' && (
            <line y1={-3 * side} y2={-3 * side} x2={length} stroke="var(--ink)" strokeWidth="0.8" />
          )}
          <circle cx="1" r="2.8" fill="var(--ink)" />
          <circle cx={length - 1} r="2.8" fill="var(--ink)" />
        </>
      )
    case 'skipped':
      return <path d={crosses(length)} stroke="var(--soft)" strokeWidth="1.4" fill="none" />
  }
}

/** The hem round a plate a few px wide: the same states, told by line and dash alone. */
export function PlateStitch({ path, stitch }: { path: string; stitch: Stitch }) {
  const taped = stitch === 'laid' || stitch === 'sealed' || stitch === 'coated'
  const stroke = stitch === 'due' ? 'var(--act)' : stitch === 'skipped' ? 'var(--soft)' : 'var(--ink)'
  return (
    <>
      {taped && <path d={path} stroke="var(--kraft)" strokeWidth="4" />}
      <path d={path} stroke={stroke} strokeWidth={stitch === 'due' ? 4 : 1.3} strokeDasharray={PLATE_DASH[stitch]} />
      {(stitch === 'coated' || stitch === 'due') && (
        <path d={path} stroke="var(--paint)" strokeWidth="7" strokeDasharray="1 3" opacity="0.7" />
      )}
    </>
  )
}

const PLATE_DASH: Record<Stitch, string | undefined> = {
  planned: '4 2.5',
  laid: '1 5',
  sealed: '1 2',
  coated: '1 5',
  due: undefined,
  pulled: undefined,
  inspected: undefined,
  skipped: '1 4',
}

function Tape({ half, length }: { half: number; length: number }) {
  return (
    <>
      <rect
        y={-half}
        width={length}
        height={2 * half}
        fill="var(--kraft)"
        stroke="var(--kraft-edge)"
        strokeWidth="0.8"
      />
      <line x1="6" x2={length} stroke="var(--kraft-edge)" strokeWidth={2 * half} strokeDasharray="1 13" />
    </>
  )
}

function crosses(length: number): string {
  const marks: string[] = []
  for (let x = 5; x < length; x += 14) marks.push(`M${x - 3} -3l6 6m0 -6l-6 6`)
  return marks.join('')
}
