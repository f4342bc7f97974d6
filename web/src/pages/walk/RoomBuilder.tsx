import { W, errorText } from '../../app/words'
import { useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import {
  closeOutline,
  closingGapMm,
  formatLength,
  newRoom,
  OUTLINE_TEMPLATES,
  paintedAlready,
  parseMm,
  spreadClosure,
  SPREAD_RATIO,
  USUAL_SIZES,
  wallName,
  type Leg,
  type Room,
  type UnitSystem,
} from '@crisp-hem/core'
import { RoomPlan } from '../../app/drawing/RoomPlan'
import { useNow } from '../../app/state/clock'
import { useEdit, useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Dialog } from '../../app/ui/Dialog'
import { Labelled, LENGTH_MARKS } from '../../app/ui/fields'
import { Switch } from '../../app/ui/Tabs'
import { inspectorPanel } from './inspectorPanel'
import { newAreaId } from './newAreaId'
import { AskPainted, NOTHING_ASKED, paintedAt, type PaintedAsked } from './AskPainted'
import { ElevationForm } from './ElevationForm'
import { withOpenings } from './things'

/** A room typed wall by wall, going right, or an elevation from its outline. */
export function RoomBuilder({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { id: jobId } = useFacts()
  const edit = useEdit()
  const { coatings } = useFacts().shelf
  const navigate = useNavigate()
  const [kind, setKind] = useState<Room['kind']>('room')
  const build = (made: Room) => {
    // A shelf of one's own may have none of the usual paints.
    const known = new Set(coatings.map(({ id }) => id))
    const [first] = coatings
    const steps = made.steps.flatMap((step) =>
      known.has(step.coatingId) ? [step] : first ? [{ ...step, coatingId: first.id }] : [],
    )
    const room = { ...made, steps }
    if (!edit((facts) => ({ ...facts, rooms: [...facts.rooms, room] }))) return
    onClose()
    void navigate(`/jobs/${jobId}/walk/${room.id}`, { state: { isMade: true } })
  }
  return (
    <Dialog open={open} onClose={onClose} title={W.walk.builder} focusAfter={inspectorPanel} wide>
      <div className="mb-3">
        <Switch
          label={W.walk.kind}
          value={kind}
          options={(['room', 'elevation'] as const).map((value) => ({ value, text: W.walk.areaKinds[value] }))}
          onChange={setKind}
        />
      </div>
      {open && (kind === 'room' ? <BuilderForm onBuild={build} /> : <ElevationForm onBuild={build} />)}
    </Dialog>
  )
}

const TURNS = { right: 90, left: -90 } as const

function BuilderForm({ onBuild }: { onBuild: (room: Room) => void }) {
  const { site, rooms } = useFacts()
  const [name, setName] = useState(`${W.walk.room} ${rooms.length + 1}`)
  const [height, setHeight] = useState(formatLength(USUAL_SIZES.heightMm, site.units))
  const [walls, setWalls] = useState<readonly Leg[]>([])
  const [wrong, setWrong] = useState<string | null>(null)
  const [asked, setAsked] = useState<PaintedAsked>(NOTHING_ASKED)
  const now = useNow(60_000)
  const closed = walls.length >= 3 && closingGapMm(walls) === 0
  const close = () => {
    const whole = closeOutline(walls)
    if (whole) setWalls(whole)
    setWrong(whole ? null : W.walk.cannotClose)
  }
  const build = () => {
    const heightMm = lengthOr(height, site.units, setWrong)
    const whole = closed ? walls : closeOutline(walls)
    if (heightMm === null) return
    if (!whole) return setWrong(W.walk.cannotClose)
    const bare = { ...newRoom(newAreaId(), name.trim() || W.walk.room, whole), heightMm }
    const room = withOpenings(bare, asked.doors, asked.windows)
    onBuild(paintedAlready(room, asked.parts, paintedAt(asked.age, now), asked.how))
  }
  return (
    <div className="grid gap-4 sm:grid-cols-[minmax(0,1fr)_220px]">
      <div className="grid content-start gap-3">
        <form
          onSubmit={(event) => {
            event.preventDefault()
            if (walls.length >= 2) build()
          }}
        >
          <NameAndHeight name={name} height={height} onName={setName} onHeight={setHeight} />
          <button type="submit" className="hidden" tabIndex={-1} aria-hidden />
        </form>
        <div className="flex flex-wrap items-center gap-1.5 text-sm" role="group" aria-label={W.walk.templates}>
          {W.walk.templates}
          {Object.entries(OUTLINE_TEMPLATES).map(([key, legs]) => (
            <Button key={key} onClick={() => setWalls(legs)}>
              {key}
            </Button>
          ))}
        </div>
        <p className="text-sm text-soft">{W.walk.lengths}</p>
        <WallForm
          wall={wallName(walls.length)}
          closed={closed}
          onAdd={(leg) => setWalls([...walls, leg])}
          onWrong={setWrong}
        />
        {wrong && (
          <p role="alert" className="font-semibold text-act">
            {wrong}
          </p>
        )}
        <WallList walls={walls} units={site.units} onDropLast={() => setWalls(walls.slice(0, -1))} />
        <AskPainted asked={asked} onChange={setAsked} />
        <div className="flex flex-wrap gap-2">
          <Button disabled={walls.length < 2 || closed} onClick={close}>
            {W.walk.close}
          </Button>
          <Button tone="act" disabled={walls.length < 2} onClick={build}>
            {W.walk.build}
          </Button>
        </div>
      </div>
      <div className="text-center">
        <RoomPlan walls={walls.map((wall, i) => ({ ...wall, name: wallName(i) }))} size={210} open={!closed} />
        {walls.length > 0 &&
          (closed ? (
            <p className="text-sm text-soft">{W.walk.closed}</p>
          ) : (
            <ClosingError walls={walls} units={site.units} onSpread={setWalls} />
          ))}
      </div>
    </div>
  )
}

/** A typed length in mm, or null once its fault is told. */
function lengthOr(text: string, units: UnitSystem, onWrong: (fault: string | null) => void): number | null {
  try {
    onWrong(null)
    return parseMm(text, units)
  } catch (error) {
    onWrong(errorText(error))
    return null
  }
}

interface NameAndHeightProps {
  readonly name: string
  readonly height: string
  readonly onName: (name: string) => void
  readonly onHeight: (height: string) => void
}

function NameAndHeight({ name, height, onName, onHeight }: NameAndHeightProps) {
  return (
    <div className="grid grid-cols-2 gap-3">
      <Labelled label={W.walk.name}>
        {(id) => <input id={id} className="field" value={name} onChange={(event) => onName(event.target.value)} />}
      </Labelled>
      <Labelled label={W.walk.height}>
        {(id) => (
          <input
            id={id}
            {...LENGTH_MARKS}
            className="field"
            value={height}
            onChange={(event) => onHeight(event.target.value)}
          />
        )}
      </Labelled>
    </div>
  )
}

interface WallFormProps {
  /** The name the next wall will have. */
  readonly wall: string
  readonly closed: boolean
  readonly onAdd: (leg: Leg) => void
  readonly onWrong: (fault: string | null) => void
}

/** The next wall: its length, and how one turns at its end. */
function WallForm({ wall, closed, onAdd, onWrong }: WallFormProps) {
  const { units } = useFacts().site
  const [length, setLength] = useState('')
  const [turn, setTurn] = useState<keyof typeof TURNS | 'angle'>('right')
  const [angle, setAngle] = useState('45')
  const lengthField = useRef<HTMLInputElement>(null)
  const add = () => {
    const lengthMm = lengthOr(length, units, onWrong)
    const turnDeg = turn === 'angle' ? Number(angle.replace(',', '.')) : TURNS[turn]
    if (lengthMm === null) return
    if (!(Math.abs(turnDeg) < 180) || turnDeg === 0) return onWrong(W.walk.badAngle)
    onAdd({ lengthMm, turnDeg })
    setLength('')
    setTurn('right')
    lengthField.current?.focus()
  }
  return (
    <form
      className={`grid items-end gap-2 ${turn === 'angle' ? 'grid-cols-[minmax(0,1fr)_100px_70px_auto]' : 'grid-cols-[minmax(0,1fr)_110px_auto]'}`}
      onSubmit={(event) => {
        event.preventDefault()
        add()
      }}
    >
      <Labelled label={`${W.walk.wall} ${wall}`}>
        {(id) => (
          <input
            id={id}
            ref={lengthField}
            {...LENGTH_MARKS}
            className="field"
            autoFocus
            value={length}
            placeholder={units === 'metric' ? '3.62' : '11\' 10 1/2"'}
            onChange={(event) => setLength(event.target.value)}
          />
        )}
      </Labelled>
      <Labelled label={W.walk.turn}>
        {(id) => (
          <select
            id={id}
            className="field"
            value={turn}
            onChange={(event) => setTurn(event.target.value as typeof turn)}
          >
            {(['right', 'left', 'angle'] as const).map((each) => (
              <option key={each} value={each}>
                {W.walk.turns[each]}
              </option>
            ))}
          </select>
        )}
      </Labelled>
      {turn === 'angle' && (
        <Labelled label={W.walk.degrees}>
          {(id) => <input id={id} className="field" value={angle} onChange={(event) => setAngle(event.target.value)} />}
        </Labelled>
      )}
      <Button type="submit" disabled={closed}>
        {W.walk.add}
      </Button>
    </form>
  )
}

interface WallListProps {
  readonly walls: readonly Leg[]
  readonly units: UnitSystem
  readonly onDropLast: () => void
}

function WallList({ walls, units, onDropLast }: WallListProps) {
  return (
    <ol className="grid gap-1 text-sm">
      {walls.map((wall, i) => (
        <li key={i} className="flex items-center gap-2 border-b border-rule py-0.5">
          <b className="w-6">{wallName(i)}</b>
          {formatLength(wall.lengthMm, units)},{' '}
          {W.walk.turnWords({ way: turnWay(wall.turnDeg), deg: Math.abs(wall.turnDeg) })}
          {i === walls.length - 1 && (
            <button type="button" className="ml-auto underline" onClick={onDropLast}>
              {W.walk.remove}
            </button>
          )}
        </li>
      ))}
    </ol>
  )
}

/** By how much the outline misses its start, and a way to spread a small miss over the walls. */
function ClosingError({
  walls,
  units,
  onSpread,
}: {
  walls: readonly Leg[]
  units: UnitSystem
  onSpread: (walls: readonly Leg[]) => void
}) {
  const gap = closingGapMm(walls)
  const spread = spreadClosure(walls)
  if (!Number.isFinite(gap) || gap === 0) return null
  const near = spread !== null && spread.ratio >= SPREAD_RATIO
  return (
    <div className="text-sm">
      <p className="text-soft">{W.walk.open({ gap: formatLength(Math.round(gap), units) })}</p>
      {spread && walls.length > 3 && (
        <p className={near ? 'text-soft' : 'text-act'}>
          {W.walk.missRatio({ ratio: Math.round(spread.ratio), near: near ? 'yes' : 'no' })}
        </p>
      )}
      {near && <Button onClick={() => onSpread(spread.walls)}>{W.walk.spread}</Button>}
    </div>
  )
}

/** Which sentence tells a turn: a plain corner either way, or so many degrees. */
function turnWay(deg: number): 'right' | 'left' | 'toRight' | 'toLeft' {
  if (Math.abs(deg) === 90) return deg > 0 ? 'right' : 'left'
  return deg > 0 ? 'toRight' : 'toLeft'
}
