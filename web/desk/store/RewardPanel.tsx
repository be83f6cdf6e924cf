import { type ReactNode, useState } from 'react'
import { checkRewardWord, rewardReady } from '#core/buying'
import { type Faults, firstFault, foundFaults } from '#core/faults'
import { checkSteps, faultInWords } from '#core/runs'
import { playing } from '#core/screen'
import { PLAIN_REWARD, RewardSettings, rewardFaults } from '#core/store'
import { answerOf, api } from '../../parts/api.ts'
import { Button } from '../../parts/Button.tsx'
import { SidePanel } from '../../parts/dialog/SidePanel.tsx'
import { useToast } from '../../parts/feedback/toasts.tsx'
import { AllSettings, type FormPart, usePartsShown } from '../../parts/form/allSettings.tsx'
import { changedFrom } from '../../parts/form/changedFrom.ts'
import { DraftFields } from '../../parts/form/DraftFields.tsx'
import { faultsIn } from '../../parts/form/faultsIn.ts'
import { SaveFoot } from '../../parts/form/SaveFoot.tsx'
import { type Saved, type SavedAt, useSaved } from '../../parts/form/useSaved.ts'
import { StepList } from '../commands/steps/StepList.tsx'
import { TryPart } from '../commands/TryPart.tsx'
import { aroundView, type CommandsView, othersThan } from '../commands/view.ts'
import { WhoFields } from '../commands/WhoFields.tsx'
import { useStatus } from '../status.ts'
import { CodesPart } from './CodesPart.tsx'
import { sendCodes, useCodesDraft } from './codesDraft.ts'
import { HappensPart } from './HappensPart.tsx'
import { LimitsPart } from './LimitsPart.tsx'
import { PricePart } from './PricePart.tsx'
import { ReadBack } from './ReadBack.tsx'
import type { RewardShown, StoreView } from './view.ts'
import { WhatPart } from './WhatPart.tsx'

interface RewardPanelProps {
  readonly store: StoreView
  readonly view: CommandsView
  /** Undefined: a new one. */
  readonly reward: RewardShown | undefined
  /** What a new one begins as. */
  readonly copyOf: RewardShown | undefined
  readonly copy: (reward: RewardShown) => void
  readonly close: () => void
}

/** What a draft is checked against: what is wrong with it, what is wrong with its word and steps, whether it would work. */
function useChecked(
  draft: RewardSettings,
  { store, view }: RewardPanelProps,
  reward: RewardShown | undefined,
  id: number | undefined,
) {
  const { currency, now } = useStatus()
  const codes = useCodesDraft(undefined).read.codes.length
  const around = { arguments: [], figures: {}, viewer: true, order: true, selfReward: id, ...aroundView(view) }
  const faults = checkSteps(draft.steps, around)
  const others = othersThan(view, currency, { reward: id ?? null })
  const words = checkRewardWord(store.rewards, others, id ?? null, draft)
  const collides = words.ok ? undefined : words.refusal.sentence
  const fault = faults.find(({ hint }) => !hint)
  const plays = playing(store.overlays, draft.alert)
  const ready = rewardReady(draft, faults, view.standing, {
    at: now,
    left: reward?.left ?? (draft.kind === 'code' && codes === 0 ? 0 : null),
    plays: plays.length,
    playsNow: plays.filter(({ connected }) => connected).length,
  })
  const wrong = faultsIn(RewardSettings, draft, {
    ...emptyIn(draft),
    ...(collides !== undefined && { word: collides }),
    ...rewardFaults(draft),
    ...(fault && { steps: faultInWords(fault) }),
  })
  return { around, faults, wrong, first: firstFault(wrong), ready }
}

/** How a reward is saved. */
const AT: SavedAt<RewardSettings> = {
  save: async (id, body, from) => {
    const saved = await answerOf(
      id === null
        ? api.POST('/desk/rewards', { body })
        : api.PUT('/desk/rewards/{id}', { params: { path: { id } }, body, ...changedFrom(from) }),
    )
    return { id: saved.reward, settings: saved.settings }
  },
  remove: (id) => api.POST('/desk/rewards/{id}/archive', { params: { path: { id } } }),
  outdates: ['store'],
}

/** How a reward is saved, the first time with the codes that were typed for it. */
function useSavedWithCodes(): SavedAt<RewardSettings> {
  const { read, clear, moveTo } = useCodesDraft(undefined)
  const toast = useToast()
  const save: SavedAt<RewardSettings>['save'] = async (id, body, from) => {
    const saved = await AT.save(id, body, from)
    if (id !== null || body.kind !== 'code' || read.codes.length === 0) return saved
    try {
      await sendCodes(saved.id, read.codes)
      clear()
    } catch (fault) {
      // The reward is there, and what was typed waits in its form.
      moveTo(saved.id)
      toast({ text: `The codes were not added: ${(fault as Error).message}`, look: 'problem' })
    }
    return saved
  }
  return { ...AT, save }
}

const Duplicate = ({ duplicate }: { readonly duplicate: () => void }) => (
  <Button look="quiet" onClick={duplicate}>
    Duplicate
  </Button>
)

