import { openDB, type DBSchema } from 'idb'
import type { JobAnswer, JobSummary } from '@crisp-hem/core/wire'
import type { DeviceStore, OutItem } from './store'

interface Kept extends DBSchema {
  outbox: { key: number; value: Omit<OutItem, 'n'> & { n?: number } }
  jobs: { key: string; value: JobAnswer }
  lists: { key: string; value: readonly JobSummary[] }
}

const NAME = 'crisp-hem'
const LIST = 'jobs'

/** The device's store in the browser's own database. */
export function idbStore(): DeviceStore {
  const db = openDB<Kept>(NAME, 1, {
    upgrade(fresh) {
      fresh.createObjectStore('outbox', { keyPath: 'n', autoIncrement: true })
      fresh.createObjectStore('jobs')
      fresh.createObjectStore('lists')
    },
  })
  const channel = new BroadcastChannel(NAME)
  const listeners = new Set<() => void>()
  const hear = () => listeners.forEach((listener) => listener())
  channel.onmessage = hear
  const tell = () => {
    hear()
    channel.postMessage(null)
  }
  return {
    async put(jobId, what, who) {
      // Strict: it is on the disk before anybody is told that it is kept.
      const act = (await db).transaction('outbox', 'readwrite', { durability: 'strict' })
      await Promise.all([...what.map((each) => act.store.add({ jobId, what: each, refused: null, who })), act.done])
      tell()
      return 'kept'
    },
    // Every key was given when it was put down.
    items: async () =>
      ((await (await db).getAll('outbox')) as OutItem[]).map((item) => ({ ...item, who: item.who ?? null })),
    async drop(ns) {
      const act = (await db).transaction('outbox', 'readwrite')
      await Promise.all([...ns.map((n) => act.store.delete(n)), act.done])
      tell()
    },
    async setAside(n, refused) {
      const act = (await db).transaction('outbox', 'readwrite')
      const item = await act.store.get(n)
      await Promise.all([item && act.store.put({ ...item, refused }), act.done])
      tell()
    },
    keepJob: async (job) => void (await (await db).put('jobs', job, job.facts.id)),
    job: async (id) => (await (await db).get('jobs', id)) ?? null,
    seen: async () => (await db).getAll('jobs'),
    keepJobs: async (jobs) => void (await (await db).put('lists', jobs, LIST)),
    jobs: async () => (await (await db).get('lists', LIST)) ?? null,
    onChange(each) {
      listeners.add(each)
      return () => listeners.delete(each)
    },
    async alone(act) {
      // Pages that are not secure have no locks: ids make sending twice harmless.
      if (!('locks' in navigator)) return act()
      await navigator.locks.request('crisp-hem:sending', { ifAvailable: true }, async (lock) => {
        if (lock) await act()
      })
    },
  }
}
