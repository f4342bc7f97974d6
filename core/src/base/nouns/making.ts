/** How an edge is sealed, pressed and stroked. */
export const SEALS = ['none', 'own-colour', 'clear-glaze', 'wiped-sealant'] as const
export type Seal = (typeof SEALS)[number]

export const PRESSINGS = ['none', 'thumb', 'tool'] as const
export type Pressing = (typeof PRESSINGS)[number]

export const STROKES = ['toward-tape', 'along', 'outward', 'roller', 'spray'] as const
export type Stroke = (typeof STROKES)[number]
