import type { SheetDocument } from './roomSheet'

interface PdfMaker {
  readonly createPdf: (
    document: SheetDocument,
    layouts: undefined,
    fonts: undefined,
    files: Readonly<Record<string, string>>,
  ) => { readonly download: (name: string, done: () => void) => void }
}

/** Makes a PDF of a sheet and hands it to the browser. The maker and its typeface are fetched on first use only. */
export async function savePdf(name: string, document: SheetDocument): Promise<void> {
  const [maker, files] = await Promise.all([import('pdfmake/build/pdfmake'), import('pdfmake/build/vfs_fonts')])
  const pdf = (maker.default as PdfMaker).createPdf(
    document,
    undefined,
    undefined,
    files.default as Readonly<Record<string, string>>,
  )
  await new Promise<void>((done) => pdf.download(name, done))
}
