import { digits, durationInWords } from '../currency/index.ts'
import { timeInWords } from './limits.ts'
import type { RewardSettings } from './schema.ts'
import { OVER_WINDOWS, type Over, WINDOWS } from './windows.ts'

/** What limits are over, as they are told: narrower ones first. */
export const OVERS: readonly { readonly over: Over; readonly name: string }[] = [
  ...OVER_WINDOWS.map((over) => ({ over, name: WINDOWS[over].name })),
  { over: 'all', name: 'in all' },
]

/** "3 in each show and 10 in all"; empty: no limit. */
export function mostInWords(most: RewardSettings['stock']): string {
  const parts = OVERS.flatMap(({ over, name }) => {
    const n = most[over]
    return n === null ? [] : [`${digits(n)} ${name}`]
  })
  return parts.length < 3 ? parts.join(' and ') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`
}

/** Every limit of a reward as a plain sentence. `who`: those who may, in words ("everyone"). */
export function limitsInWords(settings: RewardSettings, who: string, timeZone: string): string[] {
  const { stock, each, rest, hours, onAir, from, to, perk, post, secret } = settings
  const stocked = mostInWords(stock)
  const own = mostInWords(each)
  return [
    who === 'everyone' ? '' : `For ${who}.`,
    hours > 0 ? `For those who have watched ${digits(hours)} ${hours === 1 ? 'hour' : 'hours'} or more.` : '',
    secret === '' ? '' : 'Opens with a secret word.',
    onAir ? 'Only while the show is on air.' : '',
    from === null ? '' : `From ${timeInWords(from, timeZone)}.`,
    to === null ? '' : `Until ${timeInWords(to, timeZone)}.`,
    stocked === '' ? '' : `There are ${stocked}.`,
    own === '' ? '' : `Each viewer can have ${own}.`,
    rest.everyoneSeconds > 0 ? `Cooldown of ${durationInWords(rest.everyoneSeconds)} after each purchase.` : '',
    rest.eachSeconds > 0 ? `Each viewer waits ${durationInWords(rest.eachSeconds)} before the next.` : '',
    perk === null ? '' : `It lasts ${durationInWords(perk.seconds)}.`,
    post === null ? '' : `It comes by post: the address is erased ${days(post.days)} after it was sent.`,
  ].filter((sentence) => sentence !== '')
}

const days = (n: number): string => (n === 1 ? 'a day' : `${n} days`)

const KINDS = {
  hand: 'You do it yourself.',
  itself: 'It happens automatically.',
  code: 'It gives out a code from its list.',
}

/** A reward's settings read back to the streamer in a few sentences. */
export function rewardInWords(settings: RewardSettings, price: string, who: string, timeZone: string): string {
  const { asks, kind, say, confirm } = settings
  const buyer = who.charAt(0).toUpperCase() + who.slice(1)
  const says = asks.of === 'nothing' ? '' : ` and must answer: “${asks.question}”`
  return [
    `${buyer} can buy this for ${price}${says}${says === '' ? '.' : ''}`,
    ...limitsInWords(settings, 'everyone', timeZone),
    confirm === '' ? '' : `The buyer confirms: ${confirm}`,
    KINDS[kind],
    say ? '' : 'It is not announced in chat.',
  ]
    .filter((sentence) => sentence !== '')
    .join(' ')
}
