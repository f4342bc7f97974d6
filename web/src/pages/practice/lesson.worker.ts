import {
  revealEdge,
  scoreWall,
  type BenchSetup,
  type HouseRules,
  type Reveal,
  type Shelf,
  type WallLesson,
  type WallScore,
} from '@crisp-hem/core'
import { answerWith } from '../../app/state/useWorkerAnswer'

export interface LessonQuestion {
  readonly lesson: WallLesson
  readonly setup: BenchSetup
  readonly shelf: Shelf
  readonly house: HouseRules
}
export interface LessonAnswer {
  readonly setup: BenchSetup
  readonly score: WallScore
  readonly reveal: Reveal
}

// Every choice is judged against all others, some hundreds of walls.
answerWith((question: LessonQuestion | null): LessonAnswer | null => {
  if (!question) return null
  const { lesson, setup, shelf, house } = question
  return { setup, score: scoreWall(lesson, setup, shelf, house), reveal: revealEdge(setup, shelf) }
})
