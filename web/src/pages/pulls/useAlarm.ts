import { useEffect, useRef, useState } from 'react'

const KEY = 'crisp-hem:ring'
/** Two short buzzes and a tone, where the device has them. */
const BUZZ_MS = [200, 100, 200]
const TONE = { hz: 880, s: 0.35 }

/** Rings once for each pull that has come due while this page is open, if this device is to ring at all. */
export function useAlarm(due: readonly string[]): { rings: boolean; setRings: (rings: boolean) => void } {
  const [rings, setRings] = useState(() => globalThis.localStorage?.getItem(KEY) === 'yes')
  const known = useRef<ReadonlySet<string> | null>(null)
  const key = due.join(' ')
  useEffect(() => {
    const now = new Set(key === '' ? [] : key.split(' '))
    const before = known.current
    known.current = now
    // What was due when the page was opened is on the screen.
    if (before && rings && [...now].some((id) => !before.has(id))) ring()
  }, [key, rings])
  return {
    rings,
    setRings(next) {
      setRings(next)
      localStorage.setItem(KEY, next ? 'yes' : 'no')
      if (next) ring()
    },
  }
}

function ring(): void {
  navigator.vibrate?.(BUZZ_MS)
  const Audio = globalThis.AudioContext
  if (!Audio) return
  const context = new Audio()
  const tone = context.createOscillator()
  tone.frequency.value = TONE.hz
  tone.connect(context.destination)
  tone.start()
  tone.stop(context.currentTime + TONE.s)
  tone.onended = () => void context.close()
}
