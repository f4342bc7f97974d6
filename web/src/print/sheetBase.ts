import { W } from '../app/words'
import type { Paper } from './paper'

/** As much of a pdfmake document as the sheet uses. */
export type Content = string | readonly Content[] | { readonly [key: string]: unknown }
export interface SheetDocument {
  readonly pageSize: Paper
  readonly pageMargins: readonly [number, number, number, number]
  readonly info: { readonly title: string }
  readonly content: readonly Content[]
  readonly footer: (page: number, of: number) => Content
  readonly styles: Readonly<Record<string, Content>>
  readonly defaultStyle: Content
}

/** The app's own typeface, as savePdf.ts hands it to the maker. */
export const SHEET_FONT = 'Atkinson'

/** A page of the house: title, a line under it, what it says, and the page at the foot. */
export const sheetOf = (paper: Paper, title: string, line: string, content: readonly Content[]): SheetDocument => ({
  pageSize: paper,
  pageMargins: [30, 20, 30, 26],
  info: { title: `${title}, ${line}` },
  content: [{ text: title, style: 'title' }, { text: line, style: 'soft', margin: [0, 0, 0, 6] }, ...content],
  footer: (page, of) => ({
    text: `${title}  ·  ${W.sheet.page({ page, of })}`,
    style: 'small',
    alignment: 'center',
    margin: [0, 8, 0, 0],
  }),
  styles: {
    title: { fontSize: 18, bold: true },
    head: { fontSize: 9.5, bold: true, margin: [0, 3, 0, 1] },
    soft: { color: '#595e5b' },
    small: { fontSize: 7.4, color: '#595e5b' },
  },
  defaultStyle: { font: SHEET_FONT, fontSize: 8, lineHeight: 1.0 },
})

/** A table whose first row is its head. */
export const table = (widths: readonly (string | number)[], body: readonly (readonly string[])[]): Content => ({
  layout: 'lightHorizontalLines',
  table: {
    headerRows: 1,
    widths: [...widths],
    body: body.map((row, i) => row.map((text) => (i === 0 ? { text, bold: true } : text))),
  },
})
