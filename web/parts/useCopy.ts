import { useToast } from './feedback/toasts.tsx'

/** Copies a text, and says so, or what to do where the browser does not let us. */
export function useCopy(): (text: string, said: string, otherwise: string) => void {
  const toast = useToast()
  return (text, said, otherwise) =>
    void navigator.clipboard.writeText(text).then(
      () => toast({ text: said }),
      () => toast({ text: `The browser blocked copying. ${otherwise}`, look: 'problem' }),
    )
}
