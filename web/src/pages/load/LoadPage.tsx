import { useNavigate, useParams } from 'react-router'
import { PageHead } from '../../app/frame/PageHead'
import { usePlanWait } from '../../app/frame/PlanTrouble'
import { isPainter, useFacts, usePlan } from '../../app/state/useJob'
import { useAppSelector } from '../../app/state/store'
import { Switch } from '../../app/ui/Tabs'
import { W } from '../../app/words'
import { CutPlans } from './CutPlans'
import { FloorPlans } from './FloorPlans'
import { Orders } from './Orders'
import { Quotes } from './Quotes'
import { useVan } from './useVan'
import { VanLists } from './VanLists'
import { WaysCompared } from './WaysCompared'
import { WholeLoad } from './WholeLoad'

const VIEWS = ['job', 'van', 'cut', 'floors', 'ways', 'quote', 'orders'] as const
type View = (typeof VIEWS)[number]
/** What is about money alone. */
const OFFICE_VIEWS: readonly View[] = ['ways', 'quote', 'orders']

/** What goes into the van, by job, by day, by roll and by floor; what it costs, and what is bought for it. */
export function LoadPage() {
  const plan = usePlan()
  const wait = usePlanWait()
  const { id } = useFacts()
  const { part } = useParams()
  const navigate = useNavigate()
  const hidesMoney = useAppSelector(isPainter)
  const views = VIEWS.filter((view) => !hidesMoney || !OFFICE_VIEWS.includes(view))
  const view = views.find((each) => each === part) ?? 'job'
  const van = useVan()
  if (!plan || !van) return <PageHead title={W.load.title} line={wait} />
  return (
    <>
      <PageHead title={W.load.title}>
        <Switch
          label={W.van.parts_label}
          value={view}
          options={views.map((value) => ({ value, text: W.van.views[value] }))}
          onChange={(next) => void navigate(`/jobs/${id}/load/${next}`)}
        />
      </PageHead>
      <div className="px-3 pb-6 lg:px-6">
        {view === 'job' && <WholeLoad load={plan.load} />}
        {view === 'van' && <VanLists van={van} />}
        {view === 'cut' && <CutPlans load={plan.load} />}
        {view === 'floors' && <FloorPlans load={plan.load} />}
        {view === 'ways' && <WaysCompared />}
        {view === 'quote' && <Quotes />}
        {view === 'orders' && <Orders load={plan.load} van={van} />}
      </div>
    </>
  )
}
