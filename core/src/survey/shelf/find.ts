import {
  type Coating,
  CoreError,
  type Cover,
  type Glaze,
  type LiquidMask,
  type Sealant,
  type Shelf,
  type Tape,
} from '../../base/nouns'

const found = <T extends { readonly id: string }>(kind: string, list: readonly T[], id: string): T => {
  const item = list.find((each) => each.id === id)
  if (!item) throw new CoreError('catalogue.unknown', { kind, id })
  return item
}

/** Things on the shelf by id. @throws CoreError catalogue.unknown */
export const tapeOf = (shelf: Shelf, id: string): Tape => found('tape', shelf.tapes, id)
export const coatingOf = (shelf: Shelf, id: string): Coating => found('coating', shelf.coatings, id)
export const coverOf = (shelf: Shelf, id: string): Cover => found('cover', shelf.covers, id)
export const sealantOf = (shelf: Shelf, id: string): Sealant => found('sealant', shelf.sealants, id)
export const glazeOf = (shelf: Shelf, id: string): Glaze => found('glaze', shelf.glazes, id)
export const liquidOf = (shelf: Shelf, id: string): LiquidMask => found('liquid-mask', shelf.liquids, id)
