import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { TERN_QUAY_NOW } from '../demo'

const ROOT = resolve(import.meta.dirname, '..')

/** The real server on a free port of this machine, with a database file that outlives a restart. */
export class TestServer {
  private child: ChildProcess | null = null
  private readonly dataDir = mkdtempSync(join(tmpdir(), 'crisp-hem-e2e-'))
  private port = 0
  /** What it printed since it was started. */
  said = ''
  constructor(
    private readonly demo: boolean,
    private readonly mustSignIn = false,
  ) {}

  get url(): string {
    return `http://127.0.0.1:${this.port}`
  }

  async start(): Promise<void> {
    this.port ||= await freePort()
    const args = ['server/dist/main.js', ...(this.demo ? ['--demo'] : [])]
    this.child = spawn(process.execPath, args, {
      cwd: ROOT,
      env: { ...process.env, PORT: String(this.port), DATA_DIR: this.dataDir, OPEN: this.mustSignIn ? '' : '1' },
      stdio: ['ignore', 'pipe', 'inherit'],
    })
    await new Promise<void>((ready, failed) => {
      this.child!.stdout!.on('data', (data: Buffer) => {
        this.said += data.toString()
        // Whoever has to sign in needs the code, which comes second.
        if (!this.mustSignIn || this.said.includes('code')) ready()
      })
      this.child!.once('exit', (code) => failed(new Error(`the server ended with ${code}`)))
    })
  }

  /** Posts a body of JSON as one of our own pages would. */
  post(path: string, body: string): Promise<Response> {
    const headers = { 'content-type': 'application/json', origin: this.url }
    return fetch(this.url + path, { method: 'POST', headers, body })
  }

  /** Sets the practice clock back to where the demo begins: every test has the same afternoon. */
  async clockBack(): Promise<void> {
    await this.clockAt(TERN_QUAY_NOW)
  }

  /** Sets the practice clock to an instant: nothing then hangs on the day on which the tests run. */
  async clockAt(at: string): Promise<void> {
    const headers = { 'content-type': 'application/json', origin: this.url }
    const body = JSON.stringify({ at })
    const { status } = await fetch(`${this.url}/api/practice-clock`, { method: 'PUT', headers, body })
    if (status !== 204) throw new Error(`the practice clock was not set: ${status}`)
  }

  /** Asks the server to stop, and waits until it has. */
  async stop(): Promise<number | null> {
    const child = this.child
    if (!child) return null
    const ended = new Promise<number | null>((done) => child.once('exit', (code) => done(code)))
    child.kill('SIGTERM')
    this.child = null
    return ended
  }

  async restart(): Promise<void> {
    await this.stop()
    await this.start()
  }

  async remove(): Promise<void> {
    await this.stop()
    rmSync(this.dataDir, { recursive: true, force: true })
  }
}

function freePort(): Promise<number> {
  return new Promise((found) => {
    const probe = createServer()
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number }
      probe.close(() => found(port))
    })
  })
}
