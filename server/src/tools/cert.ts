import { mkdirSync, writeFileSync } from 'node:fs'
import { hostname, networkInterfaces } from 'node:os'
import { isIP } from 'node:net'
import { join } from 'node:path'
import { generate } from 'selfsigned'
import { settings } from '../keeping/settings'

/** Phones take no certificate of our own that is good for longer, days. */
const DAYS = 397

// `npm run cert [-- NAME …]`: a certificate for this machine’s names and addresses, made here.
async function main(): Promise<void> {
  const own = Object.values(networkInterfaces()).flatMap((each) => (each ?? []).map(({ address }) => address))
  const given = process.argv.slice(2)
  const names = [...new Set(['localhost', hostname(), `${hostname()}.local`, ...given, ...own])].filter(
    // Addresses of one wire alone (fe80::…%eth0) are nobody’s bookmark.
    (name) => !name.includes('%') && !name.startsWith('fe80'),
  )
  const { dataDir } = settings(
    { ...process.env, HOST: undefined, OPEN: undefined, TLS_CERT: undefined, TLS_KEY: undefined },
    [],
  )
  const made = await generate([{ name: 'commonName', value: 'Crisp Hem in the office' }], {
    keyType: 'ec',
    algorithm: 'sha256',
    notAfterDate: new Date(Date.now() + DAYS * 86_400_000),
    extensions: [
      { name: 'basicConstraints', cA: true, critical: true },
      { name: 'keyUsage', digitalSignature: true, keyCertSign: true, critical: true },
      { name: 'extKeyUsage', serverAuth: true },
      {
        name: 'subjectAltName',
        altNames: names.map((name) =>
          isIP(name) ? { type: 7 as const, ip: name } : { type: 2 as const, value: name },
        ),
      },
    ],
  })
  mkdirSync(dataDir, { recursive: true, mode: 0o700 })
  const [cert, key] = [join(dataDir, 'office.crt'), join(dataDir, 'office.key')]
  writeFileSync(cert, made.cert, { mode: 0o644 })
  writeFileSync(key, made.private, { mode: 0o600 })
  const reach = names.filter((name) => name !== 'localhost' && name !== '::1' && !name.startsWith('127.'))
  process.stdout.write(
    [
      `Certificate for ${names.join(', ')}: ${cert}, good for ${DAYS} days.`,
      'Start the server with it:',
      `  HOST=0.0.0.0 HOST_NAMES=${reach.join(',')} TLS_CERT=${cert} TLS_KEY=${key} npm start`,
      'Then open /trust on a phone: it gives the certificate and says how to trust it.',
      '',
    ].join('\n'),
  )
}

main().catch((error: Error) => {
  process.stderr.write(`no certificate was made: ${error.message}\n`)
  process.exit(1)
})
