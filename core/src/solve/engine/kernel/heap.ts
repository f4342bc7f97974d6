import { floatAt, intAt, nth, sure } from '../../../base/units/sure'
/** What counts a clash for is this much less after each one. */
const FADE = 0.95
const TOO_MUCH = 1e100

/** Variables by activity, the most active on top: a binary heap with the place of each. */
export class Heap {
  private score = new Float64Array(64)
  private place = new Int32Array(64).fill(-2)
  private readonly list: number[] = []
  private weight = 1

  /** Puts a variable in; one that is in stays where it is. */
  add(variable: number): void {
    this.grow(variable)
    if (intAt(this.place, variable) >= 0) return
    this.place[variable] = this.list.push(variable) - 1
    this.up(this.place[variable])
  }

  /** Whether a variable has ever been put in. */
  knows(variable: number): boolean {
    return variable < this.place.length && intAt(this.place, variable) > -2
  }

  /** Takes out the most active; −1 when none is in. */
  pop(): number {
    const { list, place } = this
    const top = list[0]
    if (top === undefined) return -1
    place[top] = -1
    const last = sure(list.pop())
    if (last !== top) {
      list[0] = last
      place[last] = 0
      this.down(0)
    }
    return top
  }

  bump(variable: number): void {
    if (!this.knows(variable)) return
    this.score[variable] = floatAt(this.score, variable) + this.weight
    if (floatAt(this.score, variable) > TOO_MUCH) {
      for (let i = 0; i < this.score.length; i++) this.score[i] = floatAt(this.score, i) / TOO_MUCH
      this.weight /= TOO_MUCH
    }
    if (intAt(this.place, variable) >= 0) this.up(intAt(this.place, variable))
  }

  fade(): void {
    this.weight /= FADE
  }

  private grow(variable: number): void {
    if (variable < this.score.length) return
    const size = 2 * variable
    const score = new Float64Array(size)
    score.set(this.score)
    this.score = score
    const place = new Int32Array(size).fill(-2)
    place.set(this.place)
    this.place = place
  }

  private up(from: number): void {
    const { list, place, score } = this
    const own = nth(list, from)
    let i = from
    while (i > 0) {
      const above = (i - 1) >> 1
      if (floatAt(score, nth(list, above)) >= floatAt(score, own)) break
      list[i] = nth(list, above)
      place[nth(list, i)] = i
      i = above
    }
    list[i] = own
    place[own] = i
  }

  private down(from: number): void {
    const { list, place, score } = this
    const own = nth(list, from)
    let i = from
    for (;;) {
      let below = 2 * i + 1
      if (below >= list.length) break
      if (below + 1 < list.length && floatAt(score, nth(list, below + 1)) > floatAt(score, nth(list, below))) below++
      if (floatAt(score, nth(list, below)) <= floatAt(score, own)) break
      list[i] = nth(list, below)
      place[nth(list, i)] = i
      i = below
    }
    list[i] = own
    place[own] = i
  }
}
