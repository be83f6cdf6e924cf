import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react'
import type { ReactNode } from 'react'

/** A dialog in the middle of the page, with a title and a form. */
export function FormDialog({
  title,
  close,
  wide = false,
  children,
}: {
  title: string
  close: () => void
  wide?: boolean
  children: ReactNode
}) {
  return (
    <Dialog open onClose={close} className="fixed inset-0 z-40">
      <div className="fixed inset-0 bg-black/50" aria-hidden="true" />
      <div className="fixed inset-0 flex items-center justify-center overflow-y-auto p-4">
        <DialogPanel
          className={`flex max-h-full w-full flex-col gap-4 overflow-y-auto rounded-md border border-line bg-panel p-5 ${wide ? 'max-w-2xl' : 'max-w-md'}`}
        >
          <DialogTitle className="text-xl">{title}</DialogTitle>
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  )
}
