import { Type } from '@sinclair/typebox'
import { EVERYONE_MAY, mayUse, NO_LIMITS, openToAll, type Who, whoInWords } from '#core/access'
import { Currency } from '#core/currency'
import { type GameWord, gameOf, VERBS } from '#core/games'
import { goalsSetting } from '#core/goals'
import { giftSetting } from '#core/people'
import { exactly } from '#core/schema'
import { type CommandRow, usageLine, type WordKind, wordsSetting } from '#core/words'
import type { World } from '#core/world'
import { accessWorld, whoNames } from '../access/index.ts'
import { betDefaultsOf, runningRows } from '../bets/index.ts'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { gameSettingsOf, gameWordsOf } from '../games/index.ts'
import { runningGoalRows } from '../goals/index.ts'
import { type Route, route } from '../http/index.ts'
import { viewerByAccount } from '../people/index.ts'
import { runningRafflesOf } from '../raffles/index.ts'
import { currencyOf, settingOf } from '../settings/index.ts'
import { rewardsOf } from '../store/index.ts'
import { Listed } from './answers.ts'
import { commandsOf } from './read.ts'

/** What our own words do, for the list. Those for the team are left out. */
const OWN: readonly { readonly kind: WordKind; readonly does: string; readonly usage?: string }[] = [
  { kind: 'get', does: 'Buys a reward from the store', usage: '<reward> (text)' },
  { kind: 'here', does: 'Checks you in to the show' },
  { kind: 'rank', does: 'Your rank and the way to the next' },
  { kind: 'hours', does: 'How long you have watched' },
  { kind: 'top', does: 'Who has most' },
  { kind: 'longest', does: 'Who watched longest', usage: '(show/30)' },
  { kind: 'earners', does: 'Who earned most', usage: '(show/30)' },
  { kind: 'hand', does: 'Passes some of yours on to somebody', usage: '<who> <how many>' },
  { kind: 'fair', does: 'Where every draw can be checked' },
  { kind: 'help', does: 'This list, or how a command is called', usage: '(command)' },
]

/** The list of commands on the viewer page: made from what there is and is on. */
export function publicCommandRoutes(db: Reader, channels: Channels): Route[] {
  return [
    route({
      method: 'get',
      path: '/commands',
      does: 'All commands that viewers can use',
      answer: exactly({ currency: Currency, commands: Type.Array(Listed) }),
      allowed: 'anyone',
      handle: async ({ channel, caller }) => {
        const viewer = caller.account === '' ? undefined : await viewerByAccount(db, channel.id, caller.account)
        const own = await ownWords(db, channel.id, caller.account !== '')
        const rows = (await commandsOf(db, channel.id)).filter(({ settings }) => settings.on)
        const names = await whoNames(db, channel.id, rows)
        const world = await accessWorld(db, channel.id, channels.clock())
        const listed = rows.map((row) => ({
          ...listedAs(row, whoInWords(row.settings.who, names)),
          yours: caller.account === '' ? null : yours(world, row, viewer),
        }))
        const may = (who: Who) =>
          caller.account === '' ? null : viewer === undefined ? openToAll(who) : mayUse(world, who, viewer)
        const sold = await rewardWords(db, channel.id, may)
        const games = await gameCommands(db, channel.id, may)
        const raffles = await raffleCommands(db, channel.id, may)
        const bets = await betCommands(db, channel.id)
        const goals = await goalCommands(db, channel.id)
        return {
          currency: await currencyOf(db, channel.id),
          commands: [...own, ...listed, ...sold, ...games, ...raffles, ...bets, ...goals],
        }
      },
    }),
  ]
}

type Known = Parameters<typeof mayUse>[2]

/** Somebody signed in who was never in the room may use what everyone may. */
const yours = (world: World, { settings }: CommandRow, viewer: Known | undefined): boolean =>
  viewer === undefined ? openToAll(settings.who) : mayUse(world, settings.who, viewer)

function listedAs({ settings }: CommandRow, who: string): Omit<Listed, 'yours'> {
  const { word, aliases, description, group, cost, limits, onAir, where } = settings
  const { everyoneSeconds, eachSeconds, perViewer } = limits
  const usage = usageLine(word, settings.arguments)
  return {
    word,
    aliases,
    usage,
    does: description,
    group,
    who,
    cost,
    everyoneSeconds,
    eachSeconds,
    perViewer,
    onAir,
    where,
  }
}

/** The rewards that a word of their own buys. Those that a secret word opens are told to nobody. */
async function rewardWords(db: Reader, channel: number, yours: (who: Who) => boolean | null): Promise<Listed[]> {
  const rows = (await rewardsOf(db, channel)).filter(
    ({ settings }) => settings.on && settings.command && settings.secret === '',
  )
  const names = await whoNames(db, channel, rows)
  return rows.map(({ settings }) => ({
    word: settings.word,
    aliases: [],
    usage: settings.asks.of === 'nothing' ? `!${settings.word}` : `!${settings.word} <text>`,
    does: `Buys ${settings.name}`,
    group: 'Store',
    who: whoInWords(settings.who, names),
    cost: settings.price,
    everyoneSeconds: settings.rest.everyoneSeconds,
    eachSeconds: settings.rest.eachSeconds,
    perViewer: settings.each.show ?? 0,
    onAir: settings.onAir,
    where: 'both',
    yours: yours(settings.who),
  }))
}

