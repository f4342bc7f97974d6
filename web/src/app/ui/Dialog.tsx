import { X } from 'lucide-react'
import { Dialog as Radix } from 'radix-ui'
import type { ReactNode } from 'react'
import { W } from '../words'

/** Focus begins in the first field; until there is one it rests on the sheet, never on the button that puts it away. */
function beginInside(event: Event): void {
  event.preventDefault()
  const sheet = event.currentTarget as HTMLElement
  const field = sheet.querySelector<HTMLElement>('input:not([type=hidden]):not([disabled]), select, textarea')
  ;(field ?? sheet).focus()
}

interface DialogProps {
  readonly open: boolean
  readonly onClose: () => void
  readonly title: string
  readonly children: ReactNode
  readonly wide?: boolean
  /** Where the eye goes once it is put away; left out, back to what opened it. */
  readonly focusAfter?: () => HTMLElement | null
}

/** A sheet laid over the work; Escape or a click beside it puts it away. */
export function Dialog({ open, onClose, title, children, wide = false, focusAfter }: DialogProps) {
  return (
    <Radix.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Radix.Content
          aria-describedby={undefined}
          onOpenAutoFocus={beginInside}
          onCloseAutoFocus={(event) => {
            const next = focusAfter?.()
            if (!next) return
            event.preventDefault()
            next.focus()
          }}
          className={`panel fixed left-1/2 top-[6vh] z-50 max-h-[88vh] w-[calc(100vw-1.5rem)] -translate-x-1/2 overflow-y-auto shadow-2xl ${wide ? 'max-w-3xl' : 'max-w-md'}`}
        >
          <div className="mb-3 flex items-center">
            <Radix.Title className="font-head text-xl font-semibold">{title}</Radix.Title>
            <Radix.Close className="ml-auto p-2 hover:bg-deep" aria-label={W.frame.close}>
              <X size={18} aria-hidden />
            </Radix.Close>
          </div>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}
