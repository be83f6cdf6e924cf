import { answerToGet, buyByChat, needGet, needPurchase } from '../buying/index.ts'
import { earningSetting, markPresent, payChat } from '../earning/index.ts'
import { needRaffleLine, raffleByChat } from '../entering/index.ts'
import { isJoining, type Joining, joinByChat, needJoining } from '../joining/index.ts'
import { findViewer, keyOf, meet, needHabits, needWatch, type ViewerRow, viewers, type Who } from '../people/index.ts'
import { needGameLine, playByChat } from '../playing/index.ts'
import { needClaim, runningRaffle, speakUp } from '../raffles/index.ts'
import type { RaffleId, ViewerId } from '../schema.ts'
import { readSetting } from '../settings/index.ts'
import { showOnAir } from '../show/index.ts'
import { type Asker, answer, voiceSetting } from '../voice/index.ts'
import { findNamed, needNamed, TEAM_WORDS, wordsSetting } from '../words/index.ts'
import { type Envelope, type Handler, type Need, ok, type Result, type World } from '../world/index.ts'
import { balanceAnswer, checkInAnswer, hoursAnswer, rankAnswer } from './answers.ts'
import { cooledDown, needCooldowns } from './cooldowns.ts'
import { correct, type ForEveryone, hand, mayCorrect, needTeam } from './corrections.ts'
import { fairAnswer, helpAnswer } from './help.ts'
import { hint, needHint } from './hint.ts'
import { type Heard, heard } from './match.ts'
import { carryOut, needUse, type Used } from './use.ts'

/** The longest chat text that is kept; chat networks carry less. */
const MAX_LINE = 1000

export interface ChatLine {
  readonly kind: 'chat.line'
  readonly who: Who
  readonly text: string
  /** Said to the bot alone: answered privately, and nobody else sees it. */
  readonly privately: boolean
  /** The room that it came from; left out: the operator's. */
  readonly inRoom?: number
}

function needLine(world: World, { who, text, at }: ChatLine & Envelope): Need[] {
  const command = heard(world, text.slice(0, MAX_LINE))
  const needed = [...(needsHabits(world, command) ? needHabits(world, keyOf(who)) : needWatch(world, keyOf(who)))]
  if (!needed.every((need) => world.rows.has(need))) return needed
  const viewer = findViewer(world, keyOf(who))?.id
  if (viewer !== undefined) needed.push(...needClaim(world, viewer))
  if (command === undefined) return [...needed, ...needHint(world, text, viewer)]
  if (command.kind === 'command')
    return [...needed, ...needUse(world, command.command, { account: keyOf(who), typed: command.rest, at })]
  if (command.kind === 'reward') return [...needed, ...needPurchase(world, command.reward, keyOf(who))]
  if (command.kind === 'game') return [...needed, ...needGameLine(world, command.verb, command.rest, keyOf(who))]
  if (command.kind === 'raffle') return [...needed, ...needRaffleLine(world, command.raffle, command.rest, keyOf(who))]
  if (isJoining(command)) return [...needed, ...needJoining(world, command, keyOf(who))]
  if (command.kind === 'get') needed.push(...needGet(world, command.rest, keyOf(who)))
  if (NAMING.has(command.kind))
    for (const typed of command.rest.split(/\s+/).slice(0, 2)) needed.push(...needNamed(world, typed))
  if (CORRECTING.has(command.kind)) needed.push(...needTeam(world))
  if (command.kind !== 'balance')
    needed.push(...needCooldowns(command.kind, readSetting(world, wordsSetting)[command.kind], viewer))
  return needed
}

/** Words behind which somebody may be named. */
const NAMING: ReadonlySet<string> = new Set(['balance', 'hand', 'give', 'take', 'set'])

const CORRECTING: ReadonlySet<string> = new Set(TEAM_WORDS)

const needsHabits = (world: World, command: Heard | undefined): boolean =>
  command?.kind === 'here' || command?.kind === 'hand' || readSetting(world, earningSetting).chat.amount > 0

/** What a line came to: what the bot says, what ran, what is left to be found out for everybody. */
export interface LineAnswer {
  readonly answer?: string
  readonly used?: Used
  readonly raffle?: RaffleId
  readonly follow?: Followed
}

