import type { Coded, ErrorFacts } from './errors'

/** Every kind of content somebody may be asked for instead. What each says stands in the catalogue, under `expected.`. */
export const EXPECTATIONS = [
  'text',
  'any_text',
  'text_at_most',
  'text_at_least',
  'text_from_to',
  'id',
  'own_id',
  'device_clock',
  'free_id',
  'picture',
  'face_key',
  'edge_key',
  'subject_key',
  'target_key',
  'activity_key',
  'whole',
  'number',
  'at_least',
  'at_most',
  'more_than',
  'whole_from_to',
  'number_from_to',
  'flag',
  'yes_no',
  'one_of',
  'colour',
  'instant',
  'real_time',
  'time_of_day',
  'zone',
  'currency',
  'country',
  'length',
  'object',
  'no_field',
  'list',
  'list_at_least',
  'list_at_most',
  'things_at_most',
  'value_or_null',
  'closed_outline',
  'uncrossed_outline',
  'top_points',
  'wall_of_room',
  'wall_called',
  'room_called',
  'task_called',
  'resource_called',
  'place_called',
  'way_to',
  'face_of_room',
  'crew_of_job',
  'each_once',
  'coating_on_shelf',
  'tape_on_shelf',
  'within_wall',
  'below_top',
  'stretch',
  'columns',
  'cells',
  'rate_row',
  'rate_once',
  'rate_unit',
  'same_in_widths',
  'grip_in_widths',
  'width_once',
  'full_hour',
  'break_in_shift',
  'breaks_apart',
  'shifts_apart',
  'hour_after',
] as const

export type Expectation = (typeof EXPECTATIONS)[number]

/** A bare text is a name, or a path in a file: `rooms[0].walls`. */
export type Place = string | Coded

/** A wrong place and what was expected there. */
export interface Fault {
  readonly place: Place
  readonly expected: Coded
}

export const expects = (what: Expectation, facts: ErrorFacts = {}): Coded => ({ code: `expected.${what}`, facts })

/** Places that have no path of their own. */
export const WHOLE_FILE: Coded = { code: 'at.file', facts: {} }
export const WHOLE_TABLE: Coded = { code: 'at.table', facts: {} }
export const FIRST_ROW: Coded = { code: 'at.first_row', facts: {} }
export const atRow = (row: number): Coded => ({ code: 'at.row', facts: { row } })
/** A cell of a table, by the name of its column; `row` is where the row stands. */
export const atCell = (row: Place, column: string): Coded => ({ code: 'at.cell', facts: { row, column } })
