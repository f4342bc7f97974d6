import type { Database } from './open'

/**
 * Which line of history a database is of. Devices keep it with what they heard: another one means that a copy was put back, and
 * that what they know beyond it may be gone there.
 */
export function epochTable(db: Database) {
  const one = db.prepare<[], { epoch: string }>('SELECT epoch FROM office')
  return {
    /** @throws Error for a database without its one row, which no migration leaves */
    read(): string {
      const row = one.get()
      if (!row) throw new Error('the database has lost its epoch')
      return row.epoch
    },
  }
}

/** Begins another line of history, in a database of any version: an older one gets its epoch when it is brought up. */
export function beginEpoch(db: Database): void {
  const has = db.prepare<[], unknown>("SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = 'office'").get()
  if (has) db.exec('UPDATE office SET epoch = lower(hex(randomblob(8)))')
}

export type EpochTable = ReturnType<typeof epochTable>
