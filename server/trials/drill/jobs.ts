import { formatInstant, UNSAID, type LogEvent } from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { gullRow } from '../../../demo'

const { log: _log, published: _published, ...facts } = gullRow()

/** A small job of this id. */
export const jobCalled = (id: string): JobFacts => ({ ...facts, id })

const NOON_MIN = Date.parse('2027-05-12T12:00:00Z') / 60_000

/** A tick of this id. */
export const tickCalled = (id: string): LogEvent => ({
  ...UNSAID,
  id,
  kind: 'laid',
  at: formatInstant(NOON_MIN),
  subjects: ['parlour/wall:w1|ceiling'],
})
