import { currencySetting, inWords } from '../currency/index.ts'
import { markPresent, needWatch } from '../earning/index.ts'
import { balanceOf } from '../ledger/index.ts'
import { meet, type ViewerRow, viewers, type Who } from '../people/index.ts'
import { readSetting } from '../settings/index.ts'
import { boughtInWords, buy, openWords } from '../store/index.ts'
import { type Handler, ok, type World } from '../world/index.ts'
import { parseWord } from './parse.ts'

/** The longest chat text that is kept; chat networks carry less. */
const MAX_LINE = 1000

export interface ChatLine {
  readonly kind: 'chat.line'
  readonly who: Who
  readonly text: string
  /** Said to the bot alone: answered privately, and nobody else sees it. */
  readonly privately: boolean
}

/** A line in chat: shown on the desk, and answered if it begins with one of our words. */
export const chatLine: Handler<ChatLine> = {
  needs: (world, intent) => needWatch(world, intent.who.account),
  decide(world, intent) {
    const viewer = notice(world, intent)
    if (viewer.ignored) return ok({})
    const text = intent.text.slice(0, MAX_LINE)
    if (!intent.privately) world.fact('chat.said', 'desk', { viewer: viewer.id, name: viewer.name, text })
    const command = parseWord(text)
    const answer = command && answerTo(world, viewer, command.word, command.rest)
    if (answer === undefined) return ok({})
    world.fact('chat.replied', 'desk', { to: intent.privately ? intent.who.name : null, text: answer })
    return ok({ answer })
  },
}

function notice(world: World, { who, privately }: ChatLine): ViewerRow {
  // A private line may come from outside the room: it makes nobody present.
  const viewer = privately ? meet(world, who) : markPresent(world, who)
  if (viewer.ignored) return viewer
  return world.put(viewers, { ...viewer, chattedAt: world.at, lastSeenAt: world.at })
}

function answerTo(world: World, viewer: ViewerRow, word: string, rest: string): string | undefined {
  const currency = readSetting(world, currencySetting)
  if (word === currency.word.toLowerCase()) {
    return `${viewer.name} has ${inWords(balanceOf(world, viewer.id), currency)}.`
  }
  if (word === 'get') return answerToGet(world, viewer, rest)
  return undefined
}

function answerToGet(world: World, viewer: ViewerRow, rest: string): string {
  const [word = '', text = ''] = splitOnce(rest)
  if (word === '') {
    const words = openWords(world)
    return words.length > 0
      ? `${viewer.name}: type !get and one of ${words.join(', ')}.`
      : 'The store is empty right now.'
  }
  const bought = buy(world, viewer, word, text)
  return bought.ok ? boughtInWords(world, bought.value) : `${viewer.name}: ${bought.refusal.sentence}`
}

function splitOnce(rest: string): [string, string] {
  const at = rest.search(/\s/)
  return at < 0 ? [rest, ''] : [rest.slice(0, at), rest.slice(at).trim()]
}
