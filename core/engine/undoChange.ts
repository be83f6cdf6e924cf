import { betHandlers } from '../bets/index.ts'
import { buyingHandlers } from '../buying/index.ts'
import { type ChangeRow, type Content, loggedOf, sameContent } from '../changes/index.ts'
import { commandHandlers } from '../commands/index.ts'
import { earningHandlers } from '../earning/index.ts'
import { enteringHandlers } from '../entering/index.ts'
import { GAMES, type Game } from '../games/index.ts'
import { joiningHandlers } from '../joining/index.ts'
import { peopleHandlers } from '../people/index.ts'
import { playingHandlers } from '../playing/index.ts'
import { raffleHandlers } from '../raffles/index.ts'
import { type CircleSettings, rankHandlers } from '../ranks/index.ts'
import { roomHandlers } from '../rooms/index.ts'
import { screenHandlers } from '../screen/index.ts'
import { type ChannelState, channelSetting, readSetting, settings, settingsHandlers } from '../settings/index.ts'
import { tallyHandlers } from '../tallies/index.ts'
import { triggerHandlers } from '../triggers/index.ts'
import { voiceHandlers } from '../voice/index.ts'
import { webhookHandlers } from '../webhooks/index.ts'
import { wordHandlers } from '../words/index.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'
import { envelopeOf, REMOVES } from './undoMade.ts'

export interface UndoChange {
  readonly kind: 'changes.undo'
  /** As it was written down. */
  readonly change: Pick<ChangeRow, 'of' | 'which' | 'name' | 'before' | 'after'>
}

/** Sets something to what it was. @param content - It passed the checks of its handler when it was saved; it passes them anew. */
type Restore = (world: World, content: never, which: string) => Result<unknown>

/** Which one of many it is; none: it is made anew. */
const idIn = (which: string): number | null => (which === '' ? null : Number(which))

const ofGame = (game: Game): readonly [string, Restore] => [
  `game.${game}`,
  // What paid out more than it took was confirmed once.
  (world, content) =>
    playingHandlers['game.change'].decide(world, {
      ...envelopeOf(world),
      kind: 'game.change',
      game,
      settings: content,
      confirmed: true,
    }),
]

const RESTORES: Readonly<Record<string, Restore>> = {
  reward: (world, content, which) =>
    buyingHandlers['store.save'].decide(world, {
      ...envelopeOf(world),
      kind: 'store.save',
      reward: idIn(which),
      settings: content,
    }),
  command: (world, content, which) =>
    commandHandlers['command.save'].decide(world, {
      ...envelopeOf(world),
      kind: 'command.save',
      command: idIn(which),
      settings: content,
    }),
  trigger: (world, content, which) =>
    triggerHandlers['trigger.save'].decide(world, {
      ...envelopeOf(world),
      kind: 'trigger.save',
      trigger: idIn(which),
      settings: content,
    }),
  tally: (world, content, which) =>
    tallyHandlers['tally.save'].decide(world, {
      ...envelopeOf(world),
      kind: 'tally.save',
      tally: Number(which),
      settings: content,
    }),
  alert: (world, content, which) =>
    screenHandlers['alert.save'].decide(world, {
      ...envelopeOf(world),
      kind: 'alert.save',
      alert: idIn(which),
      settings: content,
    }),
  overlay: (world, content, which) =>
    screenHandlers['screen.save'].decide(world, {
      ...envelopeOf(world),
      kind: 'screen.save',
      overlay: Number(which),
      settings: content,
    }),
  circle: (world, { name, rules, keep }: CircleSettings, which) =>
    rankHandlers['circle.save'].decide(world, {
      ...envelopeOf(world),
      kind: 'circle.save',
      circle: Number(which),
      settings: { name, rules, keep },
    }),
  // It keeps its password and its key, where they may go there.
  room: (world, settings, which) =>
    roomHandlers['room.save'].decide(world, {
      ...envelopeOf(world),
      kind: 'room.save',
      room: Number(which),
      settings,
      password: null,
      roomKey: null,
    }),
  // Its password stays, if it is for that account.
  ownVoice: (world, settings, which) =>
    roomHandlers['room.ownVoice'].decide(world, {
      ...envelopeOf(world),
      kind: 'room.ownVoice',
      room: Number(which),
      settings,
      password: null,
    }),
  // It keeps its secret, whatever is given here.
  webhook: (world, settings, which) =>
    webhookHandlers['webhook.save'].decide(world, {
      ...envelopeOf(world),
      kind: 'webhook.save',
      webhook: Number(which),
      settings,
      secret: '',
    }),
  raffleSetup: (world, content: { readonly settings: never; readonly digit: number | null }, which) =>
    raffleHandlers['raffle.saveSetup'].decide(world, {
      ...envelopeOf(world),
      kind: 'raffle.saveSetup',
      setup: idIn(which),
      ...content,
    }),
  raffle: (world, settings, which) =>
    enteringHandlers['raffle.change'].decide(world, {
      ...envelopeOf(world),
      kind: 'raffle.change',
      raffle: Number(which),
      settings,
    }),
  betTemplate: (world, content: { readonly settings: never; readonly digit: number | null }, which) =>
    betHandlers['bet.saveTemplate'].decide(world, {
      ...envelopeOf(world),
      kind: 'bet.saveTemplate',
      template: idIn(which),
      ...content,
    }),
  bet: (world, settings, which) =>
    betHandlers['bet.act'].decide(world, {
      ...envelopeOf(world),
      kind: 'bet.act',
      bet: Number(which),
      act: { does: 'change', settings },
      by: world.atDesk ?? '',
    }),
  goal: (world, settings, which) =>
    joiningHandlers['goal.change'].decide(world, {
      ...envelopeOf(world),
      kind: 'goal.change',
      goal: Number(which),
      settings,
    }),
  goals: (world, words) =>
    joiningHandlers['goals.words'].decide(world, { ...envelopeOf(world), kind: 'goals.words', words }),
  bets: (world, defaults) =>
    joiningHandlers['bets.change'].decide(world, { ...envelopeOf(world), kind: 'bets.change', defaults }),
  ranks: (world, plan) =>
    rankHandlers['ranks.change'].decide(world, { ...envelopeOf(world), kind: 'ranks.change', plan }),
  earning: (world, plan) =>
    earningHandlers['earning.change'].decide(world, {
      ...envelopeOf(world),
      kind: 'earning.change',
      plan,
      by: world.atDesk ?? '',
    }),
  channel: restoreChannel,
  currency: (world, currency) =>
    wordHandlers['currency.change'].decide(world, { ...envelopeOf(world), kind: 'currency.change', currency }),
  chatWords: (world, words) =>
    wordHandlers['chat.words'].decide(world, { ...envelopeOf(world), kind: 'chat.words', words }),
  handing: (world, handing) =>
    peopleHandlers['people.handing'].decide(world, { ...envelopeOf(world), kind: 'people.handing', handing }),
  zone: (world, zone: { readonly timeZone: string }) =>
    earningHandlers['channel.zone'].decide(world, { ...envelopeOf(world), kind: 'channel.zone', ...zone }),
  voice: (world, voice) =>
    voiceHandlers['chat.voice'].decide(world, { ...envelopeOf(world), kind: 'chat.voice', voice }),
  wagering: (world, wagering) =>
    playingHandlers['game.wagering'].decide(world, { ...envelopeOf(world), kind: 'game.wagering', wagering }),
  'game.texts': restoreTexts,
  ...Object.fromEntries(GAMES.map(ofGame)),
}

