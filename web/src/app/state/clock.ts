import { useEffect, useState } from 'react'
import { useAppSelector } from './store'
import { siteNow } from './siteNow'

/** Now on the believed clock, refreshed every so many milliseconds. */
export function useNow(everyMs = 15_000): number {
  const aheadMs = useAppSelector((state) => state.clock.aheadMs)
  const [, tick] = useState(0)
  useEffect(() => {
    const timer = setInterval(() => tick((n) => n + 1), everyMs)
    return () => clearInterval(timer)
  }, [everyMs])
  return siteNow(aheadMs)
}
