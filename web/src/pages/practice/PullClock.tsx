import { useEffect, useState } from 'react'
import { Button } from '../../app/ui/Button'
import { spanText, W } from '../../app/words'

/** A second on this clock is so many milliseconds of a minute on the wall. */
const MS_PER_MIN = 1000

interface PullClockProps {
  /** When it was pulled, min after the last stroke; null before. */
  readonly pulledMin: number | null
  readonly onPull: (minutes: number) => void
}

/** A clock that runs from the last stroke, a second a minute, until the tape is pulled. */
export function PullClock({ pulledMin, onPull }: PullClockProps) {
  const [began, setBegan] = useState<number | null>(null)
  const [now, setNow] = useState(0)
  useEffect(() => {
    if (began === null) return
    const timer = setInterval(() => setNow(performance.now()), 100)
    return () => clearInterval(timer)
  }, [began])
  const minutes = began === null ? 0 : Math.max(0, (now - began) / MS_PER_MIN)
  if (began === null)
    return (
      <div>
        {pulledMin !== null && <p>{W.practice.wall.clockPulled({ span: spanText(pulledMin) })}</p>}
        <Button
          className="min-h-11"
          onClick={() => {
            setNow(performance.now())
            setBegan(performance.now())
          }}
        >
          {W.practice.wall.clockStart}
        </Button>
      </div>
    )
  return (
    <div>
      <p role="timer" className="text-lg font-semibold">
        {W.practice.wall.clockRuns({ span: spanText(Math.floor(minutes)) })}
      </p>
      <Button
        tone="act"
        className="min-h-14 w-full justify-center"
        onClick={() => {
          setBegan(null)
          onPull(Math.round(minutes))
        }}
      >
        {W.practice.wall.clockPull}
      </Button>
    </div>
  )
}
