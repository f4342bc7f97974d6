import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import Ajv2020 from 'ajv/dist/2020'
import { gullRow, ternQuay, ternQuaySurvey, TERN_QUAY_NOW } from '../../demo'
import { planJob } from '../src/answers/chain/planJob'
import { parseInstant } from '../src/base/units/time'
import { planOutput, readJobFile, writeJobFile } from '../src/edge/wire'

const ROOT = join(__dirname, '../..')
const schema = JSON.parse(readFileSync(join(ROOT, 'docs/plan.schema.json'), 'utf8')) as object
const fits = new Ajv2020({ allErrors: true, allowUnionTypes: true }).compile(schema)
/** As it stands in the file. */
const written = (...args: Parameters<typeof planJob>): Record<string, unknown> =>
  JSON.parse(JSON.stringify(planOutput(planJob(...args)))) as Record<string, unknown>

describe('the plan file keeps to docs/plan.schema.json', () => {
  const hot = { ...ternQuaySurvey(), air: { tempC: 36, rh: 12, windows: 'shut', outside: null } as const }
  test.each([
    ['before it begins', written(ternQuaySurvey())],
    ['under way, on a published plan', written(ternQuay(), parseInstant(TERN_QUAY_NOW))],
    ['in feet and inches', written(gullRow())],
    ['in hot air', written(hot)],
    ['with nothing in it', written({ ...gullRow(), rooms: [], crews: [] })],
    ['with nobody to do it', written({ ...gullRow(), crews: [] })],
  ])('%s', (_name, plan) => {
    expect(fits(plan) ? [] : fits.errors).toEqual([])
  })
  test('and the schema refuses what is no plan', () => {
    const plan = written(gullRow())
    expect(fits({ ...plan, placed: [{ taskId: 'a' }] })).toBe(false)
    expect(fits({ ...plan, problems: ['late'] })).toBe(false)
    const { tasks: _, ...rest } = plan
    expect(fits(rest)).toBe(false)
  })
})

test('the sample job is what the demo’s generator writes', () => {
  const file = readFileSync(join(ROOT, 'demo/tern-quay.hem.json'), 'utf8')
  expect(file).toBe(writeJobFile(ternQuaySurvey()))
  expect(readJobFile(file)).toEqual(ternQuaySurvey())
})
