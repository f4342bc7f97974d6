import type { FaultKind } from '@crisp-hem/core'

/** What each fault looks like at a line: the painted side below, the kept side above. Drawn in 48 × 30. */
const MARKS: Readonly<Record<FaultKind, string>> = {
  // Paint past the line, under where the tape was.
  'run-under': 'M8 15c1-7 5-7 6 0zM22 15c1-10 8-10 9 0zM38 15c1-5 4-5 5 0z',
  lifted: 'M10 15l2-8 9-2 7 4 5-1 4 7z',
  torn: 'M4 15l4 4 4-3 5 5 5-4 6 4 5-3 5 4 6-7z',
  strings: 'M10 15c2-6 4 2 5-8M24 15c2-8 5 0 4-9M37 15c1-5 4-1 5-7',
  residue: 'M8 9h8M20 7h10M33 10h8',
  dye: 'M4 4h40v9H4z',
  ridge: 'M4 13h40M4 17h40',
  band: 'M4 18h40v6H4z',
  missed: 'M16 15h15l-3 7h-9z',
  nick: 'M23 5l3 20',
}
/** Faults drawn as lines; the others are areas. */
const LINES: readonly FaultKind[] = ['strings', 'residue', 'ridge', 'nick']
/** Faults of the painted side, where the ground shows. */
const BARE: readonly FaultKind[] = ['torn', 'missed', 'band']

export function FaultDrawing({ fault }: { fault: FaultKind }) {
  const isLine = LINES.includes(fault)
  const colour = fault === 'lifted' || BARE.includes(fault) ? 'var(--color-ground)' : 'var(--color-ink)'
  return (
    <svg viewBox="0 0 48 30" className="h-8 w-12 shrink-0" aria-hidden="true">
      <rect width="48" height="15" fill="var(--color-sheet)" />
      <rect y="15" width="48" height="15" fill="currentColor" opacity="0.45" />
      <path
        d={MARKS[fault]}
        fill={isLine ? 'none' : colour}
        stroke={isLine || fault === 'lifted' ? 'var(--color-ink)' : 'none'}
        strokeWidth={fault === 'residue' ? 3 : 1.5}
        opacity={fault === 'dye' || fault === 'band' ? 0.4 : fault === 'run-under' ? 0.75 : 1}
      />
      <path d="M0 15h48" stroke="var(--color-ink)" strokeWidth="0.6" />
    </svg>
  )
}
