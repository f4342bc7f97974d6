import { expects, type Fault } from '../../base/units/faults'

/** Things of a list whose id one before them has. @param place of the list */
export function repeats(list: readonly { readonly id: string }[], place: string): Fault[] {
  const seen = new Set<string>()
  return list.flatMap(({ id }, i) => {
    const again = seen.has(id)
    seen.add(id)
    return again ? [{ place: `${place}[${i}].id`, expected: expects('own_id', { id }) }] : []
  })
}
