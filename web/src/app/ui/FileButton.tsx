import { useRef, type ReactNode } from 'react'
import { Button } from './Button'

interface FileButtonProps {
  readonly label: string
  readonly accept: string
  readonly icon?: ReactNode
  readonly onText: (text: string, name: string) => void
}

/** A button that opens a text file and hands its content over. */
export function FileButton({ label, accept, icon, onText }: FileButtonProps) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <Button icon={icon} onClick={() => input.current?.click()}>
        {label}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="hidden"
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) void file.text().then((text) => onText(text, file.name))
        }}
      />
    </>
  )
}
