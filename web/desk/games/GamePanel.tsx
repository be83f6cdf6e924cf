import { useState } from 'react'
import { firstFault } from '#core/faults'
import {
  GAME_NAMES,
  GAME_SETTINGS,
  type Game,
  inPercent,
  isForAll,
  paysTooMuch,
  returnsInWords,
  returnsOf,
  returnWarning,
  type SettingsOf,
  settingsFaults,
} from '#core/games'
import { gameReady } from '#core/playing'
import type { Readiness } from '#core/runs'
import { answerOf } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { FormDialog } from '../../parts/dialog/FormDialog.tsx'
import { SidePanel } from '../../parts/dialog/SidePanel.tsx'
import { Problem } from '../../parts/feedback/Notice.tsx'
import { Ready } from '../../parts/feedback/Ready.tsx'
import { Wrong } from '../../parts/feedback/Wrong.tsx'
import { DraftConflict } from '../../parts/form/DraftConflict.tsx'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { type Draft, useDraft } from '../../parts/form/drafts.tsx'
import { faultsIn } from '../../parts/form/faultsIn.ts'
import { INPUT } from '../../parts/form/inputs.tsx'
import { SaveLine } from '../../parts/form/SaveLine.tsx'
import { useChange } from '../../parts/useChange.ts'
import { LimitFields } from '../commands/LimitFields.tsx'
import type { CommandsView } from '../commands/view.ts'
import { WhoFields } from '../commands/WhoFields.tsx'
import { EveningPart } from './evening/EveningPart.tsx'
import type { GameForm } from './form.ts'
import { FORMS } from './forms.ts'
import { StakesPart } from './StakesPart.tsx'
import { saveGame } from './saveGame.ts'
import type { DeskGames } from './view.ts'

interface GamePanelProps {
  readonly game: Game
  readonly view: DeskGames
  readonly commands: CommandsView
  readonly close: () => void
}

const STAKES = 'Stakes'
const WHO = 'Who and how often'
const EVENING = 'An evening'

/** What is set of a game, in parts: its own, then what its settings have in common with others. */
const partsOf = (game: Game, settings: SettingsOf[Game]): string[] => [
  ...FORMS[game].parts.map(({ name }) => name),
  ...('stakes' in settings ? [STAKES] : []),
  WHO,
  ...(FORMS[game].evening === false ? [] : [EVENING]),
]

/** Changes how a game is played. What it gives back is always in view. */
export function GamePanel<G extends Game>({ game, view, commands, close }: GamePanelProps & { game: G }) {
  const live = view.settings[game] as SettingsOf[G]
  const kept = useDraft(`game/${game}`, live)
  const { draft, put: setDraft } = kept
  const faults = faultsIn(GAME_SETTINGS[game], draft, settingsFaults(game, draft))
  const parts = partsOf(game, live)
  const [part, setPart] = useState(parts[0] ?? '')
  const put = (patch: Partial<SettingsOf[G]>) => setDraft({ ...draft, ...patch })
  return (
    <SidePanel
      title={GAME_NAMES[game]}
      close={close}
      parts={parts}
      part={part}
      setPart={setPart}
      foot={
        <GameFoot
          game={game}
          live={live}
          kept={kept}
          fault={firstFault(faults)}
          ready={gameReady(draft, commands.standing)}
        />
      }
    >
      <DraftFields kept={kept} faults={faults}>
        <Part part={part} game={game} draft={draft} put={put} view={view} commands={commands} />
      </DraftFields>
    </SidePanel>
  )
}

interface PartProps<G extends Game> {
  readonly part: string
  readonly game: G
  readonly draft: SettingsOf[G]
  readonly put: (patch: Partial<SettingsOf[G]>) => void
  readonly view: DeskGames
  readonly commands: CommandsView
}

function Part<G extends Game>({ part, game, draft, put, view, commands }: PartProps<G>) {
  if (part === STAKES && 'stakes' in draft) return <StakesPart draft={draft} put={put} view={view} game={game} />
  if (part === WHO) return <WhoPart game={game} draft={draft} put={put} commands={commands} />
  if (part === EVENING) return <EveningPart game={game} draft={draft} view={view} />
  const { parts }: GameForm<G> = FORMS[game]
  const Own = parts.find(({ name }) => name === part)?.Part
  return Own && <Own draft={draft} put={put} view={view} />
}

