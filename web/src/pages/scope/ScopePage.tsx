import { W, factText, wordText } from '../../app/words'
import {
  BREATHER_KINDS,
  coatingOf,
  deriveHems,
  edgeOfHem,
  faceKeys,
  faceOf,
  faceName,
  formatLength,
  leadRisk,
  scopeOf,
  stepOf,
  stepsOf,
  type PlaceName,
  type Room,
  type EdgeKey,
} from '@crisp-hem/core'
import { useMemo } from 'react'
import { Printer } from 'lucide-react'
import { Link } from 'react-router'
import { api } from '../../app/office/api'
import { PageHead } from '../../app/frame/PageHead'
import { useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'

/** What is painted, kept, covered and left, to be agreed with the customer and printed. */
export function ScopePage() {
  const { rooms, site, name, id } = useFacts()
  const lead = leadRisk(site)
  return (
    <>
      <PageHead title={W.scope.title} line={`${name}, ${site.place}`}>
        <Link className="underline" to={`/jobs/${id}/walk`}>
          {W.scope.back}
        </Link>
        <Button icon={<Printer size={16} aria-hidden />} onClick={() => window.print()}>
          {W.scope.print}
        </Button>
      </PageHead>
      <div className="grid gap-4 px-4 pb-6 lg:px-6">
        {lead?.mayHold && (
          <p className="border-l-4 border-act pl-3 font-semibold">
            {W.scope.lead({ built: site.yearBuilt!, limit: lead.limit.value, mark: wordText('mark', lead.limit.mark) })}
          </p>
        )}
        {rooms.map((room) => (
          <RoomScope key={room.id} room={room} />
        ))}
        <Signatures />
      </div>
    </>
  )
}

function RoomScope({ room }: { room: Room }) {
  const { shelf, site } = useFacts()
  const painted = faceKeys(room).flatMap((key) => stepsOf(room, key).map(({ step }) => ({ key, step })))
  const kept = faceKeys(room).filter((key) => !stepOf(room, key))
  const wandering = room.lines.filter((line) => line.wanderMm > 0)
  const places = useMemo(() => {
    const { hems, bare } = deriveHems(room, shelf)
    return new Map<string, PlaceName>([
      ...hems.map((hem) => [edgeOfHem(hem.id), hem.place] as const),
      ...bare.map((edge) => [edge.edge, edge.place] as const),
    ])
  }, [room, shelf])
  const place = (edge: EdgeKey) => factText(places.get(edge) ?? null)
  return (
    <Panel title={room.name} className="break-inside-avoid">
      <div className="grid gap-x-6 gap-y-3 md:grid-cols-3">
        <List title={W.scope.painted}>
          {painted.map(({ key, step }) => (
            <li key={`${key} ${step.id}`}>
              <b>{factText(faceName(room, key))}</b>: {step.colour},{' '}
              {wordText('sheen', coatingOf(shelf, step.coatingId).sheen)},{' '}
              {W.scope.coats({ n: step.coats, tool: wordText('tool', step.tool) })}
            </li>
          ))}
        </List>
        <List title={W.scope.kept}>
          {kept.map((key) => (
            <li key={key}>
              {factText(faceName(room, key))} ({faceOf(room, key).colour})
              {scopeOf(room, key) && scopeOf(room, key) !== 'kept' && <b>: {scopeOf(room, key)}</b>}
            </li>
          ))}
        </List>
        <div className="grid content-start gap-3">
          <List title={W.scope.fittings}>
            {room.fittings.map((fitting) => (
              <li key={fitting.id}>
                {fitting.name}: {W.scope.fittingScopes[fitting.scope]}
                {BREATHER_KINDS.includes(fitting.kind) && <b> {W.scope.breathes}</b>}
              </li>
            ))}
          </List>
          <List title={W.scope.crooked}>
            {wandering.map((line) => (
              <li key={line.edge}>
                {place(line.edge)}: {formatLength(line.wanderMm, site.units)}
              </li>
            ))}
          </List>
        </div>
      </div>
      <Marks room={room} />
    </Panel>
  )
}

function List({ title, children }: { title: string; children: React.ReactNode[] }) {
  return (
    <div>
      <h3 className="mb-1 border-b border-rule">{title}</h3>
      {children.length > 0 ? (
        <ul className="text-sm">{children}</ul>
      ) : (
        <p className="text-sm text-soft">{W.scope.none}</p>
      )}
    </div>
  )
}

/** Pictures of what was there before: masking gets the blame for old marks. */
function Marks({ room }: { room: Room }) {
  const { id } = useFacts()
  if (room.photos.length === 0) return null
  return (
    <div className="mt-3">
      <h3 className="mb-1 border-b border-rule">{W.scope.before}</h3>
      <ul className="grid grid-cols-3 gap-2 md:grid-cols-5">
        {room.photos.map((photo) => (
          <li key={photo.id} className="text-sm">
            <img
              src={api.photoUrl(id, photo.id)}
              alt={photo.caption || W.photo.alt}
              className="h-28 w-full object-cover"
            />
            {photo.caption}
          </li>
        ))}
      </ul>
    </div>
  )
}

function Signatures() {
  return (
    <div className="grid grid-cols-2 gap-10 pt-10 text-sm">
      {[W.scope.customer, W.scope.contractor].map((who) => (
        <p key={who} className="border-t-2 border-ink pt-1">
          {who}
        </p>
      ))}
    </div>
  )
}
