import { useMemo } from 'react'
import { Link } from 'react-router'
import {
  coatingOf,
  faceOf,
  figure,
  formatLength,
  formatMoney,
  gentleStroke,
  sampleValleys,
  sayText,
  seededNumbers,
  seedOf,
  tapeOf,
  type EdgeSetup,
  type Hem,
  type NoRecipe,
  type Recipe,
  type RecipeAnswer,
  type RuledOut,
  type Said,
} from '@crisp-hem/core'
import { EdgeSection } from '../drawing/EdgeSection'
import { PullRibbon } from '../drawing/PullRibbon'

import { useNow } from '../state/clock'
import { useFacts, usePlan } from '../state/useJob'
import { Panel } from '../ui/Panel'
import { W } from '../words'
import { RiskBar } from './RiskBar'

/** One hem's recipe with its reasons, or why nothing is safe and what would help. */
export function HemCard({ hem, recipe }: { hem: Hem; recipe: RecipeAnswer }) {
  const { rooms, site } = useFacts()
  const room = rooms.find((each) => each.id === hem.roomId)
  return (
    <aside className="min-w-0 self-start" aria-label={hem.place}>
      <Panel title={`${room?.name ?? ''}: ${hem.place}`} aside={<b>{formatLength(hem.lengthMm, site.units)}</b>}>
        {recipe.safe ? <SafeCard hem={hem} recipe={recipe} /> : <UnsafeCard recipe={recipe} />}
      </Panel>
    </aside>
  )
}

function SafeCard({ hem, recipe }: { hem: Hem; recipe: Recipe }) {
  const { shelf, house, site, rooms, id: jobId } = useFacts()
  const plan = usePlan()
  const now = useNow()
  const room = rooms.find((each) => each.id === hem.roomId)
  const tape = tapeOf(shelf, recipe.tapeId)
  const step = room?.steps.find((each) => each.id === hem.stepId)
  const setup = useMemo((): EdgeSetup | null => {
    if (!room || !step) return null
    const face = faceOf(room, hem.keep)
    return {
      texture: face.texture,
      dusty: face.dusty,
      edge: tape.edge,
      backing: tape.backing,
      gripN25: tape.gripN25,
      pressing: recipe.pressing,
      seal: recipe.seal,
      stroke: gentleStroke(step.tool),
      coating: coatingOf(shelf, step.coatingId),
    }
  }, [room, step, hem, tape, recipe, shelf])
  const spans = plan?.pulls.find((pull) => pull.hemIds.includes(hem.id))?.spans
  return (
    <>
      {setup && (
        <EdgeSection
          edge={setup}
          tapeThickUm={tape.thickUm}
          valleys={sampleValleys(setup, seededNumbers(seedOf(hem.id)), 80)}
        />
      )}
      <ol className="my-2 ml-5 list-decimal">
        {recipe.steps.map((each) => (
          <li key={each.code} className="my-0.5">
            {sayText(each)}
          </li>
        ))}
      </ol>
      <RiskBar
        name={W.recipes.bleed}
        estimate={recipe.risks.bleeds}
        limit={house.maxBleedsPerM}
        text={`${figure(recipe.risks.bleeds.mean)} ${W.recipes.per}`}
      />
      <RiskBar
        name={W.recipes.liftRisk}
        estimate={recipe.risks.lift}
        limit={house.maxLift}
        text={`${figure(recipe.risks.lift.mean * 100)} % ${W.recipes.per}`}
      />
      <p className="text-sm text-soft">
        {W.recipes.tear} {figure(recipe.risks.tear * 100)} %, {W.recipes.residue.toLowerCase()}{' '}
        {figure(recipe.risks.residue * 100)} % {W.recipes.per}
      </p>
      <Sayings title={W.recipes.why} list={recipe.reasons} />
      {spans && (
        <div className="mt-3">
          <h3>{W.recipes.ribbon}</h3>
          <PullRibbon spans={spans} now={now} zone={site.zone} score={recipe.score} />
        </div>
      )}
      {recipe.cautions.length > 0 && <Sayings title={W.recipes.care} list={recipe.cautions} />}
      <OtherWays recipe={recipe} />
      <RuledOutList list={recipe.ruledOut} />
      <Link
        className="mt-3 inline-flex min-h-9 items-center border border-ink px-3 hover:bg-deep"
        to={`/jobs/${jobId}/bench?hem=${encodeURIComponent(hem.id)}`}
      >
        {W.bench.open}
      </Link>
    </>
  )
}

function UnsafeCard({ recipe }: { recipe: NoRecipe }) {
  return (
    <>
      <p className="bg-act px-2 py-1 font-bold text-act-ink">{W.recipes.none}</p>
      <Sayings title={W.recipes.why} list={recipe.reasons} />
      <Sayings title={W.recipes.help} list={recipe.wouldHelp} />
      <RuledOutList list={recipe.ruledOut} />
    </>
  )
}

function Sayings({ title, list }: { title: string; list: readonly Said[] }) {
  return (
    <section className="mt-3 border-l-[3px] border-ink pl-2.5">
      <h3>{title}</h3>
      <ul>
        {list.map((each, i) => (
          <li key={`${each.code}${i}`} className="my-0.5">
            {sayText(each)}
          </li>
        ))}
      </ul>
    </section>
  )
}

function OtherWays({ recipe }: { recipe: Recipe }) {
  const { shelf, site } = useFacts()
  if (recipe.others.length === 0) return null
  return (
    <section className="mt-3">
      <h3>{W.recipes.others}</h3>
      <table className="w-full text-sm">
        <tbody>
          {recipe.others.map((way) => (
            <tr key={`${way.school}${way.tapeId}`} className="border-b border-rule">
              <td className="py-0.5">{way.school}</td>
              <td>{tapeOf(shelf, way.tapeId).name}</td>
              <td className="text-right">{figure(way.bleedsPerM)} /m</td>
              <td className="text-right">{formatMoney(way.costMinor, site.currency)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

/** What was ruled out, once per tape and reason. */
function RuledOutList({ list }: { list: readonly RuledOut[] }) {
  const { shelf } = useFacts()
  const lines = new Map(list.map((each) => [`${tapeOf(shelf, each.tapeId).name}: ${sayText(each.why)}`, each.school]))
  if (lines.size === 0) return null
  return (
    <details className="mt-3 text-sm">
      <summary className="cursor-pointer font-semibold">
        {W.recipes.ruledOut} ({lines.size})
      </summary>
      <ul>
        {[...lines].map(([line, school]) => (
          <li key={line} className="my-0.5">
            {line} <span className="text-soft">({school})</span>
          </li>
        ))}
      </ul>
    </details>
  )
}
