import {
  LEARNED_FAULTS,
  type LaidBy,
  type LearnedFault,
  type OwnCount,
  type OwnRecord,
  type Texture,
} from '../../base/nouns'
import { MIN_PER_DAY, parseInstant } from '../../base/units/time'
import { BELIEF, TAPE_BELIEF, type Compared, type Factor } from './factor'
import { learned, rateOf } from './rates'

/** What a house's own counts say of one line: how many times what the models expect, and on how much that rests. */
export interface OwnFactor extends Factor {
  /** The gamma law of it. */
  readonly belief: Belief
  /** Metres looked along in all, of this texture, and of this tape on it. */
  readonly metres: number
  readonly onTexture: number
  readonly ofTape: number
}

/** The line that is asked about. */
export interface LineLaid {
  readonly tapeId: string
  readonly texture: Texture
  readonly laidBy: LaidBy
}

/** How many times what is expected; null where nobody has looked for that fault. */
export type OwnFactors = (fault: LearnedFault, line: LineLaid) => OwnFactor | null

interface Sums extends Compared {
  readonly metres: number
}
interface Node {
  sums: Sums
  readonly parts: Map<string, Node>
}
/** A gamma law, as if `shape` faults had been seen where `rate` were expected. */
export interface Belief {
  readonly shape: number
  readonly rate: number
}

const NOTHING: Sums = { counted: 0, expected: 0, metres: 0 }
const newNode = (): Node => ({ sums: NOTHING, parts: new Map() })
const pathOf = ({ texture, tapeId, laidBy }: LineLaid): readonly string[] => [texture, tapeId, laidBy]

const made = new WeakMap<OwnRecord, Map<string, OwnFactors>>()

/**
 * The figures of a record: house → texture → tape → hand. What is believed of each is what is believed of the whole it belongs to, less sure
 * by how much its parts differ, with its own counts. Down the tree every count is taken once. Gamma–Poisson at each step (Gelman et al.,
 * ch. 5: partial pooling); the steps are matched by mean and spread, which calibration by simulation shows to be near enough.
 *
 * @param jobId  a job whose own counts are left out: its recipes stay as they were told while it is under way. Null: all count
 */
export function ownFactors(record: OwnRecord, jobId: string | null): OwnFactors {
  const kept = made.get(record) ?? new Map<string, OwnFactors>()
  made.set(record, kept)
  const before = kept.get(jobId ?? '')
  if (before) return before
  const others = { ...record, counts: record.counts.filter((each) => each.jobId !== jobId) }
  const trees = new Map(
    LEARNED_FAULTS.map((fault) => [fault, treeOf(faded(others).filter((each) => each.fault === fault))]),
  )
  const answers = new Map<string, OwnFactor | null>()
  const of: OwnFactors = (fault, line) => {
    const tree = trees.get(fault)
    if (record.use === 'off' || !tree || tree.sums.metres === 0) return null
    const path = pathOf(line)
    const key = [fault, ...path].join('|')
    const known = answers.get(key)
    if (known !== undefined) return known
    const [texture, tape] = [tree.parts.get(path[0] ?? ''), tree.parts.get(path[0] ?? '')?.parts.get(path[1] ?? '')]
    const belief = beliefOf(tree, path)
    const found: OwnFactor = {
      ...rateOf(belief),
      belief,
      metres: tree.sums.metres,
      onTexture: texture?.sums.metres ?? 0,
      ofTape: tape?.sums.metres ?? 0,
    }
    answers.set(key, found)
    return found
  }
  kept.set(jobId ?? '', of)
  return of
}

/** What is believed of a line before anybody looked along any. */
export const UNSEEN: Belief = beliefOf(newNode(), ['', '', ''])

/** Older counts weigh less, by how much older they are than the latest. */
function faded({ counts, halfLifeDays }: OwnRecord): readonly OwnCount[] {
  if (halfLifeDays === null || counts.length === 0) return counts
  const latest = counts.reduce((most, { at }) => Math.max(most, parseInstant(at)), 0)
  return counts.map((each) => {
    const weight = 0.5 ** ((latest - parseInstant(each.at)) / MIN_PER_DAY / halfLifeDays)
    return { ...each, metres: each.metres * weight, counted: each.counted * weight, expected: each.expected * weight }
  })
}

function treeOf(counts: readonly OwnCount[]): Node {
  const root = newNode()
  for (const count of counts) {
    let node = root
    node.sums = plus(node.sums, count)
    for (const name of pathOf(count)) {
      const next = node.parts.get(name) ?? newNode()
      node.parts.set(name, next)
      next.sums = plus(next.sums, count)
      node = next
    }
  }
  return root
}

const plus = (a: Sums, b: Sums): Sums => ({
  counted: a.counted + b.counted,
  expected: a.expected + b.expected,
  metres: a.metres + b.metres,
})

/** What is believed at the end of a path. */
function beliefOf(root: Node, path: readonly string[]): Belief {
  let belief: Belief = { shape: BELIEF.value, rate: BELIEF.value }
  let node: Node | undefined = root
  for (const name of path) {
    const part: Node | undefined = node?.parts.get(name)
    if (node) {
      const others = [...node.parts.values()].filter((each) => each !== part)
      belief = withOthers(belief, others)
    }
    belief = ofPart(belief)
    node = part
  }
  return node ? learned(belief, { events: node.sums.counted, exposure: node.sums.expected }) : belief
}

/** What the other parts say of the whole: each stands about it by itself, so that many counts of one part say less than as many of several. */
function withOthers(belief: Belief, others: readonly Node[]): Belief {
  return others.reduce((now, { sums }) => {
    const weight = 1 / (1 + (sums.expected * now.shape) / now.rate / TAPE_BELIEF.value)
    return learned(now, { events: sums.counted * weight, exposure: sums.expected * weight })
  }, belief)
}

/** What is believed of a part of which nothing was counted: the same mean, less sure. */
function ofPart({ shape, rate }: Belief): Belief {
  const less = 1 / (1 / shape + 1 / TAPE_BELIEF.value)
  return { shape: less, rate: (less * rate) / shape }
}
