import { useCallback, useState } from 'react'

/** The width of a box in px as it changes, for drawings at their true size. @param first  used until it is known */
export function useWidth(first: number): [(box: HTMLElement | null) => (() => void) | void, number] {
  const [width, setWidth] = useState(first)
  const watch = useCallback((box: HTMLElement | null) => {
    if (!box) return
    const observer = new ResizeObserver(([entry]) => setWidth(Math.max(200, Math.floor(entry!.contentRect.width))))
    observer.observe(box)
    return () => observer.disconnect()
  }, [])
  return [watch, width]
}
