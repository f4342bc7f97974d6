import type { Glazing, Opening } from '../../base/nouns'

/** The panes of an opening: how many in all, and the edge of one, mm. */
export interface Panes {
  readonly count: number
  readonly widthMm: number
  readonly heightMm: number
}

/** Panes of an opening; an undivided window is one. Bars stand between panes and round each leaf of glazed doors. */
export function panesOf(opening: Pick<Opening, 'widthMm' | 'heightMm' | 'glazing'>): Panes {
  const g: Glazing = opening.glazing ?? { leaves: 1, wide: 1, high: 1, sides: 1, barMm: 0, textured: false }
  const leafMm = opening.widthMm / g.leaves
  const clear = (total: number, parts: number) => Math.max(1, (total - (parts - 1) * g.barMm) / parts)
  return {
    count: g.leaves * g.wide * g.high * g.sides,
    widthMm: Math.round(clear(leafMm, g.wide)),
    heightMm: Math.round(clear(opening.heightMm, g.high)),
  }
}

/** All pane edges of an opening together, mm. */
export function paneEdgeMm(opening: Pick<Opening, 'widthMm' | 'heightMm' | 'glazing'>): number {
  const panes = panesOf(opening)
  return panes.count * 2 * (panes.widthMm + panes.heightMm)
}

/** Glass for each metre of pane edge, m²: what a liquid mask has to cover. */
export function glassPerEdgeM(opening: Pick<Opening, 'widthMm' | 'heightMm' | 'glazing'>): number {
  const { widthMm, heightMm } = panesOf(opening)
  return (widthMm * heightMm) / (2 * (widthMm + heightMm)) / 1000
}
