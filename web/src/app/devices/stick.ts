import { formatLength, seededNumbers, type UnitSystem } from '@crisp-hem/core'

/** A measuring stick: tells each length it reads, mm, to whoever listens. Returns how to stop. */
interface MeasuringStick {
  listen(onReading: (mm: number) => void): () => void
}

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

/** Streams a stick's readings into the length field that has, or last had, the focus. Returns how to stop. */
export function streamIntoFields(stick: MeasuringStick, units: UnitSystem): () => void {
  let field: HTMLInputElement | null = null
  const onFocus = (event: FocusEvent) => {
    const input = event.target
    if (input instanceof HTMLInputElement && 'length' in input.dataset) field = input
  }
  document.addEventListener('focusin', onFocus)
  const stop = stick.listen((mm) => {
    if (!field?.isConnected) return
    // React listens to the browser's own setter, as it does for typing.
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!.call(field, formatLength(mm, units))
    field.dispatchEvent(new Event('input', { bubbles: true }))
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
