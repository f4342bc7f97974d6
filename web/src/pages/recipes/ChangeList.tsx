import { type WouldChange } from '@crisp-hem/core'
import { W, sayText } from '../../app/words'

/** What would change a hem's recipe, in sentences. */
export function ChangeList({ list }: { list: readonly WouldChange[] }) {
  return (
    <section className="mt-3 border-l-[3px] border-seam pl-2.5">
      <h3>{W.recipes.wouldChange}</h3>
      {list.length === 0 ? (
        <p className="text-sm text-soft">{W.recipes.nothingCheaper}</p>
      ) : (
        <ul>
          {list.map(({ what }) => (
            <li key={what.code} className="my-0.5">
              {sayText(what)}
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
