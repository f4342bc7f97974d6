import { nth, sure } from '../../base/units/sure'
import { CoreError } from '../../base/nouns'
import DxfParser from 'dxf-parser'
import type { PlanPoint } from '../rooms/outline'
import { refuseBeyond, withinLimits } from './limits'
import type { DrawingUnit, RawDrawing } from './outlines'

/** $INSUNITS codes of the DXF reference that we can take. */
const INSUNITS: Readonly<Record<number, DrawingUnit>> = { 1: 'in', 2: 'ft', 4: 'mm', 5: 'cm', 6: 'm' }

interface Vertex {
  readonly x: number
  readonly y: number
  readonly bulge?: number
}
interface Entity {
  readonly type: string
  readonly layer?: string
  readonly vertices?: readonly Vertex[]
  readonly shape?: boolean
}

/** Room outlines of a DXF drawing: closed polylines and lines. @throws CoreError drawing.unreadable, drawing.too_large */
export function readDxf(text: string): RawDrawing {
  refuseBeyond('signs', text.length)
  const parsed = parse(text)
  const rings: { name: string; points: PlanPoint[] }[] = []
  const lines: { a: PlanPoint; b: PlanPoint }[] = []
  const unknown = new Map<string, number>()
  const pass = (what: string) => unknown.set(what, (unknown.get(what) ?? 0) + 1)
  for (const entity of parsed.entities) {
    // DXF has y up, the plan y down.
    const points = (entity.vertices ?? []).map((vertex) => ({ x: vertex.x, y: -vertex.y }))
    if (entity.type === 'LINE' && points.length === 2) lines.push({ a: nth(points, 0), b: nth(points, 1) })
    else if (entity.type === 'LWPOLYLINE' || entity.type === 'POLYLINE') {
      if (entity.vertices?.some((vertex) => vertex.bulge)) pass('curved polyline')
      else if (entity.shape || samePlace(points)) rings.push({ name: entity.layer ?? 'outline', points })
      else points.slice(1).forEach((b, i) => lines.push({ a: nth(points, i), b }))
    } else pass(entity.type)
  }
  const unit = INSUNITS[Number(parsed.header?.$INSUNITS ?? 0)] ?? null
  return withinLimits({ unit, rings, lines, skipped: [...unknown].map(([what, count]) => `${count} × ${what}`) })
}

function parse(text: string): { entities: readonly Entity[]; header?: Record<string, unknown> } {
  try {
    const parsed = new DxfParser().parseSync(text)
    if (!parsed) throw new Error('nothing in it')
    return parsed
  } catch (error) {
    throw new CoreError('drawing.unreadable', { kind: 'DXF', detail: (error as Error).message })
  }
}

const samePlace = (points: readonly PlanPoint[]): boolean =>
  points.length > 3 && nth(points, 0).x === sure(points.at(-1)).x && nth(points, 0).y === sure(points.at(-1)).y
