export const JUMP_LABEL = 'Go to a page or a viewer, or do something'
export const JUMP_HINT = 'A page, a viewer’s name, or what to do'

export interface JumpProps {
  readonly typed: string
  readonly setTyped: (typed: string) => void
  readonly close: () => void
  readonly showViewer: (id: number) => void
}

/** The box before its choices are loaded: what is typed right after the keys must not be lost. */
export function JumpWaiting({ typed, setTyped, close }: JumpProps) {
  return (
    <div role="dialog" aria-label={JUMP_LABEL} className="fixed inset-x-0 top-24 z-40 flex justify-center px-4">
      <input
        ref={(input) => input?.focus()}
        aria-label={JUMP_LABEL}
        placeholder={JUMP_HINT}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && close()}
        className="w-full max-w-lg rounded-md border border-line bg-panel px-4 py-3 text-lg outline-none placeholder:text-muted"
      />
    </div>
  )
}
