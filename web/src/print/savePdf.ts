import { SHEET_FONT, type SheetDocument } from './sheetBase'

interface PdfMaker {
  readonly addVirtualFileSystem: (files: Readonly<Record<string, string>>) => void
  readonly addFonts: (fonts: Readonly<Record<string, Readonly<Record<string, string>>>>) => void
  readonly createPdf: (document: SheetDocument) => { readonly download: (name: string) => Promise<void> }
}

/** Makes a PDF of a sheet and hands it to the browser. The maker and the typeface are fetched on first use only. */
export async function savePdf(name: string, document: SheetDocument): Promise<void> {
  const [maker, { FONT_FILES }] = await Promise.all([import('pdfmake/build/pdfmake'), import('./sheetFonts')])
  const fonts = await Promise.all(
    Object.entries(FONT_FILES).map(async ([file, url]) => [file, await asBase64(url)] as const),
  )
  const pdfmake = maker.default as PdfMaker
  pdfmake.addVirtualFileSystem(Object.fromEntries(fonts))
  pdfmake.addFonts({
    [SHEET_FONT]: { normal: 'normal.woff', bold: 'bold.woff', italics: 'normal.woff', bolditalics: 'bold.woff' },
  })
  await pdfmake.createPdf(document).download(name)
}

async function asBase64(url: string): Promise<string> {
  const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer())
  return btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''))
}
