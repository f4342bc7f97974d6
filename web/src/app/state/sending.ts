import type { EditAnswer, MissedChange, TickAnswer } from '@crisp-hem/core/wire'
import { ApiError, type Api } from '../office/api'
import type { DeviceStore, OutItem, Sayer } from '../device/store'
import type { Dispatch } from '@reduxjs/toolkit'
import type { RootState } from './reducer'
import { editsSettled, saveFailed, saveStarted } from './jobSlice'
import { eventsRefused } from './logSlice'
import { changesMissed } from './missedSlice'
import { sayerOf } from './putting'
import { clockMeasured, officeLost, officeReached, outboxRead, signInAsked } from './outSlice'

/** Whether something may go out under whoever is signed in: what one said never goes out under another’s name. */
const isOf = ({ who }: OutItem, sayer: Sayer | null): boolean => who === null || who.id === sayer?.id

/** What goes together: what a copy lacked goes by itself. */
const kindOf = ({ what }: OutItem): string => (what.kind === 'tick' && what.again ? 'again' : what.kind)

/** How long what was put down waits for more, and how long the outbox waits for a line, ms. */
const SEND_AFTER_MS = 400
const SEND_AGAIN_MS = [2000, 5000, 10_000, 30_000] as const
/** Things that go together. */
const BATCH = 200

interface SenderSetup {
  readonly api: Api
  readonly device: DeviceStore
  readonly deviceId: string
  readonly dispatch: Dispatch
  readonly getState: () => RootState
  /** Fetches what the office has of a job behind what is known here. */
  readonly hear: (jobId: string) => Promise<void>
}

/**
 * Sends what this device has to say, of whatever job, in the order in which it was said, until all is taken. What is refused
 * steps aside with its reason and the rest goes on; where nobody answers all of it waits.
 */
export class Sender {
  private timer: ReturnType<typeof setTimeout> | undefined
  private tries = 0

  constructor(private readonly setup: SenderSetup) {}

  /** Something was put down: it goes soon. */
  soon = (ms: number = SEND_AFTER_MS): void => {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => void this.send(), ms)
  }

  /** Sends at once what waits: the line is back, or the page is about to be left. */
  async send(): Promise<void> {
    clearTimeout(this.timer)
    const { device, dispatch } = this.setup
    await device.alone(async () => {
      for (let batch = await this.next(); batch.length > 0; batch = await this.next()) {
        const isThrough = await this.sendBatch(batch)
        dispatch(outboxRead(await device.items()))
        if (!isThrough) return this.soon(SEND_AGAIN_MS[Math.min(this.tries++, SEND_AGAIN_MS.length - 1)] ?? 0)
        this.tries = 0
      }
    })
  }

  /** The first things that wait and can go together: of one job and of one kind; pictures one by one. */
  private async next(): Promise<readonly OutItem[]> {
    const sayer = sayerOf(this.setup.getState())
    const waiting = (await this.setup.device.items()).filter((item) => item.refused === null && isOf(item, sayer))
    const [first] = waiting
    if (!first) return []
    const end = waiting.findIndex(
      (item) => item.jobId !== first.jobId || kindOf(item) !== kindOf(first) || item.who?.id !== first.who?.id,
    )
    return waiting.slice(0, first.what.kind === 'photo' ? 1 : end < 0 ? BATCH : Math.min(end, BATCH))
  }

  /** @returns whether the office answered */
  private async sendBatch(batch: readonly OutItem[]): Promise<boolean> {
    const { dispatch, device } = this.setup
    try {
      await this.say(batch)
      dispatch(officeReached())
      return true
    } catch (error) {
      if (!(error instanceof ApiError)) throw error
      const { jobId } = batch[0]!
      // Who has to sign in first, or to wait, is not refused: it goes later.
      if (!error.isRefusal || error.status === 401 || error.status === 429) {
        dispatch(error.status === 401 ? signInAsked() : officeLost())
        if (jobId === this.openId && batch[0]!.what.kind === 'edit') dispatch(saveFailed(error.message))
        return false
      }
      const [only, more] = batch
      if (only && !more) {
        await device.setAside(only.n, error.message)
        if (only.what.kind === 'tick' && jobId === this.openId)
          dispatch(eventsRefused({ ids: [only.what.event.id], reason: error.message }))
        if (only.what.kind === 'edit' && jobId === this.openId) dispatch(editsSettled([only.what.edit.id]))
        return true
      }
      // One of them is at fault: halves find out which.
      const middle = Math.ceil(batch.length / 2)
      return (await this.sendBatch(batch.slice(0, middle))) && (await this.sendBatch(batch.slice(middle)))
    }
  }

  private get openId(): string | null {
    return this.setup.getState().job.facts?.id ?? null
  }

  private async say(batch: readonly OutItem[]): Promise<void> {
    const { api, device } = this.setup
    const [first] = batch
    if (!first) return
    const by = first.who?.id ?? null
    if (first.what.kind === 'photo') {
      await api.sendPhoto(first.jobId, first.what.photoId, first.what.file, by)
      return device.drop([first.n])
    }
    if (first.what.kind === 'tick') {
      const events = batch.flatMap(({ what }) => (what.kind === 'tick' ? [what.event] : []))
      return this.ticksTaken(batch, await api.sendEvents(first.jobId, events, by, first.what.again ?? false))
    }
    const edits = batch.flatMap(({ what }) => (what.kind === 'edit' ? [what.edit] : []))
    if (first.jobId === this.openId) this.setup.dispatch(saveStarted())
    return this.editsTaken(
      batch,
      edits.map(({ id }) => id),
      await api.sendEdits(first.jobId, this.setup.deviceId, edits, by),
    )
  }

  private async ticksTaken(batch: readonly OutItem[], { skewMs }: TickAnswer): Promise<void> {
    const { device, dispatch, hear } = this.setup
    await device.drop(batch.map(({ n }) => n))
    dispatch(clockMeasured(skewMs))
    // The office may have put their times right, and what was in memory alone is not on the screen yet.
    if (skewMs !== 0 || batch.some(({ n }) => n < 0)) await hear(batch[0]!.jobId)
  }

  private async editsTaken(batch: readonly OutItem[], ids: readonly string[], answer: EditAnswer): Promise<void> {
    const { device, dispatch, hear } = this.setup
    const { jobId } = batch[0]!
    const refused = new Map(answer.refused.map((each) => [each.editId, each.message]))
    for (const { n, what } of batch) {
      const reason = what.kind === 'edit' ? refused.get(what.edit.id) : undefined
      if (reason !== undefined) await device.setAside(n, reason)
    }
    const isTaken = ({ what }: OutItem) => what.kind !== 'edit' || !refused.has(what.edit.id)
    await device.drop(batch.filter(isTaken).map(({ n }) => n))
    if (jobId !== this.openId) return
    await hear(jobId)
    dispatch(editsSettled(ids))
    this.tellMissed(answer.missed)
  }

  private tellMissed(missed: readonly MissedChange[]): void {
    if (missed.length > 0) this.setup.dispatch(changesMissed(missed))
  }
}
