import { USUAL_FACES, type Fitting, type Opening, type PaintStep } from '@crisp-hem/core'

/** Makes of doors, windows, plates and steps that the demo's rooms share. */
export const turn = (lengthMm: number, turnDeg = 90) => ({ lengthMm, turnDeg })
export const rectangle = (wide: number, deep: number) => [turn(wide), turn(deep), turn(wide), turn(deep)]

export const door = (id: string, wallId: string, atMm: number, more: Partial<Opening> = {}): Opening => ({
  id,
  name: `door ${id.slice(1)}`,
  kind: 'door',
  wallId,
  atMm,
  sillMm: 0,
  widthMm: 826,
  heightMm: 2040,
  casingMm: 70,
  casing: USUAL_FACES.trim,
  leaf: USUAL_FACES.trim,
  glazing: null,
  paintedSides: 1,
  takenOff: false,
  leadsOut: null,
  ...more,
})
interface SashSetup {
  readonly id: string
  readonly wallId: string
  readonly atMm: number
  readonly widthMm: number
  readonly more?: Partial<Opening>
}

export const sash = ({ id, wallId, atMm, widthMm, more = {} }: SashSetup): Opening => ({
  id,
  name: `window ${id.slice(1)}`,
  kind: 'window',
  wallId,
  atMm,
  sillMm: 850,
  widthMm,
  heightMm: 1350,
  casingMm: 70,
  casing: USUAL_FACES.trim,
  leaf: USUAL_FACES.glass,
  glazing: null,
  paintedSides: 1,
  takenOff: false,
  leadsOut: null,
  ...more,
})
interface PlateSetup {
  readonly id: string
  readonly kind: Fitting['kind']
  readonly wallId: string
  readonly atMm: number
  readonly bottomMm: number
  readonly more?: Partial<Fitting>
}

export const plate = ({ id, kind, wallId, atMm, bottomMm, more = {} }: PlateSetup): Fitting => ({
  id,
  name: `${kind} ${id.slice(1)}`,
  kind,
  wallId,
  atMm,
  bottomMm,
  widthMm: 86,
  heightMm: 86,
  on: 'wall',
  scope: 'mask',
  ...more,
})

export const step = (id: string, name: string, targets: string[], more: Partial<PaintStep>): PaintStep => ({
  id,
  name,
  targets,
  coatingId: 'quay-satin',
  colour: 'Tide green',
  swatch: '#7f9c86',
  tool: 'roller',
  coats: 2,
  ...more,
})
