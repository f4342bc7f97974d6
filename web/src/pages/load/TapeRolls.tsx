/** Rolls as rolls: each filled as far as it will be used. */
export function TapeRolls({ rolls, share }: { rolls: number; share: number }) {
  const shown = Math.min(rolls, 8)
  return (
    <span className="flex items-center gap-0.5">
      {Array.from({ length: shown }, (_, i) => (
        <Roll key={i} used={Math.min(1, Math.max(0, share - i))} />
      ))}
      <b className="ml-1">{rolls}</b>
    </span>
  )
}

function Roll({ used }: { used: number }) {
  const [inner, outer] = [4, 9.5]
  const left = inner + (outer - inner) * used
  return (
    <svg width="21" height="21" viewBox="-10.5 -10.5 21 21" aria-hidden>
      <circle r={outer} fill="none" stroke="var(--seam)" strokeDasharray="2 2" />
      <circle r={left} fill="var(--kraft)" stroke="var(--kraft-edge)" />
      <circle r={inner} fill="var(--card)" stroke="var(--kraft-edge)" />
    </svg>
  )
}
