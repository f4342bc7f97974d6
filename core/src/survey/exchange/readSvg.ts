import { nth } from '../../base/units/sure'
import { CoreError } from '../../base/nouns'
import { SVGPathData } from 'svg-pathdata'
import { parse as parseSvg, type ElementNode, type RootNode } from 'svg-parser'
import type { PlanPoint } from '../rooms/outline'
import { depthOfMarks, refuseBeyond, withinLimits } from './limits'
import { DRAWING_UNITS, type DrawingUnit, type RawDrawing } from './outlines'

/**
 * Room outlines of an SVG drawing: polygons, rectangles, closed polylines and paths of straight lines. The unit is
 * known where width and viewBox both stand there with a length unit; transforms and curves are passed over by name.
 *
 * @throws CoreError drawing.unreadable, drawing.too_large
 */
export function readSvg(text: string): RawDrawing {
  refuseBeyond('signs', text.length)
  refuseBeyond('depth', depthOfMarks(text))
  const root = rootOf(text)
  const rings: { name: string; points: PlanPoint[] }[] = []
  const lines: { a: PlanPoint; b: PlanPoint }[] = []
  const unknown = new Map<string, number>()
  const pass = (what: string) => unknown.set(what, (unknown.get(what) ?? 0) + 1)
  const visit = (node: ElementNode) => {
    if (node.properties?.transform) return pass(`${node.tagName} with a transform`)
    const name = String(node.properties?.id ?? node.tagName)
    const number = (key: string) => Number(node.properties?.[key] ?? 0)
    switch (node.tagName) {
      case 'svg':
      case 'g':
        for (const child of node.children) if (typeof child !== 'string' && child.type === 'element') visit(child)
        return
      case 'rect': {
        const [x, y, w, h] = [number('x'), number('y'), number('width'), number('height')]
        rings.push({ name, points: [at(x, y), at(x + w, y), at(x + w, y + h), at(x, y + h)] })
        return
      }
      case 'polygon':
        rings.push({ name, points: pointsOf(node) })
        return
      case 'polyline':
        pointsOf(node)
          .slice(1)
          .forEach((b, i, rest) => lines.push({ a: i === 0 ? nth(pointsOf(node), 0) : nth(rest, i - 1), b }))
        return
      case 'line':
        lines.push({ a: at(number('x1'), number('y1')), b: at(number('x2'), number('y2')) })
        return
      case 'path': {
        const found = pathPoints(String(node.properties?.d ?? ''))
        if (!found) return pass('path with curves')
        if (found.closed) rings.push({ name, points: found.points })
        else found.points.slice(1).forEach((b, i) => lines.push({ a: nth(found.points, i), b }))
        return
      }
      default:
        pass(node.tagName ?? 'element')
    }
  }
  visit(root)
  const { unit, scale } = unitOf(root)
  const sized = (point: PlanPoint) => at(point.x * scale, point.y * scale)
  return withinLimits({
    unit,
    rings: rings.map((ring) => ({ ...ring, points: ring.points.map(sized) })),
    lines: lines.map(({ a, b }) => ({ a: sized(a), b: sized(b) })),
    skipped: [...unknown].map(([what, count]) => `${count} × ${what}`),
  })
}

const at = (x: number, y: number): PlanPoint => ({ x, y })

function rootOf(text: string): ElementNode {
  let parsed: RootNode
  try {
    parsed = parseSvg(text)
  } catch (error) {
    throw new CoreError('drawing.unreadable', { kind: 'SVG', detail: (error as Error).message })
  }
  const [first] = parsed.children
  if (!first || first.type !== 'element' || first.tagName !== 'svg')
    throw new CoreError('drawing.unreadable', { kind: 'SVG', detail: 'no <svg> at its root' })
  return first
}

/** `width="120mm"` with a viewBox 1200 wide: one drawing unit is 0.1 mm. */
function unitOf(root: ElementNode): { unit: DrawingUnit | null; scale: number } {
  const width = /^([\d.]+)\s*(mm|cm|m|in|ft)$/.exec(String(root.properties?.width ?? '').trim())
  const box = String(root.properties?.viewBox ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number)
  if (!width || !(nth(box, 2) > 0)) return { unit: null, scale: 1 }
  const unit = width[2] as DrawingUnit
  return { unit: 'mm', scale: (Number(width[1]) * DRAWING_UNITS[unit]) / nth(box, 2) }
}

function pointsOf(node: ElementNode): PlanPoint[] {
  const numbers = String(node.properties?.points ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number)
  return Array.from({ length: Math.floor(numbers.length / 2) }, (_, i) =>
    at(nth(numbers, 2 * i), nth(numbers, 2 * i + 1)),
  )
}

/** Corners of a path of straight lines; null when it bends. */
function pathPoints(d: string): { points: PlanPoint[]; closed: boolean } | null {
  const { commands } = new SVGPathData(d).toAbs()
  const points: PlanPoint[] = []
  let closed = false
  for (const command of commands) {
    const last = points.at(-1) ?? at(0, 0)
    switch (command.type) {
      case SVGPathData.MOVE_TO:
      case SVGPathData.LINE_TO:
        points.push(at(command.x, command.y))
        break
      case SVGPathData.HORIZ_LINE_TO:
        points.push(at(command.x, last.y))
        break
      case SVGPathData.VERT_LINE_TO:
        points.push(at(last.x, command.y))
        break
      case SVGPathData.CLOSE_PATH:
        closed = true
        break
      default:
        return null
    }
  }
  return { points, closed }
}
