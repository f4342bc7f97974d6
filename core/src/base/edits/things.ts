/** A thing in a list, told from the others by its id. */
export interface Thing {
  readonly id: string
}

export type Fields = Readonly<Record<string, unknown>>

export const isFields = (data: unknown): data is Fields =>
  typeof data === 'object' && data !== null && !Array.isArray(data)

/** A list whose members all have ids of their own; an empty list may be one. */
export function isThings(data: unknown): data is readonly (Thing & Fields)[] {
  if (!Array.isArray(data)) return false
  const ids = data.map((each: unknown) => (isFields(each) && typeof each.id === 'string' ? each.id : null))
  return !ids.includes(null) && new Set(ids).size === ids.length
}
