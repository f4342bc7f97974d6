import { useState } from 'react'
import type { Trial } from '@crisp-hem/core'
import { useNow } from '../../app/state/clock'
import { useTick } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { W } from '../../app/words'
import { triedTick } from '../pulls/ticks'
import { letterOf, piecesOf, type TrialPiece } from '../../app/naming/trialPieces'

/** As many keys as fit under a thumb; more is typed. */
const KEYS = [0, 1, 2, 3, 4, 5, 6, 7] as const

interface TrialBoardProps {
  readonly trial: Trial
  /** What was counted at each piece; null where nobody has. */
  readonly found: readonly (number | null)[]
}

/** The board as it lies, row by row. A tap on a piece, a tap on a number, and the next piece is asked for. */
export function TrialBoard({ trial, found }: TrialBoardProps) {
  const tick = useTick()
  const now = useNow()
  const pieces = piecesOf(trial)
  const [chosen, setChosen] = useState<number | null>(null)
  const next = pieces.find(({ piece }) => found[piece] === null) ?? null
  const at = pieces.find(({ piece }) => piece === chosen) ?? next
  const left = pieces.filter(({ piece }) => found[piece] === null).length
  const nameOf = ({ row, place, way }: TrialPiece) => W.proof.trials.piece1({ row, place, letter: letterOf(way) })
  const count = (of: TrialPiece, n: number) => {
    tick([triedTick(trial.id, of.piece, n, now)], W.proof.trials.counted({ place: nameOf(of), n }))
    setChosen(null)
  }
  return (
    <section className="min-w-0" aria-label={W.proof.trials.places}>
      <h3>{W.proof.trials.places}</h3>
      <p className="text-sm text-soft">{W.proof.trials.placesHow}</p>
      <ol className="mt-2 grid gap-1">
        {Array.from({ length: trial.rows }, (_, i) => (
          <li key={i} className="flex gap-1">
            {pieces
              .filter(({ row }) => row === i + 1)
              .map((each) => (
                <button
                  key={each.piece}
                  type="button"
                  aria-pressed={each.piece === at?.piece}
                  aria-label={nameOf(each)}
                  className={`flex min-h-11 flex-1 items-center justify-center gap-2 border ${each.piece === at?.piece ? 'border-ink bg-ink text-ground' : 'border-rule bg-card hover:bg-deep'}`}
                  onClick={() => setChosen(each.piece)}
                >
                  <b>{letterOf(each.way)}</b>
                  <span>{found[each.piece] ?? '·'}</span>
                </button>
              ))}
          </li>
        ))}
      </ol>
      <p className="mt-2 text-sm" role="status">
        {left === 0 ? W.proof.trials.done : W.proof.trials.left({ n: left })}
      </p>
      {at && (
        <fieldset className="mt-1">
          <legend className="font-semibold">
            {W.proof.trials.count({ row: at.row, place: at.place, letter: letterOf(at.way) })}
          </legend>
          <div className="mt-1 flex flex-wrap gap-1">
            {KEYS.map((n) => (
              <Button key={n} className="min-h-11 min-w-11 justify-center" onClick={() => count(at, n)}>
                {n === 0 ? W.proof.trials.clean : n}
              </Button>
            ))}
            <input
              className="field w-20"
              inputMode="numeric"
              aria-label={W.proof.trials.more}
              placeholder={W.proof.trials.more}
              key={at.piece}
              onKeyDown={(event) => {
                const n = Number(event.currentTarget.value)
                if (event.key === 'Enter' && event.currentTarget.value.trim() !== '' && Number.isInteger(n) && n >= 0)
                  count(at, n)
              }}
            />
          </div>
        </fieldset>
      )}
    </section>
  )
}
