import { withCodes } from './upgradeCodes'
import { type Backing, JOB_VERSION, NO_CUSTOMER, USUAL_PLANNING, USUAL_SELLING } from '../../base/nouns'
import { BACKING_CLASS } from '../../survey/shelf/tables/tapesTable'
import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import { STARTER_HOUSE } from '../../survey/rooms/houseDefaults'

type Fields = Record<string, unknown>
const isFields = (data: unknown): data is Fields => typeof data === 'object' && data !== null && !Array.isArray(data)

/** Older versions that are still read. */
const OLDER: readonly unknown[] = Array.from({ length: JOB_VERSION - 1 }, (_, i) => i + 1)

/**
 * Job content of an older format version as today's: what it could not say gets the starter's value, what it says
 * stays. Content of another version, or of no version, is given back as it is for the checks to judge.
 */
export function upgraded(data: unknown): unknown {
  if (!isFields(data) || !OLDER.includes(data.version)) return data
  return {
    ...(data.log === undefined ? {} : { published: null }),
    planning: USUAL_PLANNING,
    quotes: [],
    trials: [],
    ...upgradedParts(data),
    ...(Array.isArray(data.log) ? { log: data.log.map(upgradedEvent) } : {}),
    version: JOB_VERSION,
  }
}

/** Before version 9 lines of the log did not say where they come from, before version 10 none was of stock, before version 21 none held a look's finds. Also for a line that comes from an older app. */
export const upgradedEvent = (event: unknown): unknown =>
  isFields(event) ? { origin: null, amount: null, look: null, mending: null, ...event } : event

/**
 * The parts of a job that changed since version 1: house rules, shelf (with version 3 its glazes), choices made by hand
 * in rooms, and with version 4 the words of fixed lists, which became codes,
 * and with version 5 rates for trim, ceilings, ladders and short strips and the order of rolling, and with version 6 what
 * a tape does to white, under feet, in the hand and in the wet, with version 7 the air held in a room, with version 8 what is settled about the plan, and with version 10 part rolls, where
 * things are ordered, quotes and how they are made, and with version 12 who the contractor and the customer are, how long a
 * quote holds, and one person of a crew being away, and with version 13 leaves that are painted on both sides or taken off, places
 * to be filled, primers, and minutes for doors and for either end of a day, with version 14 how long people stay on, and with version
 * 15 fittings on ceilings and what a plan's days cost, with version 16 whether crews lend each other a hand, and with version 17 how
 * many of a crew a task was told to, and whether a sprayed front is unmasked the same day, with version 18 what it costs to change what
 * a crew was told, with version 19 readings along an edge, and with version
 * 20 bands of shapes, where boards begin, and how true a laser is, and with version 21 what the house's own walls showed.
 */
export function upgradedParts<T extends Fields>(older: T): T {
  const job = withCodes(older) as T
  const { house, shelf, rooms, site, planning, quotes } = job
  return {
    ...job,
    ...(isFields(house)
      ? { house: withSelling(withRates(withPlanRates({ ...STARTER_HOUSE, ...withBleedBySize(house) }))) }
      : {}),
    ...(isFields(shelf)
      ? { shelf: withTools({ ...NEW_ON_SHELF, ...withPrimers(withTapeFacts(withOwned(shelf))) }) }
      : {}),
    ...(isFields(site) ? { site: { places: [], drives: [], customer: NO_CUSTOMER, ...site } } : {}),
    ...(isFields(planning) ? { planning: withPersons({ rooms: [], ...planning }) } : {}),
    ...(Array.isArray(quotes) ? { quotes: quotes.map(withBasis) } : {}),
    ...(Array.isArray(rooms) ? { rooms: rooms.map(upgradedRoom) } : {}),
    ...(isFields(job.published) ? { published: withHands(job.published) } : {}),
  }
}

/** Before version 17 a crew always was told something as a whole. Also for a plan that is stored by itself. */
export const withHands = <T extends { readonly tasks?: unknown }>(published: T): T =>
  Array.isArray(published.tasks)
    ? {
        ...published,
        tasks: published.tasks.map((task: unknown) => (isFields(task) ? { hands: null, ...task } : task)),
      }
    : published

/** Before version 13 no paint said whether it is a primer. */
const withPrimers = (shelf: Fields): Fields =>
  Array.isArray(shelf.coatings)
    ? {
        ...shelf,
        coatings: shelf.coatings.map((coating: unknown) =>
          isFields(coating) ? { primer: false, ...coating } : coating,
        ),
      }
    : shelf

/** Before version 13 leaves were painted where they hang, on the side that is seen. */
const withLeaves = (list: unknown, more: Fields = {}): unknown =>
  Array.isArray(list)
    ? list.map((each: unknown) => (isFields(each) ? { paintedSides: 1, takenOff: false, ...more, ...each } : each))
    : list

/** Before version 20 no tool said how true it is or how hard. */
const withTools = (shelf: Fields): Fields =>
  Array.isArray(shelf.tools)
    ? {
        ...shelf,
        tools: shelf.tools.map((tool: unknown) =>
          isFields(tool) ? { offMmPerM: 0, hardness: 'none', ...tool } : tool,
        ),
      }
    : shelf

/** Tables that older shelves lack. */
const NEW_ON_SHELF = {
  glazes: STARTER_SHELF.glazes,
  liquids: STARTER_SHELF.liquids,
  tools: STARTER_SHELF.tools,
  remnants: [],
  articles: [],
} as const

