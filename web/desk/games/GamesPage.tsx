import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { whoInWords } from '#core/access'
import { digits, signed } from '#core/currency'
import {
  expectedChange,
  GAME_NAMES,
  GAMES,
  type Game,
  paysTooMuch,
  returnsInWords,
  returnsOf,
  type SettingsOf,
} from '#core/games'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { OnOff } from '../../parts/OnOff.tsx'
import { PageTitle } from '../../parts/page/PageTitle.tsx'
import { WideTable } from '../../parts/table/WideTable.tsx'
import { type CommandsView, commandsQuery } from '../commands/view.ts'
import { GamePanel } from './GamePanel.tsx'
import { saveGame } from './saveGame.ts'
import { useGameAction } from './useGameAction.ts'
import { type DeskGames, gamesQuery } from './view.ts'
import { WageringPanel } from './WageringPanel.tsx'

/** Every game: whether it is on, what comes back of what is staked, and what it does to the economy. */
export function GamesPage() {
  const games = useQuery(gamesQuery)
  const commands = useQuery(commandsQuery)
  const [open, setOpen] = useState<Game>()
  const failed = games.error ?? commands.error
  return (
    <div className="flex flex-col gap-4">
      <PageTitle>Games</PageTitle>
      {failed && <Problem error={failed} retry={() => void games.refetch()} />}
      {(games.isPending || commands.isPending) && !failed && <Loading what="the games" />}
      {games.data && commands.data && (
        <>
          <Tonight view={games.data} />
          <GameTable view={games.data} commands={commands.data} onOpen={setOpen} />
          <WageringPanel key={JSON.stringify(games.data.wagering)} view={games.data} />
        </>
      )}
      {games.data && commands.data && open !== undefined && (
        <GamePanel key={open} game={open} view={games.data} commands={commands.data} close={() => setOpen(undefined)} />
      )}
    </div>
  )
}

function Tonight({ view }: { view: DeskGames }) {
  const on = GAMES.filter((game) => view.settings[game].on).length
  const { games, shows } = view.lately
  const staked = games.reduce((sum, one) => sum + one.staked, 0)
  const paid = games.reduce((sum, one) => sum + one.paid, 0)
  return (
    <p className="tabular text-muted">
      {on === 0 ? 'No game is on.' : `${on} of ${GAMES.length} on.`}{' '}
      {staked === 0
        ? 'Nothing was staked in the last 30 days.'
        : `In 30 days, over ${shows} ${shows === 1 ? 'show' : 'shows'}: ${digits(staked)} staked, ${digits(paid)} paid back.`}
    </p>
  )
}

const ABOUT: Readonly<Record<Game, string>> = {
  heist: 'A crew, room by room',
  duel: 'Two stakes, chance decides',
  roulette: 'Bets on a wheel',
  reels: 'Three reels, a pay table',
  coin: 'Double or nothing',
  cup: 'Elimination by duels',
}

interface GameTableProps {
  readonly view: DeskGames
  readonly commands: CommandsView
  readonly onOpen: (game: Game) => void
}

function GameTable({ view, commands, onOpen }: GameTableProps) {
  return (
    <WideTable>
      <table className="w-full">
        <thead className="text-left text-[0.93rem] text-muted">
          <tr>
            <td colSpan={4} />
            <th scope="colgroup" colSpan={2} className="pl-6 text-right font-normal">
              Change of viewers’ {view.currency.many}, per show
            </th>
            <td />
          </tr>
          <tr className="border-b border-line">
            <th scope="col" className="w-14 py-1.5 font-normal">
              On
            </th>
            <th scope="col" className="font-normal">
              Game
            </th>
            <th scope="col" className="text-right font-normal">
              Stakes paid back,
              <br />
              on average
            </th>
            <th scope="col" className="pl-6 text-right font-normal">
              Staked in 30 days
            </th>
            <th scope="col" className="pl-6 text-right font-normal">
              Expected
            </th>
            <th scope="col" className="pl-6 text-right font-normal">
              Actual
            </th>
            <th scope="col" className="font-normal">
              <span className="sr-only">Start</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {GAMES.map((game) => (
            <GameRow
              key={game}
              game={game}
              view={view}
              who={whoInWords(view.settings[game].who, commands.names)}
              onOpen={() => onOpen(game)}
            />
          ))}
        </tbody>
      </table>
    </WideTable>
  )
}

