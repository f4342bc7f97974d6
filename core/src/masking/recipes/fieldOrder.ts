import type { Parameters } from '../../base/parameters/parameters'
import { type FaceKey, type FieldOrder, type HouseRules, type PaintStep, type Room, type Shelf } from '../../base/nouns'
import { bandPerMetre } from '../../nature/risk/banding'
import { coatOfStep } from '../../nature/cure/film'
import { lightness } from '../../survey/rooms/contrast'
import { facesOfStep, isBroad } from '../../survey/rooms/faces'
import { fieldMinutes } from '../../survey/rooms/fieldMinutes'
import { deriveHems } from '../../survey/hems/deriveHems'

interface FieldOrderSetup {
  readonly house: HouseRules
  readonly shelf: Shelf
  readonly room: Room
  readonly step: PaintStep
  /** The face that is rolled. */
  readonly face: FaceKey
  /** Minutes for which an edge of it stays wet in the air it is coated in; null for ever. */
  readonly wetMin: number | null
  /** Pace of whoever coats it: 1 for a practised painter. */
  readonly speed: number
  readonly parameters: Parameters
}

/**
 * When a face is rolled beside lines whose tape comes off wet. Where the house leaves that to its price, it is rolled before the
 * pull if the band that would show otherwise costs more to mend than a round more for that face by itself, and if lines, field and
 * pull fit into the time its edge stays wet. A house that always rolls within does so wherever that fits: elsewhere the field would have
 * to stop in the middle of a wall. Common practice: satin and dark walls are cut and rolled wall by wall.
 */
export function fieldOrderAt(setup: FieldOrderSetup): FieldOrder {
  const { house, step, face } = setup
  if (house.fieldOrder !== 'by-price' && house.fieldOrder !== 'within') return house.fieldOrder
  const isWanted = house.fieldOrder === 'within' || isBandDear(setup)
  return step.tool !== 'spray' && isBroad(setup.room, face) && isWanted && fitsWet(setup) ? 'within' : 'after-pull'
}

/**
 * Whether mending the bands that have to be expected costs the house more than the minutes of a round more for each face. Asked for all
 * faces of the colour together: nobody rolls two walls of a room in one way and two in another for a metre of line.
 */
function isBandDear({ house, shelf, room, step, parameters }: FieldOrderSetup): boolean {
  const perM = bandPerMetre(coatOfStep(shelf, step).sheen, lightness(step.swatch), parameters)
  const faces = facesOfStep(room, step).filter((key) => isBroad(room, key))
  const lines = linesM({ room, shelf, step }, new Set(faces))
  const mending = lines * perM * parameters.band.metOpen.value * house.mendBandMinor
  return mending > (faces.length * house.wagePerHourMinor * parameters.work.roundMin.value) / 60
}

function fitsWet(setup: FieldOrderSetup): boolean {
  const { house, room, step, face, wetMin, speed, parameters } = setup
  if (wetMin === null) return true
  const needs =
    linesM(setup, new Set([face])) * (house.rates.cutInPerM + house.rates.pullPerM) +
    fieldMinutes(room, face, step, house)
  return needs / speed <= wetMin * parameters.work.wetMargin.value
}

/** Lines along some faces in their colour, m. */
const linesM = (
  { room, shelf, step }: Pick<FieldOrderSetup, 'room' | 'shelf' | 'step'>,
  faces: ReadonlySet<FaceKey>,
): number =>
  deriveHems(room, shelf)
    .hems.filter((hem) => faces.has(hem.paint) && hem.stepId === step.id)
    .reduce((sum, hem) => sum + hem.lengthMm / 1000, 0)
