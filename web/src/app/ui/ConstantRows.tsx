import { W, wordText, factText, numberText } from '../words'
import { Z90, type Constant } from '@crisp-hem/core'

/** Constants as rows of a table: name, value, and how it is known and from where. */
export function ConstantRows({ list }: { list: readonly Constant[] }) {
  return (
    <tbody>
      {list.map(({ name, value }) => (
        <tr key={name} className="border-b border-rule align-top">
          <td className="py-0.5 pr-2">{wordText('constant', name)}</td>
          <td className="py-0.5 pr-2 text-right whitespace-nowrap">
            <b>{numberText(value.value)}</b> {value.unit}
            {value.spread !== undefined && ` ${W.bench.mayBeOff({ n: offPercent(value.spread) })}`}
          </td>
          <td className="w-[46%] py-0.5 text-soft">
            <b className="text-ink">{wordText('mark', value.mark)}</b>: {factText(value.source)}
          </td>
        </tr>
      ))}
    </tbody>
  )
}

/** The upper end of a 90 % range round a figure, as a share over it in percent. */
const offPercent = (spread: number): number => Math.round(100 * (Math.exp(Z90 * spread) - 1))
