import { W, figure, sayText, factText, wordText } from '../../app/words'
import { Link } from 'react-router'
import {
  DEFAULT_PARAMETERS,
  formatLength,
  liquidOf,
  mendingPlaces,
  sampleValleys,
  seededNumbers,
  seedOf,
  recipeRestsOn,
  tapeOf,
  type Hem,
  type NoRecipe,
  type Recipe,
  type RecipeAnswer,
  type RuledOut,
  type Said,
} from '@crisp-hem/core'
import { EdgeSection } from '../../app/drawing/EdgeSection'
import { LayerSection } from '../../app/drawing/LayerSection'
import { PullRibbon } from '../../app/drawing/PullRibbon'

import { useNow } from '../../app/state/clock'
import { useFacts, usePlan } from '../../app/state/useJob'
import { ConstantRows } from '../../app/ui/ConstantRows'
import { Panel } from '../../app/ui/Panel'
import { HowTo } from './HowTo'
import { CostTable } from './CostTable'
import { RiskBar } from './RiskBar'
import { useRecipeDoubt } from './useRecipeDoubt'
import { WaysTable } from './WaysTable'
import { WouldChange } from './WouldChange'

/** One hem's recipe with its reasons, or why nothing is safe and what would help. */
export function HemCard({ hem, recipe }: { hem: Hem; recipe: RecipeAnswer }) {
  const { rooms, site } = useFacts()
  const room = rooms.find((each) => each.id === hem.roomId)
  const place = factText(hem.place)
  return (
    <aside className="min-w-0 self-start" aria-label={place}>
      <Panel title={`${room?.name ?? ''}: ${place}`} aside={<b>{formatLength(hem.lengthMm, site.units)}</b>}>
        {recipe.safe ? <SafeCard hem={hem} recipe={recipe} /> : <UnsafeCard hem={hem} recipe={recipe} />}
      </Panel>
    </aside>
  )
}

function SafeCard({ hem, recipe }: { hem: Hem; recipe: Recipe }) {
  const facts = useFacts()
  const { shelf, house, site, id: jobId } = facts
  const plan = usePlan()
  const now = useNow()
  const tape = recipe.tapeId ? tapeOf(shelf, recipe.tapeId) : null
  const doubt = useRecipeDoubt(recipe)
  const setup = doubt?.edge
  const spans = plan?.pulls.find((pull) => pull.hemIds.includes(hem.id))?.spans
  return (
    <>
      <LayerSection layers={recipe.layers} setting={recipe.setting} units={site.units} />
      <ol className="my-2 ml-5 list-decimal">
        {recipe.steps.map((said) => (
          <li key={said.code} className="my-0.5">
            {sayText(said)}
          </li>
        ))}
      </ol>
      <HowTo steps={recipe.steps} craft={recipe.craft} />
      {setup && tape && (
        <EdgeSection
          edge={setup}
          tapeThickUm={tape.thickUm}
          valleys={sampleValleys(setup, seededNumbers(seedOf(hem.id)), 80, DEFAULT_PARAMETERS)}
        />
      )}
      <RiskBar
        name={W.recipes.bleed}
        estimate={doubt?.bleedMm ?? recipe.risks.bleedMm}
        limit={house.maxBleedMm}
        text={W.recipes.bleedSize({
          mm: figure(recipe.risks.bleedMm.mean),
          places: figure(mendingPlaces(recipe.risks.bleedMm.mean, recipe.risks.bleedMm2.mean, DEFAULT_PARAMETERS)),
          worst: figure(recipe.risks.worstMm),
        })}
      />
      <RiskBar
        name={W.recipes.liftRisk}
        estimate={doubt?.lift ?? recipe.risks.lift}
        limit={house.maxLift}
        text={`${figure(recipe.risks.lift.mean * 100)} % ${W.recipes.per}`}
      />
      <p className="text-sm text-soft">
        {W.recipes.tear} {figure(recipe.risks.tear * 100)} %, {W.recipes.residue.toLowerCase()}{' '}
        {figure(recipe.risks.residue * 100)} % {W.recipes.per}
      </p>
      <Reasons list={recipe.reasons} />
      {spans && (
        <div className="mt-3">
          <h3>{W.recipes.ribbon}</h3>
          <PullRibbon spans={spans} now={now} zone={site.zone} score={recipe.score} />
        </div>
      )}
      {recipe.cautions.length > 0 && <Sayings title={W.recipes.care} list={recipe.cautions} />}
      <CostTable hem={hem} recipe={recipe} />
      <WouldChange hemId={hem.id} />
      <WaysTable hem={hem} recipe={recipe} />
      <RuledOutList list={recipe.ruledOut} />
      <details className="mt-3 text-[0.84rem]">
        <summary className="cursor-pointer font-semibold">{W.recipes.sources}</summary>
        <table className="w-full">
          <ConstantRows list={recipeRestsOn(recipe, shelf, house)} />
        </table>
      </details>
      <Link
        className="mt-3 inline-flex min-h-9 items-center border border-ink px-3 hover:bg-deep"
        to={`/jobs/${jobId}/bench?hem=${encodeURIComponent(hem.id)}`}
      >
        {W.bench.open}
      </Link>
    </>
  )
}