/** Covers of before version 5 did not say how many are owned: what the starter has of them, else none. */
function withOwned(shelf: Fields): Fields {
  if (!Array.isArray(shelf.covers)) return shelf
  const starter = new Map(STARTER_SHELF.covers.map((cover) => [cover.id as unknown, cover.owned]))
  const covers = shelf.covers.map((cover: unknown) =>
    isFields(cover) ? { ...cover, owned: cover.owned ?? starter.get(cover.id) ?? 0 } : cover,
  )
  return { ...shelf, covers }
}

/** Tapes of before version 6 say nothing of dye, toughness, tearing and wet: what the starter has of them, else their class. */
function withTapeFacts(shelf: Fields): Fields {
  if (!Array.isArray(shelf.tapes)) return shelf
  const starter = new Map(STARTER_SHELF.tapes.map((tape) => [tape.id as unknown, tape]))
  const tapes = shelf.tapes.map((tape: unknown) => {
    if (!isFields(tape)) return tape
    const of = starter.get(tape.id) ?? BACKING_CLASS[tape.backing as Backing] ?? BACKING_CLASS['creped-paper']
    return { bendTimes: of.bendTimes, dye: of.dye, tough: of.tough, tears: of.tears, holdsIn: of.holdsIn, ...tape }
  })
  return { ...shelf, tapes }
}

/** Before version 6 the accepted bleed was a count a metre; one bleed shows on about this many mm. */
const BLEED_MM = 6

function withBleedBySize({ maxBleedsPerM, ...house }: Fields): Fields {
  return typeof maxBleedsPerM === 'number' ? { maxBleedMm: maxBleedsPerM * BLEED_MM, ...house } : house
}

/** Before version 18 it cost nothing to change what a crew was told. */
const withPlanRates = (house: Fields): Fields =>
  isFields(house.planRates) ? { ...house, planRates: { ...STARTER_HOUSE.planRates, ...house.planRates } } : house

/** Rates the starter had up to version 4. Where nobody put in his own, today's stand in. */
const OLD_RATES: Fields = {
  brushPerM2: 4,
  rollPerM2: 0.45,
  sprayPerM2: 0.15,
  cutInPerM: 0.4,
  freehandPerM: 1.15,
}

function withRates(house: Fields): Fields {
  const { rates } = house
  if (!isFields(rates)) return house
  const isOld = rates.ceilingPerM2 === undefined
  const own = Object.entries(rates).filter(([name, minutes]) => !isOld || OLD_RATES[name] !== minutes)
  return { ...house, rates: { ...STARTER_HOUSE.rates, ...Object.fromEntries(own) } }
}

/**
 * Before version 12 a quote did not say how long it holds, nor what a tax is called. Before version 13 the minutes at either end of a
 * day were one figure among the rules for quotes.
 */
function withSelling(house: Fields): Fields {
  const { rates } = house
  if (!isFields(house.selling)) return house
  const { setUpMinPerDay, ...selling } = house.selling
  const ends =
    typeof setUpMinPerDay === 'number' ? { setUpEach: setUpMinPerDay / 2, washOutEach: setUpMinPerDay / 2 } : {}
  return {
    ...house,
    selling: { ...USUAL_SELLING, ...selling },
    ...(isFields(rates) ? { rates: { ...rates, ...ends } } : {}),
  }
}

/** Before version 12 only whole crews were away. */
const withPersons = (planning: Fields): Fields =>
  Array.isArray(planning.away)
    ? { ...planning, away: planning.away.map((each: unknown) => (isFields(each) ? { person: null, ...each } : each)) }
    : planning

/** Before version 15 every fitting sat on a wall. */
const onWalls = (fittings: unknown): unknown =>
  Array.isArray(fittings)
    ? fittings.map((fitting: unknown) => (isFields(fitting) ? { on: 'wall', ...fitting } : fitting))
    : fittings

/** Before version 12 a quote did not say what it rests on. */
const withBasis = (quote: unknown): unknown => (isFields(quote) ? { basis: '', ...quote } : quote)

/** Before version 19 nobody noted readings along an edge. */
const withReadings = (lines: unknown): unknown =>
  Array.isArray(lines)
    ? lines.map((line: unknown) =>
        isFields(line) ? { readings: [], fit: 'least-area', lumps: [], through: [], ...line } : line,
      )
    : lines

/** Before version 20 boards were counted from the ground. */
const withLaps = (walls: unknown): unknown =>
  Array.isArray(walls) ? walls.map((wall: unknown) => (isFields(wall) ? { lapFromMm: 0, ...wall } : wall)) : walls

/** Before version 20 every band lay between two heights. */
const withShapes = (bands: unknown): unknown =>
  Array.isArray(bands) ? bands.map((band: unknown) => (isFields(band) ? { shapes: [], ...band } : band)) : bands

/** Also for a room that is stored by itself. */
export function upgradedRoom(older: unknown): unknown {
  const room = withCodes(older)
  if (!isFields(room) || !Array.isArray(room.choices)) return room
  return {
    heldAir: null,
    placeId: null,
    defects: [],
    ...room,
    openings: withLeaves(room.openings, { leadsOut: null }),
    pieces: withLeaves(room.pieces),
    fittings: onWalls(room.fittings),
    lines: withReadings(room.lines),
    bands: withShapes(room.bands),
    walls: withLaps(room.walls),
    choices: room.choices.map((choice: unknown) =>
      isFields(choice) ? { liquidId: null, pressing: null, pull: null, ...choice } : choice,
    ),
  }
}
