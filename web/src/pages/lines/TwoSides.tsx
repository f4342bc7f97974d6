import type { ReactNode } from 'react'

/** What is typed on the left, what comes of it on the right; on a phone one under the other. */
export function TwoSides({ typed, found }: { readonly typed: ReactNode; readonly found: ReactNode }) {
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[19rem_minmax(0,1fr)]">
      {typed}
      <div className="grid grid-cols-[minmax(0,1fr)] gap-4">{found}</div>
    </div>
  )
}
