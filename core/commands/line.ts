import { earningSetting, markPresent, payChat } from '../earning/index.ts'
import { findViewer, meet, needHabits, needWatch, type ViewerRow, viewers, type Who } from '../people/index.ts'
import { readSetting } from '../settings/index.ts'
import { boughtInWords, buy, openWords } from '../store/index.ts'
import { type Handler, type Need, ok, type World } from '../world/index.ts'
import { balanceAnswer, checkInAnswer, hoursAnswer, rankAnswer } from './answers.ts'
import { cooledDown, needCooldowns } from './cooldowns.ts'
import { correct, type ForEveryone, hand, mayCorrect } from './corrections.ts'
import { findNamed, needNamed } from './named.ts'
import { parseWord } from './parse.ts'
import type { WordKind } from './schema.ts'
import { kindOf, wordsSetting } from './words.ts'

/** The longest chat text that is kept; chat networks carry less. */
const MAX_LINE = 1000

export interface ChatLine {
  readonly kind: 'chat.line'
  readonly who: Who
  readonly text: string
  /** Said to the bot alone: answered privately, and nobody else sees it. */
  readonly privately: boolean
}

/** A line of chat read as one of our words. */
interface Command {
  readonly kind: WordKind | 'balance'
  readonly word: string
  readonly rest: string
}

function commandIn(world: World, text: string): Command | undefined {
  const parsed = parseWord(text.slice(0, MAX_LINE))
  const kind = parsed && kindOf(world, parsed.word)
  return parsed && kind && { kind, ...parsed }
}

/** Words behind which somebody may be named. */
const NAMING: ReadonlySet<string> = new Set(['balance', 'hand', 'give', 'take', 'set'])

function needLine(world: World, { who, text }: ChatLine): Need[] {
  const command = commandIn(world, text)
  const needed = needsHabits(world, command) ? needHabits(world, who.account) : needWatch(world, who.account)
  if (command === undefined || !needed.every((need) => world.rows.has(need))) return needed
  if (NAMING.has(command.kind))
    for (const typed of command.rest.split(/\s+/).slice(0, 2)) needed.push(...needNamed(world, typed))
  if (command.kind !== 'balance')
    needed.push(
      ...needCooldowns(
        command.kind,
        readSetting(world, wordsSetting)[command.kind],
        findViewer(world, who.account)?.id,
      ),
    )
  return needed
}

const needsHabits = (world: World, command: Command | undefined): boolean =>
  command?.kind === 'here' || command?.kind === 'hand' || readSetting(world, earningSetting).chat.amount > 0

/** A line in chat: shown on the desk, paid as the plan says, and answered if it begins with one of our words. */
export const chatLine: Handler<ChatLine> = {
  needs: needLine,
  decide(world, intent) {
    const viewer = notice(world, intent)
    if (viewer.ignored) return ok({})
    const text = intent.text.slice(0, MAX_LINE)
    if (!intent.privately) world.fact('chat.said', 'desk', { viewer: viewer.id, name: viewer.name, text })
    const command = commandIn(world, text)
    if (!intent.privately) payChat(world, viewer, command !== undefined)
    const answer = command && answerTo(world, viewer, command)
    if (answer === undefined) return ok({})
    const to = intent.privately ? intent.who.name : null
    if (typeof answer !== 'string') return ok({ follow: { ...answer, to } })
    world.fact('chat.replied', 'desk', { to, text: answer })
    return ok({ answer })
  },
}

function notice(world: World, { who, privately }: ChatLine): ViewerRow {
  // A private line may come from outside the room: it makes nobody present.
  const viewer = privately ? meet(world, who) : markPresent(world, who)
  if (viewer.ignored) return viewer
  return world.put(viewers, { ...viewer, chattedAt: world.at, lastSeenAt: world.at })
}

/** What the rules cannot do with the rows of one person: the server does it, and says the answer (`chat.tell`). */
export type FollowUp =
  | { readonly list: 'balance' | 'hours' | 'earned'; readonly period: 'all' | 'days' | 'show' }
  | { readonly everyone: ForEveryone }

const LISTS = { top: 'balance', longest: 'hours', earners: 'earned' } as const

function answerTo(world: World, viewer: ViewerRow, command: Command): string | FollowUp | undefined {
  const { kind, word, rest } = command
  if (kind === 'balance') return answerToBalance(world, viewer, rest)
  if (!cooledDown(world, kind, readSetting(world, wordsSetting)[kind], viewer.id)) return undefined
  switch (kind) {
    case 'get':
      return answerToGet(world, viewer, word, rest)
    case 'rank':
      return rankAnswer(world, viewer)
    case 'hours':
      return hoursAnswer(world, viewer)
    case 'here':
      return checkInAnswer(world, viewer)
    case 'top':
    case 'longest':
    case 'earners':
      return { list: LISTS[kind], period: periodOf(rest) }
    case 'hand':
      return hand(world, viewer, word, rest)
    case 'give':
    case 'take':
    case 'set':
      return answerToCorrection(world, viewer, kind, word, rest)
  }
}

const periodOf = (rest: string): 'all' | 'days' | 'show' =>
  /^show\b/i.test(rest) ? 'show' : /^(30|days|month)\b/i.test(rest) ? 'days' : 'all'

function answerToCorrection(world: World, by: ViewerRow, how: 'give' | 'take' | 'set', word: string, rest: string) {
  const done = correct(world, by, how, word, rest)
  return done === undefined || typeof done === 'string' ? done : { everyone: done }
}

function answerToBalance(world: World, viewer: ViewerRow, rest: string): string {
  const [typed = ''] = rest.split(/\s+/)
  const { askOthers } = readSetting(world, wordsSetting)
  if (typed === '' || !(askOthers || mayCorrect(world, viewer))) return balanceAnswer(world, viewer)
  const other = findNamed(world, typed)
  // Behind the word may stand anything; only who is plainly named must be known.
  if (other === undefined && !typed.startsWith('@')) return balanceAnswer(world, viewer)
  if (other === undefined || other.ignored) return `${viewer.name}: nobody here goes by "${typed.slice(0, 40)}".`
  if (other.unlisted && other.id !== viewer.id && !mayCorrect(world, viewer))
    return `${other.name} keeps that to themselves.`
  return balanceAnswer(world, other)
}

function answerToGet(world: World, viewer: ViewerRow, get: string, rest: string): string {
  const [word = '', text = ''] = splitOnce(rest)
  if (word === '') {
    const words = openWords(world)
    return words.length > 0
      ? `${viewer.name}: type !${get} and one of ${words.join(', ')}.`
      : 'The store is empty right now.'
  }
  const bought = buy(world, viewer, word, text)
  return bought.ok ? boughtInWords(world, bought.value) : `${viewer.name}: ${bought.refusal.sentence}`
}

function splitOnce(rest: string): [string, string] {
  const at = rest.search(/\s/)
  return at < 0 ? [rest, ''] : [rest.slice(0, at), rest.slice(at).trim()]
}

export interface Tell {
  readonly kind: 'chat.tell'
  /** Null: the room. */
  readonly to: string | null
  readonly text: string
}

/** Says a line: what the server found out for a follow-up. */
export const tell: Handler<Tell> = {
  decide(world, { to, text }) {
    world.fact('chat.replied', 'desk', { to, text })
    return ok({})
  },
}
