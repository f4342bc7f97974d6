import type { ReactNode } from 'react'
import { PartBoundary } from './PartBoundary'

interface PanelProps {
  readonly title?: ReactNode
  readonly aside?: ReactNode
  readonly children: ReactNode
  readonly className?: string
  readonly id?: string
}

/** A sheet with a sewn top edge, a title and room for controls beside it; a fault inside stays inside. */
export function Panel({ title, aside, children, className = '', id }: PanelProps) {
  return (
    <section className={`panel ${className}`} id={id}>
      {title && (
        <header className="mb-2 flex flex-wrap items-baseline gap-x-3 gap-y-1">
          <h2>{title}</h2>
          {aside && <div className="ml-auto flex flex-wrap items-center gap-2 text-sm">{aside}</div>}
        </header>
      )}
      <PartBoundary>{children}</PartBoundary>
    </section>
  )
}
