import { SAMPLE_VIEWER, SECOND_VIEWER } from './samples.ts'
import { readText } from './texts.ts'

/** A field that a text can name. `sample`: what it may look like. `list`: a list, to go through with `for` or `places`. */
export interface Field {
  readonly path: string
  readonly tells: string
  readonly sample: string
  readonly list?: boolean
}

export const field = (path: string, tells: string, sample: string): Field => ({ path, tells, sample })
export const listField = (path: string, tells: string): Field => ({
  path,
  tells,
  sample: `${SAMPLE_VIEWER}, ${SECOND_VIEWER} ...`,
  list: true,
})

/** What every text can tell of the channel, whoever it is about. */
export const CHANNEL_FIELDS: readonly Field[] = [
  listField('top.balance', 'who has most'),
  listField('top.hours', 'who has watched longest, in hours'),
  listField('top.earned', 'who has earned most'),
  field('counts.present', 'how many are present', '128'),
  field('show.title', 'what the show is called', 'An evening'),
  field('show.number', 'the show’s number', '64'),
  field('show.minutes', 'minutes on air', '42'),
  field('show.on_air', 'whether on air', 'true'),
  field('show.paid', 'what was paid this show', '9600'),
  field('show.spent', 'what was spent this show', '4120'),
  field('now.date', 'the date', '23 November 2026'),
  field('now.time', 'the time of day', '19:30'),
  field('now.weekday', 'the day of the week', 'Monday'),
  field('currency.one', 'the currency’s name for one', 'point'),
  field('currency.many', 'the currency’s name for many', 'points'),
]

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
