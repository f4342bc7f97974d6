import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { W } from '../../app/words'

/** How a phone comes to trust the office’s own certificate: the short way to camera and work without a line. */
export function TrustPage() {
  const [has, setHas] = useState<boolean | null>(null)
  useEffect(() => {
    void fetch('/office.crt', { method: 'HEAD' }).then(
      ({ ok }) => setHas(ok),
      () => setHas(false),
    )
  }, [])
  return (
    <main className="mx-auto max-w-xl px-4 py-6">
      <Link className="text-sm text-soft underline" to="/">
        {W.frame.jobs}
      </Link>
      <h1 className="mb-2">{W.people.trust}</h1>
      <p className="mb-3 font-semibold">{globalThis.isSecureContext ? W.people.secure : W.people.plain}</p>
      <p className="mb-3">{W.people.trustHint}</p>
      {has === false && <p className="mb-3">{W.people.noCertificate}</p>}
      {has && (
        <ol className="ml-5 flex list-decimal flex-col gap-2">
          <li>
            <a className="font-semibold underline" href="/office.crt" download>
              {W.people.certificate}
            </a>
          </li>
          <li>{W.people.trustAndroid}</li>
          <li>{W.people.trustPhone}</li>
          <li>{W.people.trustThen}</li>
        </ol>
      )}
    </main>
  )
}
