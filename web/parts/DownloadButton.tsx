import { type ReactNode, useState } from 'react'
import { channelAddress, fileOf } from './api.ts'
import { Button } from './Button.tsx'
import { useToast } from './feedback/toasts.tsx'
import { saveFile } from './saveFile.ts'

/** Saves a file of the server's on this computer; where it may not be had, says why. */
export function DownloadButton({
  path,
  children,
  className,
  onSaved = () => {},
}: {
  path: string
  children: ReactNode
  className?: string
  onSaved?: () => void
}) {
  const toast = useToast()
  const [saving, setSaving] = useState(false)
  const save = async () => {
    setSaving(true)
    try {
      const { name, blob } = await fileOf(channelAddress(path))
      saveFile(name, blob)
      onSaved()
    } catch (fault) {
      toast({ text: (fault as Error).message, look: 'problem' })
    } finally {
      setSaving(false)
    }
  }
  return (
    <Button onClick={() => void save()} disabled={saving} {...(className && { className })}>
      {children}
    </Button>
  )
}
