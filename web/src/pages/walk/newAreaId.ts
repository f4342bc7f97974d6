import { newId } from '../../app/device/newId'

/** An id for a room or front that is being made. */
export const newAreaId = (): string => `r-${newId().slice(0, 8)}`
