import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { useState } from 'react'
import { digits, inWords } from '#core/currency'
import { returnsInWords, returnsOf, type SettingsOf } from '#core/games'
import { SAMPLE_VIEWER } from '#core/texts'
import { answerOf, api } from '../../parts/api.ts'
import { keyOf } from '../../parts/queryKey.ts'
import { useNow } from '../../parts/time.ts'
import { GameCard, PlayButton, PlayForm } from './GameCard.tsx'
import type { GamesView, OpenRound } from './games.ts'
import type { GameCardProps, GameView } from './gameView.ts'
import { StakeField } from './StakeField.tsx'

/** Duels: the challenger me, what I have called, what anyone may take, and calling somebody. */
function DuelCard({ view, settings, me, signedIn }: GameCardProps<'duel'>) {
  const returns = returnsOf('duel', settings)
  const open = view.rounds.filter(({ game }) => game === 'duel')
  const mine = open.some(({ state }) => state.of === 'duel' && state.challenger.id === me)
  return (
    <GameCard
      name="Duel"
      how={`Two viewers stake the same, and chance decides between them, 50 % each.${settings.rakeBp > 0 ? ` The house keeps ${settings.rakeBp / 100} % of the pot.` : ''}`}
      returns={returns && returnsInWords(returns)}
      chat={`!${settings.word.word} ${SAMPLE_VIEWER} 50, then !${settings.take.word} or !${settings.pass.word}`}
    >
      <ul className="flex flex-col">
        {open
          .filter(
            ({ state, status }) =>
              !(status === 'opened' && state.of === 'duel' && state.challenged?.id === me && me !== null),
          )
          .map((round) => (
            <DuelOn key={round.id} round={round} view={view} me={me} />
          ))}
      </ul>
      {signedIn && !mine && <Call settings={settings} />}
    </GameCard>
  )
}

function whomOf(challenged: { readonly name: string } | null, me: boolean): ReactNode {
  if (me) return 'challenges you to a duel'
  if (challenged === null) return 'challenges anyone'
  return (
    <>
      against <strong>{challenged.name}</strong>
    </>
  )
}

/** One duel that is on. */
export function DuelOn({ round, view, me }: { round: OpenRound; view: GamesView; me: number | null }) {
  const left = Math.max(0, Math.ceil((round.nextAt ?? 0) - useNow(view.ahead)))
  const { state } = round
  if (state.of !== 'duel') return null
  const { challenger, challenged, stake } = state
  const asked = round.status === 'opened' && challenged?.id === me && me !== null
  const mine = challenger.id === me
  const free = round.status === 'opened' && challenged === null && !mine
  return (
    <li
      className={
        asked ? 'mb-3 rounded-md border border-brass-text bg-brass-wash px-4 py-3' : 'border-b border-line py-2.5'
      }
    >
      <p>
        <strong>{challenger.name}</strong> {whomOf(challenged, asked)} for {inWords(stake, view.currency)}
        <span className="tabular text-muted">
          {round.status === 'opened' ? ` · ${left} s left` : ' · being decided'}
        </span>
      </p>
      {me !== null && (
        <div className="mt-2 flex flex-wrap gap-2 empty:hidden">
          {(asked || free) && (
            <PlayButton
              act={{ do: 'take', duel: round.id }}
              does={`Accept for ${inWords(stake, view.currency)}`}
              main={asked}
            />
          )}
          {asked && <PlayButton act={{ do: 'pass' }} does="Decline" />}
          {mine && round.status === 'opened' && <PlayButton act={{ do: 'withdraw' }} does="Withdraw" />}
        </div>
      )}
    </li>
  )
}

function meantOf(people: readonly { readonly name: string }[]): string {
  const names = people.slice(0, 3).map(({ name }) => name)
  return names.length > 0 ? `You may mean ${names.join(', ')}.` : 'Nobody of that name has been here this show.'
}

function Call({ settings }: { settings: SettingsOf['duel'] }) {
  const [stake, setStake] = useState(String(settings.stakes.smallest))
  const [typed, setTyped] = useState('')
  const name = typed.trim().replace(/^@/, '')
  const found = useQuery({
    queryKey: keyOf('opponents', name),
    queryFn: ({ signal }) => answerOf(api.GET('/games/opponents', { params: { query: { name: name } }, signal })),
    enabled: name !== '',
  })
  const people = found.data?.people ?? []
  const chosen = people.find((one) => one.name.toLowerCase() === name.toLowerCase())
  const unknown = name !== '' && found.data !== undefined && chosen === undefined
  return (
    <PlayForm
      act={{ do: 'duel', stake, challenged: chosen?.id ?? null }}
      does={name === '' ? 'Challenge anyone' : `Challenge ${chosen?.name ?? 'them'}`}
      ready={name === '' || chosen !== undefined}
    >
      <label className="flex flex-col gap-1">
        <span className="font-medium">Opponent (empty: anyone)</span>
        <input
          value={typed}
          list="opponents"
          autoCapitalize="none"
          maxLength={40}
          onChange={(event) => setTyped(event.target.value)}
          className="min-h-touch w-48 rounded-md border border-line bg-panel px-3"
        />
        <datalist id="opponents">
          {people.map((one) => (
            <option key={one.id} value={one.name} />
          ))}
        </datalist>
        {unknown && <span className="max-w-64 text-note text-muted">{meantOf(people)}</span>}
      </label>
      <StakeField stakes={settings.stakes} stake={stake} setStake={setStake} />
    </PlayForm>
  )
}

export const duelView: GameView<'duel'> = {
  Card: DuelCard,
  ends: ({ challenger, challenged, winner }, { paid }) => {
    const won = [challenger, challenged].find((one) => one !== null && one.id === winner)
    return won ? `${won.name} won ${digits(paid)}` : 'open'
  },
}
