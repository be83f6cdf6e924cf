import { bets, betsSetting, betTemplates } from '../bets/index.ts'
import { currencySetting } from '../currency/index.ts'
import { earningSetting } from '../earning/index.ts'
import { GAME_NAMES, GAMES, type Game, gameSetting, gameTextsSetting, wageringSetting } from '../games/index.ts'
import { goals, goalsSetting } from '../goals/index.ts'
import { circles, giftSetting } from '../people/index.ts'
import { raffles, setups } from '../raffles/index.ts'
import { ranksSetting } from '../ranks/index.ts'
import { ownVoices, rooms } from '../rooms/index.ts'
import { alerts, overlays } from '../screen/index.ts'
import { channelSetting, economySetting, type Setting, settings, zoneSetting } from '../settings/index.ts'
import { rewards } from '../store/index.ts'
import { tallies } from '../tallies/index.ts'
import { type Area, may, type Rights } from '../team/index.ts'
import { triggers } from '../triggers/index.ts'
import { voiceSetting } from '../voice/index.ts'
import { webhooks } from '../webhooks/index.ts'
import { commands, wordsSetting } from '../words/index.ts'
import type { Key, Table, World } from '../world/index.ts'

export type Content = Readonly<Record<string, unknown>>

interface Found {
  readonly of: string
  readonly which: string
  readonly name: string
  readonly before: Content | null
  readonly after: Content | null
}

interface OfMany {
  readonly area: Area
  /** How far one must be able to go in the area to read of it; left out: to look. */
  readonly readBy?: 'change'
  /** What it is called in a list: "reward". */
  readonly what: string
  readonly table: Table<never>
  readonly nameOf: (content: Content) => string
  /** What of a row is a setting; left out: its `settings`. */
  readonly contentOf?: (row: Content) => Content
}

interface OneOf {
  readonly area: Area
  readonly what: string
  // biome-ignore lint/suspicious/noExplicitAny: settings of every shape stand here; they are read as they are kept
  readonly setting: Setting<any>
}

const named = ({ name }: Content): string => String(name ?? '')

const without =
  (...names: string[]) =>
  (row: Content): Content =>
    Object.fromEntries(Object.entries(row).filter(([name]) => !names.includes(name)))

/** Settings of which there are many: each row of a table is one. */
const MANY: Readonly<Record<string, OfMany>> = {
  reward: { area: 'store', what: 'reward', table: rewards as never, nameOf: named },
  command: { area: 'commands', what: 'command', table: commands as never, nameOf: ({ word }) => `!${word}` },
  trigger: { area: 'commands', what: 'trigger', table: triggers as never, nameOf: named },
  tally: {
    area: 'commands',
    what: 'tally',
    table: tallies as never,
    nameOf: named,
    contentOf: without('id', 'goneAt'),
  },
  alert: { area: 'screen', what: 'alert', table: alerts as never, nameOf: named },
  // Whoever reads the log must not learn an overlay's address.
  overlay: {
    area: 'screen',
    what: 'overlay',
    table: overlays as never,
    nameOf: named,
    contentOf: without('id', 'secret', 'goneAt'),
  },
  circle: {
    area: 'ranks',
    what: 'circle',
    table: circles as never,
    nameOf: named,
    contentOf: without('id', 'goneAt'),
  },
  room: {
    area: 'connections',
    what: 'chat room',
    table: rooms as never,
    nameOf: ({ settings, room }) => String((settings as Content | undefined)?.room ?? room ?? ''),
  },
  ownVoice: {
    area: 'connections',
    what: 'account of one’s own in chat',
    table: ownVoices as never,
    nameOf: ({ nick }) => String(nick ?? ''),
  },
  // Many an address of a webhook is a secret in itself.
  webhook: {
    area: 'connections',
    readBy: 'change',
    what: 'webhook',
    table: webhooks as never,
    nameOf: named,
    contentOf: without('id', 'secret', 'failingSince', 'pausedAt', 'goneAt'),
  },
  raffleSetup: {
    area: 'raffles',
    what: 'raffle template',
    table: setups as never,
    nameOf: ({ settings }) => String((settings as Content | undefined)?.title ?? ''),
    contentOf: without('id', 'goneAt'),
  },
  raffle: {
    area: 'raffles',
    what: 'raffle',
    table: raffles as never,
    nameOf: ({ title }) => String(title ?? ''),
  },
  goal: {
    area: 'bets',
    what: 'goal',
    table: goals as never,
    nameOf: ({ title }) => String(title ?? ''),
  },
  betTemplate: {
    area: 'bets',
    what: 'bet template',
    table: betTemplates as never,
    nameOf: ({ settings }) => String((settings as Content | undefined)?.question ?? ''),
    contentOf: without('id', 'goneAt'),
  },
  bet: {
    area: 'bets',
    what: 'bet',
    table: bets as never,
    nameOf: ({ question }) => String(question ?? ''),
  },
}

