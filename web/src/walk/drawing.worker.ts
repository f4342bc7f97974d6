import type { RawDrawing } from '@crisp-hem/core'
import { readDxf, readSvg } from '@crisp-hem/core/exchange'
import { errorText } from '../words'

/** A file as it was chosen. */
export interface DrawingFile {
  readonly text: string
  readonly name: string
}
export type DrawingRead = { readonly drawing: RawDrawing } | { readonly refused: string }

// A large drawing takes seconds: beside the page, where it can be stopped.
self.onmessage = ({ data }: MessageEvent<DrawingFile>) => {
  try {
    const drawing = /\.svg$/i.test(data.name) ? readSvg(data.text) : readDxf(data.text)
    self.postMessage({ drawing } satisfies DrawingRead)
  } catch (error) {
    self.postMessage({ refused: errorText(error) } satisfies DrawingRead)
  }
}
