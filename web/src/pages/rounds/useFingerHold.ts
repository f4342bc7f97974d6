import { useEffect, useRef, type RefObject } from 'react'

/** How long a finger rests on work before it has it in hand, ms; what moves sooner scrolls. */
const REST_MS = 350

interface FingerHold {
  /** A finger came down: `then` is called once it has rested. */
  readonly rest: (then: () => void) => void
  /** It went up, or began to scroll. */
  readonly end: () => void
}

/** Tells a finger that takes work from one that scrolls: while it has something, the chart stays where it is. */
export function useFingerHold(svg: RefObject<SVGSVGElement | null>): FingerHold {
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)
  const holds = useRef(false)
  // Each drawing may be of another element. React's own listeners may not hold a page still.
  useEffect(() => {
    const own = svg.current
    const stay = (event: TouchEvent) => holds.current && event.preventDefault()
    own?.addEventListener('touchmove', stay, { passive: false })
    return () => own?.removeEventListener('touchmove', stay)
  })
  useEffect(() => () => clearTimeout(timer.current), [])
  const end = () => {
    clearTimeout(timer.current)
    holds.current = false
  }
  const rest = (then: () => void) => {
    end()
    timer.current = setTimeout(() => {
      holds.current = true
      // Where the device can, it is felt.
      navigator.vibrate?.(15)
      then()
    }, REST_MS)
  }
  return { rest, end }
}
