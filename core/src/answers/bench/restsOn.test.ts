import { EN, ENGLISH, speaker } from '../../edge/words'
import { MARKS } from '../../base/nouns'
import { STARTER_SHELF as SHELF } from '../../survey/shelf/starterShelf'
import { starterBench } from './benchSetup'
import { restsOn } from './restsOn'

const start = starterBench(SHELF, 30_000_000)
const names = (change: Partial<typeof start>) =>
  Object.values(restsOn({ ...start, ...change }, SHELF)).flatMap((list) => list.map((constant) => constant.name))

test('every constant has a value, a mark and a source', () => {
  for (const { name, value } of Object.values(restsOn({ ...start, seal: 'wiped-sealant' }, SHELF)).flat()) {
    expect({ name, finite: Number.isFinite(value.value) }).toEqual({ name, finite: true })
    expect(MARKS).toContain(value.mark)
    expect(speaker(ENGLISH).fact(value.source).length).toBeGreaterThan(2)
    expect(Object.keys(EN)).toContain(`word.constant.${name}`)
  }
})

test('only what the setup uses is listed', () => {
  const barrier = SHELF.tapes.find((tape) => tape.edge === 'barrier')!.id
  expect(names({})).not.toContain('gap-a-barrier-edge-shuts')
  expect(names({ tapeId: barrier })).toContain('gap-a-barrier-edge-shuts')
  expect(names({ seal: 'wiped-sealant' })).toContain('rim-the-bead-leaves')
  expect(names({ speed: 'fast' })).toContain('fast-pull-over-slow')
  expect(names({ sun: { latDeg: 1, lonDeg: 1, facingDeg: 1, cloud: 0 } })).toContain('face-gives-off')
})

test('a value of a class is from memory, whatever the product’s own mark says', () => {
  const tapes = SHELF.tapes.map((tape) => ({ ...tape, mark: 'label' as const, defaults: ['stay_days'] }))
  const { lift, residue } = restsOn(start, { ...SHELF, tapes })
  expect(lift.find((constant) => constant.name === 'grip')!.value.mark).toBe('label')
  expect(residue.find((constant) => constant.name === 'stays')!.value.mark).toBe('from-memory')
})
