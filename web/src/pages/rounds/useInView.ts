import { useCallback, useState, type UIEvent } from 'react'

/** Part of something wide, as shares of its width. */
interface InView {
  readonly from: number
  readonly to: number
}

/** Drawing follows the eye in strides of half a box. */
const STRIDES = 2

/**
 * Which part of a box that scrolls sideways is in view, with a good stride on either side.
 *
 * @param wide  how many boxes wide its content is, before it was scrolled
 */
export function useInView(wide: number): { inView: InView; onScroll: (event: UIEvent<HTMLElement>) => void } {
  const [at, setAt] = useState({ stride: 0, wide: 1 })
  const onScroll = useCallback(({ currentTarget }: UIEvent<HTMLElement>) => {
    const { scrollLeft, clientWidth, scrollWidth } = currentTarget
    const stride = Math.floor((STRIDES * scrollLeft) / clientWidth)
    const next = scrollWidth / clientWidth
    setAt((before) => (before.stride === stride && before.wide === next ? before : { stride, wide: next }))
  }, [])
  const own = Math.max(wide, at.wide)
  const box = 1 / own
  const from = at.stride / STRIDES
  return { inView: { from: (from - 0.5) * box, to: (from + 2) * box }, onScroll }
}
