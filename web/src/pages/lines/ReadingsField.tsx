import { Labelled } from '../../app/ui/fields'

interface ReadingsFieldProps {
  readonly label: string
  readonly value: string
  readonly onChange: (value: string) => void
  /** What could not be read. */
  readonly fault: string | null
  readonly placeholder?: string
  readonly autoFocus?: boolean
  /** How many lengths stand on a line: a measuring stick reads them one after another. */
  readonly perLine?: number
}

/** Readings typed one after another, a line each: what is typed counts at once. */
export function ReadingsField({
  label,
  value,
  onChange,
  fault,
  placeholder,
  autoFocus,
  perLine = 1,
}: ReadingsFieldProps) {
  return (
    <Labelled label={label} hint={fault}>
      {(id) => (
        <textarea
          id={id}
          data-readings={perLine}
          className="field min-h-36 font-mono text-base"
          value={value}
          spellCheck={false}
          autoFocus={autoFocus}
          placeholder={placeholder}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
    </Labelled>
  )
}
