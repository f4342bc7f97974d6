import { useMemo, useState } from 'react'
import type { Chances, Plan, SaferPulls } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useFacts, useWholeJob } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { W, spanText, whenText } from '../../app/words'
import type { ChanceAnswer, ChanceQuestion } from './chance.worker'
import { percent, Share } from './Share'
import { taskWords } from '../../app/naming/taskWords'

const RUNS = 5000
const SEED = 1
/** Pulls that miss their span less often than this are not listed. */
const WORTH_SAYING = 0.02
const GUARDED = 5
/** What the worker holds to be sure enough. */
const MOST_MISSED = 0.05

/** What may come of the plan: opened when somebody asks, since it takes a second of the machine. */
export function ChancePanel({ plan }: { plan: Plan }) {
  const [asked, setAsked] = useState(0)
  return (
    <Panel
      title={W.chance.title}
      aside={<Button onClick={() => setAsked(asked + 1)}>{asked > 0 ? W.chance.again : W.chance.ask}</Button>}
    >
      {asked > 0 ? <Answer key={asked} plan={plan} /> : <p className="text-soft">{W.chance.hint({ runs: RUNS })}</p>}
    </Panel>
  )
}

const start = () => new Worker(new URL('./chance.worker.ts', import.meta.url), { type: 'module' })

function Answer({ plan }: { plan: Plan }) {
  const job = useWholeJob()
  // As it stood when it was asked: plans are made anew while the answer is worked out.
  const [question] = useState((): ChanceQuestion => ({
    job,
    now: plan.at,
    runs: RUNS,
    seed: SEED,
  }))
  const answer = useWorkerAnswer<ChanceQuestion, ChanceAnswer>(start, question, 300)
  if (!answer) return <p className="text-soft">{W.chance.working}</p>
  const { chances, safer } = answer
  return (
    <div className="grid gap-6 lg:grid-cols-[1.35fr_1fr_1fr]">
      <RoomChances chances={chances} />
      <PullChances chances={chances} safer={safer} plan={plan} />
      <Deciders chances={chances} plan={plan} />
    </div>
  )
}

function RoomChances({ chances }: { chances: Chances }) {
  const { rooms, site } = useFacts()
  const now = useNow(60_000)
  const when = (at: number) => whenText(at, now, site.zone)
  return (
    <div className="min-w-0 overflow-x-auto">
      <h3 className="font-semibold">{W.chance.rooms}</h3>
      <table className="w-full text-sm">
        <thead className="text-left text-soft">
          <tr>
            <th className="font-normal">{W.walk.room}</th>
            <th className="font-normal">{W.chance.half}</th>
            <th className="font-normal">{W.chance.nineOfTen}</th>
            <th className="font-normal">{W.chance.late}</th>
          </tr>
        </thead>
        <tbody>
          {chances.rooms.map((each) => (
            <tr key={each.roomId} className="border-b border-rule">
              <td className="py-0.5 pr-2">{rooms.find((room) => room.id === each.roomId)?.name}</td>
              <td className="pr-2 whitespace-nowrap">{when(each.half)}</td>
              <td className="pr-2 whitespace-nowrap">{when(each.nineOfTen)}</td>
              <td>{each.lateShare === null ? '–' : <Share share={each.lateShare} />}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

function PullChances({ chances, safer, plan }: { chances: Chances; safer: SaferPulls; plan: Plan }) {
  const { rooms } = useFacts()
  const tasks = useMemo(() => new Map(plan.tasks.map((task) => [task.id, task])), [plan])
  const listed = [...chances.pulls]
    .filter((pull) => pull.missShare >= WORTH_SAYING)
    .sort((a, b) => b.missShare - a.missShare)
  return (
    <div>
      <h3 className="font-semibold">{W.chance.pulls}</h3>
      {listed.length === 0 && <p className="text-sm">{W.chance.allKept({ percent: 100 * WORTH_SAYING })}</p>}
      <ul className="text-sm">
        {listed.map((each) => (
          <li key={each.activityId} className="flex justify-between gap-3 border-b border-rule py-0.5">
            {taskWords(rooms, tasks.get(each.activityId), each.activityId)}
            <Share share={each.missShare} />
          </li>
        ))}
      </ul>
      <p className="mt-2 text-sm">{saferWords(safer)}</p>
    </div>
  )
}

/** What it would take to be sure of every pull that is still to come. */
function saferWords({ margin, worst, worstNow, laterMin, moreRounds }: SaferPulls): string {
  const most = percent(MOST_MISSED)
  if (worstNow <= MOST_MISSED) return W.chance.allSure({ most })
  if (margin === null) return W.chance.neverSure({ most, worst: percent(worst) })
  const facts = { most, margin: percent(margin), rounds: moreRounds, span: spanText(Math.max(0, laterMin)) }
  return laterMin > 0 ? W.chance.sureLater(facts) : W.chance.sureFree(facts)
}

/** What to guard: the work on which the end hangs most often. */
function Deciders({ chances, plan }: { chances: Chances; plan: Plan }) {
  const { rooms, site } = useFacts()
  const now = useNow(60_000)
  const tasks = useMemo(() => new Map(plan.tasks.map((task) => [task.id, task])), [plan])
  return (
    <div>
      <h3 className="font-semibold">{W.chance.guard}</h3>
      <ol className="text-sm">
        {chances.decides.slice(0, GUARDED).map((decide) => (
          <li key={decide.activityId} className="flex justify-between gap-3 border-b border-rule py-0.5">
            {taskWords(rooms, tasks.get(decide.activityId), decide.activityId)}
            <Share share={decide.share} />
          </li>
        ))}
      </ol>
      {chances.end && (
        <p className="mt-2 text-sm text-soft">
          {W.chance.end({
            half: whenText(chances.end.half, now, site.zone),
            most: whenText(chances.end.nineOfTen, now, site.zone),
            runs: chances.runs,
            seed: chances.seed,
          })}
        </p>
      )}
    </div>
  )
}
