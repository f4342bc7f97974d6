import { seededNumbers, shuffled } from '../../base/units/seeded'
import { nth } from '../../base/units/sure'

/**
 * The order of a trial's pieces, row by row: each row has every way once. As long as there are rows enough every way also stands at every
 * place once in each square of rows (a Latin square, drawn by shuffling rows, places and ways of the cyclic one: Fisher & Yates 1938); rows
 * beyond the last whole square are shuffled by themselves.
 *
 * @returns for each row, which way (from 0) lies at which place from the left
 */
export function trialOrder(ways: number, rows: number, seed: number): readonly (readonly number[])[] {
  // Seeds that follow one another begin alike: their first numbers are passed over.
  const random = seededNumbers(Math.imul(seed + 1, 0x9e3779b1) >>> 0)
  for (let i = 0; i < 8; i++) random()
  const order: (readonly number[])[] = []
  while (rows - order.length >= ways) order.push(...latinSquare(ways, random))
  while (order.length < rows) order.push(numbers(ways, random))
  return order
}

function latinSquare(n: number, random: () => number): number[][] {
  const [rows, places, names] = [numbers(n, random), numbers(n, random), numbers(n, random)]
  return rows.map((row) => places.map((place) => nth(names, (row + place) % n)))
}

/** 0 … n − 1 in any order. */
const numbers = (n: number, random: () => number): number[] =>
  shuffled(
    Array.from({ length: n }, (_, i) => i),
    random,
  )
