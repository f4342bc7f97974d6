import { wordText, W, errorText } from '../words'
import { useId, useState, type ReactNode } from 'react'
import { formatLength, parseMm, type UnitSystem } from '@crisp-hem/core'

interface LabelledProps {
  readonly label: string
  readonly children: (id: string) => ReactNode
  readonly hint?: string | null
}

/** A label above its control, and a line below for what is wrong or worth knowing. */
export function Labelled({ label, children, hint }: LabelledProps) {
  const id = useId()
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="mb-0.5 block text-[0.82rem] text-soft">
        {label}
      </label>
      {children(id)}
      {hint && (
        <p role="alert" className="mt-0.5 text-[0.8rem] font-semibold text-act">
          {hint}
        </p>
      )}
    </div>
  )
}

interface TextFieldProps {
  readonly label: string
  readonly value: string
  /** Returns false, or a sentence, when the value cannot be taken. */
  readonly onCommit: (value: string) => boolean | string | void
  readonly type?: 'text' | 'time' | 'datetime-local' | 'number' | 'date'
  readonly autoFocus?: boolean
  readonly step?: string
  /** Attributes for the input itself, such as what kind of reading it takes. */
  readonly marks?: Readonly<Record<string, string>>
  /** After Enter, once what was typed has been taken. */
  readonly onEnter?: () => void
}

/** Text that counts when it is left or Enter is pressed; Escape brings the old value back. */
export function TextField({ label, value, onCommit, type = 'text', autoFocus, step, marks, onEnter }: TextFieldProps) {
  const [draft, setDraft] = useState(value)
  const [wrong, setWrong] = useState<string | null>(null)
  // A value changed from outside replaces what was being typed.
  const [shown, setShown] = useState(value)
  if (shown !== value) {
    setShown(value)
    setDraft(value)
    setWrong(null)
  }
  /** Whether what is typed was taken. */
  const commit = (): boolean => {
    if (draft === value) {
      setWrong(null)
      return true
    }
    const answer = onCommit(draft)
    setWrong(typeof answer === 'string' ? answer : null)
    if (answer === false) setDraft(value)
    return answer !== false && typeof answer !== 'string'
  }
  return (
    <Labelled label={label} hint={wrong}>
      {(id) => (
        <input
          id={id}
          {...marks}
          className="field"
          type={type}
          step={step}
          value={draft}
          autoFocus={autoFocus}
          aria-invalid={wrong !== null}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={commit}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && commit()) onEnter?.()
            if (event.key === 'Escape') {
              setDraft(value)
              setWrong(null)
            }
          }}
        />
      )}
    </Labelled>
  )
}

/** Tells a measuring stick that this field takes lengths. */
export const LENGTH_MARKS = { 'data-length': '' } as const

interface LengthFieldProps {
  readonly label: string
  readonly mm: number
  readonly units: UnitSystem
  readonly onCommit: (mm: number) => boolean | void
  readonly allowZero?: boolean
  readonly autoFocus?: boolean
  readonly onEnter?: () => void
}

/** A length as the site writes it; what cannot be read says what can. */
export function LengthField({ label, mm, units, onCommit, allowZero = false, ...rest }: LengthFieldProps) {
  return (
    <TextField
      {...rest}
      label={label}
      marks={LENGTH_MARKS}
      value={formatLength(mm, units)}
      onCommit={(text) => {
        if (allowZero && /^0\D*$/.test(text.trim())) return onCommit(0)
        try {
          return onCommit(parseMm(text, units))
        } catch (error) {
          return errorText(error)
        }
      }}
    />
  )
}

interface NumberFieldProps {
  readonly label: string
  readonly value: number
  readonly onCommit: (value: number) => boolean | void
}

export function NumberField({ label, value, onCommit }: NumberFieldProps) {
  return (
    <TextField
      label={label}
      value={String(value)}
      onCommit={(text) => {
        const number = Number(text.replace(',', '.'))
        return text.trim() === '' || Number.isNaN(number) ? W.fields.noNumber({ text }) : onCommit(number)
      }}
    />
  )
}

interface ChoiceFieldProps<T extends string> {
  readonly label: string
  readonly value: T
  readonly options: readonly (T | { readonly value: T; readonly text: string })[]
  readonly onCommit: (value: T) => void
}

/** Codes of a fixed list as options in words. */
export const inWords = <T extends string>(list: string, codes: readonly T[]): { value: T; text: string }[] =>
  codes.map((value) => ({ value, text: wordText(list, value) }))

/** One of a short list. */
export function ChoiceField<T extends string>({ label, value, options, onCommit }: ChoiceFieldProps<T>) {
  return (
    <Labelled label={label}>
      {(id) => (
        <select id={id} className="field" value={value} onChange={(event) => onCommit(event.target.value as T)}>
          {options.map((option) => {
            const { value: each, text } = typeof option === 'string' ? { value: option, text: option } : option
            return (
              <option key={each} value={each}>
                {text}
              </option>
            )
          })}
        </select>
      )}
    </Labelled>
  )
}

interface CheckFieldProps {
  readonly label: string
  readonly checked: boolean
  readonly onChange: (checked: boolean) => void
}

export function CheckField({ label, checked, onChange }: CheckFieldProps) {
  return (
    <label className="flex min-h-9 items-center gap-2">
      <input
        type="checkbox"
        className="size-5 shrink-0 accent-ink"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
      />
      {label}
    </label>
  )
}
