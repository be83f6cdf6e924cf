import type { ReactNode } from 'react'
import { wouldBring } from '#core/bets'
import { digits } from '#core/currency'

/** An outcome with what is on it. */
interface Lane {
  readonly name: string
  readonly word: string
  readonly people: number
  readonly staked: number
}

export interface LanesProps {
  readonly lanes: readonly Lane[]
  readonly rakeBp: number
  /** The place of what came true; null: nothing yet. */
  readonly winner: number | null
  /** Whether it is told what 100 more would bring: not once it is locked. */
  readonly open: boolean
  /** What stands below a lane: one's own stake, or a button. */
  readonly below?: (at: number) => ReactNode
}

/** The outcomes of a bet as lanes that fill: how many are on each and with how much, and what 100 more would bring. */
export function Lanes({ lanes, rakeBp, winner, open, below }: LanesProps) {
  const staked = lanes.map((lane) => lane.staked)
  const pot = staked.reduce((sum, one) => sum + one, 0)
  return (
    <ol className="flex flex-col gap-2">
      {lanes.map((lane, i) => (
        <li key={lane.word}>
          <LaneLine
            lane={lane}
            at={i}
            share={pot === 0 ? 0 : lane.staked / pot}
            won={winner === null ? undefined : winner === i}
          >
            {open && `100 would bring ${digits(wouldBring(staked, i, 100, rakeBp))}`}
          </LaneLine>
          {below?.(i)}
        </li>
      ))}
    </ol>
  )
}

interface LineProps {
  readonly lane: Lane
  readonly at: number
  readonly share: number
  /** Whether it came true; undefined: not known. */
  readonly won: boolean | undefined
  readonly children: ReactNode
}

function LaneLine({ lane: { name, word, people, staked }, at, share, won, children }: LineProps) {
  const parts = Math.round(share * 100)
  return (
    <div
      className={`relative overflow-hidden rounded-md border ${won ? 'border-brass' : 'border-line'} ${won === false ? 'opacity-70' : ''}`}
    >
      <span aria-hidden="true" className="absolute inset-y-0 left-0 bg-brass-wash" style={{ width: `${parts}%` }} />
      <div className="relative flex flex-wrap items-baseline gap-x-3 px-3 py-1.5">
        <span className="min-w-0 flex-1 break-words">
          <span className="tabular text-muted">{at + 1}</span> <span className="font-semibold">{name}</span>{' '}
          {name.toLowerCase() !== word.toLowerCase() && <code className="text-muted">{word}</code>}
          {won && <strong className="text-brass-text"> · came true</strong>}
        </span>
        <span className="tabular text-right">
          {digits(staked)} <span className="text-muted">from {digits(people)}</span>
        </span>
        <span className="tabular w-12 text-right text-muted">{parts} %</span>
        {children !== false && <span className="tabular basis-full text-note text-muted">{children}</span>}
      </div>
    </div>
  )
}
