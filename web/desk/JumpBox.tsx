import { useEffect, useState } from 'react'
// The box itself is there from the start: what is typed right after the keys must not be lost.
import { JumpDialog } from './JumpDialog.tsx'
import { ViewerPanel } from './later.tsx'

/** One box to go anywhere and do things: Ctrl/Cmd-K. */
export function JumpBox({ open, setOpen }: { open: boolean; setOpen: (open: boolean) => void }) {
  const [viewer, setViewer] = useState<number>()
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() !== 'k' || !(event.ctrlKey || event.metaKey)) return
      event.preventDefault()
      setOpen(true)
    }
    window.addEventListener('keydown', pressed)
    return () => window.removeEventListener('keydown', pressed)
  }, [setOpen])
  return (
    <>
      {open && <JumpDialog close={() => setOpen(false)} showViewer={setViewer} />}
      {viewer !== undefined && <ViewerPanel id={viewer} close={() => setViewer(undefined)} />}
    </>
  )
}
