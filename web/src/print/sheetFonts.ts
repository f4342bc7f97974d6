import bold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url'
import normal from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url'

/** Where the sheet's typeface lies, by the names the PDF maker knows it by. */
export const FONT_FILES = { 'normal.woff': normal, 'bold.woff': bold } as const
