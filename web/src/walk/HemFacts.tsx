import { Link } from 'react-router'
import { faceWords, formatLength, stepOf, type Room } from '@crisp-hem/core'
import type { Pick } from '../drawing/UnrolledRoom'
import { useEditRoom, useFacts, useHems } from '../state/useJob'
import { Button } from '../ui/Button'
import { Panel } from '../ui/Panel'
import { W } from '../words'

interface HemFactsProps {
  readonly room: Room
  readonly hemId: string
  readonly onPick: (pick: Pick) => void
}

/** One hem: where, how long, which side is kept and why. */
export function HemFacts({ room, hemId, onPick }: HemFactsProps) {
  const hem = useHems().get(hemId)
  const { site, id } = useFacts()
  const editRoom = useEditRoom(room.id)
  if (!hem) return <Panel title={W.walk.noPick}>{W.walk.hint}</Panel>
  const edge = hem.id.slice(room.id.length + 1)
  const note = (kind: 'shielded' | 'left out') => {
    onPick({ kind: 'room' })
    editRoom((before) => ({
      ...before,
      edgeNotes: [...before.edgeNotes.filter((each) => each.edge !== edge), { edge, note: kind, reason: '' }],
    }))
  }
  const step = stepOf(room, hem.paint)?.step
  return (
    <Panel title={`${W.walk.hem}: ${hem.place}`}>
      <p className="font-head text-2xl font-semibold">{formatLength(hem.lengthMm, site.units)}</p>
      <dl className="my-3 grid gap-2">
        <Side
          name={W.walk.keep}
          face={faceWords(room, hem.keep)}
          onOpen={() => onPick({ kind: 'face', key: hem.keep })}
          closed={hem.keep.startsWith('fitting:')}
        />
        <Side
          name={W.walk.paint}
          face={`${faceWords(room, hem.paint)}, ${W.walk.order} (${step?.name ?? ''})`}
          onOpen={() => onPick({ kind: 'face', key: hem.paint })}
          closed={false}
        />
      </dl>
      <div className="flex flex-wrap gap-2">
        <Link
          className="inline-flex min-h-9 items-center bg-ink px-3 font-semibold text-ground"
          to={`/jobs/${id}/recipes?hem=${encodeURIComponent(hem.id)}`}
        >
          {W.walk.toRecipe}
        </Link>
        <Button onClick={() => note('left out')}>{W.walk.leaveOut}</Button>
        <Button onClick={() => note('shielded')}>{W.walk.shielded}</Button>
      </div>
    </Panel>
  )
}

function Side({ name, face, onOpen, closed }: { name: string; face: string; onOpen: () => void; closed: boolean }) {
  return (
    <div className="border-l-[3px] border-ink pl-2.5">
      <dt className="text-sm text-soft">{name}</dt>
      <dd>
        {closed ? (
          face
        ) : (
          <button type="button" className="text-left underline decoration-dotted underline-offset-4" onClick={onOpen}>
            {face}
          </button>
        )}
      </dd>
    </div>
  )
}
