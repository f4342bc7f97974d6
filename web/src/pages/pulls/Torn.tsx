import { formatLength, type Hem } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { factText, W } from '../../app/words'

interface TornProps {
  /** Where it is, for those who hear it. */
  readonly name: string
  /** Hems whose tape is on. */
  readonly hems: readonly Hem[]
  readonly onTorn: (hem: Hem) => void
}

/** Tape that tore or came loose before its paint was on: one tap, and it is laid anew before the next coat. */
export function Torn({ name, hems, onTorn }: TornProps) {
  const { units } = useFacts().site
  if (hems.length === 0) return null
  return (
    <details>
      <summary
        className="flex min-h-11 w-fit cursor-pointer items-center text-sm underline"
        aria-label={`${W.pulls.tore}: ${name}`}
      >
        {W.pulls.tore}
      </summary>
      <ul>
        {hems.map((hem) => (
          <li key={hem.id} className="flex min-h-12 items-center gap-2.5 border-b border-rule">
            <span className="min-w-0 flex-1">
              {factText(hem.place)}, {formatLength(hem.lengthMm, units)}
            </span>
            <Button
              className="min-h-11 shrink-0"
              aria-label={`${W.pulls.layAnew}: ${factText(hem.place)}`}
              onClick={() => onTorn(hem)}
            >
              {W.pulls.layAnew}
            </Button>
          </li>
        ))}
      </ul>
    </details>
  )
}
