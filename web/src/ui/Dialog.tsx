import { X } from 'lucide-react'
import { Dialog as Radix } from 'radix-ui'
import type { ReactNode } from 'react'
import { W } from '../words'

interface DialogProps {
  readonly open: boolean
  readonly onClose: () => void
  readonly title: string
  readonly children: ReactNode
  readonly wide?: boolean
}

/** A sheet laid over the work; Escape or a click beside it puts it away. */
export function Dialog({ open, onClose, title, children, wide = false }: DialogProps) {
  return (
    <Radix.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Radix.Content
          aria-describedby={undefined}
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
