import { answerWith, type Answered, type Asked } from './useWorkerAnswer'

/** The worker's half, driven as the page would drive it. */
function workerOf<Q, A>(work: (question: Q) => A) {
  const said: Answered<A>[] = []
  const self = {
    onmessage: null as ((event: { data: Asked<Q> }) => void) | null,
    postMessage: (m: Answered<A>) => said.push(m),
  }
  Object.assign(globalThis, { self })
  answerWith(work)
  return { said, ask: (seq: number, question: Q) => self.onmessage!({ data: { seq, question } }) }
}

test('every question is answered under its number', () => {
  const { said, ask } = workerOf((n: number) => n * 2)
  ask(1, 21)
  ask(2, 4)
  expect(said).toEqual([
    { seq: 1, answer: 42 },
    { seq: 2, answer: 8 },
  ])
})

test('a question that fails says why, and the next one is answered again', () => {
  const { said, ask } = workerOf((n: number) => {
    if (n < 0) throw new Error('below nothing')
    return n
  })
  ask(1, -1)
  ask(2, 3)
  expect(said).toEqual([
    { seq: 1, failed: 'below nothing' },
    { seq: 2, answer: 3 },
  ])
})
