import { offersFor, type Job, type QuoteOffer } from '@crisp-hem/core'
import { answerWith } from '../../app/state/useWorkerAnswer'

// The job is planned once for every grade that may be offered.
answerWith((job: Job | null): readonly QuoteOffer[] | null => (job ? offersFor(job) : null))
