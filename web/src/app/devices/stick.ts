import { formatLength, seededNumbers, type UnitSystem } from '@crisp-hem/core'

/** A measuring stick: tells each length it reads, mm, to whoever listens. Returns how to stop. */
interface MeasuringStick {
  listen(onReading: (mm: number) => void): () => void
}

const MM_PER_INCH = 25.4

/** The key that stands for the button on the stick. */
export const STICK_KEY = 'F8'
const READING = 'crisp-hem:stick'

/** Presses the button of the stand-in. */
export const takeReading = (): boolean => window.dispatchEvent(new Event(READING))

/** A stand-in for the stick: every press of its button reads another made-up length between 0.6 and 6 m. */
export function standInStick(seed: number): MeasuringStick {
  const random = seededNumbers(seed)
  return {
    listen(onReading) {
      const read = () => onReading(Math.round(600 + 5400 * random()))
      const onKey = (event: KeyboardEvent) => {
        if (event.key !== STICK_KEY) return
        event.preventDefault()
        read()
      }
      window.addEventListener('keydown', onKey)
      window.addEventListener(READING, read)
      return () => {
        window.removeEventListener('keydown', onKey)
        window.removeEventListener(READING, read)
      }
    },
  }
}

/** Streams a stick's readings into the field that has, or last had, the focus: a length, or readings one after another. Returns how to stop. */
export function streamIntoFields(stick: MeasuringStick, units: UnitSystem): () => void {
  let field: HTMLInputElement | HTMLTextAreaElement | null = null
  const onFocus = ({ target }: FocusEvent) => {
    const isLength = target instanceof HTMLInputElement && 'length' in target.dataset
    const isReadings = target instanceof HTMLTextAreaElement && 'readings' in target.dataset
    if (isLength || isReadings) field = target
  }
  document.addEventListener('focusin', onFocus)
  const stop = stick.listen((mm) => {
    if (!field?.isConnected) return
    if (field instanceof HTMLTextAreaElement) {
      // Bare figures, as readings are typed: millimetres or inches.
      const figure = units === 'metric' ? `${mm}` : `${Math.round((100 * mm) / MM_PER_INCH) / 100}`
      put(field, HTMLTextAreaElement, withReading(field.value, figure, Number(field.dataset.readings)))
      field.focus()
      return
    }
    put(field, HTMLInputElement, formatLength(mm, units))
    field.focus()
    field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
    // In a form the Enter of a keyboard submits it; a made one has to ask for that.
    field.form?.requestSubmit()
  })
  return () => {
    document.removeEventListener('focusin', onFocus)
    stop()
  }
}

/** React listens to the browser's own setter, as it does for typing. */
function put<F extends HTMLInputElement | HTMLTextAreaElement>(field: F, kind: { prototype: F }, value: string): void {
  Object.getOwnPropertyDescriptor(kind.prototype, 'value')!.set!.call(field, value)
  field.dispatchEvent(new Event('input', { bubbles: true }))
}

/** Readings with one more behind them: on the last line while it has fewer figures than go on one, else on a line of its own. */
export function withReading(text: string, figure: string, perLine: number): string {
  const lines = text.trimEnd() === '' ? [] : text.trimEnd().split('\n')
  const last = lines.at(-1)
  return last !== undefined && last.trim().split(/\s+/).length < perLine
    ? [...lines.slice(0, -1), `${last} ${figure}`].join('\n')
    : [...lines, figure].join('\n')
}
