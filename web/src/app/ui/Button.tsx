import type { ButtonHTMLAttributes, ReactNode } from 'react'

type Tone = 'act' | 'plain' | 'quiet'

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly tone?: Tone
  readonly icon?: ReactNode
}

const TONES: Record<Tone, string> = {
  act: 'bg-act text-act-ink border-act font-semibold hover:brightness-110',
  plain: 'bg-sheet border-ink/70 hover:bg-deep',
  quiet: 'border-transparent hover:bg-deep',
}

/** A button: `act` for the one thing to do now, `plain` for choices, `quiet` for the rest. */
export function Button({ tone = 'plain', icon, children, className = '', type = 'button', ...rest }: ButtonProps) {
  return (
    <button
      type={type}
      className={`inline-flex min-h-9 items-center justify-center gap-1.5 border px-3 py-1 disabled:opacity-45 ${TONES[tone]} ${className}`}
      {...rest}
    >
      {icon}
      {children}
    </button>
  )
}
