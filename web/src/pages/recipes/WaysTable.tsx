import { W, figure, formatMoney, sayText, wordText } from '../../app/words'
import { liquidOf, tapeOf, type Hem, type HemChoice, type OtherWay, type Recipe, edgeOfHem } from '@crisp-hem/core'
import { useState } from 'react'
import { useEdit, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'

const edgeOf = (hem: Hem): string => edgeOfHem(hem.id)

/** Other safe ways, cheapest first, with what sets each apart; one of them can be taken, with the reason kept. */
export function WaysTable({ hem, recipe }: { hem: Hem; recipe: Recipe }) {
  const { site } = useFacts()
  const choose = useChoose(hem)
  const [reason, setReason] = useState('')
  const names = useWayName()
  const taken = recipe.reasons.some((said) => said.code === 'why.own_choice')
  return (
    <section className="mt-3">
      <h3>{W.recipes.others}</h3>
      <ul className="text-sm">
        {recipe.others.map((way) => (
          <li
            key={`${way.school}${way.tapeId}${way.liquidId}`}
            className="grid grid-cols-[1fr_auto] gap-x-2 border-b border-rule py-1"
          >
            <span>
              <b>{wordText('school', way.school)}</b> {names(way)}
              <span className="block text-[0.82rem] text-soft">
                {figure(way.bleedMm)} {W.recipes.bleedsShort}, {pullWords(way)}; {sayText(way.why)}
              </span>
            </span>
            <span className="text-right">
              {formatMoney(way.costMinor, site.currency)}
              <Button tone="quiet" onClick={() => choose(way, reason)}>
                {W.recipes.take}
              </Button>
            </span>
          </li>
        ))}
      </ul>
      <div className="mt-1.5 flex flex-wrap items-center gap-2">
        {recipe.others.length > 0 && (
          <input
            className="field min-w-0 flex-1"
            aria-label={W.recipes.reason}
            placeholder={W.recipes.reason}
            value={reason}
            maxLength={300}
            onChange={(event) => setReason(event.target.value)}
          />
        )}
        {taken && <Button onClick={() => choose(null, '')}>{W.recipes.untake}</Button>}
      </div>
    </section>
  )
}

const pullWords = (way: OtherWay): string => {
  if (way.pull === 'none') return W.recipes.noPull
  return way.liquidId ? W.recipes.peeled : W.recipes.pulled({ pull: way.pull })
}

function useWayName(): (way: Pick<OtherWay, 'tapeId' | 'liquidId'>) => string {
  const { shelf } = useFacts()
  return ({ tapeId, liquidId }) =>
    tapeId ? tapeOf(shelf, tapeId).name : liquidId ? liquidOf(shelf, liquidId).name : ''
}

/** Keeps a way chosen by hand for a hem, or takes the choice back. */
function useChoose(hem: Hem): (way: OtherWay | null, reason: string) => boolean {
  const edit = useEdit()
  const edge = edgeOf(hem)
  return (way, reason) => {
    const choice: HemChoice[] = way
      ? [
          {
            edge,
            school: way.school,
            tapeId: way.tapeId,
            liquidId: way.liquidId,
            pressing: null,
            pull: null,
            reason: reason.trim(),
          },
        ]
      : []
    return edit((facts) => ({
      ...facts,
      rooms: facts.rooms.map((room) =>
        room.id === hem.roomId
          ? { ...room, choices: [...room.choices.filter((each) => each.edge !== edge), ...choice] }
          : room,
      ),
    }))
  }
}
