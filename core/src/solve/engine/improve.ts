import type { Answer, Ways } from './answer'
import { improveChoices } from './choices'
import type { Model } from './model'
import { improvePlain } from './plainSearch'

export type { Answer, Ways }

/** The best schedule of a model within the time there is. A claim of `optimal` or `infeasible` is a proof. */
export const improve = (model: Model, ways: Ways): Answer =>
  model.choices?.length ? improveChoices(model, ways) : improvePlain(model, ways)
