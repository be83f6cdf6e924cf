import { useEffect, useState } from 'react'
import { JumpDialog, ViewerPanel } from './later.tsx'

/** One box to go anywhere and do things: Ctrl/Cmd-K. */
export function JumpBox({ open, setOpen }: { open: boolean; setOpen: (open: boolean) => void }) {
  const [typed, setTyped] = useState('')
  const [viewer, setViewer] = useState<number>()
  const close = () => {
    setOpen(false)
    setTyped('')
  }
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
      {open && <JumpDialog typed={typed} setTyped={setTyped} close={close} showViewer={setViewer} />}
      {viewer !== undefined && <ViewerPanel id={viewer} close={() => setViewer(undefined)} />}
    </>
  )
}
