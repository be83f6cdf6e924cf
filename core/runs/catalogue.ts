import type { TallyRow } from '../tallies/index.ts'
import { CHANNEL_FIELDS, type Field, field, listField, SAMPLE_RANK, SAMPLE_VIEWER } from '../texts/index.ts'
import type { Argument } from '../words/index.ts'

/** What can be told of a viewer, below `at`. */
function viewerFields(at: string, whose: string, tallies: readonly TallyRow[]): Field[] {
  return [
    field(`${at}.name`, `${whose} name`, SAMPLE_VIEWER),
    field(`${at}.has`, `${whose} balance in words`, '1,204 points'),
    field(`${at}.balance`, `${whose} balance as a number`, '1204'),
    field(`${at}.earned`, `all that was ever earned`, '5210'),
    field(`${at}.rank`, `${whose} rank`, SAMPLE_RANK),
    field(`${at}.hours`, `whole hours watched`, '41'),
    field(`${at}.minutes`, `whole minutes watched`, '2467'),
    field(`${at}.follower`, `whether a follower`, 'true'),
    field(`${at}.subscriber`, `whether a subscriber`, 'false'),
    field(`${at}.tier`, `tier of the subscription, 0 to 3`, '0'),
    field(`${at}.moderator`, `whether a moderator`, 'false'),
    ...tallies.flatMap(({ key, name, many }) => [
      field(`${at}.tally.${key}.has`, `${name}, in words`, `12 ${many}`),
      field(`${at}.tally.${key}.count`, `${name}, as a number`, '12'),
      field(`${at}.tally.${key}.show`, `${name} of this show`, '1'),
    ]),
  ]
}

export interface Known {
  readonly arguments: readonly Argument[]
  readonly tallies: readonly TallyRow[]
  /** Figures of what sets a trigger off, by name, with what they tell. */
  readonly figures: Readonly<Record<string, string>>
  /** Whether somebody sets it off. */
  readonly viewer: boolean
  /** Whether it is an order that sets it off: steps of a reward. */
  readonly order?: boolean | undefined
}

const ORDER_FIELDS: readonly Field[] = [
  field('reward.name', 'what was ordered', 'Sparks on screen'),
  field('reward.price', 'what it costs, as a number', '120'),
  field('order.text', 'what the buyer said to it', 'the blue radio'),
  field('order.cost', 'what was paid, in words', '120 points'),
]

const ALWAYS: readonly Field[] = [
  field('paid', 'what this run has paid so far', '50'),
  field('taken', 'what this run has taken so far', '20'),
  ...CHANNEL_FIELDS,
  field('counts.used', 'how often this ran this show, this time included', '3'),
  field('counts.used_by_viewer', 'how often by this viewer this show', '1'),
  field('present.random', 'somebody present, drawn by chance', 'hinge_hedy'),
]

/** Every field that a text can name here, with what it tells. */
export function fieldsFor({ arguments: wanted, tallies, figures, viewer, order }: Known): Field[] {
  return [
    ...(viewer ? viewerFields('viewer', 'the viewer’s', tallies) : []),
    ...(order ? ORDER_FIELDS : []),
    ...wanted.flatMap((one) => argumentFields(one, tallies)),
    ...Object.entries(figures).map(([name, tells]) => field(`event.${name}`, tells, '5')),
    ...tallies.flatMap(({ key, name }) => [
      listField(`tally.${key}.top`, `who has most of ${name}`),
      field(`tally.${key}.name`, 'what the tally is called', name),
    ]),
    ...ALWAYS,
  ]
}

function argumentFields({ name, kind }: Argument, tallies: readonly TallyRow[]): Field[] {
  if (kind === 'viewer') return viewerFields(`args.${name}`, `${name.replaceAll('_', ' ')}’s`, tallies)
  return [field(`args.${name}`, 'as it was typed', kind === 'amount' || kind === 'number' ? '50' : 'the green one')]
}
