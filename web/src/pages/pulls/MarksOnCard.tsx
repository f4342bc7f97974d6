import { hemMarks, lineToMake, STUDS_MM, type Room } from '@crisp-hem/core'
import { EdgeChart } from '../../app/drawing/EdgeChart'
import { marksText } from '../../app/naming/marksText'
import { placeMarksText } from '../../app/naming/placeMarksText'
import { useFacts, useHems } from '../../app/state/useJob'
import { factText, W } from '../../app/words'
import { PatternDrawing } from '../lines/PatternDrawing'

/** A small drawing: no one marks by it, it says which way the line lies. */
const SMALL_PX = 120

/** The lines that a step wants marked, each with its marks, measured from the left end, and a small drawing. */
export function MarksOnCard({ room, stepId }: { readonly room: Room; readonly stepId: string | null }) {
  const { units } = useFacts().site
  const hems = useHems()
  const own = [...hems.values()].filter((hem) => hem.roomId === room.id && hem.stepIds[0] === stepId)
  const lines = own.flatMap((hem) => hemMarks(room, hem, STUDS_MM[units]) ?? [])
  const made = own.flatMap((hem) => lineToMake(room, hem) ?? [])
  if (lines.length + made.length === 0) return null
  return (
    <details className="mt-1">
      <summary className="flex min-h-11 cursor-pointer items-center font-semibold">
        {W.lines.marksOf({ n: lines.length + made.length })}
      </summary>
      {lines.map((line) => (
        <section key={line.hem.id} className="mb-3">
          <h4 className="font-semibold">{factText(line.hem.place)}</h4>
          <EdgeChart
            points={line.points}
            of={line.of}
            lengthMm={line.hem.lengthMm}
            trimMm={null}
            proof={[]}
            units={units}
            high={SMALL_PX}
          />
          <p className="text-sm">{marksText(line.marks, units)}</p>
        </section>
      ))}
      {made.length > 0 && (
        <PatternDrawing
          room={room}
          walls={room.walls.filter(({ id }) => made.some(({ hem }) => hem.segments[0]?.wallId === id))}
          lines={made}
        />
      )}
      {made.map((line) => (
        <section key={line.hem.id} className="mb-2">
          <h4 className="font-semibold">{factText(line.hem.place)}</h4>
          <p className="text-sm">{W.lines.wallMarks({ marks: placeMarksText(line, units) })}</p>
        </section>
      ))}
    </details>
  )
}
