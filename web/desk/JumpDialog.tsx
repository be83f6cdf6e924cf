import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Dialog, DialogPanel } from '@headlessui/react'
import { useQuery } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { may } from '#core/team'
import { answerOf, api } from '../parts/api.ts'
import { keyOf } from '../parts/queryKey.ts'
import { ageText } from '../parts/time.ts'
import { useChange } from '../parts/useChange.ts'
import { commandsQuery } from './commands/view.ts'
import { pagesFor } from './frame/pages.ts'
import { JUMP_HINT, JUMP_LABEL, type JumpProps } from './JumpWaiting.tsx'
import { isMeant, JUMP_TARGETS } from './jumpTargets.ts'
import { type RafflesView, rafflesQuery } from './raffles/view.ts'
import { useMay } from './rights.tsx'
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

/** All that can be chosen for what was typed: pages, deeds, things by name, people. */
function useChoices(typed: string, showViewer: (id: number) => void): Choice[] {
  const name = typed.trim()
  const [fixed, things, people] = [useFixed(), useThings(), usePeopleCalled(name, showViewer)]
  const settings = useSettingsCalled(name)
  const all = name === '' ? fixed : [...fixed, ...things]
  return [...all.filter((choice) => choice.name.toLowerCase().includes(name.toLowerCase())), ...settings, ...people]
}

/** The pages, and what can always be done. */
function useFixed(): Choice[] {
  const go = useNavigate()
  const status = useStatus()
  const { rights, voice } = status
  const { muted } = voice
  const pages = pagesFor(status).flatMap((group) => group.pages.flatMap((page) => page.tabs ?? page))
  const mute = useChange({
    ask: () => answerOf(api.PUT('/desk/voice', { body: { muted: !muted } })),
    invalidates: ['status'],
    said: muted ? 'The bot speaks again.' : 'The bot is muted. Everything else keeps working.',
  })
  return [
    ...pages.map(({ to, name, title = name }) => ({ id: to, name: title, kind: 'page', run: () => void go(to) })),
    ...(may(rights, 'raffles', 'act')
      ? [{ id: 'raffle-new', name: 'Set up a raffle', kind: 'do', run: () => void go('/raffles/new') }]
      : []),
    ...(may(rights, 'show', 'act')
      ? [{ id: 'voice', name: muted ? 'Let the bot speak' : 'Mute the bot', kind: 'do', run: () => mute.mutate() }]
      : []),
  ]
}

/** What is set somewhere, by its name and by what else people call it. */
function useSettingsCalled(name: string): Choice[] {
  const go = useNavigate()
  const { rights } = useStatus()
  return JUMP_TARGETS.filter((target) => may(rights, target.area, 'look') && isMeant(target, name)).map((target) => ({
    id: `setting-${target.name}`,
    name: target.name,
    kind: 'setting',
    run: () => void go(target.to),
  }))
}

/** What is called by a name: rewards, commands, and raffles that can be opened. */
function useThings(): Choice[] {
  const mayDo = useMay()
  const go = useNavigate()
  const start = useChange({
    ask: ({ id, settings }: RafflesView['setups'][number]) =>
      answerOf(api.POST('/desk/raffles', { body: { settings, opens: { of: 'now' }, setup: id } })),
    invalidates: ['raffles'],
    said: 'It is open.',
  })
  const raffles = (useQuery({ ...rafflesQuery, enabled: mayDo('raffles', 'act') }).data?.setups ?? []).map((setup) => ({
    id: `setup-${setup.id}`,
    name: `Open the raffle “${setup.settings.title}”`,
    kind: 'do',
    run: () => start.mutate(setup),
  }))
  const rewards = (useQuery({ ...storeQuery, enabled: mayDo('store', 'look') }).data?.rewards ?? []).map(
    ({ id, settings }) => ({
      id: `reward-${id}`,
      name: settings.name,
      kind: 'reward',
      run: () => void go(`/store?open=${id}`),
    }),
  )
  const commands = (useQuery({ ...commandsQuery, enabled: mayDo('commands', 'look') }).data?.commands ?? []).map(
    ({ id, settings }) => ({
      id: `command-${id}`,
      name: `!${settings.word}`,
      kind: 'command',
      run: () => void go(`/commands?open=${id}`),
    }),
  )
  return [...raffles, ...rewards, ...commands]
}

function usePeopleCalled(name: string, showViewer: (id: number) => void): Choice[] {
  const { now } = useStatus()
  const mayDo = useMay()
  const found = useQuery({
    queryKey: keyOf('viewers', name),
    queryFn: ({ signal }) => answerOf(api.GET('/desk/viewers', { params: { query: { name } }, signal })),
    enabled: name !== '' && mayDo('people', 'look'),
  })
  return (found.data?.viewers ?? []).map((viewer) => ({
    id: `viewer-${viewer.id}`,
    name: viewer.name,
    kind: `viewer, seen ${ageText(now - viewer.lastSeenAt)} ago`.replace('just now ago', 'just now'),
    run: () => showViewer(viewer.id),
  }))
}
