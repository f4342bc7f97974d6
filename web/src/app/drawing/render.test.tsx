import { renderToStaticMarkup } from 'react-dom/server'
import {
  benchEdge,
  deriveHems,
  newElevation,
  newRoom,
  OUTLINE_TEMPLATES,
  revealEdge,
  roomAir,
  STARTER_SHELF as SHELF,
  starterBench,
  TEXTURES,
  parseInstant,
  type BenchSetup,
  type PullSpan,
  type Room,
} from '@crisp-hem/core'
import { ternQuaySurvey } from '../../../../demo'
import { AirStrip } from './AirStrip'
import { EdgeSection } from './EdgeSection'
import { HemStitch } from './HemStitch'
import { PullRibbon } from './PullRibbon'
import { RevealStrip } from './RevealStrip'
import { RoomPlan } from './RoomPlan'
import { STITCHES } from './stitch'
import { StitchKey } from './StitchKey'
import { TextureSwatch } from './TextureSwatch'
import { UnrolledRoom } from './UnrolledRoom'

const html = renderToStaticMarkup
const count = (text: string, part: string | RegExp) => text.match(new RegExp(part, 'g'))?.length ?? 0
const job = ternQuaySurvey()

function draw(room: Room, picked = '') {
  const { hems } = deriveHems(room, SHELF)
  const drawn = html(
    <UnrolledRoom
      room={room}
      hems={hems}
      units="metric"
      stitch={() => 'planned'}
      picked={picked ? { kind: 'hem', id: picked } : { kind: 'room' }}
      onPick={() => undefined}
    />,
  )
  return { drawn, hems }
}

describe('the working drawing', () => {
  test('shows every wall with its length, every thing and every hem, each with a name', () => {
    for (const room of job.rooms) {
      const { drawn, hems } = draw(room)
      expect(count(drawn, 'data-hem=')).toBe(hems.length)
      for (const thing of [...room.openings, ...room.fittings, ...room.pieces])
        expect(drawn).toContain(`aria-label="${thing.name}"`)
      expect(drawn).toContain(`aria-label="${room.name}, unrolled"`)
      expect(drawn).not.toMatch(/NaN|undefined/)
    }
  })
  test('one hem can be reached by Tab: the picked one, else the first', () => {
    const room = job.rooms[0]!
    expect(count(draw(room).drawn, /data-hem="[^"]*" role="button" tabindex="0"/)).toBe(1)
    const { drawn, hems } = draw(room, 'practice2/wall:w3|ceiling')
    expect(drawn).toMatch(/data-hem="practice2\/wall:w3\|ceiling" role="button" tabindex="0"[^>]*aria-pressed="true"/)
    expect(hems.length).toBeGreaterThan(5)
  })
  test('a two-tone wall, laps, another floor and glazing bars are on it', () => {
    const recital = job.rooms.find((room) => room.id === 'recital')!
    expect(draw(recital).drawn).toContain('aria-label="lower colour"')
    const harbour = draw(job.rooms.find((room) => room.id === 'harbour')!).drawn
    expect(harbour).toContain('laps-w1')
    const corridor = draw(job.rooms.find((room) => room.id === 'corridor')!).drawn
    expect(corridor).toContain('Moss carpet')
    expect(corridor).toContain('aria-label="wing doors"')
  })
  test('a gable’s top is drawn as it slopes', () => {
    const front = newElevation('e', 'Front', {
      widthMm: 6000,
      eavesMm: 3000,
      ridgeMm: 5000,
      facingDeg: 90,
      material: 'brick',
      lapMm: null,
    })
    const { drawn } = draw(front)
    const wall = /<polygon points="([^"]+)"[^>]*aria-label="wall"/.exec(drawn.replace(/\n/g, ' '))
    expect(wall![1]!.split(' ')).toHaveLength(5)
  })
})

describe('hem stitches', () => {
  test('each state is told by its own stitch, not by colour alone', () => {
    const shapes = STITCHES.map((stitch) =>
      html(<HemStitch line={{ x1: 0, y1: 0, x2: 60, y2: 0 }} stitch={stitch} side={1} />).replace(
        /(fill|stroke)="[^"]*"/g,
        '',
      ),
    )
    expect(new Set(shapes).size).toBe(STITCHES.length)
  })
  test('paint hatching lies on the side that is painted', () => {
    const coated = (side: 1 | -1) =>
      html(<HemStitch line={{ x1: 0, y1: 0, x2: 60, y2: 0 }} stitch="coated" side={side} half={4} />)
    expect(coated(1)).toContain('y="4" width="60" height="8"')
    expect(coated(-1)).toContain('y="-12" width="60" height="8"')
  })
  test('the key names them all', () => expect(count(html(<StitchKey />), /<li[ >]/)).toBe(STITCHES.length))
})

