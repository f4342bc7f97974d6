import { W, figure, sayText, factText, wordText } from '../app/words'
import {
  DEFAULT_PARAMETERS,
  BREATHER_KINDS,
  coverOf,
  formatRun,
  hemMarks,
  lineToMake,
  lastCoatOf,
  STUDS_MM,
  length,
  liquidOf,
  takeLoad,
  tellFloor,
  tellReadied,
  tapeOf,
  type Hem,
  type Job,
  type Plan,
  type Recipe,
  type RecipeAnswer,
  type Room,
  type SupplyLine,
  coatOf,
  crewsOfRounds,
} from '@crisp-hem/core'
import { placeMarksText } from '../app/naming/placeMarksText'
import { marksText } from '../app/naming/marksText'
import { ownSteps, recipeGroups, sharedSteps, type RecipeGroup } from './recipeGroups'
import { PAGE_WIDTH, paperOf } from './paper'
import { drawnTall, sheetDrawing } from './sheetDrawing'
import { sheetOf, table, type Content, type SheetDocument } from './sheetBase'

const S = W.sheet

/** Letters that fit a page under a drawing of its whole width. */
const MOST_BESIDE = 4

/** How much of a page's width a drawing takes: all of it, or where there is much to say whatever makes it least tall. */
function shareOfWidth(room: Room, pageWidth: number, letters: number): number {
  if (letters <= MOST_BESIDE) return 1
  const tall = (share: number) => drawnTall(room, share * pageWidth - 8)
  return [1, 0.9, 0.8, 0.7].reduce((best, share) => (tall(share) < tall(best) ? share : best))
}

/** A sheet a painter can follow in one room: drawing, steps, amounts, times, cautions, and what to uncover. */
export function roomSheet(job: Job, plan: Plan, room: Room): SheetDocument {
  const hems = plan.hems.filter((hem) => hem.roomId === room.id)
  const answers = new Map<string, RecipeAnswer>(plan.recipes.map((answer) => [answer.hemId, answer]))
  const { groups, unsafe } = recipeGroups(hems, answers)
  const shared = sharedSteps(groups)
  const letters = new Map(groups.flatMap((group) => group.hems.map((hem) => [hem.id, group.letter] as const)))
  const safe = new Map([...answers].flatMap(([id, answer]): [string, Recipe][] => (answer.safe ? [[id, answer]] : [])))
  const paper = paperOf(job.site)
  const width = PAGE_WIDTH[paper] * shareOfWidth(room, PAGE_WIDTH[paper], groups.length)
  return sheetOf(paper, room.name, `${job.name}, ${job.site.place}`, [
    { svg: sheetDrawing({ room, hems, letters, width: width - 8, units: job.site.units }), width },
    { text: captionOf(job, room), style: 'small', margin: [0, 1, 0, 2] },
    ...timesPart(job, plan, room),
    ...readyPart(job, plan, room),
    ...linesPart(job, room, hems),
    ...sharedPart(shared),
    {
      columns: [
        ...inTwo(
          groups.map((group) => groupPart(job, group, shared)),
          groups.map((group) => linesOf(group, shared)),
        ),
        { width: 160, stack: [...amountsPart({ job, plan, room, hems, safe }), ...carePart(job, room, groups)] },
      ],
      columnGap: 12,
    },
    ...(unsafe.length > 0 ? [{ text: S.unsafe, style: 'head' }, { ul: unsafe.map((hem) => factText(hem.place)) }] : []),
  ])
}

