import { UNSAID, type LogEvent } from '@crisp-hem/core'
import type { JobAnswer } from '@crisp-hem/core/wire'
import { gullRow } from '../../../../demo'
import { lackingAt } from './handIn'
import { memoryStore } from './memoryStore'
import type { DeviceStore, OutWhat } from './store'
import { withMemory } from './withMemory'

const { log: _log, published, ...facts } = gullRow()
const line = (id: string): LogEvent => ({ ...UNSAID, id, kind: 'laid', at: '2027-05-17T12:00:00Z', subjects: [] })
const tick = (id: string): OutWhat => ({ kind: 'tick', event: line(id) })
const answer = (epoch: string, revision: number, name: string, ids: readonly string[]): JobAnswer => ({
  facts: { ...facts, name },
  revision,
  log: ids.map(line),
  published,
  marks: { log: ids.length, edit: revision },
  epoch,
})

describe('after a copy was put back', () => {
  const here = answer('one', 9, 'as of today', ['a', 'b', 'c'])
  const office = answer('two', 4, 'as of last night', ['a'])
  test('a device hands in the ticks and changes that the copy lacks', () => {
    const { ticks, changes } = lackingAt(office, here, true)
    expect(ticks.map(({ id }) => id)).toEqual(['b', 'c'])
    expect(changes).toMatchObject([{ path: ['name'], value: 'as of today' }])
  })
  test('a painter’s device, whose facts are not the office’s own, hands in ticks alone', () => {
    expect(lackingAt(office, here, false)).toMatchObject({ changes: [] })
    expect(lackingAt(office, here, false).ticks).toHaveLength(2)
  })
  test('nothing where it is the same line of history, or nothing was kept here', () => {
    expect(lackingAt({ ...office, epoch: 'one' }, here, true)).toEqual({ ticks: [], changes: [] })
    expect(lackingAt(office, null, true)).toEqual({ ticks: [], changes: [] })
  })
})

describe('a device without room', () => {
  const full = (): DeviceStore => ({
    ...memoryStore(),
    put: async () => {
      throw new Error('QuotaExceededError')
    },
  })
  test('holds what was said in memory, behind what was put down before, and lets it be sent and dropped', async () => {
    const store = withMemory(full())
    let told = 0
    store.onChange(() => void told++)
    expect(await store.put('one', [tick('a'), tick('b')], { id: 'p1', name: 'Pip' })).toBe('in-memory')
    expect((await store.items()).map(({ what }) => what.kind === 'tick' && what.event.id)).toEqual(['a', 'b'])
    const [first, second] = await store.items()
    await store.setAside(second!.n, 'no')
    await store.drop([first!.n])
    expect((await store.items()).map(({ refused, who }) => [refused, who?.name])).toEqual([['no', 'Pip']])
    expect(told).toBe(3)
  })
  test('with room it keeps as ever', async () => {
    expect(await withMemory(memoryStore()).put('one', [tick('a')], null)).toBe('kept')
  })
})
