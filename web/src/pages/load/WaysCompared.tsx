import { useMemo, useState } from 'react'
import { type PaintStep, type Room, type WayOutcome, type WaysScope } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useEdit, useFacts, useTell } from '../../app/state/useJob'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { ChoiceField } from '../../app/ui/fields'
import { formatMoney, W, whenText } from '../../app/words'
import { BreakEvens } from './BreakEvens'
import { useJobWithLog } from './useVan'
import type { WaysAnswer, WaysAsked } from './ways.worker'

const ASK_AFTER_MS = 300
const start = () => new Worker(new URL('./ways.worker.ts', import.meta.url), { type: 'module' })

/** The same work by hand, with tape, with the gun and with liquid mask: hours, material, mending, finish, days. */
export function WaysCompared() {
  const job = useJobWithLog()
  const [scope, setScope] = useState<WaysScope>({ roomId: null, stepId: null, thingId: null })
  const question = useMemo((): WaysAsked => ({ job, scope }), [job, scope])
  const answer = useWorkerAnswer<WaysAsked, WaysAnswer>(start, question, ASK_AFTER_MS)
  const room = job.rooms.find((each) => each.id === scope.roomId) ?? null
  const isOld = answer !== null && answer.scope !== scope && JSON.stringify(answer.scope) !== JSON.stringify(scope)
  return (
    <div className="grid grid-cols-1 gap-4">
      <Panel title={W.van.views.ways}>
        <div className="mb-2 flex flex-wrap gap-3">
          <ChoiceField
            label={W.compared.scope}
            value={scope.roomId ?? ''}
            options={[
              { value: '', text: W.compared.job },
              ...job.rooms.map((each) => ({ value: each.id, text: each.name })),
            ]}
            onCommit={(roomId) => setScope({ roomId: roomId === '' ? null : roomId, stepId: null, thingId: null })}
          />
          {room && (
            <ChoiceField
              label={W.compared.step}
              value={scope.stepId ?? ''}
              options={[
                { value: '', text: W.compared.allSteps },
                ...room.steps.map((step) => ({ value: step.id, text: step.name })),
              ]}
              onCommit={(stepId) => setScope({ ...scope, stepId: stepId === '' ? null : stepId })}
            />
          )}
          {room && (
            <ChoiceField
              label={W.compared.thing}
              value={scope.thingId ?? ''}
              options={[
                { value: '', text: W.compared.allThings },
                ...[...room.openings, ...room.fittings, ...room.pieces].map(({ id, name }) => ({
                  value: id,
                  text: name,
                })),
              ]}
              onCommit={(thingId) => setScope({ ...scope, thingId: thingId === '' ? null : thingId })}
            />
          )}
        </div>
        {answer === null || isOld ? (
          <p className="text-soft">{W.compared.working}</p>
        ) : (
          <WaysTable ways={answer.ways} />
        )}
        <p className="mt-2 text-sm text-soft">{scope.thingId === null ? W.compared.hint : W.compared.thingHint}</p>
        {room && scope.thingId === null && <Propose room={room} scope={scope} />}
      </Panel>
      <BreakEvens />
    </div>
  )
}

const TD = 'py-1.5 pl-4 text-right whitespace-nowrap'

function WaysTable({ ways }: { ways: readonly WayOutcome[] }) {
  const { site } = useFacts()
  const now = useNow(600_000)
  const money = (minor: number) => formatMoney(minor, site.currency)
  const least = Math.min(...ways.map((outcome) => outcome.totalMinor))
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-[0.92rem]">
        <thead className="text-[0.82rem] text-soft">
          <tr>
            <th className="py-1 text-left font-normal">{W.compared.way}</th>
            {[
              W.compared.hours,
              W.compared.material,
              W.compared.mending,
              W.compared.marks,
              W.compared.days,
              W.compared.ends,
              W.compared.total,
            ].map((head) => (
              <th key={head} className="py-1 pl-4 text-right font-normal">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ways.map((outcome) => (
            <tr key={outcome.way} className="border-b border-rule">
              <td className="py-1.5 font-semibold">
                {W.compared.names[outcome.way]}
                {outcome.unsafe > 0 && (
                  <span className="block text-[0.82rem] font-normal text-soft">
                    {W.compared.unsafe({ n: outcome.unsafe })}
                  </span>
                )}
              </td>
              <td className={TD}>{(outcome.workedMin / 60).toFixed(1)}</td>
              <td className={TD}>
                {money(outcome.coversMinor + outcome.tapeMinor + outcome.sealsMinor + outcome.paintMinor)}
              </td>
              <td className={TD}>{money(outcome.mendingMinor)}</td>
              <td className={TD}>{outcome.faultMmPerM.toFixed(2)}</td>
              <td className={TD}>{outcome.endsAt === null ? '–' : outcome.crewDays}</td>
              <td className={TD}>{outcome.endsAt === null ? '–' : whenText(outcome.endsAt, now, site.zone)}</td>
              <td
                className={`${TD} ${outcome.totalMinor === least ? 'font-bold underline decoration-2' : 'font-semibold'}`}
              >
                {money(outcome.totalMinor)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

/** Turns a room's colours, or one of them, to the gun: its covers and cleaning come along by themselves. */
function Propose({ room, scope }: { room: Room; scope: WaysScope }) {
  const edit = useEdit()
  const tell = useTell()
  const open = room.steps.filter((step) => step.tool !== 'spray' && (scope.stepId === null || step.id === scope.stepId))
  if (open.length === 0) return null
  const spray = () => {
    const ids = new Set(open.map((step) => step.id))
    const turned = (step: PaintStep): PaintStep => (ids.has(step.id) ? { ...step, tool: 'spray' } : step)
    const isTaken = edit((facts) => ({
      ...facts,
      rooms: facts.rooms.map((each) => (each.id === room.id ? { ...each, steps: each.steps.map(turned) } : each)),
    }))
    if (isTaken) tell(W.compared.proposed({ n: open.length }))
  }
  return (
    <Button className="mt-2" onClick={spray}>
      {W.compared.propose}
    </Button>
  )
}
