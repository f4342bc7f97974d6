interface SwitchProps<T extends string> {
  readonly label: string
  readonly value: T
  readonly options: readonly { readonly value: T; readonly text: string }[]
  readonly onChange: (value: T) => void
}

/** A few ways to look at the same thing, one pressed. */
export function Switch<T extends string>({ label, value, options, onChange }: SwitchProps<T>) {
  return (
    <div role="group" aria-label={label} className="inline-flex flex-wrap border border-ink/70">
      {options.map((option) => (
        <button
          key={option.value}
          type="button"
          aria-pressed={option.value === value}
          className={`min-h-8 px-3 text-sm ${option.value === value ? 'bg-ink text-ground' : 'bg-sheet hover:bg-deep'}`}
          onClick={() => onChange(option.value)}
        >
          {option.text}
        </button>
      ))}
    </div>
  )
}
