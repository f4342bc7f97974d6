/** What is picked on the drawing. */
export type Pick =
  | { readonly kind: 'hem'; readonly id: string }
  | { readonly kind: 'face'; readonly key: string }
  | { readonly kind: 'opening'; readonly id: string }
  | { readonly kind: 'fitting'; readonly id: string }
  | { readonly kind: 'piece'; readonly id: string }
  | { readonly kind: 'band'; readonly id: string }
  | { readonly kind: 'foot'; readonly id: string }
  | { readonly kind: 'room' }

export const isPicked = (pick: Pick, kind: Pick['kind'], id: string): boolean =>
  pick.kind === kind && ('id' in pick ? pick.id === id : 'key' in pick && pick.key === id)
