import { lazy, Suspense, useState } from 'react'
import type { UnitSystem } from '@crisp-hem/core'
import { W } from '../../app/words'

/** What reads pictures is fetched when somebody has one: it brings its linear algebra along. */
const PhotoOfEdge = lazy(() => import('./PhotoOfEdge').then(({ PhotoOfEdge: page }) => ({ default: page })))

interface PhotoReadingsProps {
  readonly units: UnitSystem
  readonly onReadings: (text: string) => void
}

/** Readings of an edge from a photograph, folded away until somebody has one. */
export function PhotoReadings(props: PhotoReadingsProps) {
  const [isOpen, setIsOpen] = useState(false)
  return (
    <details className="panel p-4" onToggle={(event) => setIsOpen(event.currentTarget.open)}>
      <summary className="cursor-pointer text-sm font-semibold">{W.lines.photo}</summary>
      {isOpen && (
        <Suspense fallback={null}>
          <PhotoOfEdge {...props} />
        </Suspense>
      )}
    </details>
  )
}
