import { useMemo, useState } from 'react'
import { useSearchParams } from 'react-router'
import { PageHead } from '../../app/frame/PageHead'
import { usePlanWait } from '../../app/frame/PlanTrouble'
import { useFacts, useHems, usePlan, useRecipes } from '../../app/state/useJob'
import { Panel } from '../../app/ui/Panel'
import { Switch } from '../../app/ui/Tabs'
import { HemCard } from './HemCard'
import { groupRows, hemRows, sortGroups, type Grouping, type Sort } from './hemRows'
import { KitPanel } from './KitPanel'
import { HemTable } from './HemTable'
import { SchoolSwitch } from './SchoolSwitch'
import { SheetButton } from './SheetButton'
import { W } from '../../app/words'

/** Every hem with its recipe; one of them opened as a card. */
export function RecipesPage() {
  const wait = usePlanWait()
  const facts = useFacts()
  const hems = useHems()
  const recipes = useRecipes()
  const isReady = usePlan() !== null
  const [params, setParams] = useSearchParams()
  const [grouping, setGrouping] = useState<Grouping>('room')
  const [find, setFind] = useState('')
  const rows = useMemo(() => hemRows(facts, hems, recipes), [facts, hems, recipes])
  const [sort, setSort] = useState<Sort>(null)
  const groups = useMemo(() => sortGroups(groupRows(rows, grouping, find), sort), [rows, grouping, find, sort])
  const picked = rows.find((row) => row.hem.id === params.get('hem')) ?? rows[0] ?? null
  const unsafe = rows.filter((row) => row.recipe && !row.recipe.safe).length
  return (
    <>
      <PageHead title={W.recipes.title} line={unsafe > 0 ? W.recipes.unsafe({ n: unsafe }) : undefined}>
        {picked && <SheetButton roomId={picked.hem.roomId} />}
      </PageHead>
      <div className="grid grid-cols-1 gap-4 px-4 pb-6 lg:grid-cols-[minmax(0,1fr)_372px] lg:px-6">
        <div className="grid min-w-0 grid-cols-1 content-start gap-4">
          <SchoolSwitch />
          <KitPanel />
          <Panel
            title={
              <Switch
                label={W.recipes.title}
                value={grouping}
                options={[
                  { value: 'room', text: W.recipes.byRoom },
                  { value: 'recipe', text: W.recipes.byRecipe },
                ]}
                onChange={setGrouping}
              />
            }
            aside={
              <input
                className="field"
                type="search"
                aria-label={W.recipes.filter}
                placeholder={W.recipes.filter}
                value={find}
                onChange={(event) => setFind(event.target.value)}
              />
            }
          >
            {rows.length === 0 ? (
              <p className="text-soft">{isReady ? W.recipes.empty : wait}</p>
            ) : (
              <HemTable
                groups={groups}
                picked={picked?.hem.id ?? null}
                currency={facts.site.currency}
                units={facts.site.units}
                sort={sort}
                onSort={setSort}
                onPick={(id) => setParams({ hem: id }, { replace: true })}
              />
            )}
          </Panel>
        </div>
        {picked?.recipe && <HemCard key={picked.hem.id} hem={picked.hem} recipe={picked.recipe} />}
      </div>
    </>
  )
}
