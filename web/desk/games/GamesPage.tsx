import { useQuery } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { whoInWords } from '#core/access'
import { digits, signed } from '#core/currency'
import {
  expectedChange,
  GAME_ABOUT,
  GAME_NAMES,
  GAMES,
  type Game,
  isForAll,
  OPENS,
  paysTooMuch,
  returnsInWords,
  returnsOf,
  type SettingsOf,
} from '#core/games'
import { gameReady } from '#core/playing'
import type { Readiness } from '#core/runs'
import { api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { Loading, Problem } from '../../parts/feedback/Notice.tsx'
import { Ready, SharedFaults, saidAbove } from '../../parts/feedback/Ready.tsx'
import { OnOff } from '../../parts/OnOff.tsx'
import type { Column } from '../../parts/table/column.ts'
import { DataTable } from '../../parts/table/DataTable.tsx'
import { type CommandsView, commandsQuery } from '../commands/view.ts'
import { GamePanel } from '../panels.tsx'
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

interface GameTableProps {
  readonly view: DeskGames
  readonly commands: CommandsView
  readonly onOpen: (game: Game) => void
}

function GameTable({ view, commands, onOpen }: GameTableProps) {
  const columns = useMemo(() => columnsOf({ view, commands, onOpen }), [view, commands, onOpen])
  return (
    <>
      <SharedFaults all={readiness(view, commands)} many="games" />
      <DataTable label="Games" rows={GAMES} columns={columns} keyOf={(game) => game} />
      <p className="text-note text-muted">
        Expected and actual: by how much all viewers’ {view.currency.many} together changed per show, in the last 30
        days. Expected follows from what is paid back on average.
      </p>
    </>
  )
}

/** Whether each game that is on works now. */
const readiness = ({ settings }: DeskGames, { standing }: CommandsView): Readiness[] =>
  GAMES.filter((game) => settings[game].on).map((game) => gameReady(settings[game], standing))

function Named({ game, view, commands, onOpen }: GameTableProps & { readonly game: Game }) {
  const settings = view.settings[game]
  const ready = gameReady(settings, commands.standing)
  const said = saidAbove(readiness(view, commands))
  return (
    <>
      <button type="button" onClick={() => onOpen(game)} className="text-left">
        <span className="font-semibold underline-offset-2 hover:underline">{GAME_NAMES[game]}</span>{' '}
        <code className="text-muted">!{settings.word.word}</code>
        <span className="block text-note text-muted">
          {GAME_ABOUT[game]}; for {whoInWords(settings.who, commands.names)}
        </span>
      </button>
      {settings.on && !ready.ready && !said.includes(ready.sentence) && (
        <span className="block text-note">
          <Ready ready={ready} />
        </span>
      )}
    </>
  )
}

function columnsOf({ view, commands, onOpen }: GameTableProps): Column<Game>[] {
  const lately = (game: Game) => view.lately.games.find((one) => one.game === game)
  return [
    {
      id: 'on',
      head: 'On',
      width: 'w-18',
      card: 'aside',
      cell: (game) => <OnSwitch game={game} settings={view.settings[game]} />,
    },
    {
      id: 'game',
      head: 'Game',
      card: 'title',
      cell: (game) => <Named game={game} view={view} commands={commands} onOpen={onOpen} />,
    },
    {
      id: 'returns',
      head: 'Stakes paid back, on average',
      width: 'w-34',
      end: true,
      card: 'figure',
      cell: (game) => <Payback returns={returnsOf(game, view.settings[game])} />,
    },
    ...latelyColumns(view, lately),
    {
      id: 'start',
      head: 'Start',
      headHidden: true,
      width: 'w-40',
      end: true,
      cell: (game) => <StartButton game={game} view={view} />,
    },
  ]
}

type Lately = DeskGames['lately']['games'][number]

/** What was staked lately, what was to be expected of it, and what happened. */
const latelyColumns = (view: DeskGames, lately: (game: Game) => Lately | undefined): Column<Game>[] => [
  {
    id: 'staked',
    head: 'Staked in 30 days',
    width: 'w-26',
    end: true,
    card: 'figure',
    cell: (game) => <Staked lately={lately(game)} />,
  },
  {
    id: 'expected',
    head: 'Expected per show',
    width: 'w-22',
    end: true,
    card: 'figure',
    cell: (game) => {
      const [returns, one] = [returnsOf(game, view.settings[game]), lately(game)]
      if (returns === undefined || one === undefined) return '–'
      return <span className="text-muted">{signed(expectedChange(returns, one.staked, view.lately.shows))}</span>
    },
  },
  {
    id: 'actual',
    head: 'Actual per show',
    width: 'w-22',
    end: true,
    card: 'figure',
    cell: (game) => {
      const one = lately(game)
      return one === undefined ? '–' : signed(Math.round((one.paid - one.staked) / Math.max(1, view.lately.shows)))
    },
  },
]

function Payback({ returns }: { returns: ReturnType<typeof returnsOf> }) {
  if (returns === undefined) return '–'
  return (
    <span className={paysTooMuch(returns) ? 'text-brick-text' : ''}>
      {returnsInWords(returns).replaceAll(' %', '\u00a0%').replace(' to ', ' – ')}
    </span>
  )
}

function Staked({ lately }: { lately: Lately | undefined }) {
  if (lately === undefined) return <span className="text-muted">not played</span>
  return (
    <>
      {digits(lately.staked)}
      <span className="block text-note text-muted">
        {digits(lately.rounds)} {lately.rounds === 1 ? 'round' : 'rounds'}
      </span>
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
  if (!isForAll(game) || !view.settings[game].on) return null
  if (view.rounds.some((round) => round.game === game))
    return <span className="whitespace-nowrap text-moss-text">on now</span>
  return (
    <Button
      needs="act"
      disabled={action.isPending}
      onClick={() =>
        action.mutate({ send: () => api.POST(`/desk/games/${game}/open`), said: `${GAME_NAMES[game]} is open.` })
      }
    >
      {OPENS[game]}
    </Button>
  )
}