/** A line in chat: shown on the desk, paid as the plan says, and answered if it begins with one of the words. */
export const chatLine = {
  needs: needLine,
  decide(world, intent): Result<LineAnswer> {
    const viewer = notice(world, intent)
    if (viewer.ignored) return ok({})
    const text = intent.text.slice(0, MAX_LINE)
    if (!intent.privately) world.fact('chat.said', 'desk', { viewer: viewer.id, name: viewer.name, text })
    const command = heard(world, text)
    if (!intent.privately) payChat(world, viewer, command !== undefined)
    const asker = { name: intent.who.name, privately: intent.privately }
    if (!intent.privately) speakUp(world, viewer.id, text)
    const code = linkCodeIn(text)
    if (code !== undefined) return ok({ follow: { link: code, viewer: viewer.id, to: linkTo(world, intent) } })
    if (command === undefined) return ok(hint(world, viewer, text, asker))
    if (command.kind === 'command') return ok({ used: carryOut(world, command.command, viewer, command.rest, asker) })
    if (command.kind === 'raffle') return ok(toRaffle(world, viewer, command, asker))
    if (isJoining(command)) {
      joinByChat(world, viewer, command, asker)
      return ok({})
    }
    const answered = answerTo(world, viewer, command, asker)
    if (answered === undefined) return ok({})
    const alone = intent.privately || readSetting(world, voiceSetting).reply === 'private'
    const to = alone ? intent.who.name : null
    if (typeof answered !== 'string') return ok({ follow: { ...answered, to } })
    answer(world, asker, answered, command.kind === 'balance' ? { likeness: 'balance' } : {})
    return ok({ answer: answered })
  },
} satisfies Handler<ChatLine>

/** What somebody says in chat to show that an account there is theirs: nothing else is said so. */
const LINK = /^\s*link-([a-z0-9]{5})-([a-z0-9]{5})\s*$/i

function linkCodeIn(text: string): string | undefined {
  const [, first, second] = LINK.exec(text) ?? []
  return first === undefined || second === undefined ? undefined : `${first}${second}`.toUpperCase()
}

const linkTo = (world: World, { who, privately }: ChatLine): string | null =>
  privately || readSetting(world, voiceSetting).reply === 'private' ? who.name : null

function toRaffle(
  world: World,
  viewer: ViewerRow,
  { raffle: id, rest }: { raffle: RaffleId; rest: string },
  asker: Asker,
) {
  const raffle = runningRaffle(world, id)
  if (raffle !== undefined) raffleByChat(world, viewer, raffle, rest, asker)
  return { raffle: id }
}

function notice(world: World, { who, privately }: ChatLine): ViewerRow {
  // A private line may come from outside the room: it makes nobody present.
  const viewer = privately ? meet(world, who) : markPresent(world, who)
  if (viewer.ignored) return viewer
  if (!privately) tellOfLine(world, viewer)
  return world.put(viewers, { ...viewer, chattedAt: world.at, lastSeenAt: world.at })
}

/** What triggers are set off by: a line, the first of a viewer in a show, the first of all. */
function tellOfLine(world: World, { id, chattedAt }: ViewerRow): void {
  const show = showOnAir(world)
  world.moment('said', id, {})
  if (chattedAt === null) world.moment('firstEver', id, {})
  if (show !== undefined && (chattedAt === null || chattedAt < show.startedAt)) world.moment('firstInShow', id, {})
}

/** What the rules cannot do with the rows of one person: the server does it, and says the answer (`chat.tell`). */
type FollowUp =
  | { readonly link: string; readonly viewer: ViewerId }
  | { readonly list: 'balance' | 'hours' | 'earned'; readonly period: 'all' | 'days' | 'show' }
  | { readonly everyone: ForEveryone }

/** Such a thing, and who is told alone; null: everybody. */
export type Followed = FollowUp & { readonly to: string | null }

const LISTS = { top: 'balance', longest: 'hours', earners: 'earned' } as const

function answerTo(
  world: World,
  viewer: ViewerRow,
  command: Exclude<Heard, { kind: 'command' | 'raffle' | Joining['kind'] }>,
  asker: Asker,
): string | FollowUp | undefined {
  const { kind, word, rest } = command
  if (kind === 'reward') return buyByChat(world, viewer, command.reward, rest, asker)
  if (kind === 'game') return playByChat(world, viewer, command, asker)
  if (kind === 'balance') return answerToBalance(world, viewer, rest)
  if (!cooledDown(world, kind, readSetting(world, wordsSetting)[kind], viewer.id)) return undefined
  switch (kind) {
    case 'get':
      return answerToGet(world, viewer, word, rest, asker)
    case 'rank':
      return rankAnswer(world, viewer)
    case 'hours':
      return hoursAnswer(world, viewer)
    case 'here':
      return checkInAnswer(world, viewer)
    case 'help':
      return helpAnswer(world, rest)
    case 'fair':
      return fairAnswer(world)
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
  const found = findNamed(world, typed)
  // Behind the word may stand anything; only who is plainly named must be known.
  if (!found.ok && !typed.startsWith('@')) return balanceAnswer(world, viewer)
  if (!found.ok) return `${viewer.name}: ${found.refusal.sentence}`
  const other = found.value
  if (other.ignored) return `${viewer.name}: nobody here is called "${typed.slice(0, 40)}".`
  if (other.unlisted && other.id !== viewer.id && !mayCorrect(world, viewer)) return `${other.name} keeps that private.`
  return balanceAnswer(world, other)
}
