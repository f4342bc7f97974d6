import type { Gaps } from '../../base/nouns/gaps'
import { EN_FAULTS } from './enFaults'
import { EN_LISTS } from './enLists'
import { EN_PLACES } from './enPlaces'
import { EN_PLAN } from './enPlan'
import { EN_REASONS } from './enReasons'
import { EN_REFUSALS } from './enRefusals'
import { EN_SOURCES } from './enSources'
import { EN_STEPS } from './enSteps'

/**
 * Every sentence and word the core says, in English, as ICU messages. `{name}` is filled from the facts that travel
 * with the code, so a second language needs only files like these.
 */
export const EN = {
  ...EN_REASONS,
  ...EN_STEPS,
  ...EN_PLAN,
  ...EN_PLACES,
  ...EN_LISTS,
  ...EN_SOURCES,
  ...EN_REFUSALS,
  ...EN_FAULTS,
} as const

type Catalogue = typeof EN
declare module '../../base/nouns/said' {
  // eslint-disable-next-line @typescript-eslint/no-empty-object-type -- this fills an interface, which only an interface can
  interface Sayings extends Readonly<{ [Code in keyof Catalogue]: Gaps<Catalogue[Code]> }> {}
}
