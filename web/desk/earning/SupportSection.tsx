import { useState } from 'react'
import { type Currency, inWords } from '#core/currency'
import { moneyOf, SUPPORT_KINDS, type Support, type SupportKind, type SupportPlan, supportPays } from '#core/earning'
import { fillIn, SAMPLE_RANK } from '#core/texts'
import { Button } from '../../parts/Button.tsx'
import { Field, TextInput } from '../../parts/form/inputs.tsx'
import { Panel } from '../../parts/page/Panel.tsx'
import { useSampleNames } from '../people/sampleNames.ts'
import { useStatus } from '../status.ts'
import { NumberRow, TickRow } from './fields.tsx'
import { MoneyPart } from './MoneyPart.tsx'
import type { SectionProps } from './sections.tsx'

/** One thing to set: where it stands in the plan, what it is called, and an example of what it comes to. */
interface SupportField {
  readonly name: string
  readonly label: string
  readonly get: (plan: SupportPlan) => number
  readonly set: (plan: SupportPlan, amount: number) => Partial<SupportPlan>
  readonly example: Support
  readonly words: string
}

const tier = (n: 1 | 2 | 3): SupportField => ({
  name: `tier${n}`,
  label: `A subscription, tier ${n}`,
  get: (plan) => plan.subscription[n - 1] ?? 0,
  set: (plan, amount) => ({
    subscription: plan.subscription.map((before, i) => (i === n - 1 ? amount : before)) as SupportPlan['subscription'],
  }),
  example: { kind: 'subscription', tier: n },
  words: 'each month',
})

const FIELDS: readonly SupportField[] = [
  {
    name: 'follow',
    label: 'A follow',
    get: (plan) => plan.follow,
    set: (_, follow) => ({ follow }),
    example: { kind: 'follow' },
    words: 'once per viewer',
  },
  tier(1),
  tier(2),
  tier(3),
  {
    name: 'gift',
    label: 'A gift subscription',
    get: (plan) => plan.gift,
    set: (_, gift) => ({ gift }),
    example: { kind: 'gift', count: 5, tier: 1 },
    words: '5 of them',
  },
  {
    name: 'giftReceived',
    label: 'A gift subscription received',
    get: (plan) => plan.giftReceived,
    set: (_, giftReceived) => ({ giftReceived }),
    example: { kind: 'giftReceived', tier: 1 },
    words: 'to each receiver',
  },
  {
    name: 'raidFixed',
    label: 'A raid',
    get: (plan) => plan.raid.fixed,
    set: (plan, fixed) => ({ raid: { ...plan.raid, fixed } }),
    example: { kind: 'raid', viewers: 0 },
    words: 'alone',
  },
  {
    name: 'raidEach',
    label: 'plus for each viewer in it',
    get: (plan) => plan.raid.perViewer,
    set: (plan, perViewer) => ({ raid: { ...plan.raid, perViewer } }),
    example: { kind: 'raid', viewers: 40 },
    words: 'a raid of 40',
  },
  {
    name: 'tip',
    label: 'A tip, per whole unit of money',
    get: (plan) => plan.tip,
    set: (_, tip) => ({ tip }),
    example: { kind: 'tip', minorUnits: 750 },
    words: '7.50',
  },
  {
    name: 'cheer',
    label: 'A cheer, per hundred',
    get: (plan) => plan.cheer,
    set: (_, cheer) => ({ cheer }),
    example: { kind: 'cheer', units: 250 },
    words: '250 of them',
  },
]

/** What support pays, with an example at each figure, and how it is thanked for. */
export function SupportSection({ draft, earning: { currency } }: SectionProps) {
  const { support } = draft.plan
  const set = (patch: Partial<SupportPlan>) => draft.set({ support: { ...support, ...patch } })
  return (
    <Panel title="Support" aside="paid when the platform reports it" bodyClassName="flex flex-col gap-3 p-4">
      {FIELDS.map(({ name, label, get, set: put, example, words }) => {
        const pays = supportPays(support, example)
        const means = pays === 0 ? 'pays nothing' : `${words}: ${inWords(pays, currency)}`
        return (
          <NumberRow
            key={name}
            draft={draft}
            name={name}
            label={label}
            value={get(support)}
            onValue={(amount) => set(put(support, amount))}
            hint={means}
          />
        )
      })}
      <TickRow
        label="Raids pay followers only"
        value={support.raid.followersOnly}
        onValue={(followersOnly) => set({ raid: { ...support.raid, followersOnly } })}
      />
      <MoneyPart money={moneyOf(support)} set={(money) => set({ money })} />
      <Thanks support={support} set={set} />
    </Panel>
  )
}

const KIND_NAMES: Readonly<Record<SupportKind, string>> = {
  follow: 'A follow',
  subscription: 'A subscription',
  resubscription: 'A subscription renewed',
  gift: 'Subscriptions given away',
  raid: 'A raid',
  tip: 'A tip',
  cheer: 'A cheer',
}

const sampleOf = (name: string, currency: Currency) => ({
  viewer: { name, rank: SAMPLE_RANK },
  support: { tier: 1, count: 3, viewers: 40, amount: '7.50', money: '€7.50', currency: 'EUR', months: 7 },
  paid: inWords(120, currency),
})

/** What is said in chat and shown on screen for each kind; empty: nothing. */
function Thanks({ support, set }: { support: SupportPlan; set: (patch: Partial<SupportPlan>) => void }) {
  const [kind, setKind] = useState<SupportKind>('follow')
  const thanks = support.thanks[kind] ?? { say: '', alert: '' }
  const put = (patch: Partial<typeof thanks>) => set({ thanks: { ...support.thanks, [kind]: { ...thanks, ...patch } } })
  const [name] = useSampleNames()
  const sample = sampleOf(name, useStatus().currency)
  const told = (['say', 'alert'] as const)
    .map((place) => fillIn(thanks[place], sample))
    .filter((text) => text.trim() !== '')
  return (
    <fieldset className="flex flex-col gap-3 border-t border-line pt-4">
      <legend className="sr-only">Thanks</legend>
      <p className="font-medium">How it is thanked for</p>
      <KindButtons kind={kind} choose={setKind} />
      <Field label="Said in chat">
        <TextInput value={thanks.say} most={300} placeholder="nothing" onValue={(say) => put({ say })} />
      </Field>
      <Field label="Shown on screen">
        <TextInput value={thanks.alert} most={200} placeholder="nothing" onValue={(alert) => put({ alert })} />
      </Field>
      <p className="text-note text-muted" aria-live="polite">
        {told.length > 0 ? `Reads: ${told.join(' · ')}` : 'Nothing is said or shown.'} Fields: {'{{ viewer.name }}'},{' '}
        {'{{ viewer.rank }}'}, {'{{ paid }}'}, {'{{ support.amount }}'}, {'{{ support.count }}'},{' '}
        {'{{ support.viewers }}'}, {'{{ support.tier }}'}, {'{{ support.months }}'}
      </p>
    </fieldset>
  )
}

function KindButtons({ kind, choose }: { kind: SupportKind; choose: (kind: SupportKind) => void }) {
  return (
    <div className="flex flex-wrap gap-1.5">
      {SUPPORT_KINDS.map((one) => (
        <Button
          key={one}
          aria-pressed={kind === one}
          look={kind === one ? 'plain' : 'quiet'}
          onClick={() => choose(one)}
        >
          {KIND_NAMES[one]}
        </Button>
      ))}
    </div>
  )
}
