import { W, factText, wordText } from '../../app/words'
import { ChoiceField, LengthField, TextField, inWords } from '../../app/ui/fields'
import {
  faceName,
  formatLength,
  LINE_WAYS,
  stepOf,
  type Hem,
  type Room,
  edgeOfHem,
  isFace,
  readEdge,
  rowSplits,
  thingOf,
  wholeEdge,
  type EdgeKey,
  type HandHem,
} from '@crisp-hem/core'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Pick } from '../../app/drawing/pick'
import { useEditRoom, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { HandHemForm } from './HandHemForm'
import { PhotoNotes } from './PhotoNotes'
import { freeId } from './things'

interface HemFactsProps {
  readonly room: Room
  readonly hem: Hem | null
  readonly chosen: ReadonlySet<string>
  readonly onPick: (pick: Pick) => void
}

/** One hem: where, how long, which side is kept and why, how its line runs; cut, joined or left out by hand. */
export function HemFacts({ room, hem, chosen, onPick }: HemFactsProps) {
  const { site, id } = useFacts()
  const editRoom = useEditRoom(room.id)
  const [reason, setReason] = useState('')
  if (!hem) return <Panel title={W.walk.noPick}>{W.walk.hint}</Panel>
  const edges = [...new Set([hem.id, ...chosen])].map(edgeOfHem)
  const note = (kind: 'shielded' | 'left-out') => {
    onPick({ kind: 'room' })
    editRoom((before) => ({
      ...before,
      edgeNotes: [
        ...before.edgeNotes.filter((each) => !edges.includes(each.edge)),
        ...edges.map((edge) => ({ edge, note: kind, reason })),
      ],
    }))
  }
  const step = stepOf(room, hem.paint)?.step
  const hand = handHemOn(room, edges[0])
  return (
    <Panel title={`${W.walk.hem}: ${factText(hem.place)}`}>
      <p className="font-head text-2xl font-semibold">
        {formatLength(hem.lengthMm, site.units)}
        <span className="ml-2 text-base font-normal text-soft">
          {hem.panes > 1 && W.walk.panes({ n: hem.panes })}
          {hem.laps > 0 && W.walk.lapStrips({ n: hem.laps })}
        </span>
      </p>
      {edges.length > 1 && <p className="font-semibold">{W.walk.chosen({ n: edges.length })}</p>}
      <dl className="my-3 grid gap-2">
        <Side name={W.walk.keep} room={room} faceKey={hem.keep} onPick={onPick} />
        <Side
          name={W.walk.paint}
          room={room}
          faceKey={hem.paint}
          why={`${W.walk.order} (${step?.name ?? ''})`}
          onPick={onPick}
        />
      </dl>
      {hand && <HandHemForm room={room} hem={hand} onPick={onPick} />}
      <LineFields room={room} hem={hem} edge={edges[0]!} />
      <div className="flex flex-wrap items-end gap-2">
        <Link
          className="inline-flex min-h-9 items-center bg-ink px-3 font-semibold text-ground"
          to={`/jobs/${id}/recipes?hem=${encodeURIComponent(hem.id)}`}
        >
          {W.walk.toRecipe}
        </Link>
        <CutAndJoin room={room} hem={hem} edges={edges} onPick={onPick} />
      </div>
      <div className="mt-3 grid gap-2 border-t border-rule pt-2">
        <TextField label={W.walk.why} value={reason} onCommit={setReason} />
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => note('left-out')}>{W.walk.leaveOut}</Button>
          <Button onClick={() => note('shielded')}>{W.walk.shielded}</Button>
        </div>
      </div>
      <PhotoNotes room={room} edge={edges[0]!} title={W.photo.hem} />
    </Panel>
  )
}

/** Follow the edge or straighten it, and how far it wanders at its worst. */
function LineFields({ room, hem, edge }: { room: Room; hem: Hem; edge: EdgeKey }) {
  const { site, id: jobId } = useFacts()
  const editRoom = useEditRoom(room.id)
  const noted = room.lines.find((line) => line.edge === edge) ?? {
    edge,
    wanderMm: 0,
    way: null,
    readings: [],
    fit: 'least-area',
    lumps: [],
    through: [],
  }
  const set = (change: Partial<typeof noted>) =>
    editRoom((before) => ({
      ...before,
      lines: [...before.lines.filter((line) => line.edge !== edge), { ...noted, ...change }],
    }))
  return (
    <div className="mb-3 grid grid-cols-2 gap-x-3">
      <ChoiceField
        label={W.walk.line}
        value={noted.way ?? ''}
        options={[
          { value: '', text: W.walk.lineUsual({ way: wordText('lineWay', hem.line) }) },
          ...inWords('lineWay', LINE_WAYS),
        ]}
        onCommit={(way) => set({ way: way === '' ? null : way })}
      />
      <LengthField
        label={W.walk.wander}
        mm={noted.wanderMm}
        units={site.units}
        allowZero
        onCommit={(wanderMm) => set({ wanderMm })}
      />
      <Link
        className="col-span-2 mt-1 underline"
        to={`/jobs/${jobId}/lines?for=edge&room=${encodeURIComponent(room.id)}&edge=${encodeURIComponent(edge)}`}
      >
        {W.lines.fromWalk}
      </Link>
    </div>
  )
}

