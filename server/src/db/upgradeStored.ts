import { JOB_VERSION, USUAL_PLANNING } from '@crisp-hem/core'
import { upgradedParts, upgradedRoom } from '@crisp-hem/core/wire'
import type { Database } from './open'

/**
 * Brings jobs that were stored in an older format to the present one, all of them or none. What the older format
 * could not say gets the starter's value. Returns how many were changed.
 */
export function upgradeStored(db: Database): number {
  const old = db.prepare<[number], { id: string; details: string }>('SELECT id, details FROM job WHERE format < ?')
  const rooms = db.prepare<[string], { id: string; body: string }>('SELECT id, body FROM room WHERE job_id = ?')
  const keepJob = db.prepare<[string, number, string]>('UPDATE job SET details = ?, format = ? WHERE id = ?')
  const keepRoom = db.prepare<[string, string, string]>('UPDATE room SET body = ? WHERE job_id = ? AND id = ?')
  // Lines of before version 21 hold no look and no mending.
  const keepLines = db.prepare<[string]>(
    `UPDATE log_event SET body = json_insert(body, '$.look', json('null'), '$.mending', json('null')) WHERE job_id = ?`,
  )
  return db
    .transaction(() => {
      const jobs = old.all(JOB_VERSION)
      for (const { id, details } of jobs) {
        keepLines.run(id)
        for (const room of rooms.all(id)) keepRoom.run(JSON.stringify(upgradedRoom(JSON.parse(room.body))), id, room.id)
        const parts = upgradedParts(JSON.parse(details) as Record<string, unknown>)
        keepJob.run(JSON.stringify({ planning: USUAL_PLANNING, quotes: [], trials: [], ...parts }), JOB_VERSION, id)
      }
      return jobs.length
    })
    .immediate()
}
