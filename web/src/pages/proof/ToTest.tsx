import { provenBy, faceName, tapeOf, type FaceProof, type Job, type ProofOutcome } from '@crisp-hem/core'
import { runText } from '../../app/naming/runText'
import { isPainter, useEdit, useFacts, useTell, useWholeJob } from '../../app/state/useJob'
import { useAppSelector } from '../../app/state/store'
import { useWorkerAnswer } from '../../app/state/useWorkerAnswer'
import { Button } from '../../app/ui/Button'
import { ChoiceField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { factText, W } from '../../app/words'
import { CROSS_CUT_OPTIONS } from '../walk/crossCutOptions'

const ASK_AFTER_MS = 300
const start = () => new Worker(new URL('./proof.worker.ts', import.meta.url), { type: 'module' })

/** Faces nothing is safe beside until they are known to hold: what to test there, and what it showed. */
export function ToTest() {
  const job = useWholeJob()
  const proofs = useWorkerAnswer<Job, readonly FaceProof[]>(start, job, ASK_AFTER_MS)
  if (!proofs || proofs.length === 0) return null
  return (
    <Panel title={W.proof.toTest.title}>
      {proofs.map((proof) => (
        <FaceToTest key={`${proof.roomId} ${proof.face}`} proof={proof} />
      ))}
    </Panel>
  )
}

function FaceToTest({ proof }: { readonly proof: FaceProof }) {
  const { rooms, shelf, site } = useFacts()
  const edit = useEdit()
  const tell = useTell()
  const isOnlyRead = useAppSelector(isPainter)
  const room = rooms.find(({ id }) => id === proof.roomId)
  if (!room) return null
  const face = factText(faceName(room, proof.face))
  const settle = (outcome: ProofOutcome | { readonly iso: number }) => {
    const taken = edit((facts) => ({
      ...facts,
      rooms: facts.rooms.map((each) => (each.id === room.id ? provenBy(each, proof.face, outcome) : each)),
    }))
    if (taken) tell(W.proof.toTest.told({ face }))
  }
  return (
    <section className="border-t border-rule py-2 first:border-t-0" aria-label={`${room.name}: ${face}`}>
      <p className="font-semibold">
        {W.proof.toTest.lead({
          face,
          room: room.name,
          n: proof.hemIds.length,
          run: runText(proof.metres, site.units),
        })}
      </p>
      <p className="mt-1">{W.proof.toTest.cut}</p>
      {proof.tapeId !== null && (
        <p className="mt-1">{W.proof.toTest.strip({ tape: tapeOf(shelf, proof.tapeId).name, hours: proof.hours })}</p>
      )}
      {!isOnlyRead && (
        <div className="mt-2 flex flex-wrap items-end gap-2">
          <div className="min-w-44 flex-1">
            <ChoiceField
              label={W.proof.toTest.class}
              value=""
              options={[{ value: '', text: W.proof.toTest.choose }, ...CROSS_CUT_OPTIONS.filter(({ value }) => value)]}
              onCommit={(text) => text !== '' && settle({ iso: Number(text) })}
            />
          </div>
          {proof.tapeId !== null && (
            <>
              <Button className="min-h-11" onClick={() => settle('clean')}>
                {W.proof.toTest.clean}
              </Button>
              <Button className="min-h-11" onClick={() => settle('came-off')}>
                {W.proof.toTest.cameOff}
              </Button>
            </>
          )}
        </div>
      )}
    </section>
  )
}