interface GameRowProps {
  readonly game: Game
  readonly view: DeskGames
  readonly who: string
  readonly onOpen: () => void
}

function GameRow({ game, view, who, onOpen }: GameRowProps) {
  const settings = view.settings[game]
  const returns = returnsOf(game, settings)
  const lately = view.lately.games.find((one) => one.game === game)
  return (
    <tr className="border-b border-line align-top">
      <td className="py-3">
        <OnSwitch game={game} settings={settings} />
      </td>
      <td className="py-2.5 pr-4">
        <button type="button" onClick={onOpen} className="text-left">
          <span className="font-semibold underline-offset-2 hover:underline">{GAME_NAMES[game]}</span>{' '}
          <code className="text-muted">!{settings.word.word}</code>
          <span className="block text-[0.93rem] text-muted">
            {ABOUT[game]}; for {who}
          </span>
        </button>
      </td>
      <td
        className={`tabular py-3 text-right whitespace-nowrap ${returns && paysTooMuch(returns) ? 'text-brick-text' : ''}`}
      >
        {returns === undefined ? '–' : returnsInWords(returns).replace(' to ', ' – ')}
      </td>
      <LatelyCells lately={lately} shows={view.lately.shows} returns={returns} />
      <td className="py-2 pl-4 text-right">
        <StartButton game={game} view={view} />
      </td>
    </tr>
  )
}

interface LatelyCellsProps {
  readonly lately: DeskGames['lately']['games'][number] | undefined
  readonly shows: number
  readonly returns: ReturnType<typeof returnsOf>
}

/** What was staked lately, what was to be expected of it, and what happened. */
function LatelyCells({ lately, shows, returns }: LatelyCellsProps) {
  const cell = 'tabular py-3 pl-6 text-right whitespace-nowrap'
  if (lately === undefined)
    return (
      <td colSpan={3} className={`${cell} text-muted`}>
        not played
      </td>
    )
  const actual = shows === 0 ? 0 : Math.round((lately.paid - lately.staked) / shows)
  return (
    <>
      <td className={cell}>
        {digits(lately.staked)}
        <span className="block text-[0.93rem] text-muted">
          {digits(lately.rounds)} {lately.rounds === 1 ? 'round' : 'rounds'}
        </span>
      </td>
      <td className={`${cell} text-muted`}>
        {returns === undefined ? '–' : signed(expectedChange(returns, lately.staked, shows))}
      </td>
      <td className={cell}>{signed(actual)}</td>
    </>
  )
}

function OnSwitch<G extends Game>({ game, settings }: { game: G; settings: SettingsOf[G] }) {
  const action = useGameAction()
  const turn = (on: boolean) =>
    action.mutate({
      send: () => saveGame(game, { ...settings, on }, true),
      said: `${GAME_NAMES[game]} is ${on ? 'on' : 'off'}.`,
    })
  return <OnOff on={action.isPending ? !settings.on : settings.on} name={GAME_NAMES[game]} onTurn={turn} />
}

/** Opens a game for everybody from the desk, where that makes sense. */
function StartButton({ game, view }: { game: Game; view: DeskGames }) {
  const action = useGameAction()
  if ((game !== 'heist' && game !== 'roulette') || !view.settings[game].on) return null
  if (view.rounds.some((round) => round.game === game))
    return <span className="whitespace-nowrap text-moss-text">on now</span>
  return (
    <Button
      disabled={action.isPending}
      onClick={() =>
        action.mutate({
          send: () => api.POST(game === 'heist' ? '/desk/games/heist/open' : '/desk/games/roulette/open'),
          said: `${GAME_NAMES[game]} is open.`,
        })
      }
    >
      {game === 'heist' ? 'Gather a crew' : 'Open the wheel'}
    </Button>
  )
}