function WhoPart<G extends Game>({ game, draft, put, commands }: Omit<PartProps<G>, 'part' | 'view'>) {
  const [named, setNamed] = useState<Readonly<Record<number, string>>>({})
  const set = put as (patch: Partial<SettingsOf[Game]>) => void
  return (
    <div className="flex flex-col gap-6">
      <WhoFields
        who={draft.who}
        view={commands}
        setWho={(who) => set({ who })}
        named={named}
        setNamed={setNamed}
        may="may play it"
      />
      <LimitFields
        limits={draft.limits}
        setLimits={(limits) => set({ limits })}
        onAir={draft.onAir}
        setOnAir={(onAir) => set({ onAir })}
        viewer
      />
      {isForAll(game) && (
        <p className="text-muted">The cooldown starts when a round ends; joining a running round is always possible.</p>
      )}
    </div>
  )
}

interface GameFootProps<G extends Game> {
  readonly game: G
  /** What the draft was begun from. */
  readonly live: SettingsOf[G]
  readonly kept: Draft<SettingsOf[G]>
  readonly fault: string | undefined
  readonly ready: Readiness
}

function GameFoot<G extends Game>({ game, live, kept, fault, ready }: GameFootProps<G>) {
  const { draft, settle, changed, conflict } = kept
  const [asking, setAsking] = useState(false)
  const save = useChange({
    ask: ({ sent, confirmed }: { sent: SettingsOf[G]; confirmed: boolean }) =>
      answerOf(saveGame(game, sent, confirmed, live)),
    invalidates: ['games', 'commands'],
    onDone: () => setAsking(false),
    onFresh: (_, { sent }) => settle(sent),
    inPlace: true,
  })
  const returns = fault === undefined ? returnsOf(game, draft) : undefined
  const go = () =>
    returns !== undefined && paysTooMuch(returns) ? setAsking(true) : save.mutate({ sent: draft, confirmed: false })
  return (
    <div className="flex flex-col gap-2">
      <Wrong>{fault}</Wrong>
      {returns && <PaidBack returns={returns} />}
      {fault === undefined && <Ready ready={ready} />}
      <DraftConflict conflict={conflict} />
      {save.error && changed && <Problem error={save.error} />}
      <div className="flex flex-wrap items-center gap-2">
        <SaveLine
          {...kept}
          typed={changed}
          off={fault !== undefined || conflict !== undefined}
          saving={save.isPending}
          save={go}
        />
      </div>
      {asking && returns && (
        <Confirm
          most={returnsInWords(returns)}
          close={() => setAsking(false)}
          go={() => save.mutate({ sent: draft, confirmed: true })}
        />
      )}
    </div>
  )
}

/** What players get back of their stakes, and a warning where that is much. */
function PaidBack({ returns }: { returns: NonNullable<ReturnType<typeof returnsOf>> }) {
  const warning = returnWarning(returns)
  return (
    <p aria-live="polite">
      Players get back <strong className="tabular">{returnsInWords(returns)}</strong> of their stakes on average
      {inPercent(returns.least) === inPercent(returns.most) ? '.' : ', depending on how they play.'}
      {warning && <span className="block text-brick-text">{warning}</span>}
    </p>
  )
}

/** A game that pays out more than it takes is allowed, and asked for by a word that nobody types by accident. */
function Confirm({ most, close, go }: { most: string; close: () => void; go: () => void }) {
  const [typed, setTyped] = useState('')
  return (
    <FormDialog title="It pays out more than it takes" close={close}>
      <p>
        With these settings players get back {most} of their stakes: the game creates currency out of nothing, and more
        the more it is played. If that is what you want, type <strong>more than 100</strong>.
      </p>
      <input
        aria-label="Type: more than 100"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        className={INPUT}
      />
      <div className="flex gap-2">
        <Button look="danger" disabled={typed.trim() !== 'more than 100'} onClick={go}>
          Save it like this
        </Button>
        <Button onClick={close}>Go back</Button>
      </div>
    </FormDialog>
  )
}
