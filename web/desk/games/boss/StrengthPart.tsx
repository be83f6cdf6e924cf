import { bossReturn, type SettingsOf, sizesOf, winChance } from '#core/games'
import { StrengthFields } from './BossPart.tsx'
import { StrengthCurve } from './StrengthCurve.tsx'

interface StrengthPartProps {
  readonly draft: SettingsOf['boss']
  readonly put: (patch: never) => void
}

/** How strong the boss is, and the chance to win with what comes back for every size of the crew. */
export function StrengthPart({ draft, put }: StrengthPartProps) {
  const sizes = sizesOf(draft).map((crew) => ({
    crew,
    wins: winChance(draft, crew),
    returns: bossReturn(draft, crew, draft.stakes.smallest),
  }))
  return (
    <div className="flex flex-col gap-5">
      <StrengthFields draft={draft} set={put as never} />
      <section aria-labelledby="by-crew">
        <h3 id="by-crew" className="font-semibold">
          By the number of people
        </h3>
        <p className="mb-2 text-note text-muted">
          The chance to win, and what comes back of a stake on average, for the smallest stake (the last blow’s part is
          largest there).
        </p>
        <StrengthCurve sizes={sizes} />
      </section>
    </div>
  )
}
