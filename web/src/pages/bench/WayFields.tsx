import { PRESSINGS, SEALS, STROKES, type TrialWay } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { ChoiceField, inWords } from '../../app/ui/fields'
import { W } from '../../app/words'

/** What makes the edge, of which a choice is given. */
const WAY_PARTS = ['tapeId', 'seal', 'pressing', 'stroke'] as const
export type WayPart = (typeof WAY_PARTS)[number]
export const isWayPart = (name: string): name is WayPart => (WAY_PARTS as readonly string[]).includes(name)

interface WayFieldProps {
  readonly part: WayPart
  readonly way: Pick<TrialWay, WayPart>
  readonly onChange: (change: Partial<Pick<TrialWay, WayPart>>) => void
}

/** One part of a way to make the edge, chosen from what there is. */
export function WayField({ part, way, onChange }: WayFieldProps) {
  const { shelf } = useFacts()
  switch (part) {
    case 'tapeId': {
      // One in use is still there to be seen, though it is bought no more.
      const tapes = shelf.tapes.filter(({ id, retired }) => !retired || id === way.tapeId)
      return (
        <ChoiceField
          label={W.load.tape}
          value={way.tapeId}
          options={tapes.map(({ id, name }) => ({ value: id, text: name }))}
          onCommit={(tapeId) => onChange({ tapeId })}
        />
      )
    }
    case 'seal':
      return (
        <ChoiceField
          label={W.recipes.seal}
          value={way.seal}
          options={inWords('seal', SEALS)}
          onCommit={(seal) => onChange({ seal })}
        />
      )
    case 'pressing':
      return (
        <ChoiceField
          label={W.site.press}
          value={way.pressing}
          options={inWords('press', PRESSINGS)}
          onCommit={(pressing) => onChange({ pressing })}
        />
      )
    case 'stroke':
      return (
        <ChoiceField
          label={W.bench.stroke}
          value={way.stroke}
          options={inWords('strokeName', STROKES)}
          onCommit={(stroke) => onChange({ stroke })}
        />
      )
  }
}
