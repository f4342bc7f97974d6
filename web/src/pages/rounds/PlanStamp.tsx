import { helpGiven, parseInstant, type Plan, type Standing } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts } from '../../app/state/useJob'
import { W, formatMoney, spanText, whenText } from '../../app/words'
import { PriceBeside } from './PriceBeside'
import { Proposal } from './Proposal'
import { PublishForm } from './PublishForm'

/** Which plan this is: the one people were told, under its number, or a proposal nobody has been told of. */
export function PlanStamp({ plan }: { plan: Plan }) {
  const { standing } = plan
  const changes = standing?.proposal ?? []
  return (
    <section
      className={`panel ${standing ? 'border-2 border-ink' : 'border-2 border-dashed border-act'}`}
      aria-label={W.publish.title}
    >
      <p className="font-head text-lg font-semibold">
        {standing ? W.publish.plan({ number: standing.number }) : W.publish.proposal}
        <span className="ml-2 font-body text-base font-normal text-soft">
          {standing ? <StandingWords standing={standing} /> : W.publish.nobodyTold}
        </span>
      </p>
      {standing && changes.length === 0 && <p className="text-soft">{W.publish.asTold}</p>}
      {standing && changes.length > 0 && <Proposal plan={plan} placed={plan.proposed} changes={changes} />}
      {!standing && <Found plan={plan} />}
      <Helps plan={plan} />
      {!standing && plan.proposed.length > 0 && <PublishForm plan={plan} placed={plan.proposed} />}
    </section>
  )
}

/** What looking on has won over the first draft, in one line, and by what. */
function Found({ plan: { firstPrice, price } }: { plan: Plan }) {
  const { site } = useFacts()
  if (!firstPrice) return null
  const money = formatMoney(firstPrice.totalMinor - price.totalMinor, site.currency)
  return (
    <details>
      <summary className="flex min-h-9 w-fit cursor-pointer items-center underline">
        {W.publish.found({ money })}
      </summary>
      <PriceBeside before={firstPrice} after={price} />
    </details>
  )
}

/** Who helps whom, in whose room, for how long. */
function Helps({ plan }: { plan: Plan }) {
  const { crews, rooms, site } = useFacts()
  const now = useNow(60_000)
  const helps = helpGiven(plan)
  const crewOf = (id: string) => crews.find((crew) => crew.id === id)?.name ?? ''
  if (helps.length === 0) return null
  return (
    <ul className="mt-1 border-l-4 border-rule pl-3">
      {helps.map(({ roomId, crewId, ofCrewId, stepIds, minutes, from }) => {
        const room = rooms.find(({ id }) => id === roomId)
        const steps = stepIds.flatMap((id) => room?.steps.find((step) => step.id === id)?.name ?? []).join(', ')
        const facts = { crew: crewOf(crewId), of: crewOf(ofCrewId), room: room?.name ?? '', span: spanText(minutes) }
        return (
          <li key={`${roomId} ${crewId}`}>
            {steps === ''
              ? W.publish.helpsReady({ ...facts, from: whenText(from, now, site.zone) })
              : W.publish.helps({ ...facts, steps, from: whenText(from, now, site.zone) })}
          </li>
        )
      })}
    </ul>
  )
}

function StandingWords({ standing }: { standing: Standing }) {
  const { site } = useFacts()
  const now = useNow(60_000)
  const at = whenText(parseInstant(standing.at), now, site.zone)
  return (
    <>
      {standing.by ? W.publish.toldBy({ when: at, by: standing.by }) : W.publish.told({ when: at })}
      {standing.why && ` · ${standing.why}`}
    </>
  )
}
