import { useState } from 'react'
import { argumentFault, checkCommandWords, refusalFault } from '#core/commands'
import { firstFault } from '#core/faults'
import { checkSteps, commandReady, faultInWords } from '#core/runs'
import { CommandSettings } from '#core/words'
import { answerOf, api } from '../../parts/api.ts'
import { SidePanel } from '../../parts/dialog/SidePanel.tsx'
import { AllSettings, type FormPart, usePartsShown } from '../../parts/form/allSettings.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { FaultsAt } from '../../parts/form/DraftField.tsx'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { faultsIn } from '../../parts/form/faultsIn.ts'
import { SaveFoot } from '../../parts/form/SaveFoot.tsx'
import { type Saved, type SavedAt, useSaved } from '../../parts/form/useSaved.ts'
import { useStatus } from '../status.ts'
import { ArgumentFields } from './ArgumentFields.tsx'
import { FRESH } from './fresh.ts'
import { StepList } from './steps/StepList.tsx'
import { TryPart } from './TryPart.tsx'
import { aroundView, type CommandShown, type CommandsView, othersThan } from './view.ts'
import { WhoPart } from './WhoPart.tsx'
import { WordPart } from './WordPart.tsx'
import { wordFault } from './wordFault.ts'

const PARTS: readonly FormPart<CommandSettings>[] = [
  { name: 'Command' },
  { name: 'Who and how often', more: ['who', 'limits', 'onAir', 'cost', 'where'] },
  { name: 'Steps' },
  { name: 'Try it' },
]

interface CommandPanelProps {
  readonly view: CommandsView
  /** Undefined: a new one. */
  readonly command: CommandShown | undefined
  readonly close: () => void
}

/** How a command is saved. */
const AT: SavedAt<CommandSettings> = {
  save: async (id, body, from) => {
    const saved = await answerOf(
      id === null
        ? api.POST('/desk/commands', { body })
        : api.PUT('/desk/commands/{id}', { params: { path: { id } }, body, ...changedFrom(from) }),
    )
    return { id: saved.command, settings: saved.settings }
  },
  remove: (id) => api.POST('/desk/commands/{id}/remove', { params: { path: { id } } }),
  outdates: [],
}

/** Makes or changes a command: its word, who may, what happens, and a try before the audience has one. */
export function CommandPanel({ view, command, close }: CommandPanelProps) {
  const { currency } = useStatus()
  const saved = useSaved('command', AT, { id: command?.id ?? null, settings: command?.settings ?? FRESH })
  const { draft, live } = saved
  const [wanted, setPart] = useState('Command')
  const { shown, marked } = usePartsShown(PARTS, draft, FRESH)
  const part = shown.includes(wanted) ? wanted : 'Command'
  const around = {
    arguments: draft.arguments,
    figures: {},
    viewer: true,
    ...aroundView(view),
    self: live?.id,
  }
  const faults = checkSteps(draft.steps, around)
  const words = checkCommandWords(othersThan(view, currency, { command: live?.id ?? null }), draft)
  const collides = words.ok ? undefined : words.refusal.sentence
  const wrong = faultsIn(CommandSettings, draft, wrongWith(draft, collides, faults))
  const foot = (
    <SaveFoot
      saved={saved}
      wrong={firstFault(wrong)}
      ready={commandReady(draft, faults, view.standing)}
      nameOf={({ word }) => `!${word}`}
      close={close}
    />
  )
  const title = live === undefined ? 'Add a command' : `!${live.settings.word}`
  return (
    <SidePanel parts={shown} aside={<AllSettings />} {...{ title, close, part, setPart, foot, marked }}>
      <DraftFields kept={saved} faults={wrong} error={saved.save.error}>
        <Part part={part} saved={saved} view={view} around={around} faults={faults} wrong={firstFault(wrong)} />
      </DraftFields>
    </SidePanel>
  )
}

interface PartProps {
  readonly part: string
  readonly saved: Saved<CommandSettings>
  readonly view: CommandsView
  readonly around: Parameters<typeof checkSteps>[1]
  readonly faults: ReturnType<typeof checkSteps>
  readonly wrong: string | undefined
}

function Part({ part, saved: { draft, put: putDraft, live, changed }, view, around, faults, wrong }: PartProps) {
  const put = (patch: Partial<CommandSettings>) => putDraft({ ...draft, ...patch })
  switch (part) {
    case 'Command':
      return (
        <div className="flex flex-col gap-5">
          <WordPart draft={draft} put={put} view={view} />
          <FaultsAt name="arguments">
            <ArgumentFields
              word={draft.word}
              wanted={draft.arguments}
              setWanted={(wanted) => put({ arguments: wanted })}
            />
          </FaultsAt>
        </div>
      )
    case 'Who and how often':
      return <WhoPart draft={draft} put={put} view={view} id={live?.id} />
    case 'Steps':
      return (
        <StepList
          steps={draft.steps}
          setSteps={(steps) => put({ steps })}
          view={view}
          around={around}
          faults={faults}
        />
      )
    default:
      return (
        <TryPart
          what={{ kind: 'command', id: live?.id ?? null, settings: draft }}
          wrong={wrong}
          unsaved={changed}
          view={view}
        />
      )
  }
}

/** What keeps a command from being saved, by field. */
function wrongWith(draft: CommandSettings, collides: string | undefined, faults: ReturnType<typeof checkSteps>) {
  const fault = faults.find(({ hint }) => !hint)
  const nameless = draft.arguments.some(({ name }) => !/^[a-z][a-z0-9_]*$/.test(name))
  return {
    word: draft.word === '' ? 'Type the command first.' : (wordFault(draft.word) ?? collides),
    aliases: draft.aliases.map(wordFault).find((one) => one !== undefined),
    arguments: nameless
      ? 'An argument’s name starts with a letter, followed by a to z, digits and _.'
      : argumentFault(draft),
    refusalText: refusalFault(draft),
    steps: fault && faultInWords(fault),
  }
}
