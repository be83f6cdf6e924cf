import type { TallyRow } from '../../tallies/index.ts'
import { readText } from '../../texts/index.ts'
import type { Argument } from '../schema.ts'

/** A field that a text can name. `sample`: what it may look like. `list`: a list, to go through with `for` or `places`. */
export interface Field {
  readonly path: string
  readonly tells: string
  readonly sample: string
  readonly list?: boolean
}

const field = (path: string, tells: string, sample: string): Field => ({ path, tells, sample })
const list = (path: string, tells: string): Field => ({ path, tells, sample: 'valve_vera, umbra_coil ...', list: true })

/** What can be told of a viewer, below `at`. */
function viewerFields(at: string, whose: string, tallies: readonly TallyRow[]): Field[] {
  return [
    field(`${at}.name`, `${whose} name`, 'valve_vera'),
    field(`${at}.has`, `${whose} balance in words`, '1,204 rivets'),
    field(`${at}.balance`, `${whose} balance as a number`, '1204'),
    field(`${at}.earned`, `all that was ever earned`, '5210'),
    field(`${at}.rank`, `${whose} rank`, 'Fitter'),
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
}

const ALWAYS: readonly Field[] = [
  field('paid', 'what this run has paid so far', '50'),
  field('taken', 'what this run has taken so far', '20'),
  list('top.balance', 'who has most'),
  list('top.hours', 'who has watched longest, in hours'),
  list('top.earned', 'who has earned most'),
  field('counts.present', 'how many are present', '128'),
  field('counts.used', 'how often this ran this show, this time included', '3'),
  field('counts.used_by_viewer', 'how often by this viewer this show', '1'),
  field('present.random', 'somebody present, drawn by chance', 'hinge_hedy'),
  field('show.title', 'what the show is called', 'The lamp with no switch'),
  field('show.number', 'the how-manieth show it is', '64'),
  field('show.minutes', 'minutes on air', '42'),
  field('show.on_air', 'whether on air', 'true'),
  field('show.paid', 'what was paid this show', '9600'),
  field('show.spent', 'what was spent this show', '4120'),
  field('now.date', 'the date', '23 November 2026'),
  field('now.time', 'the time of day', '19:30'),
  field('now.weekday', 'the day of the week', 'Monday'),
  field('currency.one', 'one of the currency', 'rivet'),
  field('currency.many', 'many of the currency', 'rivets'),
]

/** Every field that a text can name here, with what it tells. */
export function fieldsFor({ arguments: wanted, tallies, figures, viewer }: Known): Field[] {
  return [
    ...(viewer ? viewerFields('viewer', 'the viewer’s', tallies) : []),
    ...wanted.flatMap((one) => argumentFields(one, tallies)),
    ...Object.entries(figures).map(([name, tells]) => field(`event.${name}`, tells, '5')),
    ...tallies.flatMap(({ key, name }) => [
      list(`tally.${key}.top`, `who has most of ${name}`),
      field(`tally.${key}.name`, 'what the tally is called', name),
    ]),
    ...ALWAYS,
  ]
}

function argumentFields({ name, kind }: Argument, tallies: readonly TallyRow[]): Field[] {
  if (kind === 'viewer') return viewerFields(`args.${name}`, `${name.replaceAll('_', ' ')}’s`, tallies)
  return [field(`args.${name}`, 'as it was typed', kind === 'amount' || kind === 'number' ? '50' : 'the green one')]
}

/** What a list's places have, and what every list has. */
const OF_LISTS = /^(first|last)\.(name|value)$|^size$|^\d+\.(name|value)$/

/** What is wrong with a text where these fields are known: unknown fields, or that it cannot be read. Empty: nothing. */
export function faultsOf(text: string, known: readonly Field[]): string[] {
  const read = readText(text)
  if (!read.ok) return [read.why]
  return read.fields.flatMap((path) => {
    const named = path.join('.')
    if (known.some((one) => one.path === named)) return []
    const inList = known.some(
      (one) => one.list && named.startsWith(`${one.path}.`) && OF_LISTS.test(named.slice(one.path.length + 1)),
    )
    return inList ? [] : [`There is no field "${named}" here.${near(named, known)}`]
  })
}

function near(named: string, known: readonly Field[]): string {
  const leaf = named.split('.').at(-1)
  const like =
    known.find(({ path }) => path.startsWith(`${named}.`)) ?? known.find(({ path }) => path.split('.').at(-1) === leaf)
  return like === undefined ? ' Choose one from the list of fields.' : ` Did you mean "${like.path}"?`
}
