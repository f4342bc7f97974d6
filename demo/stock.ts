import { articleKey, STARTER_SHELF, type Article, type Cover, type Shelf } from '@crisp-hem/core'

/** Two suppliers that nobody has heard of, and their numbers. */
const MERCER = { supplier: 'Mercer & Moss', leadDays: 1 } as const
const QUAYSIDE = { supplier: 'Quayside Paint Counter', leadDays: 0 } as const

const numbered = (
  keys: readonly string[],
  prefix: string,
  first: number,
  at: Omit<Article, 'id' | 'number'>,
): Article[] => keys.map((id, i) => ({ id, ...at, number: `${prefix}-${first + 3 * i}` }))

/** Smaller field cloths, for what is left beside the large ones. */
const SIDE_CLOTH: Cover = {
  id: 'hessian-side',
  name: 'Hessian side cloth',
  kind: 'cloth',
  widthMm: 2743,
  lengthMm: 3658,
  gramsPerM2: 270,
  priceMinor: 3300,
  reusable: true,
  owned: 8,
  retired: false,
}

/** The starter's shelf with what this contractor has lying about, and where he orders. */
export const DEMO_SHELF: Shelf = {
  ...STARTER_SHELF,
  covers: [...STARTER_SHELF.covers, SIDE_CLOTH],
  remnants: [
    { id: 'rest-1', coverId: 'skein-drop', lengthMm: 7400 },
    { id: 'rest-2', coverId: 'skein-window', lengthMm: 11_200 },
    { id: 'rest-3', coverId: 'fallow-paper', lengthMm: 18_000 },
  ],
  articles: [
    ...numbered(
      STARTER_SHELF.tapes.flatMap((tape) => tape.rolls.map((roll) => articleKey('tape', tape.id, roll.widthMm))),
      'MM',
      4102,
      MERCER,
    ),
    ...numbered(
      [...STARTER_SHELF.covers, SIDE_CLOTH].map((cover) => articleKey('cover', cover.id)),
      'MM',
      7210,
      MERCER,
    ),
    ...numbered(
      STARTER_SHELF.coatings.map((coating) => articleKey('coating', coating.id)),
      'QP',
      310,
      QUAYSIDE,
    ),
    ...numbered(
      STARTER_SHELF.sealants.map((sealant) => articleKey('sealant', sealant.id)),
      'QP',
      820,
      QUAYSIDE,
    ),
  ],
}
