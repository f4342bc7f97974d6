import type { DeviceStore, OutItem } from './store'

/**
 * A store that goes on in memory where the device has no room left: what could not be put down waits with the rest and goes out
 * as soon as there is a line, but is lost with the page.
 */
export function withMemory(store: DeviceStore): DeviceStore {
  let loose: OutItem[] = []
  const listeners = new Set<() => void>()
  const tell = () => listeners.forEach((listener) => listener())
  const isLoose = (n: number) => n < 0
  let last = 0
  return {
    ...store,
    async put(jobId, what, who) {
      try {
        await store.put(jobId, what, who)
        return 'kept'
      } catch {
        loose = [...loose, ...what.map((each): OutItem => ({ n: --last, jobId, what: each, refused: null, who }))]
        tell()
        return 'in-memory'
      }
    },
    // What was put down came before the device was full.
    items: async () => [...(await store.items().catch(() => [])), ...loose],
    async drop(ns) {
      loose = loose.filter(({ n }) => !ns.includes(n))
      const kept = ns.filter((n) => !isLoose(n))
      if (kept.length > 0) await store.drop(kept)
      if (kept.length < ns.length) tell()
    },
    async setAside(n, reason) {
      if (!isLoose(n)) return store.setAside(n, reason)
      loose = loose.map((item) => (item.n === n ? { ...item, refused: reason } : item))
      tell()
    },
    onChange(each) {
      listeners.add(each)
      const stop = store.onChange(each)
      return () => {
        listeners.delete(each)
        stop()
      }
    },
  }
}
