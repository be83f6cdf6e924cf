import { createContext, type ReactNode, useContext, useEffect, useId, useMemo, useRef } from 'react'
import { useBlocker } from 'react-router'
import { Button } from './Button.tsx'
import { FormDialog } from './FormDialog.tsx'

/** The forms of this page that hold something unsaved. */
type Unsaved = Set<string>

const UnsavedContext = createContext<Unsaved | undefined>(undefined)

/**
 * Has leaving the page ask first while a form holds something unsaved, whether by a link, a key, or closing the tab.
 * @returns To be called once it was saved by what leaves the page itself.
 */
export function useUnsaved(changed: boolean): () => void {
  const all = useContext(UnsavedContext)
  const id = useId()
  useEffect(() => {
    if (!changed || all === undefined) return
    all.add(id)
    return () => void all.delete(id)
  }, [all, id, changed])
  return () => void all?.delete(id)
}

/** Around all pages whose forms may hold something unsaved: asks once for all of them. */
export function UnsavedGuard({ children }: { children: ReactNode }) {
  const all = useRef<Unsaved>(new Set())
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => all.current.size > 0 && currentLocation.pathname !== nextLocation.pathname,
  )
  useEffect(() => {
    const ask = (event: BeforeUnloadEvent) => {
      if (all.current.size > 0) event.preventDefault()
    }
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [])
  const value = useMemo(() => all.current, [])
  return (
    <UnsavedContext value={value}>
      {children}
      {blocker.state === 'blocked' && (
        <FormDialog title="You have unsaved changes" close={() => blocker.reset()}>
          <p>If you leave this page now, what you typed is lost.</p>
          <div className="flex gap-3">
            <Button look="main" onClick={() => blocker.reset()}>
              Keep editing
            </Button>
            <Button
              look="danger"
              onClick={() => {
                all.current.clear()
                blocker.proceed()
              }}
            >
              Discard
            </Button>
          </div>
        </FormDialog>
      )}
    </UnsavedContext>
  )
}
