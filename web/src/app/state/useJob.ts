import { fieldFaultText, W } from '../words'
import { newId } from '../device/newId'
import { useCallback, useMemo } from 'react'
import { useParams } from 'react-router'
import {
  foldLog,
  UNTOUCHED,
  type Hem,
  type HemState,
  type Job,
  type LogState,
  type Plan,
  type RecipeAnswer,
  type Room,
  type Said,
  type HemId,
} from '@crisp-hem/core'
import { editFaults, type JobFacts } from '@crisp-hem/core/wire'
import { createSelector } from '@reduxjs/toolkit'
import type { RootState } from './reducer'
import { useAppDispatch, useAppSelector, useAppStore } from './store'
import { factsEdited } from './jobSlice'
import { tickAsked, type NewTick } from './guardSlice'
import { happened } from './logSlice'
import { noticed } from './noticeSlice'

/** The open job's facts. Pages below the job frame are only shown while one is open. */
export function useFacts(): JobFacts {
  const facts = useAppSelector((state) => state.job.facts)
  if (!facts) throw new Error('no job is open')
  return facts
}

/** The open job with all that happened to it, as workers beside the page are asked about it. */
export function useWholeJob(): Job {
  const facts = useFacts()
  const log = useAppSelector((state) => state.log.events)
  const { published, draft } = useAppSelector((state) => state.job)
  return useMemo(() => ({ ...facts, log, published, ...(draft && { draft }) }), [facts, log, published, draft])
}

export const usePlan = (): Plan | null => useAppSelector((state) => state.plan.plan)

const selectLog = createSelector([(state: RootState) => state.log.events], (events): LogState => foldLog(events))
export const useLog = (): LogState => useAppSelector(selectLog)

export const hemState = (log: LogState, hemId: HemId): HemState => log.hems.get(hemId) ?? UNTOUCHED

const selectRecipes = createSelector(
  [(state: RootState) => state.plan.plan],
  (plan) => new Map<string, RecipeAnswer>((plan?.recipes ?? []).map((answer) => [answer.hemId, answer])),
)
export const useRecipes = (): ReadonlyMap<string, RecipeAnswer> => useAppSelector(selectRecipes)

const selectHems = createSelector(
  [(state: RootState) => state.plan.plan],
  (plan) => new Map<string, Hem>((plan?.hems ?? []).map((hem) => [hem.id, hem])),
)
export const useHems = (): ReadonlyMap<string, Hem> => useAppSelector(selectHems)

/** The room the address names, or the first one. */
export function useRoom(): Room | null {
  const { roomId } = useParams()
  const { rooms } = useFacts()
  return rooms.find((room) => room.id === roomId) ?? rooms[0] ?? null
}

/**
 * Changes the job. What would break it is refused with a notice that names the place, and changes nothing.
 * @returns whether it was taken
 */
export function useEdit(): (change: (facts: JobFacts) => JobFacts) => boolean {
  const dispatch = useAppDispatch()
  const store = useAppStore()
  return useCallback(
    (change) => {
      const before = store.getState().job.facts
      if (!before) return false
      if (isPainter(store.getState())) {
        dispatch(noticed({ text: W.people.notYours, tone: 'wrong', undo: null }))
        return false
      }
      const next = change(before)
      if (next === before) return true
      const [fault] = editFaults(before, next)
      if (fault) {
        dispatch(
          noticed({
            text: fieldFaultText(fault),
            tone: 'wrong',
            undo: null,
          }),
        )
        return false
      }
      dispatch(factsEdited(next))
      return true
    },
    [dispatch, store],
  )
}

/** Painters tick; the survey and the plan are the lead’s and the office’s. */
export const isPainter = ({ out }: RootState): boolean => out.who?.who?.role === 'painter'

/** Changes one room of the job; see {@link useEdit}. */
export function useEditRoom(roomId: string): (change: (room: Room) => Room) => boolean {
  const edit = useEdit()
  return useCallback(
    (change) =>
      edit((facts) => ({ ...facts, rooms: facts.rooms.map((room) => (room.id === roomId ? change(room) : room)) })),
    [edit, roomId],
  )
}

/** Says something below, once. */
export function useTell(): (text: string) => void {
  const dispatch = useAppDispatch()
  return useCallback((text) => void dispatch(noticed({ text, tone: 'plain', undo: null })), [dispatch])
}

/**
 * Adds lines to the log, each with an id of its own, and offers to take them back. What the record speaks against is asked
 * first, and kept as said.
 */
export function useTick(): (made: readonly NewTick[], words: string, doubts?: readonly Said[]) => void {
  const dispatch = useAppDispatch()
  const store = useAppStore()
  return useCallback(
    (made, words, doubts = []) => {
      if (doubts.length > 0) return void dispatch(tickAsked({ made, words, doubts }))
      const events = made.map((event) => ({ ...event, id: event.id ?? newId(), origin: store.identity.origin() }))
      dispatch(happened(events))
      dispatch(
        noticed({ text: words, tone: 'plain', undo: { kind: 'tick', eventIds: events.map((event) => event.id) } }),
      )
    },
    [dispatch, store],
  )
}
