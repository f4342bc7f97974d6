import { BetterPanel } from './BetterPanel'
import { ChancePanel } from './ChancePanel'
import { EveningPanel } from './EveningPanel'
import { HandOut } from './HandOut'
import { LateRooms } from './LateRooms'
import { PlanStamp } from './PlanStamp'
import { PricePanel } from './PricePanel'
import { Settled } from './Settled'
import { WhatIfPanel } from './WhatIfPanel'
import { W, sayText, whenText } from '../../app/words'
import { actOf, crewsOfRounds, formatRun, type Plan } from '@crisp-hem/core'
import { useMemo, useState } from 'react'
import { PageHead } from '../../app/frame/PageHead'
import { usePlanWait } from '../../app/frame/PlanTrouble'
import { useNow } from '../../app/state/clock'
import { useFacts, usePlan } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { planName } from '../../app/naming/taskWords'
import { ChartPanel } from './ChartPanel'

/** Crews against time: what is in the way, the chart, and every round with its size. */
export function RoundsPage() {
  const plan = usePlan()
  const wait = usePlanWait()
  const { site } = useFacts()
  const now = useNow()
  if (!plan) return <PageHead title={W.rounds.title} line={wait} />
  const line =
    plan.endsAt === null
      ? undefined
      : W.rounds.endsOf({ when: whenText(plan.endsAt, now, site.zone), plan: planName(plan.standing) })
  return (
    <>
      <PageHead title={W.rounds.title} line={line} />
      <div className="grid grid-cols-1 gap-4 px-4 pb-6 lg:px-6">
        <PlanStamp plan={plan} />
        <Problems />
        <LateRooms plan={plan} />
        <Settled plan={plan} />
        <ChartPanel />
        <PricePanel plan={plan} />
        <WhyEnd plan={plan} />
        <BetterPanel plan={plan} />
        <WhatIfPanel plan={plan} />
        <ChancePanel plan={plan} />
        <EveningPanel plan={plan} />
        <HandOut plan={plan} />
        <RoundList />
      </div>
    </>
  )
}

function Problems() {
  const plan = usePlan()
  if (!plan || plan.problems.length === 0) return null
  return (
    <Panel title={W.rounds.problems}>
      <ul className="border-l-4 border-act pl-3">
        {plan.problems.map((problem, i) => (
          <li key={i}>{sayText(problem)}</li>
        ))}
      </ul>
    </Panel>
  )
}

/** Links shown before the rest is unfolded. */
const LINKS = 5

/** Why all ends when it does, from the last thing back. */
function WhyEnd({ plan }: { plan: Plan }) {
  const [isWhole, setIsWhole] = useState(false)
  const { whyEnd } = plan
  if (whyEnd.length === 0) return null
  const shown = isWhole ? whyEnd : whyEnd.slice(0, LINKS)
  return (
    <Panel title={W.rounds.whyEnd}>
      <ol className="ml-5 list-decimal text-[0.95rem]">
        {shown.map((link, i) => (
          <li key={i}>{sayText(link)}</li>
        ))}
      </ol>
      {whyEnd.length > shown.length && (
        <Button tone="quiet" onClick={() => setIsWhole(true)}>
          {W.rounds.whyMore({ count: whyEnd.length - shown.length })}
        </Button>
      )}
    </Panel>
  )
}

function RoundList() {
  const plan = usePlan()!
  const { site, crews, rooms } = useFacts()
  const now = useNow()
  const placed = useMemo(() => new Map(plan.placed.map((task) => [task.taskId, task])), [plan])
  const byRound = useMemo(() => crewsOfRounds(plan), [plan])
  const crewsOf = (round: Plan['rounds'][number]) =>
    (byRound.get(round.id) ?? [round.crewId])
      .flatMap((id) => crews.find((crew) => crew.id === id)?.name ?? [])
      .join(', ')
  return (
    <Panel title={W.rounds.list}>
      <div className="overflow-x-auto">
        <table className="w-full min-w-[680px] text-[0.9rem]">
          <thead className="text-left text-[0.82rem] text-soft">
            <tr>
              <th className="py-1 font-normal">{W.walk.room}</th>
              <th className="font-normal">{W.rounds.list}</th>
              <th className="font-normal">{W.rounds.crew}</th>
              <th className="text-right font-normal">{W.rounds.size}</th>
              <th className="pl-4 font-normal">{W.rounds.kinds.lay}</th>
              <th className="font-normal">{W.rounds.kinds.pull}</th>
              <th className="font-normal">{W.rounds.why}</th>
            </tr>
          </thead>
          <tbody>
            {plan.rounds.map((round) => {
              const [lay, pull] = [placed.get(actOf(round, 'lay')), placed.get(round.pulls[0]?.taskId ?? '')]
              return (
                <tr key={round.id} className="border-b border-rule align-baseline">
                  <td className="py-1 pr-2 whitespace-nowrap">
                    {rooms.find((room) => room.id === round.roomId)?.name}
                  </td>
                  <td className="pr-2 font-semibold">{sayText(round.name)}</td>
                  <td className="pr-2 whitespace-nowrap">{crewsOf(round)}</td>
                  <td className="text-right whitespace-nowrap">
                    {round.metres > 0 ? formatRun(round.metres * 1000, site.units) : '–'}
                  </td>
                  <td className="pl-4 whitespace-nowrap">{lay ? whenText(lay.from, now, site.zone) : '–'}</td>
                  <td className="pr-2 whitespace-nowrap">
                    {pull ? `${whenText(pull.from, now, site.zone)}${pull.done ? ` ${W.rounds.done}` : ''}` : '–'}
                  </td>
                  <td className="text-soft">{sayText(round.why)}</td>
                </tr>
              )
            })}
          </tbody>
        </table>
      </div>
    </Panel>
  )
}
