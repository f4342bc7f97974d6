import { W, clockText, spanText, whenText, sayText } from '../../app/words'
import { formatRun, missedPull, tickDoubts, type HemId, type SpanKind } from '@crisp-hem/core'
import { PullRibbon } from '../../app/drawing/PullRibbon'
import { useFacts, useHems, useLog, usePlan, useRecipes, useTick } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import type { PullCard } from './board'
import { DefectPictures } from './DefectPictures'
import { TickTruly } from './TickTruly'
import { pullTick } from './ticks'

const HEADS = {
  now: W.pulls.now,
  overdue: W.pulls.overdue,
  missed: W.pulls.windowMissed,
  dry: W.spans.dry,
  'not yet': W.pulls.notYet,
} as const

/** One coated round: whether its tape comes off now, how, and how long that holds. */
export function PullCardView({ card, now }: { card: PullCard; now: number }) {
  const { site, rooms } = useFacts()
  const hems = useHems()
  const tick = useTick()
  const plan = usePlan()
  const log = useLog()
  const recipes = useRecipes()
  const { pull, stand } = card
  const room = rooms.find((each) => each.id === pull.roomId)
  const roomName = room?.name ?? W.frame.goneRoom
  const own = pull.hemIds.map((id) => hems.get(id)).filter((hem) => hem !== undefined)
  const length = own.reduce((sum, hem) => sum + hem.lengthMm, 0)
  const score = pull.hemIds.some((id) => {
    const recipe = recipes.get(id)
    return recipe?.safe && (recipe.score || recipe.seal === 'wiped-sealant')
  })
  const acting = stand === 'now' || stand === 'overdue' || stand === 'missed'
  const isWaiting = stand === 'not yet' || stand === 'missed'
  // What the clock calls dry nobody knows where the weather met the coat.
  const head = card.doubt && stand === 'dry' ? W.pulls.inDoubt : HEADS[stand]
  const walls = [
    ...new Set(own.map((hem) => room?.walls.find((wall) => wall.id === hem.segments[0]?.wallId)?.name ?? '')),
  ]
    .filter(Boolean)
    .sort()
  const off = (hemIds: readonly HemId[], minutesAgo: number) =>
    tick(
      [pullTick(hemIds, pull.crewId, now - minutesAgo, pull.plannedAt)],
      W.pulls.ticked({ what: `${roomName}, ${W.pulls.pulled.toLowerCase()}` }),
      plan
        ? tickDoubts({
            job: { site },
            plan,
            log,
            asked: { kind: 'pull', coat: null, subjects: hemIds },
            now: now - minutesAgo,
          })
        : [],
    )
  return (
    <article className={`panel ${acting ? 'border-2 border-act' : ''}`} aria-label={`${head}: ${roomName}`}>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-1">
        <div className="min-w-0 flex-1">
          <p className={`text-sm font-bold uppercase tracking-wide ${acting ? 'text-act' : 'text-soft'}`}>{head}</p>
          <h2 className="text-[1.5rem] leading-tight">{roomName}</h2>
          <p>
            {W.pulls.walls({ n: walls.length, list: walls.join(', ') })} ·{' '}
            {W.pulls.hems({ n: own.length, m: formatRun(length, site.units) })}
          </p>
        </div>
        <Countdown card={card} now={now} />
      </div>
      <div className="my-2">
        <PullRibbon spans={pull.spans} now={now} zone={site.zone} score={score} />
      </div>
      <Doubtful card={card} />
      <Shifted card={card} />
      <p className="mb-2 text-sm">
        {howWords(card, score)}
        {card.next && isWaiting && ` ${W.pulls.nextSpan[card.next.kind]} ${whenText(card.next.from, now, site.zone)}.`}
      </p>
      {stand === 'missed' && <Missed card={card} now={now} />}
      <Button
        tone={acting && stand !== 'missed' ? 'act' : 'plain'}
        className="min-h-14 w-full text-lg"
        onClick={() => off(pull.hemIds, 0)}
      >
        {W.pulls.pullNow}: {W.pulls.hems({ n: own.length, m: formatRun(length, site.units) })}
      </Button>
      <TickTruly
        name={roomName}
        word={W.pulls.pullNow}
        hems={own}
        onDone={(hemIds, minutesAgo) => off(hemIds ?? pull.hemIds, minutesAgo)}
      />
      <DefectPictures hemIds={pull.hemIds} name={roomName} />
    </article>
  )
}

