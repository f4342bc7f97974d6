import { PULL_OPINIONS, SHEENS, TOOLS, word } from '../../base/nouns'
import { pullMannerOf } from './pullManner'

const of = (
  pull: (typeof PULL_OPINIONS)[number],
  kind: 'room' | 'elevation',
  sheen: (typeof SHEENS)[number] = 'satin',
  tool: (typeof TOOLS)[number] = 'spray',
  wetMin = 20,
) =>
  pullMannerOf({
    house: { pull, frontsInADay: false },
    room: { kind },
    step: { tool },
    coating: { sheen },
    wetMin,
    passMin: 0,
  })

test('what the house says outright needs no reason', () => {
  expect(of('wet', 'room')).toEqual({ pull: 'wet', why: null })
  expect(of('dry', 'room')).toEqual({ pull: 'dry', why: null })
})

test('a sprayed front is pulled dry whatever the opinion, and says why unless the house is dry anyway', () => {
  for (const pull of PULL_OPINIONS) {
    const manner = of(pull, 'elevation')
    expect(manner.pull).toBe('dry')
    expect(manner.why?.code ?? null).toBe(pull === 'dry' ? null : 'why.pull_front')
  }
})

test('brushed or rolled it goes as a room does, unless its edge skins before a part could be pulled', () => {
  for (const pull of PULL_OPINIONS) {
    expect(of(pull, 'elevation', 'satin', 'roller', 12)).toEqual(of(pull, 'room', 'satin', 'roller'))
    expect(of(pull, 'elevation', 'satin', 'roller', 11).why?.code ?? null).toBe(
      pull === 'dry' ? null : 'why.pull_front_by_hand',
    )
    expect(of(pull, 'elevation', 'satin', 'roller', 11).pull).toBe('dry')
  }
})

test('either: flat and matt snap and are left to dry, what stretches is pulled wet', () => {
  const wet = SHEENS.filter((sheen) => of('either', 'room', sheen).pull === 'wet')
  expect(wet).toEqual(['eggshell', 'satin', 'semi-gloss', 'gloss'])
  for (const sheen of SHEENS) expect(of('either', 'room', sheen).why?.facts).toEqual({ sheen: word('sheen', sheen) })
})

test('the tool makes no difference to an opinion', () => {
  for (const tool of TOOLS)
    for (const pull of PULL_OPINIONS)
      expect(
        pullMannerOf({
          house: { pull, frontsInADay: false },
          room: { kind: 'room' },
          step: { tool },
          coating: { sheen: 'satin' },
          wetMin: 5,
          passMin: 0,
        }).pull,
      ).toBe(of(pull, 'room').pull)
})

test('a room that takes the gun longer than an edge stays wet is pulled once it is hard, in any house', () => {
  const pass = (passMin: number, pull: (typeof PULL_OPINIONS)[number]) =>
    pullMannerOf({
      house: { pull, frontsInADay: false },
      room: { kind: 'room' },
      step: { tool: 'spray' },
      coating: { sheen: 'satin' },
      wetMin: 20,
      passMin,
    })
  for (const pull of PULL_OPINIONS) {
    expect(pass(21, pull).pull).toBe('dry')
    expect(pass(19, pull)).toEqual(of(pull, 'room'))
  }
  expect(pass(40, 'wet').why).toMatchObject({ code: 'why.pull_pass' })
})

test('a floor is pulled once people can walk on it, in any house', () => {
  for (const pull of PULL_OPINIONS) {
    const floor = pullMannerOf({
      house: { pull, frontsInADay: false },
      room: { kind: 'room' },
      step: { tool: 'roller' },
      coating: { sheen: 'satin' },
      wetMin: 20,
      passMin: 0,
      isFloor: true,
    })
    expect(floor.pull).toBe('dry')
  }
})
