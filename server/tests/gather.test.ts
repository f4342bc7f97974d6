import { ServerError, thrownFrom } from '../src/errors'
import type { HeavyWork } from '../src/heavy/heavyWork'
import { gatherer } from '../src/heavy/gather'
import { hub } from '../src/live/hub'

const MARKS = { log: 0, edit: 0 }
const part = (text: string) => ({ body: Buffer.from(text), facts: { jobId: text, now: '' } })

/** A heavy that notes what it is asked, and answers when it is let. */
function slowHeavy() {
  const asked: { name: string; text: string; parts: number }[] = []
  const gates: (() => void)[] = []
  const heavy = {
    close: async () => {},
    async run(name: string, body: Uint8Array, facts: { parts?: readonly { bytes: number }[] }) {
      asked.push({ name, text: Buffer.from(body).toString(), parts: facts.parts?.length ?? 0 })
      await new Promise<void>((open) => gates.push(open))
      if (name === 'append') return { taken: 1, skewMs: 0, marks: MARKS }
      let at = 0
      return (facts.parts ?? []).map(({ bytes }) => {
        const own = Buffer.from(body.subarray(at, at + bytes)).toString()
        at += bytes
        return own === 'bad'
          ? { refused: { of: 'server', code: 'log.id_taken', facts: { id: 'x' } } }
          : { answer: { taken: own.length, skewMs: 0, marks: MARKS } }
      })
    },
  }
  // It answers as the two tasks do that are asked for here.
  return { heavy: heavy as unknown as HeavyWork, asked, open: () => gates.shift()?.() }
}
const settle = () => new Promise((done) => setTimeout(done, 5))

test('ticks that come while others are written go together, each with its own answer', async () => {
  const { heavy, asked, open } = slowHeavy()
  const take = gatherer(heavy)
  const first = take(part('a'))
  const rest = [take(part('bb')), take(part('bad')), take(part('cccc'))]
  const told = Promise.allSettled(rest)
  open()
  await expect(first).resolves.toMatchObject({ taken: 1 })
  await settle()
  open()
  const [two, bad, four] = await told
  expect(two).toMatchObject({ status: 'fulfilled', value: { taken: 2 } })
  expect(four).toMatchObject({ status: 'fulfilled', value: { taken: 4 } })
  expect(bad).toMatchObject({ status: 'rejected', reason: { code: 'log.id_taken' } })
  expect(asked).toEqual([
    { name: 'appendAll', text: 'a', parts: 1 },
    { name: 'appendAll', text: 'bbbadcccc', parts: 3 },
  ])
})

test('a large one goes by itself', async () => {
  const { heavy, asked, open } = slowHeavy()
  const large = gatherer(heavy)(part('x'.repeat(70_000)))
  await settle()
  open()
  await large
  expect(asked.map(({ name }) => name)).toEqual(['append'])
})

test('where writing together fails, each is tried by itself', async () => {
  const names: string[] = []
  const heavy = {
    close: async () => {},
    run: async (name: string) => {
      names.push(name)
      if (name === 'appendAll') throw new Error('the disk said no')
      return { taken: 1, skewMs: 0, marks: MARKS }
    },
  } as unknown as HeavyWork
  await expect(gatherer(heavy)(part('a'))).resolves.toMatchObject({ taken: 1 })
  expect(names).toEqual(['appendAll', 'append'])
})

test('a refusal crosses between threads and is the same error again', () => {
  const error = thrownFrom({ of: 'server', code: 'log.id_taken', facts: { id: 'x' } })
  expect(error).toBeInstanceOf(ServerError)
  expect(error.message).toContain('id x')
})

describe('the hub', () => {
  beforeEach(() => jest.useFakeTimers())
  afterEach(() => jest.useRealTimers())

  test('tells a burst once, of that job alone, and shares what one listener worked out', () => {
    const { tell, listen } = hub()
    const heard: string[] = []
    listen('one', (shared) => {
      heard.push(`a${shared.size}`)
      shared.set('news', { news: {} as never, text: '' })
    })
    const stop = listen('one', (shared) => heard.push(`b${shared.size}`))
    listen('other', () => heard.push('other'))
    for (let i = 0; i < 50; i++) tell('one')
    expect(heard).toEqual([])
    jest.runAllTimers()
    expect(heard).toEqual(['a0', 'b1'])
    stop()
    tell('one')
    tell('nobody')
    jest.runAllTimers()
    expect(heard).toEqual(['a0', 'b1', 'a0'])
  })
})
