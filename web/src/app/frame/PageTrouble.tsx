import { useState } from 'react'
import { Link, useRouteError } from 'react-router'
import { useAppSelector, useAppStore } from '../state/store'
import { Button } from '../ui/Button'
import { W, errorText } from '../words'

/**
 * Stands where a page broke: what was ticked is safe and can be sent from here, the page can be tried again, and what
 * happened can be copied for whoever mends it.
 */
export function PageTrouble() {
  const error = useRouteError()
  const { waiting, isReached } = useAppSelector((state) => state.out)
  const { sender } = useAppStore()
  const [isCopied, setIsCopied] = useState(false)
  const copy = () => void navigator.clipboard?.writeText(detailsOf(error)).then(() => setIsCopied(true))
  const isMissing = isUnfetched(error)
  return (
    <section role="alert" className="m-4 max-w-2xl border-2 border-act bg-card p-4 lg:m-6">
      <h1>{isMissing ? W.trouble.notHere : W.trouble.title}</h1>
      <p className="mt-2">{isMissing ? (isReached ? W.trouble.updated : W.trouble.noLine) : W.trouble.text}</p>
      <p className="mt-1 font-semibold">{waiting > 0 ? W.trouble.waits({ n: waiting }) : W.trouble.nothingWaits}</p>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button tone="act" onClick={() => location.reload()}>
          {W.trouble.again}
        </Button>
        {waiting > 0 && <Button onClick={() => void sender.send()}>{W.trouble.send}</Button>}
        <Button onClick={copy}>{isCopied ? W.trouble.copied : W.trouble.copy}</Button>
        <Link className="self-center underline" to="/">
          {W.frame.jobs}
        </Link>
      </div>
      <details className="mt-3 text-sm text-soft">
        <summary>{W.trouble.details}</summary>
        <pre className="whitespace-pre-wrap break-words">{detailsOf(error)}</pre>
      </details>
    </section>
  )
}

/** Whether a piece of the app could not be fetched: no line, or the app was renewed under an open page. */
const isUnfetched = (error: unknown): boolean =>
  error instanceof TypeError && /dynamically imported module|module script/i.test(error.message)

/** What happened, for whoever mends it: no names, no prices, only where in the app. */
const detailsOf = (error: unknown): string =>
  [errorText(error), error instanceof Error ? error.stack : '', globalThis.location?.pathname]
    .filter(Boolean)
    .join('\n')
