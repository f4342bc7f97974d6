import { foldLog, parseInstant, planJob, type Job } from '@crisp-hem/core'
import { maskCoated } from '../../../../core/tests/maskCoated'
import { ternQuay, TERN_QUAY_NOW } from '../../../../demo'
import { drawnAt, MISSING, openOnDesk, setDesk } from '../../testing/desk'
import { boardAt, type PullStand } from './board'

/** The crew board's cards through the days: what each tells to do. */
beforeAll(setDesk)
const now = parseInstant(TERN_QUAY_NOW)

async function cardsAt(job: Job, minutes: number): Promise<{ stand: PullStand; manner: string; html: string }[]> {
  const at = now + minutes
  const plan = await openOnDesk(job, at)
  const { PullCardView } = await import('./PullCardView')
  const board = boardAt(plan, foldLog(job.log), at, { crewId: null, crews: [] })
  return Promise.all(
    board.pulls.map(async (card) => ({
      stand: card.stand,
      manner: card.pull.manner,
      html: await drawnAt('/jobs/tern-quay/pulls', <PullCardView card={card} now={at} />),
    })),
  )
}

test('through a week no card misses a figure, and each says how', async () => {
  const job = maskCoated(ternQuay(), now)
  const stands = new Set<string>()
  for (const minutes of [0, 120, 780, 1560])
    for (const { stand, manner, html } of await cardsAt(job, minutes)) {
      stands.add(`${manner} ${stand}`)
      expect(html).not.toMatch(MISSING)
      expect(html).toMatch(
        /Slowly, folded back|leave it alone|cut along the edge with a sharp blade|Too wet still|Cut round each pane|Stays on the floor until/,
      )
    }
  expect([...stands]).toEqual(expect.arrayContaining(['wet now', 'wet missed', 'wet dry', 'peel not yet', 'peel dry']))
})

test('wet: pull now, no scoring; the day after it is scored first', async () => {
  const [first] = await cardsAt(ternQuay(), 0)
  expect(first!.html).toContain('Slowly, folded back at about 45°.')
  expect(first!.html).not.toContain('Score the edge first')
  const later = (await cardsAt(ternQuay(), 13 * 60)).find((card) => card.manner === 'wet')!
  expect(later.html).toContain('Score the edge first, blade away from the hand.')
})

test('a mask: left alone for its day, then cut and peeled', async () => {
  const peel = async (minutes: number) =>
    (await cardsAt(maskCoated(ternQuay(), now), minutes)).find((card) => card.manner === 'peel')!
  expect((await peel(60)).html).toContain('Liquid mask: leave it alone until it may be cut.')
  expect((await peel(26 * 60)).html).toContain('peel it in one sheet')
})

test('what is pulled leaves the board', () => {
  const job = ternQuay()
  const plan = planJob(job, now)
  const wet = plan.pulls.find((pull) => pull.coated && pull.manner === 'wet')!
  const pulled = {
    id: 'p1',
    kind: 'pulled' as const,
    at: TERN_QUAY_NOW,
    crewId: wet.crewId,
    subjects: [...wet.hemIds],
    coat: null,
    bleeds: null,
    look: null,
    mending: null,
    expectedAt: null,
    amount: null,
    undoes: null,
    note: '',
    origin: null,
  }
  const after = { ...job, log: [...job.log, pulled] }
  const board = boardAt(planJob(after, now + 1), foldLog(after.log), now + 1, { crewId: null, crews: [] })
  expect(board.pulls.some((card) => card.pull.taskId === wet.taskId)).toBe(false)
  expect(board.toInspect).toEqual(expect.arrayContaining([...wet.hemIds]))
})