/** When each round is laid, coated and pulled, and the span its tape may come off in. */
function timesPart(job: Job, plan: Plan, room: Room): Content[] {
  const placed = new Map(plan.placed.map((task) => [task.taskId, task]))
  const when = (at: number | undefined) => (at === undefined ? '–' : dayAndClock(at, job.site.zone))
  const rounds = plan.rounds.filter((round) => round.roomId === room.id && round.pulls.length > 0)
  const byRound = crewsOfRounds(plan)
  const crewsOf = (round: Plan['rounds'][number]) =>
    (byRound.get(round.id) ?? [round.crewId])
      .map((id) => job.crews.find((crew) => crew.id === id)?.name ?? '')
      .join(', ')
  // One crew for all of them stands in the head.
  const [crew, more] = [...new Set(rounds.map(crewsOf))]
  const rows = rounds.flatMap((round) => {
    const step = room.steps.find((each) => each.id === round.stepId)!
    return round.pulls.map((pull, i) => {
      const span = plan.pulls
        .find((each) => each.taskId === pull.taskId)
        ?.spans.find((each) => each.kind === (pull.manner === 'wet' ? 'wet' : 'dry'))
      return [
        i === 0 ? `${sayText(round.name)}${more === undefined ? '' : ` (${crewsOf(round)})`}` : '',
        i === 0
          ? when(
              placed.get(
                plan.tasks.find((task) => task.kind === 'lay' && pull.hemIds.some((id) => task.subjects.includes(id)))
                  ?.id ?? '',
              )?.from,
            )
          : '',
        i === 0 ? when(placed.get(coatOf(round, lastCoatOf(room, step)))?.from) : '',
        `${S.manners[pull.manner]}: ${span ? `${when(span.from)} – ${span.to === null ? S.later : when(span.to)}` : when(placed.get(pull.taskId)?.from)}`,
      ]
    })
  })
  if (rows.length === 0) return []
  return [
    { text: S.times, style: 'head' },
    table(
      ['*', 78, 78, 170],
      [[more === undefined ? `${S.round} (${crew})` : S.round, S.lay, S.lastCoat, S.off], ...rows],
    ),
  ]
}

/** A sheet may be read on another day than it was made: the day is always written. */
const dayAndClock = (at: number, zone: string): string =>
  new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    weekday: 'short',
    day: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  }).format(at * 60_000)

/** Parts in two columns about as long as each other, so that a plain room stays on one page. @param long how much text a part is */
const inTwo = (parts: readonly Content[], long: readonly number[]): readonly Content[] => {
  const sum = (numbers: readonly number[]) => numbers.reduce((all, each) => all + each, 0)
  const longer = (k: number) => Math.max(sum(long.slice(0, k)), sum(long.slice(k)))
  const half = parts.reduce((best, _part, i) => (longer(i + 1) < longer(best) ? i + 1 : best), 0)
  return [{ stack: parts.slice(0, half) }, { stack: parts.slice(half) }]
}

const numberedInTwo = (texts: readonly string[]): Content => {
  const half = Math.ceil(texts.length / 2)
  return { columns: [{ ol: texts.slice(0, half) }, { start: half + 1, ol: texts.slice(half) }], columnGap: 16 }
}

/** What stands under the drawing of every room: how it is read, and what comes before the first tape. */
const captionOf = (job: Job, room: Room): string =>
  [S.drawing, ...(room.kind === 'room' ? [S.clear, ...tellFloor(job, room).map(sayText)] : [])].join(' ')

/** What makes its faces ready, face by face, with where on them. */
function readyPart(job: Job, plan: Plan, room: Room): Content[] {
  const lines = plan.tasks
    .filter((task) => task.roomId === room.id && (task.kind === 'prep' || task.kind === 'cover'))
    .flatMap((task) => tellReadied(job, room, task.id))
    // Said under the drawing of every room.
    .filter(({ code }) => code !== 'clear.room' && !code.startsWith('floor.'))
  return lines.length > 0 ? [{ text: S.ready, style: 'head' }, { ul: lines.map(sayText) }] : []
}

/** Lines that are marked before tape, with their marks. */
function linesPart({ site }: Job, room: Room, hems: readonly Hem[]): Content[] {
  const lines = hems.flatMap((hem) => hemMarks(room, hem, STUDS_MM[site.units]) ?? [])
  const made = hems.flatMap((hem) => lineToMake(room, hem) ?? [])
  if (lines.length + made.length === 0) return []
  return [
    { text: W.lines.marks, style: 'head' },
    {
      ul: [
        ...lines.map(({ hem, marks }) => `${factText(hem.place)}: ${marksText(marks, site.units)}`),
        ...made.map((line) => {
          const marks = W.lines.wallMarks({ marks: placeMarksText(line, site.units) })
          return `${factText(line.hem.place)}: ${marks}`
        }),
      ],
    },
  ]
}

/** Steps that several letters share, said once. */
const sharedPart = (shared: ReadonlyMap<string, number>): Content[] =>
  shared.size === 0 ? [] : [{ text: S.shared, style: 'head' }, numberedInTwo([...shared.keys()])]

/** About how many lines a letter's part takes: a column holds some 45 letters a line. */
const linesOf = (group: RecipeGroup, shared: ReadonlyMap<string, number>): number =>
  2 + ownSteps(group, shared, () => '').reduce((sum, text) => sum + Math.ceil(text.length / 45), 0)

