import { type Currency, digits, inWords } from '#core/currency'
import { type Support, type SupportPlan, supportPays } from '#core/earning'

/** One thing to set: where it stands in the plan, what it is called, and an example of what it comes to. */
export interface SupportField {
  readonly name: string
  readonly label: string
  readonly get: (plan: SupportPlan) => number
  readonly set: (plan: SupportPlan, amount: number) => SupportPlan
  readonly example: Support
  readonly exampleWords: string
}

const tier = (n: 1 | 2 | 3): SupportField => ({
  name: `tier${n}`,
  label: `A subscription, tier ${n}`,
  get: (plan) => plan.subscription[n - 1] ?? 0,
  set: (plan, amount) => ({
    ...plan,
    subscription: plan.subscription.map((before, i) => (i === n - 1 ? amount : before)) as SupportPlan['subscription'],
  }),
  example: { kind: 'subscription', tier: n },
  exampleWords: 'each month',
})

export const SUPPORT_FIELDS: readonly SupportField[] = [
  {
    name: 'follow',
    label: 'A follow',
    get: (plan) => plan.follow,
    set: (plan, follow) => ({ ...plan, follow }),
    example: { kind: 'follow' },
    exampleWords: 'once in a life',
  },
  tier(1),
  tier(2),
  tier(3),
  {
    name: 'gift',
    label: 'A subscription given away',
    get: (plan) => plan.gift,
    set: (plan, gift) => ({ ...plan, gift }),
    example: { kind: 'gift', count: 5 },
    exampleWords: '5 of them',
  },
  {
    name: 'raidFixed',
    label: 'A raid',
    get: (plan) => plan.raid.fixed,
    set: (plan, fixed) => ({ ...plan, raid: { ...plan.raid, fixed } }),
    example: { kind: 'raid', viewers: 0 },
    exampleWords: 'alone',
  },
  {
    name: 'raidPerViewer',
    label: 'and for each viewer brought',
    get: (plan) => plan.raid.perViewer,
    set: (plan, perViewer) => ({ ...plan, raid: { ...plan.raid, perViewer } }),
    example: { kind: 'raid', viewers: 40 },
    exampleWords: 'a raid of 40',
  },
  {
    name: 'tip',
    label: 'A tip, per whole unit of money',
    get: (plan) => plan.tip,
    set: (plan, tip) => ({ ...plan, tip }),
    example: { kind: 'tip', minorUnits: 750 },
    exampleWords: '7.50',
  },
  {
    name: 'cheer',
    label: 'A cheer, per hundred',
    get: (plan) => plan.cheer,
    set: (plan, cheer) => ({ ...plan, cheer }),
    example: { kind: 'cheer', units: 250 },
    exampleWords: '250 of them',
  },
]

const MOST = 1_000_000_000

export type SupportDraft = Readonly<Record<string, string>>

export const supportDraftOf = (plan: SupportPlan): SupportDraft =>
  Object.fromEntries(SUPPORT_FIELDS.map(({ name, get }) => [name, String(get(plan))]))

/** The plan that a draft stands for; a field that cannot be read keeps what is live, and says what is wrong. */
export function readSupportDraft(
  live: SupportPlan,
  draft: SupportDraft,
): { plan: SupportPlan; problems: Readonly<Record<string, string>> } {
  const problems: Record<string, string> = {}
  let plan = live
  for (const { name, set } of SUPPORT_FIELDS) {
    const text = (draft[name] ?? '').trim()
    const amount = text === '' ? 0 : Number(text)
    if (/^\d{0,10}$/.test(text) && amount <= MOST) plan = set(plan, amount)
    else problems[name] = `Give a whole number from 0 to ${digits(MOST)}.`
  }
  return { plan, problems }
}

/** "7.50: 225 rivets", or that it pays nothing. */
export function exampleInWords(plan: SupportPlan, { example, exampleWords }: SupportField, currency: Currency): string {
  const pays = supportPays(plan, example)
  return pays === 0 ? 'pays nothing' : `${exampleWords}: ${inWords(pays, currency)}`
}
