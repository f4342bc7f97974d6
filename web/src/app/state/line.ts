/** A line on which news come; a browser's own `EventSource` is one. */
export interface NewsLine {
  onmessage: ((event: MessageEvent<string>) => void) | null
  onerror: ((event: Event) => void) | null
  readonly readyState: number
  readonly close: () => void
}
