import { known, word } from '../../base/nouns'

/** A line whose ends differ by more is redone, not spread. */
const REDO_OVER_MM = known(25, 'mm', 'common-practice', word('source', 'ends-that-differ-by-more-are-redone'))

/** A mark on a line carried round a room: how far from the last one, and the height read there, mm. */
interface LevelMark {
  readonly runMm: number
  readonly heightMm: number
}

interface LevelLoop {
  /** By how much the line misses itself when it comes round, mm; over the first mark is more than nothing. */
  readonly missMm: number
  /** Too far out to be spread. */
  readonly redo: boolean
  /** How much each mark is moved so that the line meets itself, whole mm; nothing where it is redone. */
  readonly movesMm: readonly number[]
}

/**
 * A line carried round has to meet itself: a small miss is spread over the marks in proportion to the run so far, as a
 * surveyor spreads a level loop (Bowditch's rule, 1808).
 *
 * @param marks  from the first mark round to the same place again, which is the last
 */
export function levelLoop(marks: readonly LevelMark[]): LevelLoop {
  const [first, last] = [marks[0], marks[marks.length - 1]]
  const missMm = first && last ? last.heightMm - first.heightMm : 0
  const redo = Math.abs(missMm) > REDO_OVER_MM.value
  const whole = marks.slice(1).reduce((sum, { runMm }) => sum + runMm, 0)
  let run = 0
  const movesMm = marks.map(({ runMm }, i) => {
    run += i === 0 ? 0 : runMm
    return redo || whole === 0 ? 0 : -Math.round((missMm * run) / whole) + 0
  })
  return { missMm, redo, movesMm }
}
