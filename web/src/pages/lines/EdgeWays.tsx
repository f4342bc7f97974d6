import {
  DEFAULT_PARAMETERS,
  straightened,
  meetsAnother,
  wayCosts,
  wanderShows,
  type EdgeKey,
  type FittedLine,
  type SplitLine,
  type StraightLine,
  type WayCost,
  type WanderPoint,
} from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { decimals, formatMoney, W } from '../../app/words'
import { aboutRun } from './aboutRun'
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
  /** The edge that was read: over a joint a line that leaves it has it filled. */
  readonly edge: EdgeKey
}

/** Straight, in two parts, or followed: what each covers and shows. */
export function EdgeWays({ way, onChange, fitted, split, points, lengthMm, edge }: EdgeWaysProps) {
  const { site, house, shelf } = useFacts()
  const mm = mmWords(site.units)
  const sealMm = (of: StraightLine | SplitLine | null): number =>
    of && meetsAnother(edge) ? straightened(points, of, null).coveredRunMm : 0
  const run = { lengthMm, straightSealMm: sealMm(fitted.line), splitSealMm: sealMm(split) }
  const sealant = shelf.sealants.find(({ retired }) => !retired) ?? null
  const costs = wayCosts(run, house, DEFAULT_PARAMETERS, sealant)
  const costText = (each: EdgeWay, { minutes, sealMm: seal, mends, minor }: WayCost) =>
    W.lines.wayCost({
      way: each,
      n: Math.max(1, Math.round(minutes)),
      seal: seal > 0 ? mm(aboutRun(seal)) : 'none',
      mends: mends > 0 ? decimals(mends, 1) : 'none',
      money: formatMoney(minor, site.currency),
    })
  const factsOf = (of: StraightLine | SplitLine) => {
    const { mostMm, coveredRunMm, slants, bendShows } = straightened(points, of, null)
    const shows = slants ? 'slants' : bendShows ? 'bends' : 'no'
    return W.lines.wayFacts({ most: mm(mostMm), run: mm(aboutRun(coveredRunMm)), shows })
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
          {texts[each] !== null && <span className="mt-1 text-soft">{costText(each, costs[each])}</span>}
        </button>
      ))}
    </div>
  )
}
