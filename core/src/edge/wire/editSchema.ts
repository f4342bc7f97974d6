import { EDIT_ACTS } from '../../base/edits/edit'
import { exact, hybridClock, id, list, mixed, needs, oneOf, text } from './fields'

/** What any edit may put somewhere: the facts it makes are checked as a whole. */
const anything = () => mixed().defined(needs('value_or_null')).nullable()

const changeSchema = exact({
  path: list(text(600), 1, 12),
  act: oneOf(EDIT_ACTS),
  value: anything(),
  before: anything(),
})

/** What somebody changed at one go, as it crosses the network. */
export const editSchema = exact({ id: id(), clock: hybridClock(), changes: list(changeSchema, 1, 2000) })

/** A batch of edits a device sends. */
export const editBatchSchema = exact({ device: id(), edits: list(editSchema, 1, 500) })
