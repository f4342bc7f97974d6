import { useMemo, useState } from 'react'
import { face, stepOf, withPattern, type PaintStep, type Room, type Shelf } from '@crisp-hem/core'
import { useAppSelector } from '../../app/state/store'
import { isPainter, useFacts } from '../../app/state/useJob'
import { CheckField, ChoiceField, TextField } from '../../app/ui/fields'
import { Panel } from '../../app/ui/Panel'
import { W } from '../../app/words'
import { patternFor, PATTERNS, type PatternAsked } from './patternAsked'
import { PatternFields } from './PatternFields'
import { PatternPlan } from './PatternPlan'
import { TwoSides } from './TwoSides'
import { UseStripes } from './UseStripes'

/** Colours to draw a pattern in until somebody says which they are on the Walk. */
const SWATCHES = ['#7f9c86', '#8c7b6b', '#5f7391', '#a08a5c'] as const

/** A pattern that comes out even over walls and round corners, and where each line of tape lies. */
export function Stripes({ room }: { readonly room: Room }) {
  const { shelf } = useFacts()
  const isOnlyRead = useAppSelector(isPainter)
  const [wallIds, setWallIds] = useState<readonly string[]>(() => room.walls.slice(0, 1).map(({ id }) => id))
  const [names, setNames] = useState(() => W.lines.twoColours({ ground: groundOf(room) }))
  const [asked, setAsked] = useState<Omit<PatternAsked, 'colours'>>(() => usual(room))
  const walls = useMemo(() => room.walls.filter(({ id }) => wallIds.includes(id)), [room, wallIds])
  const found = useMemo(() => {
    const [ground, ...rest] = namesIn(names)
    if (ground === undefined || rest.length === 0) return null
    const pattern = patternFor(room, walls, { ...asked, colours: [ground, ...rest] })
    if (!pattern) return null
    const hasGround = stepOf(room, face('wall', walls[0]?.id ?? '')) !== null
    const swatchOf = (colour: string) => SWATCHES[rest.indexOf(colour) % SWATCHES.length] ?? SWATCHES[0]
    const ids = walls.map(({ id }) => id)
    const after = withPattern(hasGround ? room : painted(room, shelf), { wallIds: ids, bands: pattern.bands }, swatchOf)
    return after && { ...pattern, after, hasGround, ground }
  }, [room, walls, asked, names, shelf])
  const typed = (
    <Panel title={W.lines.tasks.stripes}>
      <div className="grid gap-2">
        <fieldset>
          <legend className="text-[0.82rem] text-soft">{W.lines.walls}</legend>
          <div className="flex flex-wrap gap-x-4">
            {room.walls.map(({ id, name }) => (
              <CheckField
                key={id}
                label={name}
                checked={wallIds.includes(id)}
                onChange={(on) => setWallIds(on ? [...wallIds, id] : wallIds.filter((each) => each !== id))}
              />
            ))}
          </div>
        </fieldset>
        <ChoiceField
          label={W.lines.pattern}
          value={asked.kind}
          options={PATTERNS.map((value) => ({ value, text: W.lines.patterns[value] }))}
          onCommit={(kind) => setAsked({ ...asked, kind })}
        />
        <PatternFields asked={asked} onChange={(change) => setAsked({ ...asked, ...change })} />
        <TextField label={W.lines.colours} value={names} onCommit={setNames} />
      </div>
    </Panel>
  )
  return (
    <TwoSides
      typed={typed}
      found={
        found ? (
          <>
            <PatternPlan room={found.after} walls={walls} stripes={found.stripes} ground={found.ground} />
            {!found.hasGround && <p>{W.lines.noGround}</p>}
            {found.hasGround && !isOnlyRead && <UseStripes room={room} after={found.after} />}
          </>
        ) : (
          <p className="text-soft">{W.lines.noStripes}</p>
        )
      }
    />
  )
}

/** What is asked for until somebody says otherwise, by the size of the room. */
const usual = (room: Room): Omit<PatternAsked, 'colours'> => ({
  kind: 'upright',
  by: 'count',
  count: 9,
  widthMm: 300,
  slantDeg: 0,
  across: 8,
  up: 5,
  lowMm: 0,
  highMm: room.heightMm,
  waves: 2,
  middleMm: Math.round(room.heightMm / 2),
  swingMm: 100,
  insetMm: 200,
  broadMm: 50,
  centreAtMm: Math.round((room.walls[0]?.lengthMm ?? 0) / 2),
  centreUpMm: Math.round(room.heightMm / 2),
  radiusMm: Math.round(room.heightMm / 5),
})

/** What the walls are painted, or are. */
const groundOf = (room: Room): string => {
  const [wall] = room.walls
  return wall ? (stepOf(room, face('wall', wall.id))?.step.colour ?? wall.face.colour) : ''
}

/** A room as if its walls were painted, so that a pattern can be drawn on them before anybody said so. */
function painted(room: Room, { coatings }: Shelf): Room {
  const step: PaintStep = {
    id: 'ground',
    name: groundOf(room),
    targets: ['walls'],
    coatingId: coatings[0]?.id ?? '',
    colour: groundOf(room),
    swatch: '#ffffff',
    tool: 'roller',
    coats: 2,
  }
  return { ...room, steps: [...room.steps, step] }
}

const namesIn = (text: string): string[] =>
  text
    .split(',')
    .map((name) => name.trim())
    .filter((name) => name !== '')
