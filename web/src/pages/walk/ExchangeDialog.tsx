import { W } from '../../app/words'
import { useMemo, useState } from 'react'
import { useNavigate } from 'react-router'
import {
  deriveHems,
  DRAWING_UNITS,
  newRoom,
  outlineAreaMm2,
  outlinesOf,
  type readOpeningsCsv,
  writeOpeningsCsv,
  type DrawingUnit,
  type RawDrawing,
  type Room,
} from '@crisp-hem/core'
import { noticed } from '../../app/state/noticeSlice'
import { useEdit, useFacts } from '../../app/state/useJob'
import { useAppDispatch } from '../../app/state/store'
import { Button } from '../../app/ui/Button'
import { Dialog } from '../../app/ui/Dialog'
import { CheckField, ChoiceField } from '../../app/ui/fields'
import { FileButton } from '../../app/ui/FileButton'
import { saveText } from '../../app/ui/saveText'
import { useReading } from '../../app/ui/useReading'
import { sheetSvg, writeRoomDxf } from './drawingFiles'
import { newAreaId } from './newAreaId'

/** Outlines and openings in, drawings out. */
export function ExchangeDialog({ room, onClose }: { room: Room | null; onClose: () => void }) {
  const { shelf, rooms, site, id } = useFacts()
  const edit = useEdit()
  const dispatch = useAppDispatch()
  const [drawing, setDrawing] = useState<RawDrawing | null>(null)
  const say = (text: string, tone: 'plain' | 'wrong') => dispatch(noticed({ text, tone, undo: null }))
  const refused = (words: string) => say(W.exchange.refused + words, 'wrong')
  const { read, line } = useReading()
  const readDrawing = (text: string, name: string) => {
    setDrawing(null)
    read('drawing', { text, name }, { name }, { taken: setDrawing, refused })
  }
  const takeOpenings = (found: ReturnType<typeof readOpeningsCsv>) => {
    const taken = edit((facts) => ({
      ...facts,
      rooms: facts.rooms.map((each) => {
        const own = found.filter((one) => one.roomId === each.id).map((one) => one.opening)
        return own.length > 0 ? { ...each, openings: [...each.openings, ...own] } : each
      }),
    }))
    if (taken) say(W.exchange.openingsTaken({ n: found.length }), 'plain')
  }
  const readOpenings = (text: string, name: string) =>
    read('openings', { text, name }, { rooms, units: site.units }, { taken: takeOpenings, refused })
  const saveSvg = (of: Room) => {
    const svg = sheetSvg(of.id)
    if (svg) saveText(`${of.name}.svg`, svg, 'image/svg+xml')
  }
  return (
    <Dialog open onClose={onClose} title={W.exchange.title} wide>
      <div className="grid gap-4">
        <section>
          <h3 className="mb-1">{W.exchange.in}</h3>
          <div className="flex flex-wrap gap-2">
            <FileButton label={W.exchange.outlines} accept=".dxf,.svg" onText={readDrawing} />
            <FileButton label={W.exchange.openings} accept=".csv,text/csv" onText={readOpenings} />
          </div>
          {line}
          {drawing && <Found drawing={drawing} onDone={onClose} />}
        </section>
        <section>
          <h3 className="mb-1">{W.exchange.out}</h3>
          <div className="flex flex-wrap gap-2">
            {room && (
              <>
                <Button onClick={() => saveSvg(room)}>{W.exchange.svg({ room: room.name })}</Button>
                <Button
                  onClick={() =>
                    saveText(`${room.name}.dxf`, writeRoomDxf(room, deriveHems(room, shelf).hems), 'image/vnd.dxf')
                  }
                >
                  {W.exchange.dxf({ room: room.name })}
                </Button>
              </>
            )}
            <Button onClick={() => saveText(`${id}-openings.csv`, writeOpeningsCsv(rooms, site.units), 'text/csv')}>
              {W.exchange.openingsOut}
            </Button>
          </div>
        </section>
      </div>
    </Dialog>
  )
}

/** What a drawing holds: the unit where it does not say, which outlines to take, and what was not understood. */
function Found({ drawing, onDone }: { drawing: RawDrawing; onDone: () => void }) {
  const { id: jobId } = useFacts()
  const edit = useEdit()
  const navigate = useNavigate()
  const [unit, setUnit] = useState<DrawingUnit | ''>(drawing.unit ?? '')
  const [left, setLeft] = useState<ReadonlySet<number>>(new Set())
  const found = useMemo(() => (unit === '' ? null : outlinesOf(drawing, unit)), [drawing, unit])
  const take = () => {
    if (!found) return
    const rooms = found.outlines
      .filter((_, i) => !left.has(i))
      .map((outline) => newRoom(newAreaId(), outline.name, outline.legs))
    if (rooms.length === 0 || !edit((facts) => ({ ...facts, rooms: [...facts.rooms, ...rooms] }))) return
    onDone()
    void navigate(`/jobs/${jobId}/walk/${rooms[0]!.id}`)
  }
  return (
    <div className="mt-3 grid gap-2 bg-deep p-3">
      <ChoiceField
        label={drawing.unit ? W.exchange.unit : W.exchange.unitMissing}
        value={unit}
        options={[
          ...(drawing.unit ? [] : [{ value: '' as const, text: W.exchange.choose }]),
          ...(Object.keys(DRAWING_UNITS) as DrawingUnit[]),
        ]}
        onCommit={setUnit}
      />
      {found && (
        <>
          {found.outlines.map((outline, i) => (
            <CheckField
              key={i}
              label={W.exchange.outline({
                name: outline.name,
                walls: outline.legs.length,
                area: (outlineAreaMm2(outline.legs) / 1e6).toFixed(1),
              })}
              checked={!left.has(i)}
              onChange={(on) => {
                const next = new Set(left)
                if (on) next.delete(i)
                else next.add(i)
                setLeft(next)
              }}
            />
          ))}
          {found.outlines.length === 0 && <p>{W.exchange.nothing}</p>}
          {found.skipped.length > 0 && (
            <details open className="text-sm">
              <summary className="font-semibold">{W.exchange.skipped}</summary>
              <ul className="list-disc pl-5">
                {found.skipped.map((each) => (
                  <li key={each}>{each}</li>
                ))}
              </ul>
            </details>
          )}
          <div>
            <Button tone="act" disabled={found.outlines.length === left.size} onClick={take}>
              {W.exchange.take}
            </Button>
          </div>
        </>
      )}
    </div>
  )
}
