import { readFileSync, readdirSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { gzipSync } from 'node:zlib'
import { expect, test } from '@playwright/test'

const DIST = resolve(import.meta.dirname, '../web/dist')

interface ManifestEntry {
  readonly file: string
  readonly isEntry?: boolean
  readonly imports?: readonly string[]
}

test('the first view asks for less than 250 kB of script', () => {
  const manifest = JSON.parse(readFileSync(join(DIST, '.vite/manifest.json'), 'utf8')) as Record<string, ManifestEntry>
  const files = new Set<string>()
  const add = (key: string) => {
    const entry = manifest[key]!
    if (files.has(entry.file)) return
    files.add(entry.file)
    entry.imports?.forEach(add)
  }
  Object.keys(manifest)
    .filter((key) => manifest[key]!.isEntry)
    .forEach(add)
  const bytes = [...files].reduce((sum, file) => sum + gzipSync(readFileSync(join(DIST, file))).length, 0)
  expect(bytes).toBeGreaterThan(10_000)
  expect(bytes).toBeLessThan(250_000)
  expect(readdirSync(join(DIST, 'assets')).filter((file) => file.endsWith('.js')).length).toBeGreaterThan(files.size)
})
