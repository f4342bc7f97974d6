import { useCallback, useEffect, useRef } from 'react'

interface View {
  readonly zoom: number
  readonly x: number
  readonly y: number
}

const WHOLE: View = { zoom: 1, x: 0, y: 0 }
const MOST_ZOOM = 12
const clamp = (value: number, low: number, high: number) => Math.min(high, Math.max(low, value))

interface SheetView {
  /** Given to the drawing as its ref. */
  readonly attach: (svg: SVGSVGElement | null) => void
  readonly zoomBy: (factor: number) => void
  readonly panBy: (dx: number, dy: number) => void
  readonly whole: () => void
}

/**
 * Zoom and pan of a drawing by wheel, drag, two fingers and keys. The view box is set on the element itself: moving
 * it renders nothing, so that large sheets follow the hand.
 */
export function useSheetView(box: { x: number; y: number; width: number; height: number }): SheetView {
  const svg = useRef<SVGSVGElement | null>(null)
  const view = useRef<View>(WHOLE)
  const size = useRef(box)
  const apply = useCallback((next: View) => {
    const { x, y, width, height } = size.current
    const zoom = clamp(next.zoom, 1, MOST_ZOOM)
    const [w, h] = [width / zoom, height / zoom]
    view.current = { zoom, x: clamp(next.x, 0, width - w), y: clamp(next.y, 0, height - h) }
    svg.current?.setAttribute('viewBox', `${x + view.current.x} ${y + view.current.y} ${w} ${h}`)
    svg.current?.style.setProperty('touch-action', zoom > 1 ? 'none' : 'pan-y')
  }, [])
  useEffect(() => {
    size.current = box
    apply(view.current)
  }, [box, apply])

  /** Zooms so that the point under the pointer stays there. @param at share of the element, 0 … 1 */
  const zoomAt = useCallback(
    (factor: number, at: { x: number; y: number }) => {
      const { zoom, x, y } = view.current
      const next = clamp(zoom * factor, 1, MOST_ZOOM)
      const { width, height } = size.current
      apply({ zoom: next, x: x + at.x * (width / zoom - width / next), y: y + at.y * (height / zoom - height / next) })
    },
    [apply],
  )

  const stop = useRef<(() => void) | null>(null)
  const attach = useCallback(
    (element: SVGSVGElement | null) => {
      stop.current?.()
      svg.current = element
      if (!element) return
      apply(view.current)
      stop.current = listen({ element, view, size, apply, zoomAt })
    },
    [apply, zoomAt],
  )
  return {
    attach,
    zoomBy: (factor) => zoomAt(factor, { x: 0.5, y: 0.5 }),
    panBy: (dx, dy) => {
      const { zoom, x, y } = view.current
      apply({ zoom, x: x + dx / zoom, y: y + dy / zoom })
    },
    whole: () => apply(WHOLE),
  }
}

interface ListenSetup {
  readonly element: SVGSVGElement
  readonly view: { readonly current: View }
  readonly size: { readonly current: { width: number; height: number } }
  readonly apply: (next: View) => void
  readonly zoomAt: (factor: number, at: { x: number; y: number }) => void
}

/** Wheel, drag and pinch on an element; returns how to stop. */
function listen({ element, view, size, apply, zoomAt }: ListenSetup): () => void {
  const fingers = new Map<number, { x: number; y: number }>()
  const share = (point: { x: number; y: number }) => {
    const rect = element.getBoundingClientRect()
    return { x: (point.x - rect.left) / rect.width, y: (point.y - rect.top) / rect.height }
  }
  const onWheel = (event: WheelEvent) => {
    // A plain wheel scrolls the page while the whole sheet shows; Ctrl, or a sheet zoomed into, takes it.
    if (!event.ctrlKey && view.current.zoom === 1) return
    event.preventDefault()
    zoomAt(Math.exp(-event.deltaY * 0.002), share({ x: event.clientX, y: event.clientY }))
  }
  const onDown = (event: PointerEvent) => fingers.set(event.pointerId, { x: event.clientX, y: event.clientY })
  const onMove = (event: PointerEvent) => {
    const before = fingers.get(event.pointerId)
    if (!before) return
    const now = { x: event.clientX, y: event.clientY }
    const other = [...fingers].find(([id]) => id !== event.pointerId)?.[1]
    if (other) {
      const [was, is] = [
        Math.hypot(before.x - other.x, before.y - other.y),
        Math.hypot(now.x - other.x, now.y - other.y),
      ]
      if (was > 0) zoomAt(is / was, share({ x: (now.x + other.x) / 2, y: (now.y + other.y) / 2 }))
    } else if (view.current.zoom > 1) {
      const rect = element.getBoundingClientRect()
      const { zoom, x, y } = view.current
      apply({
        zoom,
        x: x - ((now.x - before.x) / rect.width) * (size.current.width / zoom),
        y: y - ((now.y - before.y) / rect.height) * (size.current.height / zoom),
      })
    }
    fingers.set(event.pointerId, now)
  }
  const onUp = (event: PointerEvent) => fingers.delete(event.pointerId)
  element.addEventListener('wheel', onWheel, { passive: false })
  element.addEventListener('pointerdown', onDown)
  window.addEventListener('pointermove', onMove)
  window.addEventListener('pointerup', onUp)
  window.addEventListener('pointercancel', onUp)
  return () => {
    element.removeEventListener('wheel', onWheel)
    element.removeEventListener('pointerdown', onDown)
    window.removeEventListener('pointermove', onMove)
    window.removeEventListener('pointerup', onUp)
    window.removeEventListener('pointercancel', onUp)
  }
}
