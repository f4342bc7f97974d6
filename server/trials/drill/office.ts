import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/** A server in a process of its own on a free port of this machine, with data of its own, that may be ended hard. */
export class Office {
  private child: ChildProcess | null = null
  readonly dataDir = mkdtempSync(join(tmpdir(), 'crisp-hem-drill-'))
  private port = 0

  constructor(private readonly root: string) {}

  get url(): string {
    return `http://127.0.0.1:${this.port}`
  }

  async start(): Promise<void> {
    this.port ||= await freePort()
    const child = spawn(process.execPath, [join(this.root, 'server/dist/main.js')], {
      cwd: this.root,
      env: { ...process.env, PORT: String(this.port), DATA_DIR: this.dataDir, OPEN: '1', LOG_LEVEL: 'silent' },
      stdio: ['ignore', 'pipe', 'inherit'],
    })
    this.child = child
    await new Promise<void>((ready, failed) => {
      child.stdout.once('data', () => ready())
      child.once('exit', (code) => failed(new Error(`the server ended with ${code} before it was up`)))
    })
  }

  /** Ends it as a cut wire would, or asks it to stop. */
  async end(signal: 'SIGKILL' | 'SIGTERM'): Promise<void> {
    const { child } = this
    if (!child || child.exitCode !== null) return
    const ended = new Promise((done) => child.once('exit', done))
    child.kill(signal)
    this.child = null
    await ended
  }

  ask(method: string, path: string, body?: string, headers: Record<string, string> = {}): Promise<Response> {
    return fetch(this.url + path, {
      method,
      headers: { origin: this.url, ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...headers },
      ...(body === undefined ? {} : { body }),
      signal: AbortSignal.timeout(20_000),
    })
  }

  async remove(): Promise<void> {
    await this.end('SIGTERM')
    rmSync(this.dataDir, { recursive: true, force: true })
  }
}

const freePort = (): Promise<number> =>
  new Promise((found) => {
    const probe = createServer()
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number }
      probe.close(() => found(port))
    })
  })
