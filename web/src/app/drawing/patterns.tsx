/**
 * The marks that carry meaning before colour does. Each drawing that uses them renders these definitions once;
 * ids are shared by the whole page, so the definitions are the same everywhere.
 */
export function Patterns() {
  return (
    <svg width="0" height="0" className="absolute" aria-hidden focusable="false">
      <defs>
        <pattern id="paint-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="7" stroke="var(--paint)" strokeWidth="2.2" />
        </pattern>
        <pattern id="paint-field" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="9" stroke="currentColor" strokeWidth="1.6" opacity="0.32" />
        </pattern>
        <pattern id="tape-ticks" width="14" height="10" patternUnits="userSpaceOnUse">
          <line x1="7" y1="0" x2="7" y2="10" stroke="var(--kraft-edge)" strokeWidth="1" />
        </pattern>
        <pattern id="due-chevrons" width="18" height="12" patternUnits="userSpaceOnUse">
          <path d="M5 2.5l6 3.5l-6 3.5" fill="none" stroke="var(--act-ink)" strokeWidth="2" />
        </pattern>
        <pattern id="span-run" width="14" height="10" patternUnits="userSpaceOnUse">
          <path d="M0 5q3.5 -5 7 0t7 0" fill="none" stroke="var(--ink)" opacity="0.55" />
        </pattern>
        <pattern id="span-tacky" width="8" height="8" patternUnits="userSpaceOnUse">
          <path d="M0 0L8 8M8 0L0 8" stroke="var(--ink)" strokeWidth="1.2" opacity="0.75" />
        </pattern>
        <pattern id="span-dry" width="9" height="9" patternUnits="userSpaceOnUse">
          <circle cx="3" cy="3" r="1.4" fill="var(--ink)" opacity="0.6" />
        </pattern>
        <pattern id="span-past" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="3" height="6" fill="var(--ink)" opacity="0.8" />
        </pattern>
      </defs>
    </svg>
  )
}
