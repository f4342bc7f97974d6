import Drawing from 'dxf-writer'
import type { Hem, Room } from '@crisp-hem/core'
import { unrollRoom } from '../../app/drawing/unroll'

/** The working drawing as DXF, true to size in mm: walls, things on them and hems on layers of their own. */
export function writeRoomDxf(room: Room, hems: readonly Hem[]): string {
  const drawing = new Drawing()
  drawing.setUnits('Millimeters')
  const layers = { walls: 7, openings: 5, fittings: 8, pieces: 6, hems: 1 } as const
  for (const [name, colour] of Object.entries(layers)) drawing.addLayer(name, colour, 'CONTINUOUS')
  const sheet = unrollRoom(room, 690)
  // DXF has y up and here true size.
  const at = (wallId: string, x: number, y: number): [number, number] => {
    const px = sheet.at(wallId, x, y)
    return [px.x / sheet.scale, -px.y / sheet.scale]
  }
  const rectangle = ({
    wallId,
    x,
    y,
    w,
    h,
  }: {
    readonly wallId: string
    readonly x: number
    readonly y: number
    readonly w: number
    readonly h: number
  }) =>
    drawing.drawPolyline([at(wallId, x, y), at(wallId, x + w, y), at(wallId, x + w, y + h), at(wallId, x, y + h)], true)
  drawing.setActiveLayer('walls')
  for (const wall of sheet.walls) {
    const top = wall.top.map((p): [number, number] => [p.x / sheet.scale, -p.y / sheet.scale])
    drawing.drawPolyline([at(wall.id, 0, 0), ...top, at(wall.id, wall.lengthMm, 0)], true)
    drawing.drawText(...at(wall.id, 60, -220), 120, 0, wall.name)
  }
  drawing.setActiveLayer('openings')
  for (const o of room.openings) rectangle({ wallId: o.wallId, x: o.atMm, y: o.sillMm, w: o.widthMm, h: o.heightMm })
  drawing.setActiveLayer('fittings')
  for (const f of room.fittings) rectangle({ wallId: f.wallId, x: f.atMm, y: f.bottomMm, w: f.widthMm, h: f.heightMm })
  drawing.setActiveLayer('pieces')
  for (const p of room.pieces) rectangle({ wallId: p.wallId, x: p.atMm, y: p.bottomMm, w: p.widthMm, h: p.heightMm })
  drawing.setActiveLayer('hems')
  for (const segment of hems.flatMap((hem) => hem.segments))
    drawing.drawLine(...at(segment.wallId, segment.x1, segment.y1), ...at(segment.wallId, segment.x2, segment.y2))
  return drawing.toDxfString()
}

/** The drawing as it stands on the page, with its colours written out so that it looks the same elsewhere. */
export function sheetSvg(roomId: string): string | null {
  const sheet = document.querySelector<SVGSVGElement>(`svg[data-sheet="${CSS.escape(roomId)}"]`)
  if (!sheet) return null
  const copy = sheet.cloneNode(true) as SVGSVGElement
  const patterns = document.querySelector('#paint-field')?.closest('defs')
  if (patterns) copy.prepend(patterns.cloneNode(true))
  const style = getComputedStyle(document.documentElement)
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('font-family', 'sans-serif')
  return new XMLSerializer()
    .serializeToString(copy)
    .replace(/var\((--[\w-]+)\)/g, (_, name: string) => style.getPropertyValue(name).trim())
}