/** What is whole by its settings alone, so that it can be made anew once it was removed; its number is another one then. */
const MADE_ANEW: ReadonlySet<string> = new Set(['reward', 'command', 'trigger', 'alert', 'raffleSetup', 'betTemplate'])

/** Whether a change can be set back from the log: also the making of something, by removing it, and the removing, by making it anew. */
export function isRestored({ of, before, after }: Pick<ChangeRow, 'of' | 'before' | 'after'>): boolean {
  if (before === null) return REMOVES[of] !== undefined
  if (after === null) return MADE_ANEW.has(of)
  if (RESTORES[of] === undefined) return false
  return of !== 'channel' || isNameAlone(before as unknown as ChannelState, after as unknown as ChannelState)
}

/** Whether but the channel's name and its being listed differ: its address, pausing and closing have ways back of their own. */
const isNameAlone = (before: ChannelState, after: ChannelState): boolean =>
  (['address', 'paused', 'closed'] as const).every((part) => before[part] === after[part])

function restoreChannel(world: World, { name, listed }: ChannelState): Result<unknown> {
  const channel = { ...readSetting(world, channelSetting), name, listed }
  return settingsHandlers['channel.change'].decide(world, { ...envelopeOf(world), kind: 'channel.change', channel })
}

function restoreTexts(world: World, texts: Readonly<Record<string, readonly string[]>>): Result<unknown> {
  const now = (world.get(settings, 'game.texts')?.body ?? {}) as Readonly<Record<string, readonly string[]>>
  for (const text of new Set([...Object.keys(texts), ...Object.keys(now)])) {
    const done = playingHandlers['game.text'].decide(world, {
      ...envelopeOf(world),
      kind: 'game.text',
      text,
      own: texts[text] ?? [],
    })
    if (!done.ok) return done
  }
  return ok({})
}

/** Sets something back to what it was before a change, while nobody has changed it since. */
export const undoChange = {
  decide(world, { change }) {
    const { of, which, name, before, after } = change
    if (!isRestored(change)) return refuse('change_not_undone', `${name}: change it on its page.`)
    if (!sameContent(nowOf(world, of, which), after))
      return refuse('change_overtaken', `${name} was changed again since. Look at the newer change first.`)
    const done =
      before === null
        ? REMOVES[of]?.(world, Number(which))
        : RESTORES[of]?.(world, before as never, after === null ? '' : which)
    return done === undefined || done.ok ? ok({}) : done
  },
} satisfies Handler<UndoChange>

function nowOf(world: World, of: string, which: string): Content | null | undefined {
  const found =
    which === '' ? loggedOf(world, settings.name, of, undefined) : loggedOf(world, of, Number(which), undefined)
  return found?.after
}
