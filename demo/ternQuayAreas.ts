import { newElevation, newRoom, USUAL_FACES, type Face, type Room } from '@crisp-hem/core'
import { door, plate, rectangle, sash, step } from './parts'

/** The kitchen: cabinets in use, a boiler that has to breathe. */
export function kitchen(): Room {
  const room = newRoom('kitchen', 'Kitchen', rectangle(3900, 2800))
  const oldWhite: Face = {
    ...USUAL_FACES.trim,
    colour: 'Yellowed white',
    swatch: '#efe8d2',
    prep: ['degrease', 'sand'],
  }
  const cabinets = (id: string, name: string, wallId: string, atMm: number, more: object) => ({
    id,
    name,
    kind: 'cabinets' as const,
    wallId,
    atMm,
    bottomMm: 0,
    widthMm: 2400,
    heightMm: 900,
    depthMm: 600,
    count: 4,
    inUse: true,
    face: oldWhite,
    ...more,
  })
  return {
    ...room,
    floor: { ...USUAL_FACES.floor, material: 'vinyl', colour: 'Vinyl', swatch: '#b9b3a3' },
    openings: [sash('o1', 'w1', 1300, 1200), door('o2', 'w3', 500)],
    pieces: [
      cabinets('p1', 'base cabinets', 'w2', 200, {}),
      cabinets('p2', 'wall cabinets', 'w2', 200, { bottomMm: 1450, heightMm: 720, depthMm: 350 }),
      {
        ...cabinets('p3', 'radiator', 'w4', 900, { bottomMm: 150, widthMm: 900, heightMm: 600, depthMm: 90, count: 1 }),
        kind: 'radiator' as const,
        inUse: false,
      },
    ],
    fittings: [
      plate('f1', 'socket', 'w4', 300, 1150),
      plate('f2', 'flue', 'w1', 3300, 2000, { name: 'boiler flue', widthMm: 140, heightMm: 140 }),
      plate('f3', 'air-inlet', 'w1', 3300, 300, { name: 'boiler air inlet', widthMm: 200, heightMm: 100 }),
    ],
    steps: [
      step('s1', 'Cabinets', ['piece:p1', 'piece:p2'], {
        coatingId: 'bell-semi',
        colour: 'Sage',
        swatch: '#a7b39c',
        tool: 'spray',
      }),
      step('s3', 'Walls', ['walls'], { colour: 'Shell', swatch: '#efe4d3' }),
    ],
    scopes: [{ face: 'piece:p3', scope: 'takes-wall-colour', note: '' }],
    crewId: 'wren',
    neededBy: '2027-05-18T17:00:00Z',
  }
}

/** The harbour side: lapped boards under a gable, five windows, facing the water in the west. */
export function harbourFront(): Room {
  const front = newElevation('harbour', 'Harbour elevation', {
    widthMm: 9600,
    eavesMm: 3300,
    ridgeMm: 6100,
    facingDeg: 265,
    material: 'lapped-boards',
    lapMm: 150,
  })
  const window = (id: string, atMm: number, sillMm: number) =>
    sash(id, 'w1', atMm, 950, { sillMm, heightMm: 1250, casingMm: 95 })
  return {
    ...front,
    openings: [
      window('o1', 900, 900),
      window('o2', 2800, 900),
      window('o3', 5900, 900),
      window('o4', 7750, 900),
      window('o5', 4325, 3400),
      door('o6', 'w1', 4300, { casingMm: 95, widthMm: 950 }),
    ],
    fittings: [
      plate('f1', 'vent', 'w1', 2150, 2700, { name: 'wall vent', widthMm: 220, heightMm: 220 }),
      plate('f2', 'tap', 'w1', 600, 450, { name: 'garden tap', widthMm: 120, heightMm: 160 }),
      plate('f3', 'meter-box', 'w1', 8900, 700, { name: 'meter box', widthMm: 380, heightMm: 520 }),
      plate('f4', 'conduit', 'w1', 5500, 0, { name: 'conduit', widthMm: 40, heightMm: 3000 }),
    ],
    crewId: 'plover',
    neededBy: '2027-05-21T17:00:00Z',
  }
}

/** The south side: rendered, level, in full sun and painted dark. */
export function southFront(): Room {
  const front = newElevation('south', 'South elevation', {
    widthMm: 7200,
    eavesMm: 3300,
    ridgeMm: null,
    facingDeg: 175,
    material: 'render',
    lapMm: null,
  })
  return {
    ...front,
    openings: [sash('o1', 'w1', 1100, 1300, { casingMm: 95 }), sash('o2', 'w1', 4700, 1300, { casingMm: 95 })],
    fittings: [plate('f1', 'light', 'w1', 3500, 2300, { scope: 'take-off' })],
    crewId: 'plover',
    neededBy: '2027-05-21T17:00:00Z',
  }
}
