/** @jest-environment node */
import { createRequire } from 'node:module'
import { planJob, type Job } from '@crisp-hem/core'
import { ternQuay } from '../../../demo'
import { door, sash } from '../../../demo/parts'
import { newRoom, OUTLINE_TEMPLATES } from '@crisp-hem/core'
import { roomSheet, SHEET_FONT } from './roomSheet'

interface NodeMaker {
  readonly addFonts: (fonts: object) => void
  readonly createPdf: (document: object) => { readonly getBuffer: () => Promise<Buffer> }
}
const find = createRequire(__filename)
const file = (weight: number) =>
  find.resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff`)

/** Pages of a sheet, counted in the PDF that the same maker writes on this side. */
async function pagesOf(job: Job): Promise<{ pages: number; fonts: string[] }> {
  const maker = find('pdfmake') as NodeMaker
  maker.addFonts({
    [SHEET_FONT]: { normal: file(400), bold: file(700), italics: file(400), bolditalics: file(700) },
  })
  const document = roomSheet(job, planJob(job), job.rooms[0]!)
  const text = (await maker.createPdf({ ...document, compress: false }).getBuffer()).toString('latin1')
  return {
    pages: text.match(/\/Type \/Page\b(?!s)/g)?.length ?? 0,
    fonts: [...text.matchAll(/\/BaseFont \/(\S+)/g)].map(([, name]) => name!),
  }
}

test('a plain room, ceiling and trim and walls, fits one page in the app’s own typeface', async () => {
  const room = {
    ...newRoom('r', 'Bedroom', OUTLINE_TEMPLATES.rectangle),
    openings: [sash('o1', 'w1', 700, 1200), door('o2', 'w3', 700)],
  }
  const { pages, fonts } = await pagesOf({ ...ternQuay(), log: [], published: null, rooms: [room] })
  expect(pages).toBe(1)
  expect(fonts.length).toBeGreaterThan(0)
  for (const font of fonts) expect(font).toMatch(/Atkinson/)
})
