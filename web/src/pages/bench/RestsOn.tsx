import { restsOn, RISKS, type BenchSetup } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { ConstantRows } from '../../app/ui/ConstantRows'
import { Panel } from '../../app/ui/Panel'
import { W } from '../../app/words'

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
              <ConstantRows list={constants[key]} />
            </table>
          ))}
      </div>
    </Panel>
  )
}
