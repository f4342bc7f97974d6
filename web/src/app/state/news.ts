import type { JobMarks, JobNews } from '@crisp-hem/core/wire'
import { ApiError, type Api } from '../office/api'
import type { DeviceStore } from '../device/store'
import type { Identity } from '../device/identity'
import type { Dispatch } from '@reduxjs/toolkit'
import type { NewsLine } from './line'
import type { RootState } from './reducer'
import { editsHeard, planPublished } from './jobSlice'
import { eventsHeard } from './logSlice'
import { officeLost, officeReached, signInAsked } from './outSlice'

interface HearingSetup {
  readonly api: Pick<Api, 'news' | 'liveUrl'>
  readonly device: DeviceStore
  readonly identity: Identity
  readonly dispatch: Dispatch
  readonly getState: () => RootState
  readonly openLine: (url: string) => NewsLine
  /** The job has to be fetched as a whole. */
  readonly onAnew: (jobId: string) => void
}

/** A line that the office ended is tried again after so long, ms. */
const AGAIN_MS = 5000
/** What is heard is kept on the device after so long without more, ms. */
const KEEP_AFTER_MS = 1000
const CLOSED = 2

/** Hears what others say of the open job, as it comes, and keeps this device's copy of it up. */
export class News {
  private jobId: string | null = null
  private marks: JobMarks = { log: 0, edit: 0 }
  private epoch = ''
  private line: NewsLine | null = null
  private again: ReturnType<typeof setTimeout> | undefined
  private keeping: ReturnType<typeof setTimeout> | undefined

  constructor(private readonly setup: HearingSetup) {}

  open(jobId: string, marks: JobMarks, epoch: string): void {
    this.close()
    this.jobId = jobId
    this.marks = marks
    this.epoch = epoch
    this.listen()
  }

  close(): void {
    clearTimeout(this.again)
    this.line?.close()
    this.line = null
    this.jobId = null
  }

  /** Asks once for what is new in the open job. */
  hear = async (jobId: string): Promise<void> => {
    if (jobId !== this.jobId) return
    try {
      this.take(jobId, await this.setup.api.news(jobId, this.marks, this.plan))
    } catch (error) {
      if (!(error instanceof ApiError)) throw error
      // The line brings it later.
    }
  }

  /** The network is back: no need to wait. */
  wake = (): void => {
    if (this.jobId && (this.line === null || this.line.readyState === CLOSED)) this.listen()
  }

  /** Nobody looks at this page: browsers allow an office few lines at a time, and phones few hours. */
  rest = (): void => {
    clearTimeout(this.again)
    this.line?.close()
    this.line = null
  }

  private get plan(): number {
    return this.setup.getState().job.published?.number ?? 0
  }

  private listen(): void {
    const { jobId, setup } = this
    if (!jobId) return
    clearTimeout(this.again)
    this.line?.close()
    const line = setup.openLine(setup.api.liveUrl(jobId, this.marks, this.plan))
    this.line = line
    line.onmessage = ({ data }) => {
      if (this.line !== line) return
      setup.dispatch(officeReached())
      // What the office writes there is news.
      this.take(jobId, JSON.parse(data) as JobNews)
    }
    line.onerror = () => {
      if (this.line !== line) return
      setup.dispatch(officeLost())
      if (line.readyState !== CLOSED) return
      // A browser gives up where the answer is no stream: nobody signed in, or the job is gone.
      this.again = setTimeout(() => void this.askWhy(jobId), AGAIN_MS)
    }
  }

  private async askWhy(jobId: string): Promise<void> {
    try {
      this.take(jobId, await this.setup.api.news(jobId, this.marks, this.plan))
    } catch (error) {
      if (error instanceof ApiError && error.status === 401) this.setup.dispatch(signInAsked())
    }
    this.listen()
  }

  private take(jobId: string, news: JobNews): void {
    const { dispatch, identity, onAnew } = this.setup
    if (jobId !== this.jobId) return
    // A copy was put back at the office: its marks count something else now.
    if (news.epoch !== this.epoch) return onAnew(jobId)
    if (news.marks.log < this.marks.log || news.marks.edit < this.marks.edit) return
    // Two ways may bring the same: what is behind the marks of both is new.
    const skip = (list: readonly unknown[], from: number, to: number) => Math.max(0, list.length - (to - from))
    const log = news.log.slice(skip(news.log, this.marks.log, news.marks.log))
    const edits = news.edits.slice(skip(news.edits, this.marks.edit, news.marks.edit))
    this.marks = news.marks
    if (news.anew) return onAnew(jobId)
    for (const event of log) identity.heard(event.origin?.clock ?? null)
    if (log.length > 0) dispatch(eventsHeard(log))
    if (edits.length > 0) dispatch(editsHeard({ revision: news.revision, edits, device: identity.id }))
    if (news.published) dispatch(planPublished(news.published))
    this.keepSoon()
  }

  private keepSoon(): void {
    clearTimeout(this.keeping)
    this.keeping = setTimeout(() => {
      const { job, log } = this.setup.getState()
      if (!job.base || job.base.id !== this.jobId) return
      const { base: facts, revision, published } = job
      // Without room for it the next visit without a line shows an older copy.
      void this.setup.device
        .keepJob({ facts, revision, published, log: log.events, marks: this.marks, epoch: this.epoch })
        .catch(() => undefined)
    }, KEEP_AFTER_MS)
  }
}
