import { currencySetting, digits, inWords, minorDigits, moneyInWords, moneyPlain } from '../currency/index.ts'
import { earningSetting, FIRST_MONEY, paySupport, type Support, type SupportKind } from '../earning/index.ts'
import type { ViewerRow } from '../people/index.ts'
import { rankName } from '../ranks/index.ts'
import type { Amount, ViewerId } from '../schema.ts'
import { showAlert } from '../screen/index.ts'
import { readSetting } from '../settings/index.ts'
import { fillIn } from '../texts/index.ts'
import { say } from '../voice/index.ts'
import type { World } from '../world/index.ts'

/** What a text of thanks can tell: figures of the support, as people write them. */
type Figures = Readonly<Record<string, string | number>>

type Tip = Extract<Support, { kind: 'tip' }>

const tipFigures = ({ minorUnits, currency = FIRST_MONEY.currency }: Tip): Figures => ({
  amount: moneyPlain(minorUnits, currency),
  money: moneyInWords(minorUnits, currency),
  currency,
})

const wholeUnits = ({ minorUnits, currency = FIRST_MONEY.currency }: Tip): number =>
  Math.floor(minorUnits / 10 ** minorDigits(currency))

/** The figures of support, by the names that texts use. */
export function figuresOf(support: Support): Figures {
  switch (support.kind) {
    case 'tip':
      return tipFigures(support)
    case 'cheer':
      return { amount: digits(support.units) }
    case 'raid':
      return { viewers: digits(support.viewers) }
    case 'gift':
      return { count: digits(support.count), tier: support.tier }
    case 'subscription':
    case 'resubscription':
    case 'giftReceived':
      return { tier: support.tier }
    case 'follow':
      return {}
  }
}

/** Tells triggers of support. A tip's amount is in whole units, rounded down. */
function noteSupport(world: World, viewer: ViewerId, support: Support, months: number | undefined, paid: Amount): void {
  switch (support.kind) {
    case 'tip':
      return world.moment('tip', viewer, { amount: wholeUnits(support), minorUnits: support.minorUnits, paid })
    case 'cheer':
      return world.moment('cheer', viewer, { amount: support.units, paid })
    case 'raid':
      return world.moment('raid', viewer, { viewers: support.viewers, paid })
    case 'gift':
      return world.moment('gift', viewer, { count: support.count, tier: support.tier, paid })
    case 'giftReceived':
      return world.moment('giftReceived', viewer, { tier: support.tier, paid })
    case 'follow':
      return world.moment('follow', viewer, { paid })
    default:
      return world.moment(support.kind, viewer, { tier: support.tier, ...(months !== undefined && { months }), paid })
  }
}

/**
 * Pays somebody for support and thanks them as the streamer wishes: in chat, on screen, or not at all. A second follow is
 * not thanked again. Needs their watch row. @returns What was paid.
 */
export function thank(
  world: World,
  viewer: ViewerRow,
  support: Support,
  more: { readonly months?: number } = {},
): number {
  const again = support.kind === 'follow' && viewer.followedAt !== null
  const paid = paySupport(world, viewer, support)
  if (!again && !viewer.ignored) noteSupport(world, viewer.id, support, more.months, paid)
  const thanks = support.kind === 'giftReceived' ? undefined : thanksFor(world, support.kind)
  if (thanks === undefined || again || viewer.ignored) return paid
  const currency = readSetting(world, currencySetting)
  const fields = {
    viewer: { name: viewer.name, rank: rankName(world, viewer.id) },
    support: { ...figuresOf(support), ...more },
    paid: inWords(paid, currency),
  }
  if (thanks.say.trim() !== '') say(world, { topic: 'thanks', to: null, text: fillIn(thanks.say, fields) })
  if (thanks.alert.trim() !== '') {
    const line = paid > 0 ? `${inWords(paid, currency)} for ${viewer.name}` : `from ${viewer.name}`
    showAlert(world, { title: fillIn(thanks.alert, fields), line, picture: 'sparks', sound: 'bell', seconds: 7 })
  }
  return paid
}

const thanksFor = (world: World, kind: SupportKind) => readSetting(world, earningSetting).support.thanks[kind]
