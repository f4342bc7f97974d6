import { NavLink } from 'react-router'
import { isPainter } from '../state/useJob'
import { useAppSelector } from '../state/store'
import { MoreSheet } from './MoreSheet'
import { useCounts } from './useCounts'
import { W } from '../words'

/** What a painter has in hand: the rest is the lead’s and the office’s. */
const OF_PAINTERS: readonly string[] = ['walk', 'recipes', 'pulls']

const STEPS = [
  ['walk', W.frame.walk],
  ['recipes', W.frame.recipes],
  ['load', W.frame.load],
  ['rounds', W.frame.rounds],
  ['pulls', W.frame.pulls],
] as const

/** The steps of the work in their order, sewn to one another: a column on a desk, a row under the thumb. */
export function Spine() {
  const { due, unsafe } = useCounts()
  const painter = useAppSelector(isPainter)
  const steps = STEPS.filter(([path]) => !painter || OF_PAINTERS.includes(path))
  const counts: Partial<Record<string, number>> = { pulls: due, recipes: unsafe }
  return (
    <nav aria-label={W.frame.menu} className="no-print">
      <ul className="spine hidden flex-col lg:flex">
        {steps.map(([path, name]) => (
          <li key={path}>
            <SpineLink path={path} name={name} count={counts[path] ?? 0} />
          </li>
        ))}
        <li className="mt-5">
          <SpineLink path="lines" name={W.lines.title} count={0} />
        </li>
        <li>
          <SpineLink path="results" name={W.proof.title} count={0} />
        </li>
        <li>
          <SpineLink path="bench" name={W.bench.title} count={0} />
        </li>
        <li>
          <SpineLink path="practice" name={W.practice.title} count={0} />
        </li>
        {!painter && (
          <>
            <li>
              <SpineLink path="shelf" name={W.shelf.title} count={0} />
            </li>
            <li>
              <SpineLink path="site" name={W.frame.site} count={0} />
            </li>
          </>
        )}
      </ul>
      <ul className="fixed inset-x-0 bottom-0 z-30 flex border-t-2 border-ink bg-card lg:hidden">
        {steps.map(([path, name]) => (
          <li key={path} className="flex-1">
            <NavLink
              to={path}
              className="flex min-h-14 flex-col items-center justify-center text-sm aria-[current=page]:bg-ink aria-[current=page]:font-bold aria-[current=page]:text-ground"
            >
              {name}
              {counts[path] ? <b className="text-xs">{counts[path]}</b> : null}
            </NavLink>
          </li>
        ))}
        <li className="flex-1">
          <MoreSheet />
        </li>
      </ul>
    </nav>
  )
}

function SpineLink({ path, name, count }: { path: string; name: string; count: number }) {
  return (
    <NavLink
      to={path}
      className="flex min-h-10 items-center py-1 pl-8 pr-4 hover:bg-card aria-[current=page]:bg-card aria-[current=page]:font-bold"
    >
      {name}
      {count > 0 && <b className="ml-auto bg-act px-1.5 text-sm text-act-ink">{count}</b>}
    </NavLink>
  )
}