const ofGame = (game: Game): readonly [string, OneOf] => [
  `game.${game}`,
  { area: 'games', what: GAME_NAMES[game], setting: gameSetting(game) },
]

/** Settings of which there is one. */
const ONES: Readonly<Record<string, OneOf>> = {
  currency: { area: 'commands', what: 'The currency', setting: currencySetting },
  chatWords: { area: 'commands', what: 'Built-in commands', setting: wordsSetting },
  handing: { area: 'commands', what: 'Gifts between viewers', setting: giftSetting },
  channel: { area: 'team', what: 'The channel', setting: channelSetting },
  zone: { area: 'commands', what: 'Time zone', setting: zoneSetting },
  voice: { area: 'commands', what: 'The bot', setting: voiceSetting },
  bets: { area: 'bets', what: 'Usual terms of bets', setting: betsSetting },
  goals: { area: 'bets', what: 'Words of goals', setting: goalsSetting },
  wagering: { area: 'games', what: 'For all games', setting: wageringSetting },
  'game.texts': { area: 'games', what: 'Messages of the games', setting: gameTextsSetting },
  ranks: { area: 'ranks', what: 'Ranks', setting: ranksSetting },
  earning: { area: 'earning', what: 'The earning plan', setting: earningSetting },
  economy: { area: 'earning', what: 'Earning and spending', setting: economySetting },
  ...Object.fromEntries(GAMES.map(ofGame)),
}

/** A setting with what holds for whatever is not set in it, as the desk shows it. */
export const wholeOf = (of: string, content: Content | null): Content | null =>
  content === null ? null : { ...(ONES[of]?.setting.initial as Content | undefined), ...content }

/** Every kind of thing that is logged. */
export const LOGGED: readonly string[] = [...Object.keys(MANY), ...Object.keys(ONES)]

/** The area that a logged thing belongs to; undefined: no such thing is logged. */
export const areaOfChange = (of: string): Area | undefined => (MANY[of] ?? ONES[of])?.area

/** Whether somebody may read what was changed of a logged thing. */
export function mayRead(rights: Pick<Rights, 'areas'>, of: string): boolean {
  const area = areaOfChange(of)
  return area !== undefined && may(rights, area, MANY[of]?.readBy ?? 'look')
}

/** What kind of thing was changed, in words. */
export const changedInWords = (of: string): string => (MANY[of] ?? ONES[of])?.what ?? of

const contentIn = ({ contentOf }: OfMany, row: Content | undefined): Content | null => {
  if (row === undefined || (row.goneAt ?? null) !== null) return null
  return contentOf === undefined ? (row.settings as Content) : contentOf(row)
}

/** A thing as it was and as it is, if it is one that is logged. */
export function loggedOf(world: World, table: string, key: Key, before: object | undefined): Found | undefined {
  if (table === settings.name) return oneOf(world, String(key), before as { body: Content } | undefined)
  const many = MANY[table]
  if (many === undefined) return undefined
  const [was, is] = [contentIn(many, before as Content), contentIn(many, world.get(many.table, key))]
  return { of: table, which: String(key), name: many.nameOf(is ?? was ?? {}), before: was, after: is }
}

function oneOf(world: World, name: string, before: { readonly body: Content } | undefined): Found | undefined {
  const one = ONES[name]
  if (one === undefined) return undefined
  const after = world.get(settings, name)?.body ?? null
  return { of: name, which: '', name: one.what, before: before?.body ?? (one.setting.initial as Content), after }
}