/** What holds for a word that belongs to no game. */
const ALWAYS = { who: EVERYONE_MAY, onAir: false, limits: NO_LIMITS }

async function gameCommands(db: Reader, channel: number, yours: (who: Who) => boolean | null): Promise<Listed[]> {
  const settings = await gameSettingsOf(db, channel)
  const names = await whoNames(
    db,
    channel,
    Object.values(settings).map((one) => ({ settings: one })),
  )
  const heard = (await gameWordsOf(db, channel)).filter(({ on }) => on)
  return heard.flatMap(({ verb, words: [word, ...aliases] }) => {
    if (word === undefined) return []
    const { does, usage } = VERBS[verb]
    const of = gameOf({ do: verb })
    const { who, onAir, limits } = of === undefined ? ALWAYS : settings[of]
    return {
      word,
      aliases,
      usage: `!${word}${usage === undefined ? '' : ` ${usage}`}`,
      does,
      group: 'Games',
      who: whoInWords(who, names),
      cost: 0,
      everyoneSeconds: 0,
      eachSeconds: verb === of ? limits.eachSeconds : 0,
      perViewer: verb === of ? limits.perViewer : 0,
      onAir,
      where: 'both',
      yours: yours(who),
    }
  })
}

/** The words of the raffles that are open. */
async function raffleCommands(db: Reader, channel: number, yours: (who: Who) => boolean | null): Promise<Listed[]> {
  const open = (await runningRafflesOf(db, channel)).filter(
    ({ status, settings }) => status === 'open' && settings.byWord,
  )
  const names = await whoNames(db, channel, open)
  return open.map(({ settings }) => {
    const { word, title, who, price, mostTickets, thisShow } = settings
    const tickets = mostTickets === 1 ? '' : ' (tickets, or max)'
    return {
      word: word.word,
      aliases: word.aliases,
      usage: `!${word.word}${tickets}`,
      does: `Enters the raffle “${title}”`,
      group: 'Raffles',
      who: whoInWords(who, names),
      cost: price,
      everyoneSeconds: 0,
      eachSeconds: 0,
      perViewer: 0,
      onAir: thisShow,
      where: 'both',
      yours: yours(who),
    }
  })
}

/** A word that everybody may use while there is something to use it for. */
const together = (
  { word, aliases }: GameWord,
  { usage, does, onAir }: Pick<Listed, 'usage' | 'does' | 'onAir'>,
): Listed => ({
  ...{ word, aliases, usage: `!${word}${usage}`, does, group: 'Together', who: 'everyone', cost: 0, onAir },
  ...{ everyoneSeconds: 0, eachSeconds: 0, perViewer: 0, where: 'both', yours: null },
})

/** The word of bets, while there is one. */
async function betCommands(db: Reader, channel: number): Promise<Listed[]> {
  const running = await runningRows(db, channel)
  if (running.length === 0) return []
  const { word } = await betDefaultsOf(db, channel)
  const does = 'Bets on what happens; alone it tells how the bet stands'
  return [together(word, { usage: ' <outcome> <stake>', does, onAir: running.every(({ settings }) => settings.onAir) })]
}

/** The words of goals, while one is open. */
async function goalCommands(db: Reader, channel: number): Promise<Listed[]> {
  const open = (await runningGoalRows(db, channel)).filter(({ status }) => status === 'open')
  if (open.length === 0) return []
  const { chip, goal } = await settingOf(db, channel, goalsSetting)
  const onAir = open.every(({ settings }) => settings.onAir)
  return [
    together(chip, { usage: ' <how many> (goal)', does: 'Chips in for a goal of the whole room', onAir }),
    together(goal, { usage: ' (goal)', does: 'How the goals stand', onAir: false }),
  ]
}

async function ownWords(db: Reader, channel: number, signedIn: boolean): Promise<Listed[]> {
  const words = await settingOf(db, channel, wordsSetting)
  const currency = await currencyOf(db, channel)
  const { on: handing } = await settingOf(db, channel, giftSetting)
  const plain = {
    group: '',
    who: 'everyone',
    cost: 0,
    perViewer: 0,
    onAir: false,
    where: 'both',
    yours: signedIn || null,
  }
  const balance: Listed = {
    ...plain,
    word: currency.word,
    aliases: currency.aliases ?? [],
    usage: `!${currency.word}`,
    does: `How many ${currency.many} you have`,
    everyoneSeconds: 0,
    eachSeconds: 0,
  }
  const others = OWN.filter(({ kind }) => words[kind].on && (kind !== 'hand' || handing)).map(
    ({ kind, does, usage }) => ({
      ...plain,
      word: words[kind].word,
      aliases: words[kind].aliases,
      usage: `!${words[kind].word}${usage === undefined ? '' : ` ${usage}`}`,
      does,
      everyoneSeconds: words[kind].everyoneSeconds,
      eachSeconds: words[kind].eachSeconds,
    }),
  )
  return [balance, ...others]
}
