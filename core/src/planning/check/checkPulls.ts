import type { PlacedTask } from '../plan/placement'
import type { PullRule, ScheduleProblem } from '../problem/problem'
import { miss, type Miss } from './miss'
import { spansFor, type Interval } from './pullSpans'
import type { Passed } from './reach'

/** Pulls that do not lie in a span that allows them. */
export function checkPulls(
  problem: Pick<ScheduleProblem, 'pulls'>,
  placed: ReadonlyMap<string, PlacedTask>,
  passed: Passed,
): Miss[] {
  return problem.pulls.flatMap((rule) => {
    const pull = placed.get(rule.activityId)
    const coat = rule.coated ?? placed.get(rule.coatId)
    return pull && !pull.done && coat ? checkPull({ rule, pull, coat, placed, passed }) : []
  })
}

interface CheckPullSetup {
  readonly rule: PullRule
  readonly pull: Interval
  readonly coat: Interval
  readonly placed: ReadonlyMap<string, PlacedTask>
  readonly passed: Passed
}

function checkPull({ rule, pull, coat, placed, passed }: CheckPullSetup): Miss[] {
  const spans = spansFor(rule, coat, (id) => placed.get(id)?.from ?? null, passed)
  const missed = (kind: Miss['kind'], minutes: number, at: number): Miss[] => [
    miss(kind, rule.activityId, { minutes: finite(Math.ceil(minutes)), at: finite(at) }),
  ]
  if (pull.to > spans.offBy + SLACK_MIN) return missed('past-stay', pull.to - spans.offBy, spans.offBy)
  if (pull.from >= spans.dryFrom - SLACK_MIN)
    return rule.manner === 'wet' ? missed('wet-missed', pull.from - spans.skinAt, spans.skinAt) : []
  if (rule.manner !== 'wet') return missed('pull-too-soon', spans.dryFrom - pull.from, spans.dryFrom)
  if (!spans.wet) return missed('no-wet-span', pull.to - spans.skinAt, spans.skinAt)
  if (pull.from < spans.wet.from - SLACK_MIN) return missed('pull-too-soon', spans.wet.from - pull.from, spans.wet.from)
  if (pull.from >= spans.wet.to) return missed('pull-tacky', pull.from - spans.wet.to, spans.wet.to)
  if (pull.to > spans.wet.to + SLACK_MIN) return missed('wet-overrun', pull.to - spans.wet.to, spans.wet.to)
  return []
}

/** What lies for ever ahead is told as no instant. */
const finite = (value: number): number | null => (Number.isFinite(value) ? value : null)

/** Sums of many small gains miss an instant by the last bits of a number. */
const SLACK_MIN = 1e-6
