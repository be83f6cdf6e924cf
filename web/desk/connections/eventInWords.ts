import { digits, moneyInWords } from '#core/currency'

interface Happened {
  readonly type: string
  readonly name: string | null
  readonly body: Readonly<Record<string, unknown>>
}

const counted = (count: unknown, one: string, many: string): string => {
  const n = Number(count)
  return `${digits(n)} ${n === 1 ? one : many}`
}

const money = (body: Happened['body']): string => moneyInWords(Number(body.minorUnits), String(body.currency))

/** An event as a sentence: "MarenTin brought 40 viewers". */
export function eventInWords({ type, name, body }: Happened): string {
  const who = name ?? 'Somebody'
  switch (type) {
    case 'ricompensa.show.started':
      return `The show began${body.title === undefined ? '' : `: ${String(body.title)}`}`
    case 'ricompensa.show.ended':
      return 'The show ended'
    case 'ricompensa.rewards.listed':
      return 'The platform listed the rewards for its own points'
    case 'ricompensa.follow':
      return `${who} follows`
    case 'ricompensa.subscription':
      return `${who} subscribed, tier ${String(body.tier)}`
    case 'ricompensa.resubscription':
      return `${who} subscribed again, tier ${String(body.tier)}, for ${counted(body.months, 'month', 'months')}`
    case 'ricompensa.subscription.ended':
      return `${who} is no longer a subscriber`
    case 'ricompensa.gift':
      return `${who} gave away ${counted(body.count, 'subscription', 'subscriptions')}`
    case 'ricompensa.raid':
      return `${who} brought ${counted(body.viewers, 'viewer', 'viewers')}`
    case 'ricompensa.tip':
      return `${who} tipped ${money(body)}`
    case 'ricompensa.cheer':
      return `${who} cheered with ${counted(body.units, 'unit', 'units')}`
    case 'ricompensa.reward.redeemed':
      return `${who} redeemed "${String((body.reward as { name?: unknown } | undefined)?.name)}" on the platform`
    case 'ricompensa.test':
      return 'A test from the desk'
    default:
      return `Unknown kind: ${type}`
  }
}