describe('the edge under the magnifier', () => {
  const start = starterBench(SHELF, parseInstant('2027-05-12T12:00:00Z'))
  const section = (change: Partial<BenchSetup>) => {
    const setup = { ...start, ...change }
    const reveal = revealEdge(setup, SHELF)
    return html(<EdgeSection edge={benchEdge(setup, SHELF)} tapeThickUm={100} valleys={reveal.valleys} />)
  }
  test('says in words how far paint ran, and shows none where a seal stops it', () => {
    expect(section({ texture: 'stipple' })).toMatch(/paint ran \d\.\d mm under/)
    expect(section({ texture: 'stipple', seal: 'own-colour' })).toContain('stopped at the edge')
  })
  test('is drawn for every texture', () => {
    for (const texture of TEXTURES) expect(section({ texture })).not.toMatch(/NaN|Infinity/)
  })
  test('the reveal counts what it shows', () => {
    const setup = { ...start, texture: 'medium-spray' as const }
    const reveal = revealEdge(setup, SHELF)
    const drawn = html(<RevealStrip reveal={reveal} keepSwatch="#ffffff" coatSwatch="#446655" />)
    expect(drawn).toContain(`300 mm of edge: ${reveal.bleeds.length} bleeds`)
    expect(count(drawn, '<path')).toBe(reveal.bleeds.length + reveal.teeth.length)
  })
})

describe('time', () => {
  const at = parseInstant('2027-05-12T12:00:00Z')
  const spans: PullSpan[] = [
    { kind: 'too-wet', from: at, to: at + 3, endedBy: 'settled' },
    { kind: 'wet', from: at + 3, to: at + 25, endedBy: 'open-time' },
    { kind: 'tacky', from: at + 25, to: at + 500, endedBy: 'hard-dry' },
    { kind: 'dry', from: at + 500, to: null, endedBy: null },
  ]
  test('the ribbon writes its times out on the site’s clock and says them all in its label', () => {
    const drawn = html(<PullRibbon spans={spans} now={at + 10} zone="Europe/Lisbon" />)
    expect(drawn).toContain('13:03')
    expect(drawn).toMatch(/aria-label="[^"]*pull wet 13:03[^"]*pull dry 21:20/)
    for (const pattern of ['span-run', 'span-tacky', 'span-dry']) expect(drawn).toContain(`url(#${pattern})`)
  })
  test('the air strip counts the hours too damp to paint', () => {
    const damp = { ...job.air, tempC: 12, rh: 95, windows: 'open' as const }
    const series = roomAir(damp)
    const from = parseInstant(job.air.outside!.from)
    const drawn = html(<AirStrip air={series} from={from} hours={48} now={from + 600} zone="Europe/Lisbon" />)
    expect(drawn).toMatch(/Room air over 48 hours; [1-9]\d* of them too near the dew point/)
    expect(drawn).toContain('Tue 11')
  })
})

describe('plans', () => {
  const walls = newRoom('r', 'Room', OUTLINE_TEMPLATES['L-shape']).walls
  test('a plan names its walls; one being typed is open, one to be changed has a handle at each corner', () => {
    const plain = html(<RoomPlan walls={walls} />)
    for (const wall of walls) expect(plain).toContain(`>${wall.name}</text>`)
    expect(plain).toContain('aria-label="plan with 6 walls"')
    expect(count(html(<RoomPlan walls={walls.slice(0, 3)} open />), '<polygon')).toBe(0)
    const handles = html(<RoomPlan walls={walls} onMove={() => true} />)
    expect(count(handles, 'role="button"')).toBe(6)
    expect(handles).toContain('corner of F and A')
  })
  test('nothing typed is nothing drawn', () => expect(html(<RoomPlan walls={[]} />)).toBe(''))
})

test('each texture has a picture of its own, the same every time', () => {
  const pictures = TEXTURES.map((texture) => html(<TextureSwatch texture={texture} />))
  expect(new Set(pictures).size).toBe(TEXTURES.length)
  expect(pictures).toEqual(TEXTURES.map((texture) => html(<TextureSwatch texture={texture} />)))
})
