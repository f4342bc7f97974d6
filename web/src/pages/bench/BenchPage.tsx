import { W, factText } from '../../app/words'
import {
  benchOfHem,
  choiceOfBench,
  starterBench,
  type BenchSetup,
  type Hem,
  type Plan,
  edgeOfHem,
} from '@crisp-hem/core'
import { useMemo, useState } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { PageHead } from '../../app/frame/PageHead'
import { usePlanWait } from '../../app/frame/PlanTrouble'
import { useEdit, useFacts, useHems, usePlan } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { CheckField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { Switch } from '../../app/ui/Tabs'
import { useSettled } from '../../app/ui/useSettled'
import { BenchCharts } from './BenchCharts'
import { BenchControls } from './BenchControls'
import { BenchResult } from './BenchResult'
import { RestsOn } from './RestsOn'
import { useBench } from './useBench'

type Side = 'A' | 'B'

/** Charts follow once the slider rests: drawing both takes longer than a frame. */
const CHARTS_WAIT_MS = 160

/** One hem under a magnifier: turn anything and see it bleed, lift, tear or come clean; A against B. */
export function BenchPage() {
  const plan = usePlan()
  const wait = usePlanWait()
  const hems = useHems()
  const [params] = useSearchParams()
  const hem = hems.get(params.get('hem') ?? '') ?? null
  if (!plan) return <PageHead title={W.bench.title} line={wait} />
  return <BenchWork key={hem?.id ?? ''} plan={plan} hem={hem} />
}

function BenchWork({ plan, hem }: { plan: Plan; hem: Hem | null }) {
  const facts = useFacts()
  const [first] = useState(() => (hem ? benchOfHem(facts, plan, hem) : starterBench(facts.shelf, Math.floor(plan.at))))
  const [both, setBoth] = useState(true)
  const [side, setSide] = useState<Side>('A')
  const [a, setA] = useState(first)
  const [b, setB] = useState<BenchSetup>(() => otherWay(first))
  const setups = useMemo(() => (both ? [a, b] : [a]), [a, b, both])
  const views = useBench(setups, facts.shelf)
  const settled = useSettled(views, CHARTS_WAIT_MS)
  const active = side === 'A' || !both ? a : b
  const set = side === 'A' || !both ? setA : setB
  return (
    <>
      <PageHead title={W.bench.title} line={hem ? factText(hem.place) : W.bench.line}>
        {hem && <SendBack hem={hem} setup={active} />}
      </PageHead>
      <div className="grid grid-cols-1 gap-4 px-4 pb-6 lg:grid-cols-[292px_minmax(0,1fr)] lg:px-6">
        <Panel
          title={
            <Switch
              label={W.bench.which}
              value={both ? side : 'A'}
              options={(both ? (['A', 'B'] as const) : (['A'] as const)).map((value) => ({ value, text: value }))}
              onChange={setSide}
            />
          }
          aside={<CheckField label={W.bench.against} checked={both} onChange={setBoth} />}
        >
          <BenchControls setup={active} onChange={(change) => set((before) => ({ ...before, ...change }))} />
        </Panel>
        <div className="grid min-w-0 grid-cols-1 content-start gap-4">
          <div className={`grid grid-cols-1 gap-4 ${both ? 'xl:grid-cols-2' : ''}`}>
            {views.map((view, i) => (
              <BenchResult key={i} name={views.length > 1 ? (i === 0 ? 'A' : 'B') : null} view={view} />
            ))}
          </div>
          {settled.length > 0 && (
            <>
              <BenchCharts views={settled} />
              <RestsOn setup={settled[both && side === 'B' ? 1 : 0]?.setup ?? active} />
            </>
          )}
        </div>
      </div>
    </>
  )
}

/** Something to hold against a setup: the same edge, sealed if it was not, or bare if it was. */
const otherWay = (setup: BenchSetup): BenchSetup => ({ ...setup, seal: setup.seal === 'none' ? 'own-colour' : 'none' })

/** Gives tape, seal, pressing and pull on the Bench to the hem it was opened from. */
function SendBack({ hem, setup }: { hem: Hem; setup: BenchSetup }) {
  const { shelf, id } = useFacts()
  const edit = useEdit()
  const navigate = useNavigate()
  const [reason, setReason] = useState('')
  const send = () => {
    const edge = edgeOfHem(hem.id)
    const choice = choiceOfBench(setup, shelf, edge, reason.trim() || W.bench.tried)
    const taken = edit((facts) => ({
      ...facts,
      rooms: facts.rooms.map((room) =>
        room.id === hem.roomId
          ? { ...room, choices: [...room.choices.filter((each) => each.edge !== edge), choice] }
          : room,
      ),
    }))
    if (taken) void navigate(`/jobs/${id}/recipes?hem=${encodeURIComponent(hem.id)}`)
  }
  return (
    <>
      <input
        className="field w-40"
        aria-label={W.walk.why}
        placeholder={W.walk.why}
        value={reason}
        onChange={(event) => setReason(event.target.value)}
      />
      <Button onClick={send}>{W.bench.sendBack}</Button>
    </>
  )
}
