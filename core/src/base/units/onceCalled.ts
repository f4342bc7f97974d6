/** What is worked out at the first call and kept. */
export function onceCalled<T>(work: () => T): () => T {
  let found: { readonly value: T } | null = null
  return () => (found ??= { value: work() }).value
}
