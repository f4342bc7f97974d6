import {
  LEAST_WAYS,
  MOST_WAYS,
  type Plan,
  type Shelf,
  type Trial,
  type TrialWay,
  type UnitSystem,
} from '@crisp-hem/core'

/** Minor units of a tape by area, of its cheapest roll: widths differ from tape to tape. */
const byArea = ({ rolls, rollLengthMm }: Shelf['tapes'][number]): number =>
  Math.min(...rolls.map(({ priceMinor, widthMm }) => priceMinor / widthMm)) / rollLengthMm

/** A piece one sees at a glance: a metre, or three feet. */
const PIECE_MM: Readonly<Record<UnitSystem, number>> = { metric: 1000, imperial: 914 }

/** What a trial begins with: the tape this job uses most, and the cheapest other one, six times each. */
export function newTrial(
  { id, name }: Pick<Trial, 'id' | 'name'>,
  shelf: Shelf,
  units: UnitSystem,
  plan: Pick<Plan, 'recipes'>,
): Trial | null {
  const tapes = shelf.tapes.filter(({ retired }) => !retired)
  const used = new Map<string, number>()
  for (const answer of plan.recipes)
    if (answer.safe && answer.tapeId) used.set(answer.tapeId, (used.get(answer.tapeId) ?? 0) + 1)
  const [most] = [...tapes].sort((a, b) => (used.get(b.id) ?? 0) - (used.get(a.id) ?? 0))
  const [cheap] = tapes.filter((tape) => tape !== most).sort((a, b) => byArea(a) - byArea(b))
  const coating = shelf.coatings.find(({ retired, primer }) => !retired && !primer)
  if (!most || !coating) return null
  const way = (tape: Shelf['tapes'][number]): TrialWay => ({
    tapeId: tape.id,
    seal: 'none',
    pressing: 'tool',
    stroke: 'outward',
    waitH: 24,
  })
  return {
    id,
    name,
    texture: 'smooth',
    coatingId: coating.id,
    ways: [way(most), way(cheap ?? most)],
    rows: 6,
    pieceMm: PIECE_MM[units],
    // Any number does: it only has to differ from trial to trial.
    seed: [...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 1_000_000_000, 7),
  }
}

/** A trial with one way more, like its last; with one less. Null where it has as many, or as few, as there may be. */
export const withWay = (trial: Trial): Trial | null => {
  const last = trial.ways.at(-1)
  return last && trial.ways.length < MOST_WAYS ? { ...trial, ways: [...trial.ways, last] } : null
}
export const withoutWay = (trial: Trial, way: number): Trial | null =>
  trial.ways.length > LEAST_WAYS ? { ...trial, ways: trial.ways.filter((_, i) => i !== way) } : null
