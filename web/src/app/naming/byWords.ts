import { W } from '../words'

/** Who did something: a person by name, a crew by its name, or somebody. */
export const byWords = (crews: readonly { readonly id: string; readonly name: string }[], by: string | null): string =>
  by === null ? W.register.nobody : (crews.find((crew) => crew.id === by)?.name ?? by)
