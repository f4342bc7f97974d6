import { writeFileSync } from 'node:fs'
import { season, type SeasonJob } from '../../../demo/season'

const JOBS = 30
const SEEDS = Array.from({ length: 24 }, (_, i) => i + 1)
const [WIDE, HIGH, LEFT, BELOW] = [640, 300, 56, 40]

/** Draws docs/season.svg: what mending costs a metre, job by job, of many made-up seasons, learning and not. */
const runs = (learns: boolean): SeasonJob[][] => SEEDS.map((seed) => season({ jobs: JOBS, seed, learns }))
const meanOf = (all: readonly (readonly SeasonJob[])[], of: (job: SeasonJob) => number): number[] =>
  Array.from({ length: JOBS }, (_, i) => all.reduce((sum, jobs) => sum + of(jobs[i]!), 0) / all.length)

const [blind, learning] = [runs(false), runs(true)]
const lines = [
  { name: 'not learning: mending', values: meanOf(blind, (job) => job.mendingPerM), colour: '#7a7466', dash: '6 4' },
  { name: 'learning: mending', values: meanOf(learning, (job) => job.mendingPerM), colour: '#b3311c', dash: '' },
]
const most = Math.ceil(Math.max(...lines.flatMap(({ values }) => values)) / 10) * 10
const x = (i: number) => LEFT + (i * (WIDE - LEFT - 150)) / (JOBS - 1)
const y = (value: number) => HIGH - BELOW - (value / most) * (HIGH - BELOW - 20)
const money = (minor: number) => (minor / 100).toFixed(2)
const texts = [0, most / 2, most].map(
  (at) => `<text x="${LEFT - 6}" y="${y(at) + 4}" text-anchor="end">${money(at)}</text>
<line x1="${LEFT}" x2="${x(JOBS - 1)}" y1="${y(at)}" y2="${y(at)}" stroke="#d8d2c4"/>`,
)
const drawn = lines.map(({ name, values, colour, dash }) => {
  const path = values.map((value, i) => `${i === 0 ? 'M' : 'L'}${x(i).toFixed(1)} ${y(value).toFixed(1)}`).join('')
  const [dx, dy] = [x(JOBS - 1) + 8, y(values.at(-1)!) + 4]
  return `<path d="${path}" fill="none" stroke="${colour}" stroke-width="2.5" stroke-dasharray="${dash}"/>
<text x="${dx}" y="${dy}" fill="${colour}">${name}</text>`
})
writeFileSync(
  'docs/season.svg',
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDE} ${HIGH}" font-family="sans-serif" font-size="12" fill="#1d2320">
<rect width="${WIDE}" height="${HIGH}" fill="#fffdf6"/>
${texts.join('\n')}
<text x="${LEFT}" y="${HIGH - 12}">job 1</text><text x="${x(JOBS - 1)}" y="${HIGH - 12}" text-anchor="end">job ${JOBS}</text>
<text x="${LEFT}" y="14">money a metre of line</text>
${drawn.join('\n')}
</svg>
`,
)
const all = (list: readonly number[], from: number, to: number) =>
  list.slice(from, to).reduce((sum, each) => sum + each, 0) / (to - from)
const row = (of: (job: SeasonJob) => number) =>
  [blind, learning].flatMap((each) => [
    money(all(meanOf(each, of), 0, 5)),
    money(all(meanOf(each, of), JOBS - 10, JOBS)),
  ])
console.log(
  `mending: not learning ${row(({ mendingPerM }) => mendingPerM).join(', ')} (first five, last ten; then learning)`,
)
console.log(`masking: not learning ${row(({ maskingPerM }) => maskingPerM).join(', ')}`)
