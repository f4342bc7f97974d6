/** From when to when a room's cloths and boards lie in it, minutes since the epoch, by the room. */
export type Down = ReadonlyMap<string, { readonly from: number; readonly to: number }>
