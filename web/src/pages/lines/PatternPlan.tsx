import { useMemo } from 'react'
import {
  DEFAULT_PARAMETERS,
  deriveHems,
  faceAreaMm2,
  facesOfStep,
  formatRun,
  lineToMake,
  piecesDxf,
  stepLitres,
  wallMarksCsv,
  type LineToMake,
  type Room,
  type StripesOver,
  type Wall,
} from '@crisp-hem/core'
import { Download } from 'lucide-react'
import { placeMarksText } from '../../app/naming/placeMarksText'
import { useFacts } from '../../app/state/useJob'
import { Button } from '../../app/ui/Button'
import { Panel } from '../../app/ui/Panel'
import { saveText } from '../../app/ui/saveText'
import { factText, figure, W } from '../../app/words'
import { mmWords } from '../../app/words/mmWords'
import { LinesTable } from './LinesTable'
import { PatternDrawing } from './PatternDrawing'

/** Square feet in a square metre: 1 ft is 0.3048 m (international yard and pound agreement 1959): published. */
const FT2_PER_M2 = 1 / 0.3048 ** 2

interface PatternPlanProps {
  /** With the pattern on it. */
  readonly room: Room
  readonly walls: readonly Wall[]
  readonly stripes: StripesOver | null
  readonly ground: string
}

/** A pattern as it will stand, what it takes, and every line to tape by the marks it is set with. */
export function PatternPlan({ room, walls, stripes, ground }: PatternPlanProps) {
  const { shelf, site } = useFacts()
  const { units } = site
  const mm = mmWords(units)
  const lines = useMemo(() => linesIn(room, walls, shelf), [room, walls, shelf])
  const own = room.bands.filter(
    ({ kind, wallIds }) => kind === 'stripe' && walls.some(({ id }) => wallIds.includes(id)),
  )
  const steps = room.steps.filter((step) =>
    facesOfStep(room, step).some((key) => own.some(({ id }) => key === `band:${id}`)),
  )
  const tapeMm = lines.reduce((sum, { hem }) => sum + hem.lengthMm, 0)
  const area = (m2: number) => (units === 'metric' ? `${figure(m2)} m²` : `${figure(m2 * FT2_PER_M2)} ft²`)
  const nameOf = (wallId: string | undefined) => walls.find(({ id }) => id === wallId)?.name ?? ''
  const [coats] = steps.map((step) => step.coats)
  const marks = lines.flatMap(({ hem, marks: places }) =>
    places.map((place) => ({ wall: nameOf(hem.segments[0]?.wallId), line: factText(hem.place), ...place })),
  )
  const pieces = lines.flatMap(({ hem }) =>
    hem.segments.map((s) => ({ x1: s.x1, y1: s.y1, x2: s.x2, y2: s.y2, layer: nameOf(s.wallId) })),
  )
  const title = stripes
    ? W.lines.even({ n: stripes.stripes.length, wide: mm(stripes.visibleMm) })
    : W.lines.shapes({ n: own.reduce((sum, { shapes }) => sum + shapes.length, 0) })
  const save = (name: string, text: string, kind: string) => saveText(`${room.name} ${name}`, text, kind)
  return (
    <>
      <Panel title={title}>
        <PatternDrawing room={room} walls={walls} lines={lines} />
        <p className="mt-1 text-sm text-soft">
          {W.lines.tapeOutside} {coats !== undefined && W.lines.tapeServes({ n: coats })}
        </p>
        <p className="mt-1">
          {W.lines.ground({ colour: ground })} {W.lines.tapeRun({ run: formatRun(tapeMm, units) })}{' '}
          {steps
            .map((step) =>
              W.lines.area({
                colour: step.colour,
                area: area(facesOfStep(room, step).reduce((sum, key) => sum + faceAreaMm2(room, key), 0) / 1e6),
                litres: figure(stepLitres(room, step, shelf, DEFAULT_PARAMETERS)),
              }),
            )
            .join('; ')}
          .
        </p>
        {stripes?.stripes.map(({ roundCorner, fromMm, colour }) =>
          roundCorner === null ? null : (
            <p key={fromMm}>
              {W.lines.roundCorner({ colour, from: mm(fromMm), wall: walls[roundCorner]?.name ?? '' })}
            </p>
          ),
        )}
        {stripes?.stripes.some(({ meetsOpening }) => meetsOpening) && <p>{W.lines.meetsOpening}</p>}
      </Panel>
      <Panel
        title={W.lines.tapeEdges}
        aside={
          <>
            <Button
              icon={<Download size={16} aria-hidden />}
              onClick={() => save('marks.csv', wallMarksCsv(marks, units), 'text/csv')}
            >
              {W.lines.csv}
            </Button>
            <Button
              icon={<Download size={16} aria-hidden />}
              onClick={() => save('lines.dxf', piecesDxf(pieces), 'image/vnd.dxf')}
            >
              {W.lines.dxf}
            </Button>
          </>
        }
      >
        <LinesTable
          heads={[W.lines.lineOf, W.lines.marksAt, W.lines.tapeSide]}
          boldAt={1}
          rows={lines.map((line) => ({
            key: line.hem.id,
            cells: [
              factText(line.hem.place),
              placeMarksText(line, units),
              W.lines.tapeSides[line.hem.place.bandLine ?? 'round'],
            ],
          }))}
        />
      </Panel>
    </>
  )
}

/** Lines of the pattern on the chosen walls, wall by wall. */
const linesIn = (room: Room, walls: readonly Wall[], shelf: Parameters<typeof deriveHems>[1]): LineToMake[] =>
  walls.flatMap(({ id }) =>
    deriveHems(room, shelf)
      .hems.filter(({ segments }) => segments[0]?.wallId === id)
      .flatMap((hem) => lineToMake(room, hem) ?? [])
      .sort((a, b) => leftOf(a) - leftOf(b)),
  )

/** How far from its wall's left end a line begins. */
const leftOf = ({ hem }: LineToMake): number => Math.min(...hem.segments.map(({ x1, x2 }) => Math.min(x1, x2)))