function UnsafeCard({ hem, recipe }: { hem: Hem; recipe: NoRecipe }) {
  return (
    <>
      <p className="bg-act px-2 py-1 font-bold text-act-ink">{W.recipes.none}</p>
      <Sayings title={W.recipes.why} list={recipe.reasons} />
      <Sayings title={W.recipes.help} list={recipe.wouldHelp} />
      <WouldChange hemId={hem.id} />
      <RuledOutList list={recipe.ruledOut} />
    </>
  )
}

/** How many facts decide at a glance; the others are there for who asks. */
const AT_A_GLANCE = 3

function Reasons({ list }: { list: readonly Said[] }) {
  const [first, rest] = [list.slice(0, AT_A_GLANCE), list.slice(AT_A_GLANCE)]
  return (
    <>
      <Sayings title={W.recipes.why} list={first} />
      {rest.length > 0 && (
        <details className="border-l-[3px] border-ink pl-2.5">
          <summary className="cursor-pointer text-sm text-soft">{W.recipes.moreFacts({ n: rest.length })}</summary>
          <ul>
            {rest.map((said, i) => (
              <li key={`${said.code}${i}`} className="my-0.5">
                {sayText(said)}
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  )
}

function Sayings({ title, list }: { title: string; list: readonly Said[] }) {
  return (
    <section className="mt-3 border-l-[3px] border-ink pl-2.5">
      <h3>{title}</h3>
      <ul>
        {list.map((said, i) => (
          <li key={`${said.code}${i}`} className="my-0.5">
            {sayText(said)}
          </li>
        ))}
      </ul>
    </section>
  )
}

/** What was ruled out, once per tape and reason. */
function RuledOutList({ list }: { list: readonly RuledOut[] }) {
  const { shelf } = useFacts()
  const nameOf = (each: RuledOut) =>
    each.tapeId
      ? tapeOf(shelf, each.tapeId).name
      : each.liquidId
        ? liquidOf(shelf, each.liquidId).name
        : wordText('school', each.school)
  const lines = new Map(list.map((each) => [`${nameOf(each)}: ${sayText(each.why)}`, each.school]))
  if (lines.size === 0) return null
  return (
    <details className="mt-3 text-sm">
      <summary className="cursor-pointer font-semibold">
        {W.recipes.ruledOut} ({lines.size})
      </summary>
      <ul>
        {[...lines].map(([line, school]) => (
          <li key={line} className="my-0.5">
            {line} <span className="text-soft">({wordText('school', school)})</span>
          </li>
        ))}
      </ul>
    </details>
  )
}