/** Makes or changes a reward: what it is, what it costs, who may have it how often, and what happens then. */
export function RewardPanel(props: RewardPanelProps) {
  const { store, copyOf, copy, close } = props
  const saved = useSaved('reward', useSavedWithCodes(), {
    id: props.reward?.id ?? null,
    settings: props.reward?.settings ?? begun(copyOf?.settings),
    copied: copyOf?.id,
  })
  const { draft, live } = saved
  // One that was only just made is in the store from its first save on.
  const reward = store.rewards.find(({ id }) => id === live?.id) ?? props.reward
  const [wanted, setPart] = useState('What it is')
  const { shown, marked } = usePartsShown(partsOf(draft), draft, PLAIN_REWARD)
  const part = shown.includes(wanted) ? wanted : 'What it is'
  const checked = useChecked(draft, props, reward, live?.id)
  const foot = (
    <SaveFoot
      {...{ saved, close, how: 'Archive', refreshes: 'store', wrong: checked.first, ready: checked.ready }}
      nameOf={({ name }) => `“${name}”`}
      more={reward && <Duplicate duplicate={() => copy({ ...reward, settings: draft })} />}
    />
  )
  return (
    <SidePanel
      title={live === undefined ? 'Add a reward' : live.settings.name}
      close={close}
      parts={shown}
      aside={<AllSettings />}
      {...{ part, setPart, foot, marked }}
    >
      <DraftFields kept={saved} faults={checked.wrong} error={saved.save.error}>
        <Part part={part} panel={{ ...props, reward }} saved={saved} checked={checked} />
      </DraftFields>
    </SidePanel>
  )
}

interface OnePartProps {
  readonly part: string
  readonly panel: RewardPanelProps
  readonly saved: Saved<RewardSettings>
  readonly checked: ReturnType<typeof useChecked>
}

function Part({ part, panel: { store, view, reward }, saved, checked }: OnePartProps) {
  const { draft, put: putDraft, live, changed } = saved
  const [named, setNamed] = useState<Readonly<Record<number, string>>>({})
  const put = (patch: Partial<RewardSettings>) => putDraft({ ...draft, ...patch })
  const props = { draft, put, store, view, id: live?.id }
  const id = live?.id ?? null
  const read = <ReadBack draft={draft} store={store} names={view.names} named={named} />
  const who = { who: draft.who, setWho: (one: RewardSettings['who']) => put({ who: one }), named, setNamed }
  switch (part) {
    case 'What it is':
      return withBelow(<WhatPart {...props} />, read)
    case 'Price':
      return withBelow(<PricePart {...props} />, read)
    case 'Limits':
      return withBelow(<LimitsPart {...props} />, read)
    case 'Who':
      return withBelow(<WhoFields {...who} view={view} may="may buy it" without={['hours']} />, read)
    case 'What happens':
      return withBelow(<HappensPart {...props} />, read)
    case 'Codes':
      return (
        <CodesPart id={live?.id} reward={reward} low={draft.low} setLow={(low) => put({ low })} unsaved={changed} />
      )
    case 'Steps':
      return <StepList {...checked} steps={draft.steps} setSteps={(steps) => put({ steps })} view={view} />
    default:
      return (
        <TryPart what={{ kind: 'reward', id, settings: draft }} wrong={checked.first} unsaved={changed} view={view} />
      )
  }
}

const withBelow = (above: ReactNode, below: ReactNode) => (
  <>
    {above}
    {below}
  </>
)

/** A copy begins switched off and without the word, so that it takes nothing from what it was copied from. */
const begun = (copyOf: RewardSettings | undefined): RewardSettings =>
  copyOf === undefined ? PLAIN_REWARD : { ...copyOf, name: `${copyOf.name.slice(0, 52)} (copy)`, word: '', on: false }

function partsOf({ kind }: RewardSettings): FormPart<RewardSettings>[] {
  const own = kind === 'itself' ? ['Steps'] : kind === 'code' ? ['Codes'] : []
  return [
    { name: 'What it is' },
    { name: 'Price' },
    { name: 'Limits', more: ['stock', 'refill', 'lowStock', 'each', 'rest', 'onAir', 'from', 'to', 'hours', 'secret'] },
    { name: 'Who', more: ['who'] },
    ...['What happens', ...own, 'Try it'].map((name) => ({ name })),
  ]
}

/** What is still empty that must not be. */
function emptyIn({ name, word, asks }: RewardSettings): Faults {
  const missing = asks.of !== 'nothing' && asks.question.trim() === ''
  const few = asks.of === 'choice' && asks.choices.filter((one) => one.trim() !== '').length < 2
  return foundFaults({
    name: name.trim() === '' ? 'Type a name.' : undefined,
    word: wordFault(word),
    'asks.question': missing ? 'Write what the buyer is asked.' : undefined,
    'asks.choices': few ? 'Give at least two things to choose from, one a line.' : undefined,
  })
}

function wordFault(word: string): string | undefined {
  if (word === '') return 'Type the chat word it is bought with.'
  return /^[a-z0-9_-]{1,30}$/.test(word) ? undefined : 'The chat word can have a to z, digits, - and _.'
}
