/** @jest-environment node */
import { createRequire } from 'node:module'
import { planJob, toLocal, type Job } from '@crisp-hem/core'
import { ternQuay } from '../../../demo'
import { door, sash } from '../../../demo/parts'
import { newRoom, OUTLINE_TEMPLATES } from '@crisp-hem/core'
import { daySheet } from './daySheet'
import { roomSheet } from './roomSheet'
import { SHEET_FONT, type SheetDocument } from './sheetBase'
import { tagSheet, TAG_SIZES, type TagSize } from './tagSheet'

interface NodeMaker {
  readonly addFonts: (fonts: object) => void
  readonly createPdf: (document: object) => { readonly getBuffer: () => Promise<Buffer> }
}
const find = createRequire(__filename)
const file = (weight: number) =>
  find.resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff`)

/** Pages of a sheet, counted in the PDF that the same maker writes on this side. */
async function pagesOf(document: SheetDocument): Promise<{ pages: number; fonts: string[] }> {
  const maker = find('pdfmake') as NodeMaker
  maker.addFonts({
    [SHEET_FONT]: { normal: file(400), bold: file(700), italics: file(400), bolditalics: file(700) },
  })
  const text = (await maker.createPdf({ ...document, compress: false }).getBuffer()).toString('latin1')
  return {
    pages: text.match(/\/Type \/Page\b(?!s)/g)?.length ?? 0,
    fonts: [...text.matchAll(/\/BaseFont \/(\S+)/g)].map(([, name]) => name!),
  }
}

test('a plain room, ceiling and trim and walls, fits one page in the app’s own typeface', async () => {
  const room = {
    ...newRoom('r', 'Bedroom', OUTLINE_TEMPLATES.rectangle),
    openings: [sash({ id: 'o1', wallId: 'w1', atMm: 700, widthMm: 1200 }), door('o2', 'w3', 700)],
  }
  const job: Job = { ...ternQuay(), log: [], published: null, rooms: [room] }
  const { pages, fonts } = await pagesOf(roomSheet(job, planJob(job), room))
  expect(pages).toBe(1)
  expect(fonts.length).toBeGreaterThan(0)
  for (const font of fonts) expect(font).toMatch(/Atkinson/)
})

test('a crew’s fullest day of the demo takes two pages at most, with every piece of its work', async () => {
  const job = ternQuay()
  const plan = planJob(job)
  const days = plan.placed.map((task) => `${task.crewId} ${toLocal(task.from, job.site.zone).day}`)
  const [fullest] = [...new Set(days)].sort(
    (a, b) => days.filter((each) => each === b).length - days.filter((each) => each === a).length,
  )
  const [crewId, day] = fullest!.split(' ')
  const sheet = daySheet(job, plan, crewId!, Number(day))
  expect((await pagesOf(sheet)).pages).toBeLessThanOrEqual(2)
  const rows = JSON.stringify(sheet.content).match(/\d\d:\d\d–\d\d:\d\d/g)
  // Besides the work: setting up, and washing out.
  expect(rows).toHaveLength(days.filter((each) => each === fullest).length + 2)
})

test('as many labels as a sheet holds fit one page, and no round without tape has one', async () => {
  const job: Job = { ...ternQuay(), log: [], published: null }
  const plan = planJob(job)
  for (const [size, { across, down }] of Object.entries(TAG_SIZES)) {
    const rounds = plan.rounds.filter((round) => round.hemIds.length > 0)
    const full = Array.from({ length: across * down }, (_, i) => rounds[i % rounds.length]!)
    const bare = plan.rounds.filter((round) => round.hemIds.length === 0)
    const sheet = tagSheet(job, { ...plan, rounds: [...full, ...bare] }, size as TagSize, 'https://office.test')
    expect([size, (await pagesOf(sheet)).pages]).toEqual([size, 1])
  }
})
