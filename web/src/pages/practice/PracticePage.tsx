import { Download, Upload } from 'lucide-react'
import { useCallback, useState } from 'react'
import { LESSON_LEVELS, type Lesson, type LessonLevel, type Plan } from '@crisp-hem/core'
import { writeLessonFile } from '@crisp-hem/core/wire'
import { runText } from '../../app/naming/runText'
import { PageHead } from '../../app/frame/PageHead'
import { usePlanWait } from '../../app/frame/PlanTrouble'
import { noticed } from '../../app/state/noticeSlice'
import { useFacts, usePlan, useTell } from '../../app/state/useJob'
import { useAppDispatch } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { FileButton } from '../../app/ui/FileButton'
import { Panel } from '../../app/ui/Panel'
import { saveText } from '../../app/ui/saveText'
import { useReading } from '../../app/ui/useReading'
import { spanText, W } from '../../app/words'
import { DayQuestionPanel } from './DayQuestionPanel'
import { givenAt } from './given'
import { levelReached, useOwnLessons, useScores, type Scores } from './learned'
import { LESSONS } from './lessons'
import { OrderLessonView } from './OrderLessonView'
import { WallLessonView } from './WallLessonView'

/** Lessons on made-up walls, one after another, and what a learner can be given next. */
export function PracticePage() {
  const plan = usePlan()
  const wait = usePlanWait()
  if (!plan) return <PageHead title={W.practice.title} line={wait} />
  return <Practice plan={plan} />
}

function Practice({ plan }: { readonly plan: Plan }) {
  const { scores, note, forget } = useScores()
  const { own, add } = useOwnLessons()
  const tell = useTell()
  const dispatch = useAppDispatch()
  const { read, line } = useReading()
  const lessons = [...LESSONS.filter(({ id }) => own.every((each) => each.id !== id)), ...own]
  const [openId, setOpenId] = useState<string | null>(null)
  const firstOpen = lessons.find(({ id, pass }) => (scores[id] ?? -1) < pass) ?? lessons[0]
  const lesson = lessons.find(({ id }) => id === openId) ?? firstOpen
  const addFile = (text: string, name: string) =>
    read(
      'lesson',
      { text, name },
      {},
      {
        taken: (found) => {
          add(found)
          setOpenId(found.id)
          tell(W.practice.added({ title: found.title }))
        },
        refused: (words) => dispatch(noticed({ text: words, tone: 'wrong', undo: null })),
      },
    )
  return (
    <>
      <PageHead title={W.practice.title} line={W.practice.line}>
        <FileButton
          label={W.practice.addFile}
          accept=".json"
          icon={<Upload size={16} aria-hidden />}
          onText={addFile}
        />
      </PageHead>
      {line}
      <div className="grid grid-cols-1 items-start gap-4 px-3 pb-8 lg:grid-cols-[minmax(0,1fr)_340px] lg:px-6">
        {lesson && <OneLesson key={lesson.id} lesson={lesson} onScore={note} />}
        <div className="grid gap-4">
          <DayQuestionPanel plan={plan} withMore={false} />
          <Panel title={W.practice.title}>
            {LESSON_LEVELS.map((level) => (
              <LevelList
                key={level}
                level={level}
                lessons={lessons.filter((each) => each.level === level)}
                scores={scores}
                openId={lesson?.id ?? null}
                onOpen={setOpenId}
              />
            ))}
            <p className="mt-2 flex flex-wrap items-center justify-between gap-2 text-sm text-soft">
              {W.practice.kept}
              <Button onClick={forget}>{W.practice.forget}</Button>
            </p>
          </Panel>
          <GivenPanel level={levelReached(lessons, scores)} plan={plan} />
        </div>
      </div>
    </>
  )
}

interface OneLessonProps {
  readonly lesson: Lesson
  readonly onScore: (id: string, score: number) => void
}

function OneLesson({ lesson, onScore }: OneLessonProps) {
  const note = useCallback((score: number) => onScore(lesson.id, score), [lesson.id, onScore])
  return (
    <Panel
      title={lesson.title}
      aside={
        <Button
          icon={<Download size={16} aria-hidden />}
          onClick={() => saveText(`${lesson.id}.lesson.json`, writeLessonFile(lesson), 'application/json')}
        >
          {W.practice.saveFile}
        </Button>
      }
    >
      <p className="mb-3">{lesson.tells}</p>
      {lesson.kind === 'wall' ? (
        <WallLessonView lesson={lesson} onScore={note} />
      ) : (
        <OrderLessonView lesson={lesson} onScore={note} />
      )}
    </Panel>
  )
}

interface LevelListProps {
  readonly level: LessonLevel
  readonly lessons: readonly Lesson[]
  readonly scores: Scores
  readonly openId: string | null
  readonly onOpen: (id: string) => void
}

function LevelList({ level, lessons, scores, openId, onOpen }: LevelListProps) {
  const passed = lessons.filter(({ id, pass }) => (scores[id] ?? -1) >= pass).length
  return (
    <section className="border-t border-rule py-2 first:border-t-0" aria-label={W.practice.levels[level]}>
      <h3 className="flex justify-between gap-2">
        {W.practice.levels[level]}
        <span className="text-sm font-normal text-soft">
          {W.practice.takes[level]}, {W.practice.passed({ n: passed, of: lessons.length })}
        </span>
      </h3>
      <ul>
        {lessons.map(({ id, title }) => (
          <li key={id}>
            <button
              type="button"
              aria-label={W.practice.open({ title })}
              aria-current={id === openId}
              className="flex min-h-11 w-full items-center justify-between gap-2 px-2 text-left hover:bg-deep aria-[current=true]:bg-ink aria-[current=true]:text-ground"
              onClick={() => onOpen(id)}
            >
              <span>{title}</span>
              <span className="text-sm">
                {scores[id] === undefined ? W.practice.notYet : W.practice.best({ n: scores[id] })}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** What somebody who passed so far can be given on this job, and the hours of a practised hand it frees. */
function GivenPanel({ level, plan }: { readonly level: LessonLevel | null; readonly plan: Plan }) {
  const { site } = useFacts()
  if (level === null)
    return (
      <Panel title={W.practice.next.title}>
        <p>{W.practice.next.none}</p>
      </Panel>
    )
  const { metres, minutes } = givenAt(level, plan)
  return (
    <Panel title={W.practice.next.title}>
      <p>{W.practice.next[level]({ run: runText(metres, site.units), hours: spanText(Math.round(minutes)) })}</p>
    </Panel>
  )
}
