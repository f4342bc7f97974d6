import { useCallback, useSyncExternalStore } from 'react'
import { LESSON_LEVELS, type Lesson, type LessonLevel } from '@crisp-hem/core'
import { readLessonFile, writeLessonFile } from '@crisp-hem/core/wire'

const SCORES = 'crisp-hem:lesson-scores'
const OWN = 'crisp-hem:own-lessons'
const listeners = new Set<() => void>()
const changed = () => {
  for (const tell of listeners) tell()
}
const listen = (tell: () => void) => {
  listeners.add(tell)
  return () => listeners.delete(tell)
}

/** Best score of each lesson on this device. */
export type Scores = Readonly<Record<string, number>>

/** Scores from what a device kept; what is no score is left out. */
export function scoresIn(text: string | null): Scores {
  try {
    const found: unknown = JSON.parse(text ?? '{}')
    if (typeof found !== 'object' || found === null) return {}
    const good = Object.entries(found as Record<string, unknown>).filter(
      (entry): entry is [string, number] => typeof entry[1] === 'number' && entry[1] >= 0 && entry[1] <= 100,
    )
    return Object.fromEntries(good)
  } catch {
    return {}
  }
}

/** Lessons of a house's own from what a device kept; one that can no longer be read is left out. */
export function ownLessonsIn(text: string | null): Lesson[] {
  try {
    const found: unknown = JSON.parse(text ?? '[]')
    if (!Array.isArray(found)) return []
    return found.flatMap((each): Lesson[] => {
      try {
        return [readLessonFile(String(each))]
      } catch {
        return []
      }
    })
  } catch {
    return []
  }
}

/** The highest level all of whose lessons are passed, and of all below it; null before the first is. */
export function levelReached(lessons: readonly Lesson[], scores: Scores): LessonLevel | null {
  let reached: LessonLevel | null = null
  for (const level of LESSON_LEVELS) {
    const own = lessons.filter((each) => each.level === level)
    if (own.some(({ id, pass }) => (scores[id] ?? -1) < pass)) break
    reached = level
  }
  return reached
}

/** Scores kept on this device, and how to add to them or forget them. */
export function useScores() {
  const text = useSyncExternalStore(
    listen,
    () => localStorage.getItem(SCORES),
    () => null,
  )
  const scores = scoresIn(text)
  const note = useCallback((id: string, score: number) => {
    const before = scoresIn(localStorage.getItem(SCORES))
    localStorage.setItem(SCORES, JSON.stringify({ ...before, [id]: Math.max(score, before[id] ?? 0) }))
    changed()
  }, [])
  const forget = useCallback(() => {
    localStorage.removeItem(SCORES)
    changed()
  }, [])
  return { scores, note, forget }
}

/** Lessons a house added on this device. */
export function useOwnLessons() {
  const text = useSyncExternalStore(
    listen,
    () => localStorage.getItem(OWN),
    () => null,
  )
  const add = useCallback((lesson: Lesson) => {
    const others = ownLessonsIn(localStorage.getItem(OWN)).filter(({ id }) => id !== lesson.id)
    localStorage.setItem(OWN, JSON.stringify([...others, lesson].map(writeLessonFile)))
    changed()
  }, [])
  return { own: ownLessonsIn(text), add }
}
