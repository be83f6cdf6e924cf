import { digits } from '#core/currency'

interface GoalBarProps {
  readonly paid: number
  readonly target: number
  readonly milestones: readonly { readonly at: number; readonly name: string }[]
}

const partOf = (amount: number, target: number): number => Math.min(100, Math.floor((amount / target) * 100))

/** How far a goal has come: a bar with its milestones, each by name and amount below. */
export function GoalBar({ paid, target, milestones }: GoalBarProps) {
  const come = partOf(paid, target)
  return (
    <div className="flex flex-col gap-1.5">
      <p className="tabular flex flex-wrap items-baseline gap-x-3">
        <span className="font-display text-xl font-semibold">{digits(paid)}</span>
        <span className="text-muted">of {digits(target)}</span>
        <span className="ml-auto text-muted">{come} %</span>
      </p>
      <div
        role="progressbar"
        aria-label="How far it has come"
        aria-valuenow={come}
        aria-valuemin={0}
        aria-valuemax={100}
        className="relative h-4 overflow-hidden rounded-md border border-line bg-surface"
      >
        <span className="absolute inset-y-0 left-0 bg-brass" style={{ width: `${come}%` }} />
        {milestones.map(({ at }) => (
          <span key={at} className="absolute inset-y-0 w-0.5 bg-text" style={{ left: `${partOf(at, target)}%` }} />
        ))}
      </div>
      {milestones.length > 0 && (
        <ol className="tabular flex flex-wrap gap-x-4 text-note">
          {milestones.map(({ at, name }) => (
            <li key={at} className={paid >= at ? 'text-moss-text' : 'text-muted'}>
              {paid >= at && '✓ '}
              {name}, {digits(at)}
            </li>
          ))}
        </ol>
      )}
    </div>
  )
}
