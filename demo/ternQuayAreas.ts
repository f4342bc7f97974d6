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
  const cabinets = ({
    id,
    name,
    wallId,
    atMm,
    more,
  }: {
    readonly id: string
    readonly name: string
    readonly wallId: string
    readonly atMm: number
    readonly more: object
  }) => ({
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
    paintedSides: 1,
    takenOff: false,
    face: oldWhite,
    ...more,
  })
  return {
    ...room,
    floor: { ...USUAL_FACES.floor, material: 'vinyl', colour: 'Vinyl', swatch: '#b9b3a3' },
    openings: [sash({ id: 'o1', wallId: 'w1', atMm: 1300, widthMm: 1200 }), door('o2', 'w3', 500)],
    pieces: [
      cabinets({ id: 'p1', name: 'base cabinets', wallId: 'w2', atMm: 200, more: {} }),
      cabinets({
        id: 'p2',
        name: 'wall cabinets',
        wallId: 'w2',
        atMm: 200,
        more: { bottomMm: 1450, heightMm: 720, depthMm: 350 },
      }),
      {
        ...cabinets({
          id: 'p3',
          name: 'radiator',
          wallId: 'w4',
          atMm: 900,
          more: { bottomMm: 150, widthMm: 900, heightMm: 600, depthMm: 90, count: 1 },
        }),
        kind: 'radiator' as const,
        inUse: false,
        paintedSides: 1,
        takenOff: false,
      },
    ],
    fittings: [
      plate({ id: 'f1', kind: 'socket', wallId: 'w4', atMm: 300, bottomMm: 1150 }),
      plate({
        id: 'f2',
        kind: 'flue',
        wallId: 'w1',
        atMm: 3300,
        bottomMm: 2000,
        more: { name: 'boiler flue', widthMm: 140, heightMm: 140 },
      }),
      plate({
        id: 'f3',
        kind: 'air-inlet',
        wallId: 'w1',
        atMm: 3300,
        bottomMm: 300,
        more: { name: 'boiler air inlet', widthMm: 200, heightMm: 100 },
      }),
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
    sash({ id, wallId: 'w1', atMm, widthMm: 950, more: { sillMm, heightMm: 1250, casingMm: 95 } })
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
      plate({
        id: 'f1',
        kind: 'vent',
        wallId: 'w1',
        atMm: 2150,
        bottomMm: 2700,
        more: { name: 'wall vent', widthMm: 220, heightMm: 220 },
      }),
      plate({
        id: 'f2',
        kind: 'tap',
        wallId: 'w1',
        atMm: 600,
        bottomMm: 450,
        more: { name: 'garden tap', widthMm: 120, heightMm: 160 },
      }),
      plate({
        id: 'f3',
        kind: 'meter-box',
        wallId: 'w1',
        atMm: 8900,
        bottomMm: 700,
        more: { name: 'meter box', widthMm: 380, heightMm: 520 },
      }),
      plate({
        id: 'f4',
        kind: 'conduit',
        wallId: 'w1',
        atMm: 5500,
        bottomMm: 0,
        more: { name: 'conduit', widthMm: 40, heightMm: 3000 },
      }),
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
    openings: [
      sash({ id: 'o1', wallId: 'w1', atMm: 1100, widthMm: 1300, more: { casingMm: 95 } }),
      sash({ id: 'o2', wallId: 'w1', atMm: 4700, widthMm: 1300, more: { casingMm: 95 } }),
    ],
    fittings: [
      plate({ id: 'f1', kind: 'light', wallId: 'w1', atMm: 3500, bottomMm: 2300, more: { scope: 'take-off' } }),
    ],
    crewId: 'plover',
    neededBy: '2027-05-21T17:00:00Z',
  }
}
