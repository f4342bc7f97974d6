import { STARTER_SHELF as SHELF } from '../../survey/shelf/starterShelf'
import { parseInstant } from '../../base/units/time'
import { choiceOfBench, schoolOfSetup } from './benchOfHem'
import { starterBench, type BenchSetup } from './benchSetup'

const base = starterBench(SHELF, parseInstant('2027-05-12T10:00:00Z'))
const choice = (change: Partial<BenchSetup>) => choiceOfBench({ ...base, ...change }, SHELF, 'wall:w1|ceiling', 'tried')

test('the school is read off seal, tape and stroke', () => {
  const of = (change: Partial<BenchSetup>, edge: 'plain' | 'fine-line' | 'barrier') =>
    schoolOfSetup({ ...base, ...change }, edge)
  expect(of({ seal: 'wiped-sealant' }, 'plain')).toBe('wiped-sealant')
  expect(of({ seal: 'own-colour' }, 'barrier')).toBe('own-colour-seal')
  expect(of({ seal: 'clear-glaze' }, 'plain')).toBe('clear-glaze')
  expect(of({ seal: 'none' }, 'barrier')).toBe('barrier-edge')
  expect(of({ seal: 'none', stroke: 'roller' }, 'fine-line')).toBe('press-only')
  expect(of({ seal: 'none', stroke: 'spray' }, 'plain')).toBe('plain-sprayed')
})

test('tape, pressing and reason go along; an edge not pressed at all leaves pressing to the house', () => {
  expect(choice({ tapeId: 'marram-general', pressing: 'tool' })).toMatchObject({
    edge: 'wall:w1|ceiling',
    tapeId: 'marram-general',
    pressing: 'tool',
    reason: 'tried',
  })
  expect(choice({ pressing: 'none' }).pressing).toBeNull()
})

test('pulled while wet is a wet pull, once hard a dry one; tacky decides nothing', () => {
  const coating = SHELF.coatings.find((each) => each.id === base.coatingId)!
  expect(choice({ pullAfterMin: 5 }).pull).toBe('wet')
  expect(choice({ pullAfterMin: coating.openMin + 60 }).pull).toBeNull()
  expect(choice({ pullAfterMin: 2880 }).pull).toBe('dry')
})
