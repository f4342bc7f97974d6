import {
  DEFAULT_PARAMETERS,
  straightened,
  wayMinutes,
  wanderShows,
  type FittedLine,
  type SplitLine,
  type StraightLine,
  type WanderPoint,
} from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { W } from '../../app/words'
import { mmWords } from '../../app/words/mmWords'

const WAYS = ['straight', 'split', 'follow'] as const
export type EdgeWay = (typeof WAYS)[number]

interface EdgeWaysProps {
  readonly way: EdgeWay
  readonly onChange: (way: EdgeWay) => void
  readonly fitted: FittedLine
  /** Two parts; null where one line does as well. */
  readonly split: SplitLine | null
  readonly points: readonly WanderPoint[]
  readonly lengthMm: number
}

/** Straight, in two parts, or followed: what each covers and shows. */
export function EdgeWays({ way, onChange, fitted, split, points, lengthMm }: EdgeWaysProps) {
  const { site, house } = useFacts()
  const mm = mmWords(site.units)
  const minutes = wayMinutes(lengthMm, house, DEFAULT_PARAMETERS)
  const factsOf = (of: StraightLine | SplitLine) => {
    const { mostMm, coveredRunMm, slants, bendShows } = straightened(points, of, null)
    const shows = slants ? 'slants' : bendShows ? 'bends' : 'no'
    return W.lines.wayFacts({ most: mm(mostMm), run: mm(coveredRunMm), shows })
  }
  const texts: Readonly<Record<EdgeWay, string | null>> = {
    straight: factsOf(fitted.line),
    split: split && factsOf(split),
    follow: W.lines.followFacts({ shows: wanderShows(points) ? 'yes' : 'no' }),
  }
  return (
    <div role="group" aria-label={W.lines.ways} className="mt-3 grid gap-2 sm:grid-cols-3">
      {WAYS.map((each) => (
        <button
          key={each}
          type="button"
          disabled={texts[each] === null}
          aria-pressed={way === each}
          className={`flex min-h-11 flex-col items-start border-2 p-2 text-left text-sm ${way === each ? 'border-ink bg-card' : 'border-rule'} disabled:opacity-60`}
          onClick={() => onChange(each)}
        >
          <b className="block">{W.lines.wayNames[each]}</b>
          {texts[each] ?? W.lines.noSplit}
          {texts[each] !== null && (
            <span className="mt-1 text-soft">
              {W.lines.wayMinutes({ way: each, n: Math.max(1, Math.round(minutes[each])) })}
            </span>
          )}
        </button>
      ))}
    </div>
  )
}
