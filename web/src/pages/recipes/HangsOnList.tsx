import type { HangsOn } from '@crisp-hem/core'
import { sayText, W, wordText } from '../../app/words'

/** What a recipe hangs on: figures near which the models would answer otherwise, the most delicate first. */
export function HangsOnList({ list }: { list: readonly HangsOn[] }) {
  if (list.length === 0) return <p className="mt-2 text-[0.88rem] text-soft">{W.recipes.hangsFirm}</p>
  return (
    <details className="mt-2 text-[0.88rem]">
      <summary className="cursor-pointer font-semibold">{W.recipes.hangsOn({ n: list.length })}</summary>
      <ul className="ml-4 list-disc">
        {list.map((each) => (
          <li key={each.figure} className="my-0.5">
            {sayText(each.what)} <span className="text-soft">({wordText('mark', each.mark)})</span>
          </li>
        ))}
      </ul>
    </details>
  )
}
