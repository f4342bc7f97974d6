import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { bareWrites, serverWrites } from '../trials/benchWrites'

describe('what the bench writes', () => {
  const dir = mkdtempSync(join(tmpdir(), 'crisp-hem-writes-'))
  afterAll(() => rmSync(dir, { recursive: true }))

  it('is taken by the server as by a bare one: a bench that is turned away measures nothing', async () => {
    expect(await serverWrites(dir, 5)).toBeGreaterThan(0)
    expect(await bareWrites(dir, 5)).toBeGreaterThan(0)
  })
})
