import type { Area } from '#core/team'

/** Something that is set on a page, by its name and by what else people call it. */
export interface JumpTarget {
  readonly name: string
  readonly also: readonly string[]
  readonly to: string
  readonly area: Area
}

const target = (area: Area, to: string, name: string, ...also: string[]): JumpTarget => ({ area, to, name, also })

/** What is looked for by name and does not bear the name of its page. */
export const JUMP_TARGETS: readonly JumpTarget[] = [
  target('commands', '/commands/words', 'Currency: name, word and picture', 'points', 'money', 'coins'),
  target('commands', '/commands/words', 'Time zone', 'clock', 'time'),
  target('commands', '/commands/words', 'Gifts between viewers', 'give', 'transfer', 'pay'),
  target('commands', '/commands/words', 'Built-in commands: words and cooldowns', 'balance', 'help', 'alias'),
  target('commands', '/commands/voice', 'What the bot says, and how', 'mute', 'silent', 'reply', 'voice'),
  target('commands', '/commands/triggers', 'Timers: messages again and again', 'announcement', 'interval', 'repeat'),
  target('commands', '/commands/tallies', 'Counters', 'count', 'stamps', 'tally', 'deaths'),
  target('commands', '/commands/log', 'What commands and triggers did', 'log', 'history', 'errors'),
  target('earning', '/earning', 'What watching pays', 'points per minute', 'interval', 'payout', 'watch time'),
  target('earning', '/earning', 'Bonuses for follows, subscriptions, raids and tips', 'gift', 'cheer', 'donation'),
  target('earning', '/earning', 'Daily check-in', 'streak', 'daily', 'bonus'),
  target('ranks', '/ranks', 'Circles', 'groups', 'vip', 'team'),
  target('people', '/people', 'Import people from a file', 'csv', 'migrate', 'upload', 'followers'),
  target('people', '/people', 'Correct a balance', 'add', 'remove', 'set', 'points'),
  target('store', '/store', 'Prices and limits of rewards', 'cooldown', 'stock', 'cost', 'shop', 'redeem'),
  target('store', '/store/platform', 'Rewards of the platform', 'points', 'redemption'),
  target('games', '/games', 'Limit on losses', 'gambling', 'wager', 'sit out'),
  target('games', '/games', 'Odds and stakes of the games', 'slots', 'gamble', 'heist', 'roulette', 'coin flip'),
  target('raffles', '/raffles', 'Raffles: prizes and draws', 'giveaway', 'lottery', 'draw', 'tickets'),
  target('bets', '/bets', 'Bets on what happens', 'prediction', 'poll', 'wager'),
  target('bets', '/goals', 'Goals of everybody', 'crowdfunding', 'fund', 'donation goal'),
  target('screen', '/screen', 'Address of the overlay', 'browser source', 'url', 'stream'),
  target('screen', '/screen/alerts', 'Alerts: pictures, sounds and texts', 'sound', 'notification', 'volume'),
  target('screen', '/screen/library', 'Pictures, sounds and videos', 'upload', 'media', 'files'),
  target('connections', '/connections', 'Chat room and bot account', 'irc', 'room', 'login', 'bot'),
  target('connections', '/connections', 'Where events come from', 'secret', 'source', 'platform', 'follow'),
  target('connections', '/connections/webhooks', 'Tell other services', 'webhook', 'http', 'integration'),
  target('team', '/team', 'Moderators and helpers', 'invite', 'rights', 'permission', 'mods'),
  target('team', '/team', 'Tokens for scripts and button boxes', 'api', 'token', 'key'),
]

/** Whether something is meant by what was typed: by its name, or by what else it is called. */
export function isMeant({ name, also }: JumpTarget, typed: string): boolean {
  const wanted = typed.trim().toLowerCase()
  return wanted.length > 1 && [name, ...also].some((one) => one.toLowerCase().includes(wanted))
}