function groupPart(job: Job, group: RecipeGroup, shared: ReadonlyMap<string, number>): Content {
  const { recipe } = group
  const what = recipe.tapeId
    ? `${tapeOf(job.shelf, recipe.tapeId).name} ${factText(length(recipe.widthMm ?? 0, job.site.units))}`
    : recipe.liquidId
      ? liquidOf(job.shelf, recipe.liquidId).name
      : W.recipes.byHand
  const seal = recipe.seal === 'none' ? W.recipes.noSeal : recipe.seal
  return {
    unbreakable: true,
    stack: [
      {
        text: `${group.letter}   ${what}, ${seal}   (${formatRun(group.lengthMm, job.site.units)})`,
        style: 'head',
      },
      { text: group.hems.map((hem) => factText(hem.place)).join('; '), style: 'small', margin: [0, 0, 0, 1] },
      { ul: ownSteps(group, shared, (numbers) => S.asAbove({ numbers: inRuns(numbers), n: numbers.length })) },
    ],
  }
}

/** `1, 2, 3, 5` as `1–3, 5`. */
function inRuns(numbers: readonly number[]): string {
  const runs: [number, number][] = []
  for (const number of numbers) {
    const last = runs.at(-1)
    if (last && last[1] + 1 === number) last[1] = number
    else runs.push([number, number])
  }
  return runs.map(([from, to]) => (from === to ? `${from}` : `${from}–${to}`)).join(', ')
}

interface AmountsSetup {
  readonly job: Job
  readonly plan: Plan
  readonly room: Room
  readonly hems: readonly Hem[]
  readonly safe: ReadonlyMap<string, Recipe>
}

/** What this room takes from the van. */
function amountsPart({ job, plan, room, hems, safe }: AmountsSetup): Content[] {
  const own = new Map([...safe].filter(([id]) => hems.some((hem) => hem.id === id)))
  const load = takeLoad({
    job: { ...job, rooms: [room] },
    hems,
    recipes: own,
    parameters: DEFAULT_PARAMETERS,
    down: new Map(),
    // What the van is loaded with for the whole job.
    work: job.rooms,
    holding: plan.load.holding,
  })
  const rows = [
    ...load.tapes.map((line) => [
      `${tapeOf(job.shelf, line.tapeId).name} ${factText(length(line.widthMm, job.site.units))}`,
      formatRun(line.totalMm, job.site.units),
      S.tapeWith,
    ]),
    ...load.covers.flatMap((line) =>
      line.needs.map((need) => [
        coverOf(job.shelf, line.coverId).name,
        need.pieces > 0 ? `${need.pieces} ×` : formatRun(need.runMm, job.site.units),
        `${factText(need.what)}: ${sayText(need.why)}`,
      ]),
    ),
    ...[...load.sealants, ...load.glazes, ...load.liquids, ...load.coatings].map((line) => supplyRow(line, '')),
    ...load.keepColours.map((line) => supplyRow(line, S.sealWith)),
  ]
  // What the hand needs is taken once, however many lines it is for.
  const tools = load.tools.map(({ toolId, kind, name }) => (toolId === null ? wordText('shelfKind', kind) : name))
  const lines = [
    ...rows.map(([what, amount, note]) => [what, amount, note].filter(Boolean).join(', ')),
    ...(tools.length > 0 ? [tools.join(', ')] : []),
  ]
  return [{ text: S.amounts, style: 'head' }, { ul: lines }]
}

const supplyRow = ({ name, exact, unit }: SupplyLine, note: string): string[] => [
  name,
  `${figure(exact)} ${unit}`,
  note,
]

/** Cautions once each, and every breather with a box to sign it off. */
function carePart(job: Job, room: Room, groups: readonly RecipeGroup[]): Content[] {
  const cautions = [...new Set([...groups.flatMap((group) => group.cautions), W.load.slip, S.ladders])]
  const breathers = room.fittings.filter((fitting) => BREATHER_KINDS.includes(fitting.kind) && fitting.scope === 'mask')
  return [
    { text: W.recipes.care, style: 'head' },
    { ul: cautions },
    ...(breathers.length > 0
      ? [{ text: S.uncover, style: 'head' }, { ul: breathers.map((fitting) => `${fitting.name}   ${S.signed}`) }]
      : []),
  ]
}
