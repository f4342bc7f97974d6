import { nth, sure } from '../../base/units/sure'

/** One reading from mark to mark: how much higher the second lies, mm, over a run of so much. */
export interface LevelReading {
  readonly from: number
  readonly to: number
  readonly riseMm: number
  readonly runMm: number
}

/** Heights of marks by all readings together, the first at 0. */
export interface LevelNet {
  readonly heightsMm: readonly number[]
  /** What each reading was off, mm: what was read less what the heights say. */
  readonly residualsMm: readonly number[]
  /** How far readings are off for a metre of run, mm, by what they miss; null where nothing checks them. */
  readonly spreadMmPerM: number | null
}

/**
 * Heights by least squares (Gauss 1809), each reading weighted by its run as levelling has it: for one loop that is Bowditch's rule.
 *
 * @param count  marks, numbered from 0; every one of them is reached by readings
 * @throws RangeError where some mark is not reached
 */
export function levelNet(count: number, readings: readonly LevelReading[]): LevelNet {
  const size = count - 1
  const normal = Array.from({ length: size }, () => new Float64Array(size + 1))
  const put = (i: number, k: number, value: number): void => {
    if (i > 0 && k !== 0) {
      const row = nth(normal, i - 1)
      const at = k < 0 ? size : k - 1
      row[at] = (row[at] ?? 0) + value
    }
  }
  for (const { from, to, riseMm, runMm } of readings) {
    const weight = 1 / Math.max(1, runMm)
    put(from, from, weight)
    put(to, to, weight)
    put(from, to, -weight)
    put(to, from, -weight)
    put(to, -1, weight * riseMm)
    put(from, -1, -weight * riseMm)
  }
  const heightsMm = [0, ...solved(normal)]
  const residualsMm = readings.map(({ from, to, riseMm }) => riseMm - (nth(heightsMm, to) - nth(heightsMm, from)))
  const spare = readings.length - size
  const squares = readings.reduce(
    (sum, { runMm }, i) => sum + (nth(residualsMm, i) ** 2 * 1000) / Math.max(1, runMm),
    0,
  )
  return { heightsMm, residualsMm, spreadMmPerM: spare > 0 ? Math.sqrt(squares / spare) : null }
}

/** Gaussian elimination with pivots; the right side is the last column. */
function solved(rows: Float64Array[]): number[] {
  const size = rows.length
  for (let k = 0; k < size; k++) {
    let pivot = k
    for (let i = k + 1; i < size; i++)
      if (Math.abs(nth(rows, i)[k] ?? 0) > Math.abs(nth(rows, pivot)[k] ?? 0)) pivot = i
    const [a, b] = [nth(rows, k), nth(rows, pivot)]
    rows[k] = b
    rows[pivot] = a
    const head = sure(b[k])
    if (Math.abs(head) < 1e-15) throw new RangeError('a mark is not reached by any reading')
    for (let i = k + 1; i < size; i++) {
      const row = nth(rows, i)
      const share = (row[k] ?? 0) / head
      if (share !== 0) for (let j = k; j <= size; j++) row[j] = (row[j] ?? 0) - share * (b[j] ?? 0)
    }
  }
  const found = new Array<number>(size).fill(0)
  for (let k = size - 1; k >= 0; k--) {
    const row = nth(rows, k)
    let left = row[size] ?? 0
    for (let j = k + 1; j < size; j++) left -= (row[j] ?? 0) * nth(found, j)
    found[k] = left / sure(row[k])
  }
  return found
}

/** A reading that by itself would explain what all miss, and how little they miss without it. */
export interface Suspect {
  readonly reading: number
  readonly spreadMmPerM: number
  /** What it would have to have been, mm. */
  readonly wouldBeMm: number
}

/**
 * The likeliest wrong reading: the one without which all others agree best (leave one out). Null where too few check one another, or none
 * stands out: it has to leave half of what is missed, or less (from memory).
 */
export function likeliestWrong(count: number, readings: readonly LevelReading[]): Suspect | null {
  const all = levelNet(count, readings).spreadMmPerM
  if (all === null || all < 1e-9 || readings.length - count < 1) return null
  const suspects = readings.flatMap((reading, i): Suspect[] => {
    try {
      const net = levelNet(
        count,
        readings.filter((_, k) => k !== i),
      )
      const wouldBeMm = nth(net.heightsMm, reading.to) - nth(net.heightsMm, reading.from)
      return net.spreadMmPerM === null ? [] : [{ reading: i, spreadMmPerM: net.spreadMmPerM, wouldBeMm }]
    } catch {
      // Without it a mark hangs in the air: it checks nothing, and nothing checks it.
      return []
    }
  })
  const best = suspects.reduce<Suspect | null>((a, b) => (a === null || b.spreadMmPerM < a.spreadMmPerM ? b : a), null)
  return best && best.spreadMmPerM <= all / 2 ? best : null
}

/**
 * Readings of a loop of which one could be misread so that the loop would close: two figures changed over, a ten or a hundred too many or too
 * few, a rise noted as a fall. What a loop read once can say of its own miss.
 */
export function slipsIn(
  heightsMm: readonly number[],
  missMm: number,
): { readonly mark: number; readonly readMm: number; readonly meantMm: number }[] {
  const miss = Math.round(missMm)
  if (miss === 0) return []
  return heightsMm.flatMap((read, mark) => {
    if (mark === 0) return []
    const meant = meantFor(Math.round(read), miss)
    return meant === null ? [] : [{ mark, readMm: read, meantMm: meant }]
  })
}

function meantFor(read: number, miss: number): number | null {
  const wanted = read - miss
  if (wanted <= 0) return null
  const [a, b] = [String(read), String(wanted)]
  const differ = [...a].flatMap((digit, i) => (digit === b[i] ? [] : [i]))
  const isSwap =
    a.length === b.length &&
    differ.length === 2 &&
    (differ[1] ?? 0) - (differ[0] ?? 0) === 1 &&
    a[differ[0] ?? 0] === b[differ[1] ?? 0] &&
    a[differ[1] ?? 0] === b[differ[0] ?? 0]
  const isTens = [10, 20, 50, 100, 200, 500].includes(Math.abs(miss)) && a.length === b.length && differ.length === 1
  return isSwap || isTens ? wanted : null
}

/**
 * What an instrument is off for a metre of sight, mm, by the two-peg test: two pegs read once from the middle between them, which is right
 * however wrong the instrument is, and once from close to one of them.
 */
export function twoPegErrorMmPerM(
  fromMiddle: { readonly aMm: number; readonly bMm: number },
  fromNear: { readonly aMm: number; readonly bMm: number },
  sightsM: { readonly aM: number; readonly bM: number },
): number {
  const truth = fromMiddle.aMm - fromMiddle.bMm
  const read = fromNear.aMm - fromNear.bMm
  return (read - truth) / (sightsM.aM - sightsM.bM)
}

/** What a spirit level is off over its length, mm, by turning it end for end on the same two marks: half of what the readings differ. */
export const reversalErrorMm = (oneWayMm: number, turnedMm: number): number => (oneWayMm - turnedMm) / 2

/** What it adds for a metre, mm: by what it reads one way and turned, and its own length; nothing where one of them is missing. */
export const levelErrorMmPerM = ([oneWayMm, turnedMm, lengthMm]: readonly number[]): number =>
  oneWayMm === undefined || turnedMm === undefined || !lengthMm
    ? 0
    : (1000 * reversalErrorMm(oneWayMm, turnedMm)) / lengthMm
