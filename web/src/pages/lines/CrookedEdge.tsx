import { useMemo, useState } from 'react'
import { deriveHems, edgeOfHem, type Room } from '@crisp-hem/core'
import { useFacts } from '../../app/state/useJob'
import { ChoiceField } from '../../app/ui/fields'
import { factText, W } from '../../app/words'
import { EdgeOfHem } from './EdgeOfHem'

/** An edge that wanders: which one, and its line. */
export function CrookedEdge({ room, edge }: { readonly room: Room; readonly edge: string | null }) {
  const { shelf } = useFacts()
  const hems = useMemo(() => deriveHems(room, shelf).hems, [room, shelf])
  const [hemId, setHemId] = useState(() => (hems.find(({ id }) => edgeOfHem(id) === edge) ?? hems[0])?.id)
  const hem = hems.find(({ id }) => id === hemId)
  if (!hem) return <p className="text-soft">{W.lines.noHem}</p>
  return (
    <EdgeOfHem key={hem.id} room={room} hem={hem}>
      <ChoiceField
        label={W.lines.along}
        value={hem.id}
        options={hems.map(({ id, place }) => ({ value: id, text: factText(place) }))}
        onCommit={setHemId}
      />
    </EdgeOfHem>
  )
}