function CutAndJoin({
  room,
  hem,
  edges,
  onPick,
}: {
  room: Room
  hem: Hem
  edges: readonly string[]
  onPick: (pick: Pick) => void
}) {
  const { site } = useFacts()
  const editRoom = useEditRoom(room.id)
  const [edge] = edges
  const ref = readEdge(edge ?? '')
  const part = ref && ref.is !== 'join' ? ref.part : null
  const whole = wholeEdge(edge ?? '')
  const join = ref?.is === 'join' ? room.joins.find((each) => each.id === ref.id) : undefined
  const cut = (atMm: number) => {
    if (atMm >= hem.lengthMm) return false
    onPick({ kind: 'room' })
    // A part's places are counted from the start of the whole.
    const before = room.splits.find((each) => each.id === part?.after)?.atMm ?? 0
    const split = { id: freeId('c', room.splits), edge: whole, atMm: before + atMm }
    return editRoom((old) => ({ ...old, splits: [...old.splits, split] }))
  }
  const rows = room.openings.find((opening) => opening.id === thingOf(hem.keep))?.glazing?.high ?? 1
  const byRow = () => {
    onPick({ kind: 'room' })
    editRoom((old) => {
      const ids = Array.from({ length: rows - 1 }, (_, i) => `${freeId('c', old.splits)}r${i + 1}`)
      return { ...old, splits: [...old.splits, ...rowSplits(whole, hem.lengthMm, rows, (row) => ids[row - 1]!)] }
    })
  }
  const mend = () => {
    onPick({ kind: 'room' })
    editRoom((old) => ({
      ...old,
      splits: old.splits.filter((split) => split.edge !== whole),
      joins: old.joins.filter((each) => each !== join),
    }))
  }
  const joinAll = () => {
    onPick({ kind: 'room' })
    editRoom((old) => ({ ...old, joins: [...old.joins, { id: freeId('j', old.joins), edges }] }))
  }
  return (
    <>
      {edges.length > 1 && <Button onClick={joinAll}>{W.walk.joinThem}</Button>}
      {(part || join) && <Button onClick={mend}>{W.walk.mend}</Button>}
      {edges.length === 1 && rows > 1 && !part && !join && <Button onClick={byRow}>{W.walk.byRow}</Button>}
      {edges.length === 1 && hem.panes === 0 && !join && (
        <div className="w-28">
          <LengthField label={W.walk.cutAt} mm={0} units={site.units} allowZero onCommit={(mm) => mm > 0 && cut(mm)} />
        </div>
      )}
    </>
  )
}

interface SideProps {
  readonly name: string
  readonly room: Room
  readonly faceKey: string
  readonly why?: string
  readonly onPick: (pick: Pick) => void
}

/** Faces that have no form of their own. */
const CLOSED = ['fitting', 'inside', 'glass'] as const

function handHemOn(room: Room, edge: EdgeKey | undefined): HandHem | undefined {
  const ref = readEdge(edge ?? '')
  return ref?.is === 'hand' ? room.handHems.find((hem) => hem.id === ref.id) : undefined
}

function Side({ name, room, faceKey, why, onPick }: SideProps) {
  const closed = CLOSED.some((kind) => isFace(faceKey, kind))
  const words = factText(faceName(room, faceKey))
  return (
    <div className="border-l-[3px] border-ink pl-2.5">
      <dt className="text-sm text-soft">{name}</dt>
      <dd>
        {closed ? (
          words
        ) : (
          <button
            type="button"
            className="text-left underline decoration-dotted underline-offset-4"
            onClick={() => onPick({ kind: 'face', key: faceKey })}
          >
            {words}
          </button>
        )}
        {why && `, ${why}`}
      </dd>
    </div>
  )
}
