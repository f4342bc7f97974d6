import { W, errorText } from '../../app/words'
import { FilePlus2, FolderOpen } from 'lucide-react'
import { lazy, Suspense, useCallback, useEffect, useState } from 'react'
import { useNavigate } from 'react-router'
import type { JobSummary } from '@crisp-hem/core/wire'
import { api, type ApiError } from '../../app/office/api'
import { keptJobs } from '../../app/device/kept'
import { officeLost, officeReached, signInAsked } from '../../app/state/outSlice'
import { noticed } from '../../app/state/noticeSlice'
import { useAppDispatch } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { Dialog } from '../../app/ui/Dialog'
import { FileButton } from '../../app/ui/FileButton'
import { WhoLine } from '../people/WhoLine'
import { JobCard } from './JobCard'
import type { JobState } from './jobState'
import { OnLongest } from './OnLongest'
import { jobId } from './jobId'

/** The form checks a whole job by its schemas, which the list of jobs does without. */
const NewJobForm = lazy(async () => ({ default: (await import('./NewJobForm')).NewJobForm }))

/** All jobs: what is under way, what is due off, what is at risk. */
export function JobsPage() {
  const { jobs, reload } = useJobs()
  const [creating, setCreating] = useState(false)
  const navigate = useNavigate()
  const [states, setStates] = useState<ReadonlyMap<string, JobState>>(new Map())
  const onState = useCallback(
    (id: string, state: JobState) => setStates((before) => new Map(before).set(id, state)),
    [],
  )
  return (
    <main className="mx-auto max-w-6xl px-4 py-6 lg:px-8">
      <header className="mb-6 flex flex-wrap items-end gap-3">
        <div>
          <p className="font-head text-[2.6rem] font-bold leading-none tracking-tight">{W.app}</p>
          <SeamRule />
          <p className="text-soft">{W.tagline}</p>
        </div>
        <div className="ml-auto flex gap-2">
          <ImportButton onDone={reload} />
          <Button tone="act" icon={<FilePlus2 size={17} aria-hidden />} onClick={() => setCreating(true)}>
            {W.jobs.create}
          </Button>
        </div>
      </header>
      <WhoLine />
      <h1 className="mb-3">{W.jobs.title}</h1>
      {jobs?.length === 0 && <p className="panel">{W.jobs.empty}</p>}
      <ul className="grid grid-cols-1 gap-4 lg:grid-cols-2">
        {jobs?.map((job) => (
          <li key={job.id}>
            <JobCard job={job} onChanged={reload} onState={onState} />
          </li>
        ))}
      </ul>
      <div className="mt-4">
        <OnLongest jobs={jobs ?? []} states={states} />
      </div>
      <Dialog open={creating} onClose={() => setCreating(false)} title={W.jobs.create}>
        <Suspense>
          <NewJobForm onCancel={() => setCreating(false)} onMade={(id) => void navigate(`/jobs/${id}/walk`)} />
        </Suspense>
      </Dialog>
    </main>
  )
}

/** The mark of the house: a stitched line that ends in tape. */
function SeamRule() {
  return (
    <svg viewBox="0 0 260 14" className="my-1.5 block w-64" aria-hidden>
      <line x1="0" x2="150" y1="7" y2="7" stroke="var(--ink)" strokeWidth="2.5" strokeDasharray="9 6" />
      <rect x="152" y="1" width="82" height="12" fill="var(--kraft)" stroke="var(--kraft-edge)" />
      <path d="M234 1l18 -1l-6 7l8 7h-20z" fill="var(--kraft)" stroke="var(--kraft-edge)" />
    </svg>
  )
}

function useJobs(): { jobs: readonly JobSummary[] | null; reload: () => void } {
  const dispatch = useAppDispatch()
  const [jobs, setJobs] = useState<readonly JobSummary[] | null>(null)
  const load = useCallback(() => {
    keptJobs().then(
      ({ answer, isKept }) => {
        dispatch(isKept ? officeLost() : officeReached())
        setJobs(answer)
      },
      (error: ApiError) => {
        if (error.status === 401) return void dispatch(signInAsked())
        dispatch(noticed({ text: errorText(error), tone: 'wrong', undo: null }))
      },
    )
  }, [dispatch])
  useEffect(() => {
    load()
    window.addEventListener('crisp-hem:jobs-changed', load)
    return () => window.removeEventListener('crisp-hem:jobs-changed', load)
  }, [load])
  return { jobs, reload: load }
}

function ImportButton({ onDone }: { onDone: () => void }) {
  const dispatch = useAppDispatch()
  const [again, setAgain] = useState<string | null>(null)
  const take = async (text: string, as?: string) => {
    try {
      const { name } = await api.importJob(text, as)
      dispatch(noticed({ text: W.jobs.imported({ name }), tone: 'plain', undo: null }))
      setAgain(null)
      onDone()
    } catch (failure) {
      const error = failure as ApiError
      if (error.code === 'job.exists') setAgain(text)
      else dispatch(noticed({ text: W.jobs.refused + error.message, tone: 'wrong', undo: null }))
    }
  }
  return (
    <>
      <FileButton
        label={W.jobs.import}
        accept=".json"
        icon={<FolderOpen size={17} aria-hidden />}
        onText={(text) => void take(text)}
      />
      <Dialog open={again !== null} onClose={() => setAgain(null)} title={W.jobs.import}>
        <p className="mb-4">{W.jobs.taken}</p>
        <Button tone="act" onClick={() => void take(again!, jobId('copy'))}>
          {W.jobs.asCopy}
        </Button>
      </Dialog>
    </>
  )
}
