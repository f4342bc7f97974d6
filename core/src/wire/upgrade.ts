import { STARTER_SHELF } from '../catalogue/starterShelf'
import { STARTER_HOUSE } from '../survey/houseDefaults'

type Fields = Record<string, unknown>
const isFields = (data: unknown): data is Fields => typeof data === 'object' && data !== null && !Array.isArray(data)

/**
 * Job content of format version 1 as version 2: what version 1 could not say gets the starter's value, what it says
 * stays. Content of another version, or of no version, is given back as it is for the checks to judge.
 */
export function upgraded(data: unknown): unknown {
  if (!isFields(data) || data.version !== 1) return data
  return { ...upgradedParts(data), version: 2 }
}

/** The parts of a job that changed with version 2: house rules, shelf, and choices made by hand in rooms. */
export function upgradedParts<T extends Fields>(job: T): T {
  const { house, shelf, rooms } = job
  return {
    ...job,
    ...(isFields(house) ? { house: withRates({ ...STARTER_HOUSE, ...house }) } : {}),
    ...(isFields(shelf) ? { shelf: { liquids: STARTER_SHELF.liquids, tools: STARTER_SHELF.tools, ...shelf } } : {}),
    ...(Array.isArray(rooms) ? { rooms: rooms.map(upgradedRoom) } : {}),
  }
}

const withRates = (house: Fields): Fields =>
  isFields(house.rates) ? { ...house, rates: { ...STARTER_HOUSE.rates, ...house.rates } } : house

/** Also for a room that is stored by itself. */
export function upgradedRoom(room: unknown): unknown {
  if (!isFields(room) || !Array.isArray(room.choices)) return room
  return {
    ...room,
    choices: room.choices.map((choice: unknown) =>
      isFields(choice) ? { pressing: null, pull: null, ...choice } : choice,
    ),
  }
}
