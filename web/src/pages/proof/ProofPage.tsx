import { useNavigate, useParams } from 'react-router'
import { PageHead } from '../../app/frame/PageHead'
import { usePlanWait } from '../../app/frame/PlanTrouble'
import { isPainter, useFacts, usePlan } from '../../app/state/useJob'
import { useAppSelector } from '../../app/state/store'
import { Switch } from '../../app/ui/Tabs'
import { W } from '../../app/words'
import { Charts } from './Charts'
import { LinesSay } from './LinesSay'
import { RecordPanel } from './RecordPanel'
import { ToMeasure } from './ToMeasure'
import { ToTest } from './ToTest'
import { Trials } from './Trials'

const VIEWS = ['lines', 'trials', 'charts', 'record'] as const
type View = (typeof VIEWS)[number]
/** What decides how the house goes on. */
const OFFICE_VIEWS: readonly View[] = ['charts', 'record']

/** What looks and trials showed, and what recipes make of it. */
export function ProofPage() {
  const plan = usePlan()
  const wait = usePlanWait()
  const { id } = useFacts()
  const { part } = useParams()
  const navigate = useNavigate()
  const isOnlyRead = useAppSelector(isPainter)
  const views = VIEWS.filter((view) => !isOnlyRead || !OFFICE_VIEWS.includes(view))
  const view = views.find((each) => each === part) ?? 'lines'
  if (!plan) return <PageHead title={W.proof.title} line={wait} />
  return (
    <>
      <PageHead title={W.proof.title} line={W.proof.line}>
        <Switch
          label={W.proof.views}
          value={view}
          options={views.map((value) => ({ value, text: W.proof.view[value] }))}
          onChange={(next) => void navigate(`/jobs/${id}/results/${next}`)}
        />
      </PageHead>
      <div className="px-3 pb-8 lg:px-6">
        {view === 'lines' && (
          <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-2">
            <LinesSay plan={plan} />
            <div className="grid min-w-0 grid-cols-1 content-start gap-4 max-lg:order-first">
              <ToTest />
              {!isOnlyRead && <ToMeasure plan={plan} />}
            </div>
          </div>
        )}
        {view === 'trials' && <Trials plan={plan} />}
        {view === 'charts' && <Charts plan={plan} />}
        {view === 'record' && <RecordPanel plan={plan} />}
      </div>
    </>
  )
}
