import { CircleAlert, CircleCheck, X } from 'lucide-react'
import { createContext, type ReactNode, useCallback, useContext, useRef, useState } from 'react'
import { Button } from '../Button.tsx'
import { isAsked } from '../signInNotice.ts'

export interface Toast {
  readonly text: string
  readonly look?: 'done' | 'problem'
  /** A way back, offered for as long as the toast shows. */
  readonly undo?: () => void
}

type Shown = Toast & { readonly id: number }

const SHOWN_MS = 8000
const Context = createContext<(toast: Toast) => void>(() => {})

/** Says in passing what has happened, at the foot of the page. */
export const useToast = (): ((toast: Toast) => void) => useContext(Context)

export function Toasts({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<readonly Shown[]>([])
  const next = useRef(0)
  const close = useCallback((id: number) => setShown((list) => list.filter((toast) => toast.id !== id)), [])
  const show = useCallback(
    (toast: Toast) => {
      if (isAsked(toast.text)) return
      const id = next.current++
      setShown((list) => [...list.slice(-2), { ...toast, id }])
      setTimeout(() => close(id), SHOWN_MS)
    },
    [close],
  )
  return (
    <Context value={show}>
      {children}
      <div
        role="status"
        aria-live="polite"
        className="fixed inset-x-0 bottom-20 z-50 flex flex-col items-center gap-2 px-4 sm:bottom-5"
      >
        {shown.map((toast) => (
          <ToastCard key={toast.id} toast={toast} close={() => close(toast.id)} />
        ))}
      </div>
    </Context>
  )
}

function ToastCard({ toast, close }: { toast: Toast; close: () => void }) {
  const Icon = toast.look === 'problem' ? CircleAlert : CircleCheck
  return (
    <div
      data-theme="dark"
      className="flex max-w-xl items-center gap-3 rounded-md border border-line bg-raised px-4 py-2.5 text-text"
    >
      <Icon
        aria-hidden="true"
        className={`size-5 shrink-0 ${toast.look === 'problem' ? 'text-brick-text' : 'text-moss-text'}`}
      />
      <p>{toast.text}</p>
      {toast.undo && (
        <Button
          onClick={() => {
            toast.undo?.()
            close()
          }}
        >
          Undo
        </Button>
      )}
      <button
        type="button"
        onClick={close}
        aria-label="Close this message"
        className="rounded p-1 text-muted hover:text-text"
      >
        <X aria-hidden="true" className="size-4" />
      </button>
    </div>
  )
}
