import { wordText, factText, numberText } from '../words'
import type { Constant } from '@crisp-hem/core'

/** Constants as rows of a table: name, value, and how it is known and from where. */
export function ConstantRows({ list }: { list: readonly Constant[] }) {
  return (
    <tbody>
      {list.map(({ name, value }) => (
        <tr key={name} className="border-b border-rule align-top">
          <td className="py-0.5 pr-2">{wordText('constant', name)}</td>
          <td className="py-0.5 pr-2 text-right whitespace-nowrap">
            <b>{numberText(value.value)}</b> {value.unit}
          </td>
          <td className="w-[46%] py-0.5 text-soft">
            <b className="text-ink">{wordText('mark', value.mark)}</b>: {factText(value.source)}
          </td>
        </tr>
      ))}
    </tbody>
  )
}
