import { useCallback, useEffect, useRef, type KeyboardEvent, type PointerEvent, type RefObject } from 'react'
import type { PlacedTask, ActivityId } from '@crisp-hem/core'
import type { ChartRow } from './chartRows'
import { LEFT } from './chartSize'
import type { ChartCrew } from './ChartRowView'
import type { Hand } from './hand'
import type { RowBarsProps } from './RowBars'
import type { TimeAxis } from './timeAxis'
import { useFingerHold } from './useFingerHold'

/** Minutes to which a hand puts work, and by which keys move it; with Shift further. */
const SNAP_MIN = 5
const LEAP_MIN = 30
/** Pixels a pointer moves before it carries something. */
const LOOSE_PX = 4

interface GripSetup {
  readonly svg: RefObject<SVGSVGElement | null>
  readonly axis: TimeAxis
  readonly width: number
  readonly rows: readonly ChartRow[]
  /** Where each row begins, from above. */
  readonly tops: readonly number[]
  readonly placed: readonly PlacedTask[]
  readonly crews: readonly ChartCrew[]
  readonly hand: Hand | null
}

/** Carries work by pointer, finger and keys. What it gives out stays the same, so that bars are not drawn anew. */
export function useGrip(setup: GripSetup) {
  const { svg, axis, width, rows, tops, placed, hand } = setup
  const finger = useFingerHold(svg)
  const grip = useRef<{ taskId: ActivityId; startX: number; from: number; isMoving: boolean } | null>(null)
  const unit = () => (LEFT + width + 8) / (svg.current?.getBoundingClientRect().width ?? 1)
  const crewAt = (clientY: number): string | null => {
    const y = (clientY - (svg.current?.getBoundingClientRect().top ?? 0)) * unit()
    const row = rows[tops.findLastIndex((top) => y >= top)]
    return row?.of === 'crew' ? row.id : null
  }
  const onMove = (event: PointerEvent) => {
    const held = grip.current
    if (!held || !hand) return
    if (!held.isMoving && Math.abs(event.clientX - held.startX) < LOOSE_PX) return
    held.isMoving = true
    const at = axis.at(axis.x(held.from) + (event.clientX - held.startX) * unit())
    const crewId = crewAt(event.clientY) ?? placed.find((task) => task.taskId === held.taskId)?.crewId ?? ''
    hand.carry(held.taskId, Math.round(at / SNAP_MIN) * SNAP_MIN, crewId)
  }
  const onUp = () => {
    if (grip.current?.isMoving) hand?.letGo()
    grip.current = null
    finger.end()
  }
  const grab = (event: PointerEvent, taskId: ActivityId, from: number) => {
    hand?.pick(taskId)
    const { clientX: startX, pointerId } = event
    const take = () => {
      grip.current = { taskId, startX, from, isMoving: false }
      svg.current?.setPointerCapture(pointerId)
    }
    if (event.pointerType === 'touch') finger.rest(take)
    else take()
  }
  const doing = useRef({ grab, setup })
  useEffect(() => void (doing.current = { grab, setup }))
  const onGrab = useCallback<RowBarsProps['onGrab']>((event, id, from) => doing.current.grab(event, id, from), [])
  const onKey = useCallback<RowBarsProps['onKey']>((event, id) => moveByKey(event, id, doing.current.setup), [])
  return { onMove, onUp, onGrab, onKey }
}

/** Keys move the work that has the focus: left and right in time, up and down between crews. Enter puts it down. */
function moveByKey(event: KeyboardEvent, taskId: ActivityId, { placed, crews, hand, rows }: GripSetup): void {
  const task = placed.find((each) => each.taskId === taskId)
  if (!hand || !task) return
  const { ghost } = hand
  const at = ghost?.taskId === taskId ? ghost.at : task.from
  const crewId = ghost?.taskId === taskId ? ghost.crewId : task.crewId
  const step = event.shiftKey ? LEAP_MIN : SNAP_MIN
  const isByCrew = rows[0]?.of === 'crew'
  const order = crews.map((crew) => crew.id)
  const beside = (by: number) => order[order.indexOf(crewId) + by] ?? crewId
  const moves: Readonly<Record<string, () => void>> = {
    ArrowLeft: () => hand.carry(taskId, at - step, crewId),
    ArrowRight: () => hand.carry(taskId, at + step, crewId),
    ...(isByCrew
      ? { ArrowUp: () => hand.carry(taskId, at, beside(-1)), ArrowDown: () => hand.carry(taskId, at, beside(1)) }
      : {}),
    Enter: () => (ghost ? hand.letGo() : hand.pick(taskId)),
    ' ': () => hand.pick(taskId),
  }
  const move = moves[event.key]
  if (!move) return
  event.preventDefault()
  move()
}
