import { effectInWords, type Game, returnsOf, type SettingsOf } from '#core/games'
import { FaultsAt } from '../../parts/form/DraftField.tsx'
import { NumberInput } from '../../parts/form/inputs.tsx'
import type { DeskGames } from './view.ts'

interface StakesPartProps {
  readonly game: Game
  readonly draft: SettingsOf[Game] & Pick<SettingsOf['coin'], 'stakes'>
  readonly put: (patch: never) => void
  readonly view: DeskGames
}

/** What may be staked, and what the game does to the economy at the stakes of late. */
export function StakesPart({ game, draft, put, view }: StakesPartProps) {
  const { stakes } = draft
  const set = (patch: Partial<typeof stakes>) => put({ stakes: { ...stakes, ...patch } } as never)
  const smallest = (typed: number) => set({ smallest: Math.max(1, typed) })
  const lately = view.lately.games.find((one) => one.game === game)
  const returns = returnsOf(game, draft)
  return (
    <div className="flex flex-col gap-5">
      <FaultsAt name="stakes">
        <div className="grid max-w-md cols-figures items-center gap-x-3 gap-y-2">
          <span>Smallest stake</span>
          <NumberInput label="Smallest stake" value={stakes.smallest} onValue={smallest} />
          <span className="text-muted">{view.currency.many}</span>
          <span>Largest stake</span>
          <NumberInput label="Largest stake" value={stakes.largest} none="–" onValue={(largest) => set({ largest })} />
          <span className="text-muted">{view.currency.many}</span>
          <span>Largest share of a balance</span>
          <NumberInput
            label="Largest share of a balance"
            value={stakes.share}
            most={100}
            onValue={(share) => set({ share: Math.max(1, share) })}
          />
          <span className="text-muted">%</span>
        </div>
      </FaultsAt>
      <p className="text-muted">
        A minimum keeps out token stakes. The share keeps anyone from losing a month’s earnings in a minute; “all” then
        means the largest stake allowed.
      </p>
      {returns && (
        <p className="rounded-md bg-surface px-3 py-2">
          {effectInWords(returns, lately?.staked ?? 0, view.lately.shows, view.currency)}
        </p>
      )}
    </div>
  )
}
