import type { JobAnswer, JobSummary } from '@crisp-hem/core/wire'
import type { DeviceStore, OutItem } from './store'

/** A device that forgets all when its page is left: for tests, and where a browser keeps nothing. */
export function memoryStore(): DeviceStore {
  let items: OutItem[] = []
  let last = 0
  let list: readonly JobSummary[] | null = null
  let isBusy = false
  const jobs = new Map<string, JobAnswer>()
  const listeners = new Set<() => void>()
  const tell = () => listeners.forEach((listener) => listener())
  return {
    put: async (jobId, what, who) => {
      items = [...items, ...what.map((each): OutItem => ({ n: ++last, jobId, what: each, refused: null, who }))]
      tell()
      return 'kept'
    },
    items: async () => items,
    drop: async (ns) => {
      items = items.filter(({ n }) => !ns.includes(n))
      tell()
    },
    setAside: async (n, reason) => {
      items = items.map((item) => (item.n === n ? { ...item, refused: reason } : item))
      tell()
    },
    keepJob: async (job) => void jobs.set(job.facts.id, job),
    job: async (id) => jobs.get(id) ?? null,
    seen: async () => [...jobs.values()],
    keepJobs: async (all) => void (list = all),
    jobs: async () => list,
    onChange(each) {
      listeners.add(each)
      return () => listeners.delete(each)
    },
    async alone(act) {
      if (isBusy) return
      isBusy = true
      await act().finally(() => (isBusy = false))
    },
  }
}
