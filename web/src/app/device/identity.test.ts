import { identityIn } from './identity'
import { memoryStore } from './memoryStore'

const shelf = () => {
  const kept = new Map<string, string>()
  return {
    kept,
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  }
}

test('a device is the same after a reload, and counts on', () => {
  const store = shelf()
  const first = identityIn(store, () => 1000)
  const one = first.origin()
  const again = identityIn(store, () => 1000)
  const two = again.origin()
  expect([again.id, one.seq, two.seq]).toEqual([first.id, 1, 2])
  expect(two.clock > one.clock).toBe(true)
})

test('two tabs of a browser are one device, and never say the same number or time', () => {
  const store = shelf()
  const [one, other] = [identityIn(store, () => 1000), identityIn(store, () => 1000)]
  const said = [one.origin(), other.origin(), one.origin(), other.origin()]
  expect(said.map((each) => each.seq)).toEqual([1, 2, 3, 4])
  expect(new Set(said.map((each) => each.clock)).size).toBe(4)
})

test('what was heard is older than what is said next, though the wall clock is behind', () => {
  const device = identityIn(shelf(), () => 5)
  const theirs = identityIn(shelf(), () => 1_000_000).clock()
  device.heard(theirs)
  expect(device.clock() > theirs).toBe(true)
})

test('a browser that keeps nothing counts on for as long as its page is open', () => {
  const device = identityIn(
    {
      getItem: () => '{half a li',
      setItem: () => {
        throw new Error('full')
      },
    },
    () => 1000,
  )
  expect([device.origin().seq, device.origin().seq]).toEqual([1, 2])
})

describe('what a device keeps', () => {
  test('stays in the order in which it was said, over all jobs, and tells of each change', async () => {
    const store = memoryStore()
    const told: number[] = []
    const stop = store.onChange(() => void told.push(1))
    const photo = (photoId: string) => ({ kind: 'photo', photoId, file: new Blob() }) as const
    await store.put('one', [photo('a'), photo('b')], null)
    await store.put('two', [photo('c')], null)
    const items = await store.items()
    expect(items.map(({ jobId, n }) => [jobId, n])).toEqual([
      ['one', 1],
      ['one', 2],
      ['two', 3],
    ])
    await store.setAside(2, 'no')
    await store.drop([1])
    expect((await store.items()).map(({ n, refused }) => [n, refused])).toEqual([
      [2, 'no'],
      [3, null],
    ])
    stop()
    await store.drop([2, 3])
    expect(told).toHaveLength(4)
  })
  test('is sent by one tab at a time', async () => {
    const { alone } = memoryStore()
    const done: string[] = []
    let open = () => {}
    const first = alone(async () => {
      await new Promise<void>((go) => (open = go))
      done.push('first')
    })
    await alone(async () => void done.push('second'))
    open()
    await first
    await alone(async () => void done.push('third'))
    expect(done).toEqual(['first', 'third'])
  })
})
