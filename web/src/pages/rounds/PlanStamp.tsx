import { parseInstant, type Plan, type Standing } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts } from '../../app/state/useJob'
import { W, whenText } from '../../app/words'
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
      {!standing && plan.proposed.length > 0 && <PublishForm plan={plan} placed={plan.proposed} />}
    </section>
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
