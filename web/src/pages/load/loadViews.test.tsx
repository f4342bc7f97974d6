import { parseInstant, type Job, type VanPlan } from '@crisp-hem/core'
import { ternQuay, TERN_QUAY_NOW } from '../../../../demo'
import { drawnAt, MISSING, openOnDesk, setDesk } from '../../testing/desk'

/** Parts of the Load drawn without a browser: what each must say of the demo. */
beforeAll(setDesk)
const demo = ternQuay()
// Whatever has to be ordered takes longer than there is time.
const articles = demo.shelf.articles.map((article) => ({ ...article, leadDays: 9 }))
const job: Job = { ...demo, shelf: { ...demo.shelf, articles } }
const now = parseInstant(TERN_QUAY_NOW)
const at = (part: string) => `/jobs/${job.id}/load/${part}`

async function vanOf(): Promise<VanPlan> {
  const plan = await openOnDesk(job, now)
  const { vanPlanOf } = await import('@crisp-hem/core')
  return vanPlanOf(job, plan)
}

test('a day’s list has a heading for its crew, an amount for each thing, and cautions once', async () => {
  const { VanLists } = await import('./VanLists')
  const van = await vanOf()
  const html = await drawnAt(at('van'), <VanLists van={van} />)
  expect(html).not.toMatch(MISSING)
  for (const crew of job.crews.filter(({ id }) => van.lists.some((list) => list.crewId === id)))
    expect(html).toContain(crew.name)
  for (const item of van.lists[0]!.items) expect(html).toContain(item.name)
  expect(html.match(/These numbers only remind/g)).toHaveLength(1)
  expect(html).toContain('the day to order was')
})

test('a job that is done has nothing left to load, and nothing to order', async () => {
  const { VanLists } = await import('./VanLists')
  const { Orders } = await import('./Orders')
  const plan = await openOnDesk(job, now)
  const none: VanPlan = { lists: [], shortages: [], stock: new Map(), lots: new Map() }
  expect(await drawnAt(at('van'), <VanLists van={none} />)).toContain('Nothing is left to load')
  expect(await drawnAt(at('orders'), <Orders load={plan.load} van={none} />)).toContain('Nothing has to be bought')
})

test('a roll is drawn with a panel for each cut, those done struck through', async () => {
  const { CutBar } = await import('./CutBar')
  const plan = await openOnDesk(job, now)
  const roll = plan.load.covers.flatMap((line) => line.cuts?.rolls ?? [])[0]!
  const drawn = (isDone: boolean) =>
    drawnAt(at('cut'), <CutBar roll={roll} isDone={() => isDone} name={() => 'Hall'} />)
  const [open, done] = [await drawn(false), await drawn(true)]
  expect(open.match(/<rect/g)).toHaveLength(1 + roll.panels.length)
  expect(open).not.toContain('<line')
  expect(done.match(/<line/g)).toHaveLength(roll.panels.length)
})

test('offers stand beside one another with their lines, net and tax; one that is taken says so', async () => {
  const { OfferCards } = await import('./OfferCards')
  const { offersFor } = await import('@crisp-hem/core')
  await openOnDesk(job, now)
  const offers = offersFor({ ...job, rooms: job.rooms.slice(0, 1), log: [], published: null })
  const taken = offers[0]!.grade
  const html = await drawnAt(at('quote'), <OfferCards offers={offers} taken={taken} onTake={() => undefined} />)
  expect(html.match(/Net/g)).toHaveLength(offers.length)
  expect(html.match(/Taken/g)).toHaveLength(1)
  expect(html).not.toContain('The customer takes')
  const open = await drawnAt(at('quote'), <OfferCards offers={offers} onTake={() => undefined} />)
  expect(open.match(/The customer takes/g)).toHaveLength(offers.length)
})
