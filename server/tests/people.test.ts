import { Tries } from '../src/people/tries'
import { openDatabase, type Database } from '../src/db/open'
import { peopleTable } from '../src/db/people'
import { codeSigns, newCode } from '../src/people/signInCode'

const NOW = '2027-05-12T08:00:00Z'
let db: Database
beforeEach(() => (db = openDatabase(':memory:', 'server/migrations')))
afterEach(() => db.close())

describe('tries', () => {
  const clock = { ms: 0 }
  const failed = (count: number) => {
    clock.ms = 0
    const tries = new Tries(() => clock.ms)
    for (let i = 0; i < count; i++) tries.wrong('ada', '10.0.0.7')
    return tries
  }

  test('nine wrong ones make nobody wait, ten do, by name and by address', () => {
    expect(failed(9).waitMin('ada')).toBe(0)
    const tries = failed(10)
    expect([tries.waitMin('ada'), tries.waitMin('10.0.0.7'), tries.waitMin('bob')]).toEqual([5, 5, 0])
    expect(tries.waitMin('bob', '10.0.0.7')).toBe(5)
  })
  test('the wait is over five minutes after the tenth from the last', () => {
    const tries = failed(10)
    clock.ms = 4 * 60_000
    expect(tries.waitMin('ada')).toBe(1)
    clock.ms = 5 * 60_000
    expect(tries.waitMin('ada')).toBe(0)
  })
  test('whoever gets in begins anew', () => {
    const tries = failed(9)
    tries.right('ada')
    tries.wrong('ada')
    expect(tries.waitMin('ada')).toBe(0)
  })
})

describe('codes', () => {
  test('are of signs nobody takes for one another, and read however they are put', () => {
    for (let i = 0; i < 200; i++) expect(newCode()).toMatch(/^[A-HJ-NP-Z2-9]{4}-[A-HJ-NP-Z2-9]{4}-[A-HJ-NP-Z2-9]{4}$/)
    expect(codeSigns(' ab2c-d3ef ghjk')).toBe('AB2CD3EFGHJK')
  })
  test('are spent by the first who uses them, and by their time', () => {
    const people = peopleTable(db)
    const { id } = people.add('Pip', 'painter', null, NOW)
    const [code, late] = [codeSigns(newCode()), codeSigns(newCode())]
    people.addCode(code, id, '2027-05-12T08:30:00Z')
    people.addCode(late, id, NOW)
    expect(people.takeCode(code, NOW)).toBe(id)
    expect(people.takeCode(code, NOW)).toBeNull()
    expect(people.takeCode(late, '2027-05-12T08:00:01Z')).toBeNull()
  })
})

describe('people', () => {
  test('are found by name whatever its letters, and closed ones are nobody', () => {
    const people = peopleTable(db)
    people.add('Ada', 'office', 'sum', NOW)
    const pip = people.add(' Pip Brush ', 'painter', null, NOW)
    expect(people.named('pip brush')?.id).toBe(pip.id)
    const token = people.begin(pip.id, 'Phone', NOW)
    expect(people.whose(token, NOW)?.name).toBe('Pip Brush')
    expect(people.close(pip.id, NOW)).toBe('closed')
    expect([people.named('Pip Brush'), people.whose(token, NOW)]).toEqual([null, null])
    expect(people.close(pip.id, NOW)).toBe('none')
  })
  test('the last of the office stays, the last but one goes', () => {
    const people = peopleTable(db)
    const [one, other] = [people.add('A', 'office', null, NOW), people.add('B', 'office', null, NOW)]
    expect([people.close(one.id, NOW), people.close(other.id, NOW)]).toEqual(['closed', 'last-office'])
  })
  test('when a device was seen last is written once an hour', () => {
    const people = peopleTable(db)
    const { id } = people.add('Ada', 'office', null, NOW)
    const token = people.begin(id, 'Desk', NOW)
    const seen = () => people.all()[0]?.devices[0]?.seen
    people.whose(token, '2027-05-12T08:59:00Z')
    expect(seen()).toBe(NOW)
    people.whose(token, '2027-05-12T09:01:00Z')
    expect(seen()).toBe('2027-05-12T09:01:00Z')
  })
})
