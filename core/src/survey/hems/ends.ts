import { known, word } from '../../base/nouns'
import type { Hem } from './deriveHems'

/** Each end of a run goes past the edge and is folded to a tab; each corner starts a new run. */
const TAB_MM = known(50, 'mm', 'from-memory', word('source', 'run-past-the-end-and-a-tab'))

/** Tape in the ends and corners of a hem, mm. */
export const endsMm = ({ corners }: Pick<Hem, 'corners'>): number => (corners + 1) * 2 * TAB_MM.value