/** How it comes off now, or why it has to wait. */
function howWords({ pull, stand, span }: PullCard, score: boolean): string {
  const peel = pull.manner === 'peel'
  if (stand === 'missed') return W.pulls.missed
  if (stand !== 'not yet') {
    if (peel) return W.pulls.peel
    return `${W.pulls.manner} ${stand === 'now' || !score ? '' : W.pulls.score}`
  }
  if (peel) return W.pulls.maskWait
  if (span.kind === 'kept') return `${W.pulls.kept}.`
  if (span.kind !== 'tacky') return `${W.pulls.wait}.`
  return `${W.pulls.tacky}.`
}

/** What the wait is for. */
function untilWord(kind: SpanKind): string {
  if (kind === 'kept') return W.pulls.stays
  return kind === 'tacky' ? W.pulls.untilHard : W.pulls.wait.toLowerCase()
}

/** Time left in the present span, counting down by the second under ten minutes. */
function Countdown({ card, now }: { card: PullCard; now: number }) {
  const { span, stand } = card
  if (stand === 'overdue') {
    return (
      <p className="text-right">
        <b className="block font-head text-[2rem] leading-none text-act">{spanText(now - span.from)}</b>
        <span className="text-sm text-soft">{W.pulls.overdue.toLowerCase()}</span>
      </p>
    )
  }
  const isWaiting = stand === 'not yet' || stand === 'missed'
  const until = isWaiting ? (card.next?.from ?? span.to) : span.to
  if (until === null || until === undefined) return null
  const left = Math.max(0, until - now)
  const text =
    left < 10 ? `${Math.floor(left)}:${String(Math.floor((left % 1) * 60)).padStart(2, '0')}` : spanText(left)
  return (
    <p className="text-right">
      <b className={`block font-head text-[2rem] leading-none ${stand === 'now' ? 'text-act' : ''}`}>{text}</b>
      <span className="text-sm text-soft">{isWaiting ? untilWord(span.kind) : W.pulls.left}</span>
    </p>
  )
}

/** What can be done about a missed window, the least touching up first: what each way is likely to tear. */
function Missed({ card: { pull }, now }: { card: PullCard; now: number }) {
  const job = useFacts()
  const hems = useHems()
  const recipes = useRecipes()
  const costs = missedPull({ job, hems, recipes, pull, now })
  if (!costs) return null
  return (
    <table className="mb-2 w-full text-sm">
      <caption className="sr-only">{W.pulls.missedWays}</caption>
      <thead className="text-left text-soft">
        <tr>
          <th className="py-1 font-normal">{W.pulls.missedWays}</th>
          <th className="pl-3 text-right align-bottom font-normal">{W.pulls.missedTorn}</th>
          <th className="pl-3 text-right align-bottom font-normal">{W.pulls.missedMend}</th>
        </tr>
      </thead>
      <tbody>
        {costs.map(({ way, tornM, mendMin }, i) => (
          <tr key={way} className={`border-t border-rule ${i === 0 ? 'font-semibold' : ''}`}>
            <td className="py-1 pr-2">{W.pulls.missedWay[way]}</td>
            <td className="pl-3 text-right whitespace-nowrap">{formatRun(tornM * 1000, job.site.units)}</td>
            <td className="pl-3 text-right whitespace-nowrap">{spanText(mendMin)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** The clocks say one thing, the weather that met the coat another. */
function Doubtful({ card }: { card: PullCard }) {
  const { doubt } = card
  if (!doubt) return null
  return (
    <p className="mb-2 border-l-4 border-act bg-deep px-2.5 py-1.5" role="note">
      <b>{W.pulls.doubtful}</b> {sayText(doubt.fault)} {W.pulls.doubtfulNext}
    </p>
  )
}

/** What reality did to the plan. */
function Shifted({ card }: { card: PullCard }) {
  const { site } = useFacts()
  const { lateMin, spans } = card.pull
  const wet = spans.find((span) => span.kind === 'wet')
  if (lateMin === null || Math.abs(lateMin) < 2 || !wet || wet.to === null) return null
  const words = lateMin > 0 ? W.pulls.late : W.pulls.early
  return (
    <p className="mb-2 border-l-4 border-ink bg-deep px-2.5 py-1.5" role="note">
      {words({ n: Math.abs(lateMin), from: clockText(wet.from, site.zone), to: clockText(wet.to, site.zone) })}
    </p>
  )
}
