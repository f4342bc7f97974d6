import { type CostParts, type Hem, type Recipe } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { W, formatMoney } from '../../app/words'

const GROUPS: readonly {
  readonly name: 'material' | 'labour' | 'mending'
  readonly parts: readonly (keyof CostParts)[]
}[] = [
  { name: 'material', parts: ['tape', 'seal', 'cover'] },
  { name: 'labour', parts: ['lay', 'sealing', 'cutIn', 'pull'] },
  { name: 'mending', parts: ['bleeds', 'lift', 'tear', 'residue', 'band', 'crack', 'grit', 'flakes'] },
]

/** What a hem is expected to cost, part by part: bar for its share, figure beside it. */
export function CostTable({ hem, recipe }: { hem: Hem; recipe: Recipe }) {
  const { site } = useFacts()
  const metres = hem.lengthMm / 1000
  const most = Math.max(...Object.values<number>({ ...recipe.costParts }))
  return (
    <details className="mt-3">
      <summary className="cursor-pointer font-semibold">
        {W.recipes.costs({ money: formatMoney(recipe.cost.total, site.currency) })}
      </summary>
      <table className="mt-1 w-full text-[0.86rem]">
        {GROUPS.map(({ name, parts }) => (
          <tbody key={name}>
            <tr className="border-b border-ink">
              <th className="pt-1 text-left" colSpan={2}>
                {W.recipes.parts[name]}
              </th>
              <th className="pt-1 text-right">{formatMoney(recipe.cost[name], site.currency)}</th>
            </tr>
            {parts
              .filter((part) => recipe.costParts[part] * metres >= 0.5)
              .map((part) => (
                <tr key={part}>
                  <td className="w-36">{W.recipes.parts[part]}</td>
                  <td>
                    <span
                      className="block h-2.5 bg-seam"
                      style={{ width: `${Math.max(1, (100 * recipe.costParts[part]) / most)}%` }}
                    />
                  </td>
                  <td className="w-16 text-right">{formatMoney(recipe.costParts[part] * metres, site.currency)}</td>
                </tr>
              ))}
          </tbody>
        ))}
      </table>
    </details>
  )
}
