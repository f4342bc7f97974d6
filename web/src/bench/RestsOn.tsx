import { restsOn, RISKS, type BenchSetup } from '@crisp-hem/core'
import { useFacts } from '../state/useJob'
import { Panel } from '../ui/Panel'
import { W } from '../words'

/** Every constant behind the answers, with how it is known and from where. */
export function RestsOn({ setup }: { setup: BenchSetup }) {
  const { shelf } = useFacts()
  const constants = restsOn(setup, shelf)
  return (
    <Panel title={W.bench.restsOn}>
      <div className="grid grid-cols-1 gap-x-6 gap-y-3 xl:grid-cols-2">
        {([...RISKS, 'window'] as const)
          .filter((key) => constants[key].length > 0)
          .map((key) => (
            <table key={key} className="w-full self-start text-[0.84rem]">
              <caption className="pb-0.5 text-left font-semibold">
                {key === 'window' ? W.bench.windowName : W.bench.risks[key]}
              </caption>
              <tbody>
                {constants[key].map(({ name, value }) => (
                  <tr key={name} className="border-b border-rule align-top">
                    <td className="py-0.5 pr-2">{name}</td>
                    <td className="py-0.5 pr-2 text-right whitespace-nowrap">
                      <b>{value.value}</b> {value.unit}
                    </td>
                    <td className="w-[46%] py-0.5 text-soft">
                      <b className="text-ink">{value.mark}</b>: {value.source}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          ))}
      </div>
    </Panel>
  )
}
