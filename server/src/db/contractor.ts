import { upgradedParts, type ContractorAnswer } from '@crisp-hem/core/wire'
import type { Database } from './open'

/** The contractor's own rules and shelf. Rows stay inside. */
export function contractorTable(db: Database) {
  const sql = {
    read: db.prepare<[], { house: string; shelf: string; changed_at: string }>(
      'SELECT house, shelf, changed_at FROM contractor WHERE one = 1',
    ),
    keep: db.prepare<[{ house: string; shelf: string; changed_at: string }]>(`
      INSERT INTO contractor (one, house, shelf, changed_at) VALUES (1, @house, @shelf, @changed_at)
      ON CONFLICT (one) DO UPDATE SET house = @house, shelf = @shelf, changed_at = @changed_at`),
  }
  return {
    /** What was kept, or null before anything was. */
    read(): ContractorAnswer | null {
      const row = sql.read.get()
      if (!row) return null
      // Kept by an older program they may lack what the format has now.
      const kept = upgradedParts({ house: JSON.parse(row.house) as unknown, shelf: JSON.parse(row.shelf) as unknown })
      return { ...(kept as Omit<ContractorAnswer, 'changedAt'>), changedAt: row.changed_at }
    },
    keep({ house, shelf }: Omit<ContractorAnswer, 'changedAt'>, now: string): void {
      sql.keep.run({ house: JSON.stringify(house), shelf: JSON.stringify(shelf), changed_at: now })
    },
  }
}

export type ContractorTable = ReturnType<typeof contractorTable>
