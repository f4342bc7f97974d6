import { ternQuaySurvey } from '../../../../demo'
import { STARTER_SHELF } from '../../survey/shelf/starterShelf'
import { planJob } from '../../answers/chain/planJob'
import type { Recipe } from '../recipes/recipe'
import { glassPerEdgeM, paneEdgeMm } from '../../survey/rooms/glazing'
import { toolLines } from './tools'
import { early } from '../../../tests/early'

const recipe = (codes: readonly string[], more: Partial<Recipe> = {}): Recipe =>
  ({
    steps: codes.map((code) => ({ code, facts: {} })),
    craft: [],
    pressing: 'thumb',
    score: false,
    way: 'tape',
    ...more,
  }) as Recipe
const kinds = (recipes: readonly Recipe[]) => toolLines(STARTER_SHELF, recipes).map((line) => line.kind)

test('tools are those the steps call for', () => {
  expect(kinds([recipe(['step.lay', 'step.coat'])])).toEqual([])
  expect(kinds([recipe(['step.lay', 'step.seal_glaze'])])).toEqual(['seal-brush'])
  expect(kinds([recipe(['step.lay_pieces'], { pressing: 'tool' })]).sort()).toEqual(['press-tool', 'scraper'])
  expect(kinds([recipe(['step.lay'], { score: true, way: 'mask-and-spray' })]).sort()).toEqual(['blade', 'gun'])
})

test('a tool is counted once for each hem that needs it, however often its steps do', () => {
  const [line] = toolLines(STARTER_SHELF, [recipe(['step.lay_plate', 'step.liquid_cut']), recipe(['step.lay_plate'])])
  expect(line).toMatchObject({ kind: 'blade', hems: 2, name: 'Snap-off blade' })
})

test('one that is retired, or of which none is on the van, has to be got', () => {
  const none = (change: object) => ({
    ...STARTER_SHELF,
    tools: STARTER_SHELF.tools.map((tool) => (tool.kind === 'scraper' ? { ...tool, ...change } : tool)),
  })
  for (const shelf of [none({ retired: true }), none({ count: 0 })])
    expect(toolLines(shelf, [recipe(['step.lay_pieces'])])).toEqual([
      { kind: 'scraper', toolId: null, name: 'scraper', hems: 1 },
    ])
})

// By hand: a leaf of 750 mm has three panes of (750 − 2·28)/3 = 231 mm, five of (2040 − 4·28)/5 = 386 mm;
// 60 panes of 231 × 386 mm are 5.35 m² of glass, 1.78 cans of 3 m².
test('liquid mask by hand: the wing doors of the demo take two cans', () => {
  const job = early(ternQuaySurvey())
  const doors = job.rooms.find((room) => room.id === 'corridor')!.openings.find((opening) => opening.id === 'o6')!
  expect(paneEdgeMm(doors)).toBe(60 * 2 * (231 + 386))
  expect((glassPerEdgeM(doors) * paneEdgeMm(doors)) / 1000).toBeCloseTo((60 * 231 * 386) / 1e6, 9)
  const [line] = planJob(job).load.liquids
  expect(line).toMatchObject({ id: 'heath-can', unit: 'cans', amount: 2, costMinor: 2100 })
  expect(line!.exact).toBeCloseTo((60 * 231 * 386) / 1e6 / 3, 6)
})
