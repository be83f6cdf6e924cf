import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Dialog, DialogPanel } from '@headlessui/react'
import { useQuery } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { answerOf, api } from '../parts/api.ts'
import { useToast } from '../parts/feedback/toasts.tsx'
import { ageText } from '../parts/time.ts'
import { commandsQuery } from './commands/view.ts'
import { JUMP_HINT, JUMP_LABEL, type JumpProps } from './JumpWaiting.tsx'
import { type RafflesView, rafflesQuery } from './raffles/view.ts'
import { useStatus } from './status.ts'
import { storeQuery } from './store/view.ts'

interface Choice {
  readonly id: string
  readonly name: string
  readonly kind: string
  readonly run: () => void
}

/** The box itself, with what can be chosen in it. */
export function JumpDialog(props: JumpProps) {
  const { close } = props
  return (
    <Dialog open onClose={close} aria-label={JUMP_LABEL} className="fixed inset-0 z-40">
      <div className="fixed inset-0 bg-black/50" aria-hidden="true" />
      <div className="fixed inset-x-0 top-24 flex justify-center px-4">
        <DialogPanel className="w-full max-w-lg rounded-md border border-line bg-panel">
          <Choices {...props} />
        </DialogPanel>
      </div>
    </Dialog>
  )
}

function Choices({ close, showViewer, typed, setTyped }: JumpProps) {
  const choices = useChoices(typed, showViewer)
  return (
    <Combobox
      value={null}
      onChange={(choice: Choice | null) => {
        if (choice === null) return
        close()
        choice.run()
      }}
      immediate
    >
      <ComboboxInput
        data-autofocus
        aria-label={JUMP_LABEL}
        displayValue={() => typed}
        placeholder={JUMP_HINT}
        onChange={(event) => setTyped(event.target.value)}
        className="w-full rounded-md bg-transparent px-4 py-3 text-lg outline-none placeholder:text-muted"
      />
      <ComboboxOptions static className="max-h-80 overflow-y-auto border-t border-line py-1">
        {choices.map((choice) => (
          <ComboboxOption
            key={choice.id}
            value={choice}
            className="flex cursor-pointer justify-between gap-4 px-4 py-2 data-focus:bg-raised"
          >
            <span>{choice.name}</span>
            <span className="text-sm text-muted">{choice.kind}</span>
          </ComboboxOption>
        ))}
        {choices.length === 0 && <p className="px-4 py-3 text-muted">Nothing found.</p>}
      </ComboboxOptions>
    </Combobox>
  )
}

function useChoices(typed: string, showViewer: (id: number) => void): Choice[] {
  const go = useNavigate()
  const toast = useToast()
  const { voice, now } = useStatus()
  const name = typed.trim()
  const found = useQuery({
    queryKey: ['viewers', name],
    queryFn: ({ signal }) => answerOf(api.GET('/desk/viewers', { params: { query: { name: name } }, signal })),
    enabled: name !== '',
  })
  const mute = (muted: boolean, done: string) => () =>
    void answerOf(api.PUT('/desk/voice', { body: { muted } })).then(
      () => toast({ text: done }),
      (fault: Error) => toast({ text: fault.message, look: 'problem' }),
    )
  const start = ({ id, settings }: RafflesView['setups'][number]) =>
    void answerOf(api.POST('/desk/raffles', { body: { settings, opens: { of: 'now' }, setup: id } })).then(
      () => toast({ text: 'It is open.' }),
      (fault: Error) => toast({ text: fault.message, look: 'problem' }),
    )
  const fixed: Choice[] = [
    { id: 'onair', name: 'On air', kind: 'page', run: () => void go('/') },
    { id: 'earning', name: 'Earning', kind: 'page', run: () => void go('/earning') },
    { id: 'people', name: 'People', kind: 'page', run: () => void go('/people') },
    { id: 'store', name: 'Store', kind: 'page', run: () => void go('/store') },
    { id: 'games', name: 'Games', kind: 'page', run: () => void go('/games') },
    { id: 'cup', name: 'Cup', kind: 'page', run: () => void go('/games/cup') },
    { id: 'raffles', name: 'Raffles', kind: 'page', run: () => void go('/raffles') },
    { id: 'raffle-new', name: 'Set up a raffle', kind: 'do', run: () => void go('/raffles/new') },
    { id: 'orders', name: 'Orders', kind: 'page', run: () => void go('/store/orders') },
    { id: 'screen', name: 'Screen: overlays', kind: 'page', run: () => void go('/screen') },
    { id: 'alerts', name: 'Alerts', kind: 'page', run: () => void go('/screen/alerts') },
    { id: 'library', name: 'Library', kind: 'page', run: () => void go('/screen/library') },
    { id: 'ranks', name: 'Ranks and circles', kind: 'page', run: () => void go('/ranks') },
    { id: 'commands', name: 'Commands', kind: 'page', run: () => void go('/commands') },
    { id: 'triggers', name: 'Triggers', kind: 'page', run: () => void go('/commands/triggers') },
    { id: 'tallies', name: 'Tallies', kind: 'page', run: () => void go('/commands/tallies') },
    { id: 'log', name: 'Activity', kind: 'page', run: () => void go('/commands/log') },
    { id: 'words', name: 'Built-in commands', kind: 'page', run: () => void go('/commands/words') },
    { id: 'voicepage', name: 'Bot', kind: 'page', run: () => void go('/commands/voice') },
    { id: 'connections', name: 'Connections', kind: 'page', run: () => void go('/connections') },
    voice.muted
      ? {
          id: 'voice',
          name: 'Let the bot speak',
          kind: 'do',
          run: mute(false, 'The bot speaks again.'),
        }
      : {
          id: 'voice',
          name: 'Mute the bot',
          kind: 'do',
          run: mute(true, 'The bot is muted. Everything else keeps working.'),
        },
  ]
  const rewards = (useQuery(storeQuery).data?.rewards ?? []).map(({ id, settings }) => ({
    id: `reward-${id}`,
    name: settings.name,
    kind: 'reward',
    run: () => void go(`/store?open=${id}`),
  }))
  const commands = (useQuery(commandsQuery).data?.commands ?? []).map(({ id, settings }) => ({
    id: `command-${id}`,
    name: `!${settings.word}`,
    kind: 'command',
    run: () => void go(`/commands?open=${id}`),
  }))
  const raffles = (useQuery(rafflesQuery).data?.setups ?? []).map((setup) => ({
    id: `setup-${setup.id}`,
    name: `Open the raffle “${setup.settings.title}”`,
    kind: 'do',
    run: () => start(setup),
  }))
  const things = name === '' ? [] : [...raffles, ...rewards, ...commands]
  const people = (found.data?.viewers ?? []).map((viewer) => ({
    id: `viewer-${viewer.id}`,
    name: viewer.name,
    kind: `viewer, seen ${ageText(now - viewer.lastSeenAt)} ago`.replace('just now ago', 'just now'),
    run: () => showViewer(viewer.id),
  }))
  const named = [...fixed, ...things].filter((choice) => choice.name.toLowerCase().includes(name.toLowerCase()))
  return [...named, ...people]
}
