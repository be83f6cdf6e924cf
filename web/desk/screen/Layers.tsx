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
          <li
            key={piece.id}
            className={clsx(
              'flex items-center border-t border-line pl-2 first:border-t-0',
              piece.id === chosen && 'border-l-3 border-l-brass bg-raised',
            )}
          >
            <button type="button" onClick={() => choose(piece.id)} className="min-w-0 flex-1 truncate py-1.5 text-left">
              {pieceName(piece)}
            </button>
            <Small label={`Raise ${pieceName(piece)}`} off={i === pieces.length - 1} act={() => swap(i, i + 1)}>
              <ChevronUp aria-hidden="true" className="size-4" />
            </Small>
            <Small label={`Lower ${pieceName(piece)}`} off={i === 0} act={() => swap(i, i - 1)}>
              <ChevronDown aria-hidden="true" className="size-4" />
            </Small>
            <Small
              label={`${piece.hidden ? 'Show' : 'Hide'} ${pieceName(piece)}`}
              act={() => put(piece.id, { hidden: !piece.hidden })}
            >
              {piece.hidden ? (
                <EyeOff aria-hidden="true" className="size-4" />
              ) : (
                <Eye aria-hidden="true" className="size-4" />
              )}
            </Small>
            <Small
              label={`${piece.locked ? 'Unlock' : 'Lock'} ${pieceName(piece)}`}
              act={() => put(piece.id, { locked: !piece.locked })}
            >
              {piece.locked ? (
                <Lock aria-hidden="true" className="size-4" />
              ) : (
                <LockOpen aria-hidden="true" className="size-4" />
              )}
            </Small>
          </li>
        ))}
      </ul>
    </section>
  )
}

interface SmallProps {
  readonly label: string
  readonly act: () => void
  readonly off?: boolean
  readonly children: ReactNode
}

const Small = ({ label, act, off = false, children }: SmallProps) => (
  <button
    type="button"
    aria-label={label}
    disabled={off}
    onClick={act}
    className="rounded p-1.5 text-muted hover:text-text disabled:opacity-30"
  >
    {children}
  </button>
)
