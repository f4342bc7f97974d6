/** A share in whole hundredths. */
export const percent = (share: number): string =>
  share > 0 && share < 0.005 ? '< 1 %' : `${Math.round(100 * share)} %`

/** A share as a figure and a bar. */
export function Share({ share }: { share: number }) {
  return (
    <span className="inline-flex items-center gap-2 whitespace-nowrap">
      <span className="hidden h-2 w-16 border border-rule sm:inline-block" aria-hidden>
        <span className={`block h-full ${share >= 0.05 ? 'bg-act' : 'bg-ink'}`} style={{ width: `${100 * share}%` }} />
      </span>
      {percent(share)}
    </span>
  )
}
