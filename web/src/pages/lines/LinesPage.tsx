import { useSearchParams } from 'react-router'
import { StickSwitch } from '../../app/frame/StickSwitch'
import { PageHead } from '../../app/frame/PageHead'
import { useFacts } from '../../app/state/useJob'
import { ChoiceField } from '../../app/ui/fields'
import { Switch } from '../../app/ui/Tabs'
import { W } from '../../app/words'
import { CrookedEdge } from './CrookedEdge'
import { RoundRoom } from './RoundRoom'
import { Stripes } from './Stripes'

const TASKS = ['edge', 'round', 'stripes'] as const

/** Where the tape goes: an edge that wanders, a line that has to meet itself, stripes that have to come out even. */
export function LinesPage() {
  const { rooms } = useFacts()
  const [search, setSearch] = useSearchParams()
  const task = TASKS.find((each) => each === search.get('for')) ?? 'edge'
  const room = rooms.find(({ id }) => id === search.get('room')) ?? rooms[0]
  // The address says what is looked at, so that it can be come back to.
  const goTo = (to: { readonly for?: string; readonly room?: string }) =>
    setSearch({ for: task, room: room?.id ?? '', ...to }, { replace: true })
  return (
    <>
      <PageHead title={W.lines.title} line={W.lines.line} room={room ?? null}>
        <StickSwitch />
      </PageHead>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-4 px-4 pb-6 lg:px-6">
        <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
          <Switch
            label={W.lines.what}
            value={task}
            options={TASKS.map((value) => ({ value, text: W.lines.tasks[value] }))}
            onChange={(next) => goTo({ for: next })}
          />
          {rooms.length > 0 && (
            <div className="w-56">
              <ChoiceField
                label={W.lines.room}
                value={room?.id ?? ''}
                options={rooms.map(({ id, name }) => ({ value: id, text: name }))}
                onCommit={(next) => goTo({ room: next })}
              />
            </div>
          )}
        </div>
        {!room && <p className="text-soft">{W.lines.noRoom}</p>}
        {room && task === 'edge' && <CrookedEdge key={room.id} room={room} edge={search.get('edge')} />}
        {room && task === 'round' && <RoundRoom key={room.id} room={room} />}
        {room && task === 'stripes' && <Stripes key={room.id} room={room} />}
      </div>
    </>
  )
}
