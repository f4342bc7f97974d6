import type { Room } from '../../base/nouns'
import { newRoom, OUTLINE_TEMPLATES } from './roomTemplate'
import { coatsToHide, colourDistance, hidingPerCoat } from './hiding'
import { leadRisk } from '../ready/lead'
import { inOrder, orderFaults } from './orders'

const room = newRoom('r', 'Room', OUTLINE_TEMPLATES.rectangle)
const codes = (change: Partial<Room>) => orderFaults({ ...room, ...change }).map((fault) => fault.code)

// CIE 1976 by hand from the definition: white (100, 0, 0), mid grey #777777 has L* 50.03; distance 49.97.
test('colour distance against known values', () => {
  expect(colourDistance('#ffffff', '#777777')).toBeCloseTo(49.97, 1)
  expect(colourDistance('#123456', '#123456')).toBe(0)
})

describe('hiding, common practice, no published source', () => {
  test('pure white over aged white wants three coats, off-white with a touch of black fewer', () => {
    const aged = '#efe6cf'
    expect(coatsToHide(aged, '#ffffff')).toMatchObject({ coats: 3, whiteTrap: true })
    expect(coatsToHide(aged, '#f3f1ea').coats).toBe(2)
    expect(coatsToHide(aged, '#f3f1ea').whiteTrap).toBe(false)
  })
  test('dark colours hide best; equal colours need one coat', () => {
    expect(hidingPerCoat('#30343a')).toBeGreaterThan(hidingPerCoat('#f3f1ea'))
    expect(coatsToHide('#7f9c86', '#7f9c86').coats).toBe(1)
  })
})

describe('orders', () => {
  const [ceiling, trim, walls] = room.steps
  test('presets sort the steps; equals keep their place', () => {
    const mixed = { ...room, steps: [walls!, ceiling!, trim!] }
    expect(inOrder(mixed, 'ceiling-trim-walls').map((step) => step.name)).toEqual(['Ceiling', 'Trim', 'Walls'])
    expect(inOrder(mixed, 'ceiling-walls-trim').map((step) => step.name)).toEqual(['Ceiling', 'Walls', 'Trim'])
    const sprayed = { ...room, steps: [trim!, { ...walls!, tool: 'spray' as const }] }
    expect(inOrder(sprayed, 'spray-first-trim-later').map((step) => step.name)).toEqual(['Walls', 'Trim'])
    const low = { ...walls!, id: 's4', name: 'Dado', targets: ['band:b1'] }
    const band = {
      id: 'b1',
      name: 'dado',
      kind: 'two-tone' as const,
      wallIds: ['w1'],
      fromMm: 0,
      toMm: 1200,
      shapes: [],
      face: room.walls[0]!.face,
    }
    const twoTone = { ...room, bands: [band], steps: [low, walls!, ceiling!] }
    expect(inOrder(twoTone, 'top-colour-before-bottom-colour').map((step) => step.name)).toEqual([
      'Ceiling',
      'Walls',
      'Dado',
    ])
    expect(codes(twoTone)).toContain('order.bottom_first')
  })
  test('what is unwise is told with its reason', () => {
    expect(codes({ steps: [walls!, ceiling!] })).toContain('order.ceiling_late')
    expect(codes({ steps: [ceiling!, { ...walls!, tool: 'spray' }] })).toContain('order.spray_late')
    expect(codes({ steps: [{ ...trim!, targets: ['leaves'] }] })).toContain('order.empty')
    expect(codes({ steps: [{ ...walls!, targets: ['floor'] }, walls!] })).toContain('order.floor_early')
    expect(codes({ steps: [ceiling!, trim!, { ...walls!, coats: 1 }] })).toContain('order.coats')
  })
})

// 16 CFR 1303: published. Other countries' years are from memory.
test('lead: the year decides by country; no year, no guess', () => {
  expect(leadRisk({ yearBuilt: 1977, country: 'US' })?.mayHold).toBe(true)
  expect(leadRisk({ yearBuilt: 1978, country: 'US' })?.mayHold).toBe(false)
  expect(leadRisk({ yearBuilt: 1985, country: 'CA' })?.mayHold).toBe(true)
  expect(leadRisk({ yearBuilt: null, country: 'US' })).toBeNull()
})
