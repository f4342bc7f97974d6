import type { PaintStep } from '../../base/nouns'
import { USUAL_FACES } from '../../survey/rooms/roomTemplate'
import type { Hem } from '../../survey/hems/deriveHems'
import { besidePlaceOf, leastWidthMm, settingOf, SETTINGS, type Setting, type SettingFacts } from './setting'

const facts = (hem: Partial<Hem>, more: { material?: 'carpet' | 'wood' | 'tile'; tool?: PaintStep['tool'] } = {}) =>
  ({
    hem: {
      kind: 'wall-to-casing',
      keep: 'casing:o1',
      paint: 'wall:w1',
      panes: 0,
      laps: 0,
      radiusMm: 0,
      gapMm: 0,
      ...hem,
    },
    keepFace: { ...USUAL_FACES.trim, material: more.material ?? 'wood' },
    step: { tool: more.tool ?? 'roller' },
  }) as unknown as SettingFacts

describe.each<[Setting, SettingFacts]>([
  ['panes', facts({ kind: 'casing-to-glass', panes: 30 })],
  ['glass', facts({ kind: 'casing-to-glass', panes: 1 })],
  ['skirting-over-carpet', facts({ kind: 'skirting-to-floor', keep: 'floor', gapMm: 5 }, { material: 'carpet' })],
  ['skirting-over-carpet', facts({ kind: 'wall-to-floor', keep: 'floor:z1' }, { material: 'carpet' })],
  ['tight-joint-at-the-floor', facts({ kind: 'skirting-to-floor', keep: 'floor', gapMm: 0 }, { material: 'tile' })],
  ['skirting-over-hard-floor', facts({ kind: 'skirting-to-floor', keep: 'floor', gapMm: 4 }, { material: 'tile' })],
  ['ceiling-line', facts({ kind: 'wall-to-ceiling', keep: 'ceiling' })],
  ['ceiling-last', facts({ kind: 'wall-to-ceiling', keep: 'wall:w1', paint: 'ceiling' }, { tool: 'spray' })],
  ['below-a-dry-ceiling', facts({ kind: 'wall-to-ceiling', keep: 'ceiling' }, { tool: 'spray' })],
  ['lapped-boards', facts({ laps: 9 })],
  ['plate', facts({ kind: 'wall-to-fitting', keep: 'fitting:f1' })],
  ['cabinets-in-use', facts({ kind: 'cabinet-mouth', keep: 'inside:p1', panes: 4 })],
  ['rounded-corner', facts({ kind: 'wall-to-wall', keep: 'wall:w2', radiusMm: 20 })],
  ['line-to-make', facts({ kind: 'two-tone-line', keep: 'band:b1', line: 'straighten' })],
  ['joint', facts({ kind: 'two-tone-line', keep: 'band:b1', line: 'follow' })],
  ['line-to-make', facts({ kind: 'by-hand', keep: 'wall:w2' })],
  ['joint', facts({ kind: 'wall-to-skirting', keep: 'skirting' })],
])('%s', (setting, given) => {
  test('is told by what the tape meets', () => {
    expect(settingOf(given)).toBe(setting)
  })
})

test('a floor that is painted has no floor setting: the skirting is what is kept', () => {
  expect(settingOf(facts({ kind: 'skirting-to-floor', keep: 'skirting', paint: 'floor' }))).toBe('joint')
})

test('every setting has a width that is sold and a place for its cover', () => {
  for (const setting of SETTINGS) {
    expect([18, 24, 36, 48]).toContain(leastWidthMm(setting, 0))
    expect(['glass', 'ceiling-line', 'floor', 'thing']).toContain(besidePlaceOf(setting, 'wall-to-ceiling'))
  }
})

test('a bigger radius wants wider tape', () => {
  expect([10, 20, 21, 60].map((radius) => leastWidthMm('rounded-corner', radius))).toEqual([24, 24, 36, 36])
})
