import { useQuery } from '@tanstack/react-query'
import { api } from '../../../parts/api.ts'
import { Button } from '../../../parts/Button.tsx'
import { Loading, Problem } from '../../../parts/feedback/Notice.tsx'
import { Empty } from '../../../parts/page/Panel.tsx'
import { commandsQuery } from '../../commands/view.ts'
import { useGameAction } from '../useGameAction.ts'
import { gamesQuery } from '../view.ts'
import { CupForm } from './CupForm.tsx'
import { CupOn } from './CupOn.tsx'

/** The cup: opening one, or the one that is on with its bracket. */
export function CupPage() {
  const games = useQuery(gamesQuery)
  const commands = useQuery(commandsQuery)
  const action = useGameAction()
  const failed = games.error ?? commands.error
  if (failed) return <Problem error={failed} retry={() => void games.refetch()} />
  if (games.data === undefined || commands.data === undefined) return <Loading what="the cup" />
  const round = games.data.rounds.find(({ game }) => game === 'cup')
  const { cup } = games.data.settings
  const turnOn = () =>
    action.mutate({
      send: () => api.PUT('/desk/games/cup', { body: { settings: { ...cup, on: true } } }),
      said: 'Cups are on.',
    })
  return (
    <div className="flex flex-col gap-4">
      {round !== undefined ? (
        <CupOn round={round} view={games.data} />
      ) : cup.on ? (
        <CupForm view={games.data} commands={commands.data} />
      ) : (
        <Empty
          action={
            <Button needs="change" onClick={turnOn}>
              Switch cups on
            </Button>
          }
        >
          A cup is an evening of duels: people sign up, the bracket is drawn, match after match is called in chat, and
          the last one standing has the prize. Cups are switched off.
        </Empty>
      )}
    </div>
  )
}
