import type { Coating, Known, Shelf, Tool } from '../../base/nouns'
import { coatingOf } from '../../survey/shelf/find'

/** Wet film a tool lays, as a share of the label's: a sprayed coat is thin. From memory. */
export const FILM_SHARE: Record<Tool, number> = { brush: 1, roller: 1, spray: 0.75 }

/** The label times of a coat that is `share` times as thick as the label's: drying goes with thickness. docs/science.md eq. 4b. */
export const filmOf = (coating: Coating, share: number): Coating => ({
  ...coating,
  openMin: coating.openMin * share,
  touchDryMin: coating.touchDryMin * share,
  recoatMin: coating.recoatMin * share,
  hardDryMin: coating.hardDryMin * share,
})

/** A coating that dries as it does on paint, or, where the ground drinks, with its edge open for less long: docs/science.md eq. 4e. */
export const openOn = (coating: Coating, isDrunk: boolean, drunkShare: Known): Coating =>
  isDrunk ? { ...coating, openMin: coating.openMin * drunkShare.value } : coating

/** A step's coating with the times of the film its tool lays. */
export const coatOfStep = (shelf: Shelf, step: { readonly coatingId: string; readonly tool: Tool }): Coating =>
  filmOf(coatingOf(shelf, step.coatingId), FILM_SHARE[step.tool])
