import { SCHOOLS } from '@crisp-hem/core'
import { useEdit, useFacts } from '../state/useJob'
import { Panel } from '../ui/Panel'
import { Switch } from '../ui/Tabs'
import { W } from '../words'

/** The house's way of making an edge: every hem is judged anew when it changes. */
export function SchoolSwitch() {
  const { house } = useFacts()
  const edit = useEdit()
  return (
    <Panel>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <h2>{W.recipes.school}</h2>
        <Switch
          label={W.recipes.school}
          value={house.school}
          options={SCHOOLS.map((value) => ({ value, text: value }))}
          onChange={(school) => edit((facts) => ({ ...facts, house: { ...facts.house, school } }))}
        />
        <p className="text-sm text-soft">{W.house.schools[house.school].how}</p>
      </div>
    </Panel>
  )
}
