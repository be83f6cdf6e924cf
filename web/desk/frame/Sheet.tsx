import { X } from 'lucide-react'
import { type ReactNode, useEffect, useId, useRef } from 'react'

/**
 * Something over the page of a narrow window, from the bottom up. What is told meanwhile, with its way to undo, stays in reach,
 * so it takes nothing else away: Escape or a touch beside it closes it.
 */
export function Sheet({ title, close, children }: { title: string; close: () => void; children: ReactNode }) {
  const id = useId()
  const head = useRef<HTMLHeadingElement>(null)
  useEffect(() => {
    const before = document.activeElement
    head.current?.focus()
    return () => (before instanceof HTMLElement ? before.focus() : undefined)
  }, [])
  useEscape(close)
  return (
    <>
      <button
        type="button"
        tabIndex={-1}
        aria-hidden="true"
        onClick={close}
        className="fixed inset-x-0 top-0 bottom-14 z-20 bg-black/50"
      />
      <section
        role="dialog"
        aria-labelledby={id}
        className="fixed inset-x-0 bottom-14 z-20 flex max-h-sheet flex-col rounded-t-md border-t border-line bg-panel"
      >
        <div className="flex items-center justify-between border-b border-line pl-4">
          <h2 id={id} ref={head} tabIndex={-1} className="text-lg outline-none">
            {title}
          </h2>
          <button type="button" aria-label="Close" onClick={close} className="p-3 text-muted hover:text-text">
            <X aria-hidden="true" className="size-5" />
          </button>
        </div>
        <div className="min-h-0 overflow-y-auto">{children}</div>
      </section>
    </>
  )
}

function useEscape(close: () => void): void {
  useEffect(() => {
    // A dialog over it takes its own Escape.
    const pressed = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && !event.defaultPrevented) close()
    }
    window.addEventListener('keydown', pressed)
    return () => window.removeEventListener('keydown', pressed)
  }, [close])
}
