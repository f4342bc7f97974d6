import { type PullSpan, type SpanKind } from '@crisp-hem/core'
import { useWidth } from '../ui/useWidth'
import { ribbonPieces, ribbonX } from './ribbonScale'
import { W, whenText } from '../words'

interface PullRibbonProps {
  readonly spans: readonly PullSpan[]
  readonly now: number
  readonly zone: string
  readonly score?: boolean
  /** What the mark is called; now, if nothing else. */
  readonly mark?: string
}

const FILL: Record<SpanKind, string> = {
  'too-wet': 'url(#span-run)',
  wet: 'var(--sheet)',
  tacky: 'url(#span-tacky)',
  kept: 'url(#span-run)',
  dry: 'url(#span-dry)',
  past: 'url(#span-past)',
}
const HEIGHT = 86
/** Words that would run into the next span's are left out; the label of the whole ribbon says them all. */
const fitting = (text: string, width: number): string => (text.length * 6.9 <= width ? text : '')

/** The spans of a hem's time after its coat, with the times written out and a mark for now. */
export function PullRibbon({ spans, now, zone, score = false, mark: markWord = W.rounds.now }: PullRibbonProps) {
  const [box, width] = useWidth(560)
  const pieces = ribbonPieces(spans, width - 8)
  const mark = ribbonX(pieces, now)
  const words = spans.map((span) => `${W.spans[span.kind]} ${whenText(span.from, now, zone)}`).join(', ')
  return (
    <div ref={box} className="w-full overflow-hidden">
      <svg width={width} height={HEIGHT} className="block" role="img" aria-label={words}>
        <g transform="translate(4 0)">
          {pieces.map(({ span, x, width: w }) => (
            <g key={span.from} transform={`translate(${x} 0)`}>
              <rect y="22" width={w} height="28" fill="var(--sheet)" />
              <rect y="22" width={w} height="28" fill={FILL[span.kind]} stroke="var(--ink)" strokeWidth="1" />
              <text x="1" y="16" fontSize="12.5" fontWeight="600">
                {fitting(whenText(span.from, now, zone), w)}
              </text>
              <text x="2" y="66" fontSize="12.5" fontWeight={span.kind === 'wet' ? 700 : 400}>
                {fitting(span.kind === 'dry' && score ? W.pulls.dryScored : W.spans[span.kind], w) ||
                  fitting(W.spans[span.kind], w) ||
                  fitting(W.spanShort[span.kind], w)}
              </text>
            </g>
          ))}
          {pieces
            .filter(({ span }) => span.kind === 'wet')
            .map(({ x, width: w }) => (
              <rect key={x} x={x} y="22" width={w} height="28" fill="none" stroke="var(--act)" strokeWidth="3.5" />
            ))}
          {mark !== null && (
            <g transform={`translate(${mark} 0)`} style={{ color: 'var(--act)' }}>
              <line y1="18" y2="56" stroke="var(--act)" strokeWidth="2.5" />
              <path d="M0 53l-6 8h12z" fill="var(--act)" />
              <text y="82" fontSize="12.5" fontWeight="700" textAnchor={mark > width - 40 ? 'end' : 'middle'}>
                {markWord}
              </text>
            </g>
          )}
        </g>
      </svg>
    </div>
  )
}
