import { type FormEvent, type ReactNode, useId } from 'react'
import type { Act } from '#core/games'
import { Button } from '../../parts/Button.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { usePlay } from './usePlay.ts'

interface GameCardProps {
  readonly name: string
  /** How it is played, in a sentence; and how much of the stakes is paid back. */
  readonly how: ReactNode
  readonly returns: string | undefined
  /** Typed in chat, it does the same. */
  readonly chat: string
  readonly children: ReactNode
}

/** One game on the page: how it goes, what comes back in the long run, and the form to play. */
export function GameCard({ name, how, returns, chat, children }: GameCardProps) {
  const id = useId()
  return (
    <section aria-labelledby={id} className="border-b border-line py-5">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h3 id={id} className="text-lg">
          {name}
        </h3>
        {returns !== undefined && (
          <p className="tabular text-note text-muted">pays back {returns} of all stakes on average</p>
        )}
      </div>
      <p className="mt-0.5 text-muted">{how}</p>
      <div className="mt-3">{children}</div>
      <p className="mt-3 text-note text-muted">
        In chat: <code className="rounded bg-surface px-1.5 py-0.5 text-text">{chat}</code>
      </p>
    </section>
  )
}

interface PlayFormProps {
  readonly act: Act
  readonly does: string
  readonly ready?: boolean
  readonly children: ReactNode
}

/** A form that plays once. */
export function PlayForm({ act, does, ready = true, children }: PlayFormProps) {
  const play = usePlay()
  const submit = (event: FormEvent) => {
    event.preventDefault()
    play.mutate(act)
  }
  return (
    <form onSubmit={submit} className="flex flex-col items-start gap-3">
      <div className="flex flex-wrap items-start gap-x-4 gap-y-3">{children}</div>
      <Button type="submit" look="main" className="min-h-touch" disabled={play.isPending || !ready}>
        {play.isPending ? 'A moment …' : does}
      </Button>
      {play.error && <Problem error={play.error} />}
    </form>
  )
}

/** A button that does something in a game at once. */
export function PlayButton({ act, does, main = false }: { act: Act; does: string; main?: boolean }) {
  const play = usePlay()
  return (
    <>
      <Button
        look={main ? 'main' : 'plain'}
        className="min-h-touch"
        disabled={play.isPending}
        onClick={() => play.mutate(act)}
      >
        {does}
      </Button>
      {play.error && <Problem error={play.error} />}
    </>
  )
}
