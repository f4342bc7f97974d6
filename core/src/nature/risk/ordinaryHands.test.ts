import { DEFAULT_PARAMETERS } from '../../base/parameters/parameters'
import { PLAIN_EDGE } from '../../../tests/plainEdge'
import { bleedSize } from './bleedSize'
import { meanGapUm, type EdgeSetup } from './bleed'
import { liftPerMetre, safeAgeRefMin } from './lift'
import { tearPerMetre } from './tear'

const edge: EdgeSetup = { ...PLAIN_EDGE, texture: 'stipple', stroke: 'along' }
const lengthMm = (more: Partial<EdgeSetup>) => bleedSize({ ...edge, ...more }, DEFAULT_PARAMETERS).lengthMm.mean

test('a heavy coat and cold, damp air run farther; a thin one and a warm draught less', () => {
  const area = (more: Partial<EdgeSetup>) => bleedSize({ ...edge, ...more }, DEFAULT_PARAMETERS).areaMm2.mean
  expect(lengthMm({ filmShare: 2 })).toBeGreaterThan(lengthMm({}))
  expect(area({ dryRate: 0.5 })).toBeGreaterThan(area({}))
  expect(area({ dryRate: 2 })).toBeLessThan(area({}))
  expect(area({ dryRate: 0 })).toBe(area({ dryRate: 0.4 }))
})

test('however badly it is pressed, a gap is no deeper than its valley', () => {
  for (const texture of ['smooth', 'stipple', 'masonry'] as const)
    expect(meanGapUm({ ...edge, texture, pressing: 'none', gripN25: 0.5 }, DEFAULT_PARAMETERS)).toBe(
      DEFAULT_PARAMETERS.textures[texture].valleyUm.value,
    )
})

test('the farthest run is that of the valley or of the grain, whichever is farther, and a seal never makes it farther', () => {
  for (const openGrain of [false, true])
    for (const texture of ['smooth', 'wood-grain', 'heavy-spray'] as const)
      for (const seal of ['own-colour', 'clear-glaze', 'wiped-sealant'] as const) {
        const worst = (of: EdgeSetup['seal']) =>
          bleedSize({ ...edge, texture, openGrain, seal: of }, DEFAULT_PARAMETERS).worstMm
        expect(worst(seal)).toBeLessThanOrEqual(worst('none'))
      }
})

test('coats across the tape dry into a skin: each tears more, also below a wet last coat', () => {
  const tear = (film: 'wet' | 'tacky' | 'dry', skins: number) =>
    tearPerMetre({ sheen: 'satin', seal: 'none', film, scored: false, skins, parameters: DEFAULT_PARAMETERS })
  for (const film of ['wet', 'tacky', 'dry'] as const) {
    expect(tear(film, 1)).toBeGreaterThan(tear(film, 0))
    expect(tear(film, 2)).toBeGreaterThanOrEqual(tear(film, 1))
  }
})

test('the age from which a grip is safe counts the sheen: at it, and not a day before, the limit is kept', () => {
  for (const sheen of ['flat', 'eggshell', 'gloss'] as const) {
    const finish = { soundness: 'sound', tool: 'roller', sheen } as const
    const age = safeAgeRefMin(4, finish, 0.05, DEFAULT_PARAMETERS)!
    expect(liftPerMetre(4, { ...finish, ageRefMin: age }, DEFAULT_PARAMETERS).mean).toBeCloseTo(0.05, 6)
    expect(liftPerMetre(4, { ...finish, ageRefMin: age - 1440 }, DEFAULT_PARAMETERS).mean).toBeGreaterThan(0.05)
  }
})

// Knowing more never makes it worse: a date from yesterday back, in whatever air, against nobody knows when.
test('a dated coat of a day or more is never judged worse than one of unknown age', () => {
  for (const dayRefMin of [30, 300, 1440, 4000])
    for (const days of [1, 1.5, 3, 30])
      for (const grip of [1, 2, 3.4, 6, 9]) {
        const finish = { soundness: 'sound', tool: 'roller', dayRefMin } as const
        const known = liftPerMetre(grip, { ...finish, ageRefMin: days * dayRefMin }, DEFAULT_PARAMETERS).mean
        const unknown = liftPerMetre(grip, { ...finish, ageRefMin: null }, DEFAULT_PARAMETERS).mean
        expect(known).toBeLessThanOrEqual(unknown + 1e-12)
      }
})
