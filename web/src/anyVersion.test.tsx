import { runsOf } from '../../core/tests/runsOf'
import type { ComponentType } from 'react'
import {
  evening,
  formatInstant,
  planJob,
  publishedTasks,
  UNSAID,
  type Job,
  type LogEvent,
  type Plan,
  type PublishedPlan,
} from '@crisp-hem/core'
import type { JobFacts } from '@crisp-hem/core/wire'
import { gullRow } from '../../demo'
import { editsOf } from '../../core/tests/anyEdit'
import { drawnAt, MISSING, openPlanned, setDesk } from './testing/desk'
import { early } from '../../core/tests/early'

/**
 * A phone may hold any version of the facts with any published plan, any log, and a plan of yet another version that
 * is being worked out anew: whatever the office did meanwhile, every screen is drawn.
 */
const PAGES = {
  walk: () => import('./pages/walk/WalkPage').then((m) => m.WalkPage),
  scope: () => import('./pages/scope/ScopePage').then((m) => m.ScopePage),
  recipes: () => import('./pages/recipes/RecipesPage').then((m) => m.RecipesPage),
  load: () => import('./pages/load/LoadPage').then((m) => m.LoadPage),
  rounds: () => import('./pages/rounds/RoundsPage').then((m) => m.RoundsPage),
  pulls: () => import('./pages/pulls/PullsPage').then((m) => m.PullsPage),
  history: () => import('./pages/people/HistoryPage').then((m) => m.HistoryPage),
  site: () => import('./pages/site/SitePage').then((m) => m.SitePage),
  bench: () => import('./pages/bench/BenchPage').then((m) => m.BenchPage),
} satisfies Record<string, () => Promise<ComponentType>>
type PageName = keyof typeof PAGES
const BUSY: readonly PageName[] = ['pulls', 'rounds', 'walk']

/** Edits between two versions, and versions of one story. */
const EDITS = 5
const VERSIONS = 3
/** What the office changes while a job is under way. */
const isNear = (path: string) => /^(rooms|crews|planning|shelf\.(tapes|coatings|covers))/.test(path)

const factsOf = ({ log: _log, published: _published, ...facts }: Job): JobFacts => facts

/** Facts as they were at some times of a random story, the first as surveyed. */
function versionsOf(start: JobFacts, seed: number): JobFacts[] {
  const versions = [start]
  const edits = editsOf(start, seed, isNear)
  while (versions.length < VERSIONS) {
    let last: JobFacts | undefined
    for (let i = 0; i < EDITS; i++) last = edits.next().value?.facts ?? last
    if (!last) break
    versions.push(last)
  }
  return versions
}

const publishedFrom = (plan: Plan, number: number): PublishedPlan => ({
  number,
  at: formatInstant(plan.at),
  by: 'Office',
  why: '',
  tasks: publishedTasks(plan.placed),
  changes: plan.placed.slice(0, 3).map(({ taskId, from }) => ({
    kind: 'moved' as const,
    taskId,
    before: formatInstant(from - 30),
    after: formatInstant(from),
  })),
})

/** Ticks for the first third of a plan, as its crews would have made them. */
function ticksOf(plan: Plan): LogEvent[] {
  const placed = [...plan.placed].sort((a, b) => a.from - b.from)
  const KINDS: Partial<Record<string, LogEvent['kind']>> = {
    lay: 'laid',
    seal: 'sealed',
    coat: 'coated',
    pull: 'pulled',
  }
  return placed.slice(0, Math.ceil(placed.length / 3)).flatMap((each, i): LogEvent[] => {
    const task = plan.tasks.find(({ id }) => id === each.taskId)
    const kind = task && KINDS[task.kind]
    if (!task || !kind || task.subjects.length === 0) return []
    const at = formatInstant(each.to)
    return [
      { ...UNSAID, id: `e${i}`, kind, at, subjects: [...task.subjects], coat: kind === 'coated' ? task.coat : null },
    ]
  })
}

beforeAll(setDesk)

async function drawAll(job: Job, plan: Plan, at: number, names: readonly PageName[]): Promise<void> {
  await openPlanned(job, plan, at)
  for (const name of names) {
    const Page = await PAGES[name]()
    const html = await drawnAt(`/jobs/${job.id}/${name}`, <Page />)
    expect(html.length).toBeGreaterThan(100)
    const gap = MISSING.exec(html)
    expect([name, gap && html.slice(gap.index - 200, gap.index + 60)]).toEqual([name, null])
  }
}

test.each([1, 2, 3, 5].slice(0, runsOf(4, 1)))(
  'story %i: any facts with any published plan, log and plan are drawn',
  async (seed) => {
    const start = early(gullRow())
    const versions = versionsOf(factsOf(start), seed)
    expect(versions.length).toBe(VERSIONS)
    const whole = (facts: JobFacts, from: JobFacts | null): Job => {
      if (!from) return { ...facts, log: [], published: null }
      const told = planJob({ ...from, log: [], published: null })
      return { ...facts, log: ticksOf(told), published: publishedFrom(told, 3) }
    }
    for (const [i, facts] of versions.entries())
      for (const [j, from] of [...versions, null].entries()) {
        if (i !== 0 && j !== 0 && i !== j && (i + j) % 2) continue
        const job = whole(facts, from)
        const at = (planJob(job).endsAt ?? 0) - 1440
        const plan = planJob(job, at)
        const known = new Set(plan.tasks.map(({ id }) => id))
        expect(plan.placed.filter(({ taskId }) => !known.has(taskId))).toEqual([])
        await drawAll(job, plan, at, i === j ? (Object.keys(PAGES) as PageName[]) : BUSY)
        // The facts are newer than the plan that is still on the screen.
        const other = versions[(i + 1) % versions.length]
        if (other) await drawAll({ ...job, ...other }, plan, at, BUSY)
        expect(() => evening(job, at)).not.toThrow()
      }
  },
)
