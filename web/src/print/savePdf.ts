import type { SheetDocument } from './roomSheet'

interface PdfMaker {
  readonly addVirtualFileSystem: (files: Readonly<Record<string, string>>) => void
  readonly createPdf: (document: SheetDocument) => { readonly download: (name: string) => Promise<void> }
}

/** Makes a PDF of a sheet and hands it to the browser. The maker and its typeface are fetched on first use only. */
export async function savePdf(name: string, document: SheetDocument): Promise<void> {
  const [maker, files] = await Promise.all([import('pdfmake/build/pdfmake'), import('pdfmake/build/vfs_fonts')])
  const pdfmake = maker.default as PdfMaker
  pdfmake.addVirtualFileSystem(files.default as Readonly<Record<string, string>>)
  await pdfmake.createPdf(document).download(name)
}
