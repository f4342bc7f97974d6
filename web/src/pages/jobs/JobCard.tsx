import { W, dayText, whenText, errorText } from '../../app/words'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import type { JobSummary } from '@crisp-hem/core/wire'
import { api, type ApiError } from '../../app/office/api'
import { keptJob } from '../../app/device/kept'
import { PullRibbon } from '../../app/drawing/PullRibbon'
import { useNow } from '../../app/state/clock'
import { noticed } from '../../app/state/noticeSlice'
import { useAppDispatch, useAppStore } from '../../app/state/store'
import { newId } from '../../app/device/newId'
import { Button } from '../../app/ui/Button'
import { jobId } from './jobId'
import type { JobState } from './jobState'

interface JobCardProps {
  readonly job: JobSummary
  readonly onChanged: () => void
  /** Hears of the job's state once it is worked out. */
  readonly onState: (jobId: string, state: JobState) => void
}

/** One job: what it is about today, and what can be done with it as a whole. */
export function JobCard({ job, onChanged, onState }: JobCardProps) {
  const state = useJobState(job)
  useEffect(() => {
    if (state) onState(job.id, state)
  }, [job.id, state, onState])
  const now = useNow()
  return (
    <article className="panel">
      <div className="flex items-start gap-3">
        <div className="min-w-0">
          <h2 className="text-[1.35rem]">
            <Link to={`/jobs/${job.id}/${state?.begun ? 'pulls' : 'walk'}`} className="hover:underline">
              {job.name}
            </Link>
          </h2>
          <p className="text-sm text-soft">
            {job.place} · {W.jobs.rooms({ n: job.rooms })}
            {state && state.hems > 0 && ` · ${W.jobs.hems({ n: state.hems })}`}
          </p>
        </div>
        {state && state.dueNow + state.overdue > 0 && (
          <Link to={`/jobs/${job.id}/pulls`} className="ml-auto bg-act px-3 py-1.5 font-semibold text-act-ink">
            {state.dueNow > 0 ? `${state.dueNow} ${W.jobs.due}` : `${state.overdue} ${W.jobs.overdue}`}
          </Link>
        )}
      </div>
      {state && (
        <dl className="my-3 grid grid-cols-3 gap-3 border-y border-rule py-2 text-sm">
          <Fact
            name={state.begun ? W.jobs.underway : W.jobs.begins}
            value={state.startsAt === null ? '–' : dayText(state.startsAt, job.zone)}
          />
          <Fact
            name={W.jobs.next}
            value={state.next ? `${state.next.room}, ${whenText(state.next.from, now, job.zone)}` : W.jobs.quiet}
          />
          <Fact
            name={W.jobs.endsOf({
              plan: state.plan === null ? W.publish.draft : W.publish.plan({ number: state.plan }),
            })}
            value={state.endsAt === null ? '–' : whenText(state.endsAt, now, job.zone)}
          />
        </dl>
      )}
      {state?.next && <PullRibbon spans={state.next.spans} now={now} zone={job.zone} />}
      {state && state.problems > 0 && (
        <p className="mb-2 text-sm">
          <Link
            to={`/jobs/${job.id}/rounds`}
            className="font-semibold underline decoration-act decoration-2 underline-offset-4"
          >
            {state.problems} {W.jobs.risks}
          </Link>
        </p>
      )}
      <JobActions job={job} onChanged={onChanged} />
    </article>
  )
}

function Fact({ name, value }: { name: string; value: string }) {
  return (
    <div>
      <dt className="text-soft">{name}</dt>
      <dd className="font-semibold">{value}</dd>
    </div>
  )
}

function useJobState(job: JobSummary): JobState | null {
  const now = useNow(60_000)
  const minute = Math.floor(now)
  const [state, setState] = useState<JobState | null>(null)
  useEffect(() => {
    let current = true
    // The plan's code is fetched only once there is a job to show.
    void Promise.all([keptJob(job.id), import('./jobState')]).then(
      ([{ answer }, { jobState }]) => current && setState(jobState(answer, minute)),
      () => current && setState(null),
    )
    return () => {
      current = false
    }
  }, [job.id, job.revision, minute])
  return state
}

function JobActions({ job, onChanged }: { job: JobSummary; onChanged: () => void }) {
  const dispatch = useAppDispatch()
  const store = useAppStore()
  const [renaming, setRenaming] = useState(false)
  const tell = (error: ApiError) => dispatch(noticed({ text: errorText(error), tone: 'wrong', undo: null }))
  const act = (work: Promise<unknown>) => void work.then(onChanged, tell)
  const rename = async (name: string) => {
    const changes = [{ path: ['name'], act: 'set', value: name, before: job.name }] as const
    await api.sendEdits(job.id, store.identity.id, [{ id: newId(), clock: store.identity.clock(), changes }], null)
  }
  const remove = () =>
    void api.deleteJob(job.id).then(() => {
      dispatch(
        noticed({
          text: W.jobs.deleted({ name: job.name }),
          tone: 'plain',
          undo: { kind: 'delete job', jobId: job.id },
        }),
      )
      onChanged()
    }, tell)
  if (renaming) {
    return (
      <form
        className="flex gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          const typed = new FormData(event.currentTarget).get('name')
          const name = typeof typed === 'string' ? typed.trim() : ''
          setRenaming(false)
          if (name && name !== job.name) act(rename(name))
        }}
      >
        <input
          name="name"
          aria-label={W.jobs.renamed}
          className="field"
          defaultValue={job.name}
          maxLength={200}
          autoFocus
        />
        <Button tone="act" type="submit">
          {W.jobs.rename}
        </Button>
      </form>
    )
  }
  return (
    <div className="-mx-1 flex flex-wrap text-sm">
      <Button tone="quiet" onClick={() => setRenaming(true)}>
        {W.jobs.rename}
      </Button>
      <Button
        tone="quiet"
        onClick={() => act(api.copyJob(job.id, { id: jobId(job.name), name: W.jobs.copyOf({ name: job.name }) }))}
      >
        {W.jobs.copy}
      </Button>
      <a className="inline-flex min-h-9 items-center px-3 hover:bg-deep" href={api.fileUrl(job.id)} download>
        {W.jobs.export}
      </a>
      <Link className="inline-flex min-h-9 items-center px-3 hover:bg-deep" to={`/jobs/${job.id}/history`}>
        {W.history.open}
      </Link>
      <Button tone="quiet" onClick={remove}>
        {W.jobs.remove}
      </Button>
    </div>
  )
}
