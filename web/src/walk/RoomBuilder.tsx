import { useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import {
  closeOutline,
  closingGapMm,
  formatLength,
  newRoom,
  parseMm,
  TURNS,
  USUAL_SIZES,
  wallName,
  type Turn,
} from '@crisp-hem/core'
import { RoomPlan } from '../drawing/RoomPlan'
import { useEdit, useFacts } from '../state/useJob'
import { Button } from '../ui/Button'
import { Dialog } from '../ui/Dialog'
import { Labelled } from '../ui/fields'
import { W } from '../words'

interface TypedWall {
  readonly lengthMm: number
  readonly turn: Turn
}

/** A room typed wall by wall, going right; two walls are enough for a plain one. */
export function RoomBuilder({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} title={W.walk.builder} wide>
      {open && <BuilderForm onDone={onClose} />}
    </Dialog>
  )
}

function BuilderForm({ onDone }: { onDone: () => void }) {
  const { site, rooms, id: jobId } = useFacts()
  const edit = useEdit()
  const navigate = useNavigate()
  const [name, setName] = useState(`${W.walk.room} ${rooms.length + 1}`)
  const [height, setHeight] = useState(formatLength(USUAL_SIZES.heightMm, site.units))
  const [walls, setWalls] = useState<readonly TypedWall[]>([])
  const [length, setLength] = useState('')
  const [turn, setTurn] = useState<Turn>('right')
  const [wrong, setWrong] = useState<string | null>(null)
  const lengthField = useRef<HTMLInputElement>(null)
  const closed = walls.length >= 4 && closingGapMm(walls) === 0

  const attempt = <T,>(work: () => T): T | null => {
    try {
      setWrong(null)
      return work()
    } catch (error) {
      setWrong((error as Error).message)
      return null
    }
  }
  const addWall = () => {
    const lengthMm = attempt(() => parseMm(length, site.units))
    if (lengthMm === null) return
    setWalls([...walls, { lengthMm, turn }])
    setLength('')
    setTurn('right')
    lengthField.current?.focus()
  }
  const close = () => {
    const whole = closeOutline(walls)
    if (whole) setWalls(whole)
    setWrong(whole ? null : W.walk.cannotClose)
  }
  const build = () => {
    const heightMm = attempt(() => parseMm(height, site.units))
    if (heightMm === null) return
    const id = `r-${crypto.randomUUID().slice(0, 8)}`
    const room = { ...newRoom(id, name.trim() || W.walk.room, walls), heightMm }
    if (edit((facts) => ({ ...facts, rooms: [...facts.rooms, room] }))) {
      onDone()
      void navigate(`/jobs/${jobId}/walk/${id}`)
    }
  }
  return (
    <div className="grid gap-4 sm:grid-cols-[minmax(0,1fr)_210px]">
      <div className="grid content-start gap-3">
        <div className="grid grid-cols-2 gap-3">
          <Labelled label={W.walk.name}>
            {(id) => <input id={id} className="field" value={name} onChange={(event) => setName(event.target.value)} />}
          </Labelled>
          <Labelled label={W.walk.height}>
            {(id) => (
              <input id={id} className="field" value={height} onChange={(event) => setHeight(event.target.value)} />
            )}
          </Labelled>
        </div>
        <p className="text-sm text-soft">{W.walk.lengths}</p>
        <form
          className="grid grid-cols-[minmax(0,1fr)_110px_auto] items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault()
            addWall()
          }}
        >
          <Labelled label={`${W.walk.wall} ${wallName(walls.length)}`}>
            {(id) => (
              <input
                id={id}
                ref={lengthField}
                className="field"
                autoFocus
                value={length}
                placeholder={site.units === 'metric' ? '3.62' : '11\' 10 1/2"'}
                onChange={(event) => setLength(event.target.value)}
              />
            )}
          </Labelled>
          <Labelled label={W.walk.turn}>
            {(id) => (
              <select id={id} className="field" value={turn} onChange={(event) => setTurn(event.target.value as Turn)}>
                {TURNS.map((each) => (
                  <option key={each} value={each}>
                    {W.walk[each]}
                  </option>
                ))}
              </select>
            )}
          </Labelled>
          <Button type="submit" disabled={closed}>
            {W.walk.add}
          </Button>
        </form>
        {wrong && (
          <p role="alert" className="font-semibold text-act">
            {wrong}
          </p>
        )}
        <ol className="grid gap-1 text-sm">
          {walls.map((wall, i) => (
            <li key={i} className="flex items-center gap-2 border-b border-rule py-0.5">
              <b className="w-6">{wallName(i)}</b>
              {formatLength(wall.lengthMm, site.units)}, {W.walk.turn} {W.walk[wall.turn]}
              {i === walls.length - 1 && (
                <button type="button" className="ml-auto underline" onClick={() => setWalls(walls.slice(0, -1))}>
                  {W.walk.remove}
                </button>
              )}
            </li>
          ))}
        </ol>
        <div className="flex flex-wrap gap-2">
          <Button disabled={walls.length < 2 || closed} onClick={close}>
            {W.walk.close}
          </Button>
          <Button tone="act" disabled={!closed} onClick={build}>
            {W.walk.build}
          </Button>
        </div>
      </div>
      <div className="text-center">
        <RoomPlan walls={walls.map((wall, i) => ({ ...wall, name: wallName(i) }))} size={200} open={!closed} />
        <p className="text-sm text-soft">
          {walls.length > 0 && (closed ? W.walk.closed : gapWords(walls, site.units))}
        </p>
      </div>
    </div>
  )
}

function gapWords(walls: readonly TypedWall[], units: 'metric' | 'imperial'): string {
  const gap = closingGapMm(walls)
  return Number.isFinite(gap) && gap > 0 ? W.walk.open(formatLength(gap, units)) : ''
}
