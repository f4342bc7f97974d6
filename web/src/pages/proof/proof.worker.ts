import { proveFaces, type FaceProof, type Job } from '@crisp-hem/core'
import { answerWith } from '../../app/state/useWorkerAnswer'

// Every recipe of the job is chosen twice: as it is, and as if the doubtful faces held.
answerWith((job: Job): readonly FaceProof[] => proveFaces(job))
