import { readAirCsv, readOpeningsCsv, readRatesCsv, readShelfCsv } from '@crisp-hem/core'
import { readDxf, readSvg } from '@crisp-hem/core/exchange'
import { readLessonFile, readRecordFile } from '@crisp-hem/core/wire'
import { errorText } from '../words'

/** How files are read: each takes the text, and what it has to know of the job. */
const READERS = {
  drawing: (text: string, { name }: { name: string }) => (/\.svg$/i.test(name) ? readSvg(text) : readDxf(text)),
  openings: (text: string, { rooms, units }: OpeningsKnown) => readOpeningsCsv(text, rooms, units),
  air: (text: string, _known: object) => readAirCsv(text),
  rates: (text: string, _known: object) => readRatesCsv(text),
  shelf: (text: string, { shelf, kind, ways }: ShelfKnown) => readShelfCsv(text, shelf, kind, ways),
  record: (text: string, _known: object) => readRecordFile(text),
  lesson: (text: string, _known: object) => readLessonFile(text),
} as const

interface OpeningsKnown {
  readonly rooms: Parameters<typeof readOpeningsCsv>[1]
  readonly units: Parameters<typeof readOpeningsCsv>[2]
}
interface ShelfKnown {
  readonly shelf: Parameters<typeof readShelfCsv>[1]
  readonly kind: Parameters<typeof readShelfCsv>[2]
  readonly ways: Parameters<typeof readShelfCsv>[3]
}

export type ReaderName = keyof typeof READERS
export type KnownFor<N extends ReaderName> = Parameters<(typeof READERS)[N]>[1]
export type ReadBy<N extends ReaderName> = ReturnType<(typeof READERS)[N]>

/** A file as it was chosen, how to read it, and what that takes. */
export interface ToRead {
  readonly reader: ReaderName
  readonly text: string
  readonly known: never
}
export type Read = { readonly taken: unknown } | { readonly refused: string }

// A large file takes seconds: beside the page, where it can be stopped.
self.onmessage = ({ data: { reader, text, known } }: MessageEvent<ToRead>) => {
  try {
    self.postMessage({ taken: READERS[reader](text, known) } satisfies Read)
  } catch (error) {
    self.postMessage({ refused: errorText(error) } satisfies Read)
  }
}
