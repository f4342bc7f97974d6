import { nth } from './sure'

/** A stream of numbers in [0, 1) that is the same for the same seed (Park & Miller 1988, multiplier 48271). */
export function seededNumbers(seed: number): () => number {
  let state = Math.max(1, Math.abs(Math.floor(seed)) % 2147483647)
  return () => {
    state = (state * 48271) % 2147483647
    return state / 2147483647
  }
}

/** A seed from any text, so that the same thing always looks the same. */
export const seedOf = (text: string): number =>
  [...text].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 2147483647, 7)

/** A list in an order drawn by Fisher & Yates. */
export function shuffled<T>(list: readonly T[], random: () => number): T[] {
  const order = [...list]
  for (let i = order.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1))
    ;[order[i], order[j]] = [nth(order, j), nth(order, i)]
  }
  return order
}
