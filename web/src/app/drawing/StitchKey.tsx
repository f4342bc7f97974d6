import { HemStitch } from './HemStitch'
import { STITCHES } from './stitch'
import { W } from '../words'

/** What each stitch says, in one row. */
export function StitchKey() {
  return (
    <ul className="flex flex-wrap gap-x-5 gap-y-1 text-[0.8rem] text-soft">
      {STITCHES.map((stitch) => (
        <li key={stitch} className="flex items-center gap-1.5">
          <svg width="44" height="20" viewBox="0 -13 44 20" aria-hidden>
            <HemStitch line={{ x1: 2, y1: 0, x2: 42, y2: 0 }} stitch={stitch} side={-1} half={3} />
          </svg>
          {W.states[stitch]}
        </li>
      ))}
    </ul>
  )
}
