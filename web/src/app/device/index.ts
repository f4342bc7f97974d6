import { idbStore } from './idbStore'
import { memoryStore } from './memoryStore'
import type { DeviceStore } from './store'
import { withMemory } from './withMemory'

const own: { store: DeviceStore | null } = { store: null }

/** This device's store; one in memory where a page has no browser around it, or one that keeps nothing. */
export function deviceStore(): DeviceStore {
  own.store ??= globalThis.indexedDB === undefined ? memoryStore() : withMemory(idbStore())
  return own.store
}
