import { clsx } from 'clsx'
import { ChevronDown, ChevronUp, Eye, EyeOff, Lock, LockOpen } from 'lucide-react'
import type { ReactNode } from 'react'
import type { Piece } from '#core/screen'
import { pieceName } from './pieces.ts'

interface LayersProps {
  readonly pieces: readonly Piece[]
  readonly chosen: string | undefined
  readonly choose: (id: string) => void
  readonly setPieces: (pieces: Piece[]) => void
}

/** The pieces from the topmost to the lowest: raised, lowered, hidden, locked. */
export function Layers({ pieces, chosen, choose, setPieces }: LayersProps) {
  if (pieces.length === 0) return <p className="text-muted">Nothing is on this overlay yet. Add a piece above.</p>
  const put = (id: string, patch: Pick<Partial<Piece>, 'locked' | 'hidden'>) =>
    setPieces(pieces.map((one) => (one.id === id ? { ...one, ...patch } : one)))
  const swap = (i: number, k: number) => {
    const next = [...pieces]
    const [one, other] = [next[i], next[k]]
    if (one === undefined || other === undefined) return
    next[i] = other
    next[k] = one
    setPieces(next)
  }
  return (
    <section aria-label="Pieces, the topmost first">
      <h2 className="mb-1.5 text-base">Pieces, the topmost first</h2>
      <ul className="rounded-md border border-line bg-panel">
        {[...pieces.entries()].reverse().map(([i, piece]) => (
          <Layer
            key={piece.id}
            piece={piece}
            chosen={piece.id === chosen}
            choose={() => choose(piece.id)}
            put={(patch) => put(piece.id, patch)}
            raise={i === pieces.length - 1 ? undefined : () => swap(i, i + 1)}
            lower={i === 0 ? undefined : () => swap(i, i - 1)}
          />
        ))}
      </ul>
    </section>
  )
}

interface LayerProps {
  readonly piece: Piece
  readonly chosen: boolean
  readonly choose: () => void
  readonly put: (patch: Pick<Partial<Piece>, 'locked' | 'hidden'>) => void
  /** Undefined: it is the topmost. */
  readonly raise: (() => void) | undefined
  /** Undefined: it is the lowest. */
  readonly lower: (() => void) | undefined
}

function Layer({ piece, chosen, choose, put, raise, lower }: LayerProps) {
  const name = pieceName(piece)
  const { hidden, locked } = piece
  const [Seen, Held] = [hidden ? EyeOff : Eye, locked ? Lock : LockOpen]
  return (
    <li
      className={clsx(
        'flex items-center border-t border-line pl-2 first:border-t-0',
        chosen && 'border-l-3 border-l-brass bg-raised',
      )}
    >
      <button type="button" onClick={choose} className="min-w-0 flex-1 truncate py-1.5 text-left">
        {name}
      </button>
      <Small label={`Raise ${name}`} act={raise}>
        <ChevronUp aria-hidden="true" className="size-4" />
      </Small>
      <Small label={`Lower ${name}`} act={lower}>
        <ChevronDown aria-hidden="true" className="size-4" />
      </Small>
      <Small label={`${hidden ? 'Show' : 'Hide'} ${name}`} act={() => put({ hidden: !hidden })}>
        <Seen aria-hidden="true" className="size-4" />
      </Small>
      <Small label={`${locked ? 'Unlock' : 'Lock'} ${name}`} act={() => put({ locked: !locked })}>
        <Held aria-hidden="true" className="size-4" />
      </Small>
    </li>
  )
}

interface SmallProps {
  readonly label: string
  /** Undefined: it cannot be done now. */
  readonly act: (() => void) | undefined
  readonly children: ReactNode
}

const Small = ({ label, act, children }: SmallProps) => (
  <button
    type="button"
    aria-label={label}
    disabled={act === undefined}
    onClick={act}
    className="rounded p-1.5 text-muted hover:text-text disabled:opacity-30"
  >
    {children}
  </button>
)
