import { useState } from 'react'
import { formatLength, type Hem, type HemId } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { factText, W } from '../../app/words'

/** How long ago it was really done, min: what a painter says when asked. */
const AGO_MIN = [0, 5, 10, 20, 30] as const

interface TickTrulyProps {
  /** What is ticked, for those who hear it. */
  readonly name: string
  readonly word: string
  readonly hems: readonly Hem[]
  /** Hems taken, or null for all there is. */
  readonly onDone: (hemIds: readonly HemId[] | null, minutesAgo: number) => void
}

/** A tick as it really was: some minutes ago, or of some hems only. Folded away, since most are not. */
export function TickTruly({ name, word, hems, onDone }: TickTrulyProps) {
  const { units } = useFacts().site
  const [open, setOpen] = useState(false)
  const [ago, setAgo] = useState(0)
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set())
  const taken = hems.filter((hem) => !left.has(hem.id)).map((hem) => hem.id)
  const flip = (id: string) => {
    const next = new Set(left)
    if (!next.delete(id)) next.add(id)
    setLeft(next)
  }
  return (
    <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary
        className="flex min-h-11 w-fit cursor-pointer items-center text-sm underline"
        aria-label={`${W.pulls.truly}: ${name}`}
      >
        {W.pulls.truly}
      </summary>
      {open && (
        <div className="pb-2">
          <div className="flex flex-wrap gap-1.5" role="group" aria-label={W.pulls.when}>
            {AGO_MIN.map((minutes) => (
              <Button
                key={minutes}
                className="min-h-11 aria-pressed:bg-ink aria-pressed:text-sheet"
                aria-pressed={minutes === ago}
                onClick={() => setAgo(minutes)}
              >
                {minutes === 0 ? W.pulls.justNow : W.pulls.minAgo({ n: minutes })}
              </Button>
            ))}
          </div>
          {hems.length > 1 && (
            <ul className="my-1.5">
              {hems.map((hem) => (
                <li key={hem.id}>
                  <label className="flex min-h-11 items-center gap-2.5 border-b border-rule">
                    <input
                      type="checkbox"
                      className="size-5 accent-ink"
                      checked={!left.has(hem.id)}
                      onChange={() => flip(hem.id)}
                    />
                    {factText(hem.place)}, {formatLength(hem.lengthMm, units)}
                  </label>
                </li>
              ))}
            </ul>
          )}
          <Button
            className="mt-1.5 min-h-12"
            disabled={hems.length > 0 && taken.length === 0}
            onClick={() => onDone(taken.length < hems.length ? taken : null, ago)}
          >
            {hems.length > 1 ? W.pulls.someDone({ word, n: taken.length, of: hems.length }) : word}
          </Button>
        </div>
      )}
    </details>
  )
}
