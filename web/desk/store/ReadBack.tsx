import { type WhoNames, whoInWords } from '#core/access'
import { costInWords, type RewardSettings, rewardHints, rewardInWords } from '#core/store'
import { useStatus } from '../status.ts'
import type { StoreView } from './view.ts'

interface ReadBackProps {
  readonly draft: RewardSettings
  readonly store: StoreView
  readonly names: WhoNames
  readonly named: Readonly<Record<number, string>>
}

/** The settings read back in plain sentences, with what may not be meant so. */
export function ReadBack({ draft, store, names, named }: ReadBackProps) {
  const { currency } = useStatus()
  const who = whoInWords(draft.who, { ...names, people: { ...names.people, ...named } })
  const known = store.rewards.find(({ settings }) => settings.word === draft.word)
  const row = store.tallies.find(({ id }) => id === draft.tally?.tally)
  const ofTally = row === undefined || draft.tally === null ? null : { ...row, count: draft.tally.count }
  const hints = rewardHints(draft, store.plan.cap ?? 0, known?.codes.count ?? 1)
  return (
    <div className="mt-5 flex flex-col gap-2 rounded-md bg-surface px-3 py-2.5">
      <p aria-live="polite">{rewardInWords(draft, costInWords(draft.price, ofTally, currency), who, store.timeZone)}</p>
      {hints.length > 0 && (
        <ul className="flex flex-col gap-1 text-brass-text">
          {hints.map((hint) => (
            <li key={hint}>{hint}</li>
          ))}
        </ul>
      )}
    </div>
  )
}
