import type { PassBench } from './bench'
import { crewPass } from './crews.bench'
import { lagPass } from './lags.bench'
import { stretchPass } from './stretches.bench'

/** One pass of every propagator, each to be timed. */
export const propagatorPasses = (): PassBench[] => [crewPass(), lagPass(), stretchPass()]
