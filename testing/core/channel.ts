import type { CommandSettings } from '#core/words'
import { EVERYONE_MAY, NO_LIMITS } from '../../core/access/index.ts'
import { type EarningPlan, earningSetting } from '../../core/earning/index.ts'
import { type AnswerTo, decide, type Intent } from '../../core/engine/index.ts'
import { digestOf } from '../../core/fairness/index.ts'
import { type Game, type SettingsOf, settingsOf } from '../../core/games/index.ts'
import { accounts, BOOKS, transfers } from '../../core/ledger/index.ts'
import { habitOf, viewers, watchOf } from '../../core/people/index.ts'
import { type Opens, type RaffleSettings, SAME_CHANCE } from '../../core/raffles/index.ts'
import { type AlertSettings, PLAIN_ALERT } from '../../core/screen/index.ts'
import { readSetting } from '../../core/settings/index.ts'
import { PLAIN_REWARD, type RewardSettings } from '../../core/store/index.ts'
import { countOf, type TallySettings } from '../../core/tallies/index.ts'
import type { TriggerSettings } from '../../core/triggers/index.ts'
import {
  type Answer,
  type Envelope,
  type Fact,
  type FactKind,
  type Result,
  Rows,
  type Timer,
  World,
} from '../../core/world/index.ts'
import { checkFact } from './facts.ts'

export const CURRENCY = { one: 'rivet', many: 'rivets', word: 'rivets' }

export const WHISTLE: RewardSettings = {
  ...PLAIN_REWARD,
  word: 'whistle',
  name: 'Factory whistle',
  price: 60,
  kind: 'itself',
  picture: 'whistle',
}

export const NAMING: RewardSettings = {
  ...PLAIN_REWARD,
  word: 'name-it',
  name: 'Name the mended thing',
  price: 45,
  asks: { of: 'text', question: 'What is its name?', least: 1, most: 200 },
}

/** The intent that puts a reward into the store. */
export const sells = (settings: RewardSettings): Intent => ({ kind: 'store.save', reward: null, settings })

export const ALERT: AlertSettings = {
  ...PLAIN_ALERT,
  name: 'Whistle',
  title: 'End of shift',
  line: '{{ viewer.name }}, {{ order.cost }}',
  sound: 'whistle',
}

/** A raffle of a lamp: one free ticket each, and the winner must speak up. */
export const LAMP: RaffleSettings = {
  ...SAME_CHANCE,
  title: 'Desk lamp',
  prize: { of: 'text', text: 'a restored desk lamp' },
  thisShow: false,
}

/** A command that says a word to everyone who asks. */
export const COMMAND: CommandSettings = {
  word: 'lamp',
  aliases: [],
  description: 'Tells of the lamp',
  group: '',
  on: true,
  who: EVERYONE_MAY,
  where: 'both',
  onAir: false,
  cost: 0,
  limits: NO_LIMITS,
  refusals: true,
  reply: null,
  arguments: [],
  steps: [{ do: 'say', text: 'The lamp is lit.' }],
}

export const TRIGGER: TriggerSettings = {
  name: 'Thanks',
  group: '',
  on: true,
  source: { of: 'follow' },
  who: EVERYONE_MAY,
  onAir: false,
  limits: NO_LIMITS,
  steps: [{ do: 'say', text: 'Welcome, {{ viewer.name }}!' }],
}

export const TALLY: TallySettings = {
  name: 'Stamps',
  one: 'stamp',
  many: 'stamps',
  key: 'stamps',
  ceiling: null,
  passing: false,
}

/** What stands for the entropy of an intent in tests: the same for the same key. */
export const entropyOf = (key: string): string => digestOf([key])

/** A whole channel in memory, for tests: hands in intents one after the other and remembers what they led to. */
export class TestChannel {
  readonly world = new World(new Rows(true))
  now = 1_000_000
  #count = 0
  readonly #timersRun = new Set<Timer>()

  constructor(plan: Partial<EarningPlan> = { intervalSeconds: 60 }) {
    this.send({ kind: 'channel.setUp', currency: CURRENCY, plan })
    for (const reward of [WHISTLE, NAMING]) this.send(sells(reward))
  }

  send<I extends Intent>(intent: I, at = this.now, entropy?: string): Result<AnswerTo<I>> {
    const n = ++this.#count
    const envelope: Envelope = { key: `test/${n}`, at, entropy: entropy ?? entropyOf(`test/${n}`) }
    const before = this.world.facts.length
    const result = decide<I>(this.world, { ...intent, ...envelope })
    for (const fact of this.world.facts.slice(before)) checkFact(fact)
    return result
  }

  /** Somebody says something in the room. @returns the bot's answer, if there is one. */
  say(name: string, text: string): string | undefined {
    const who = { account: name.toLowerCase(), name }
    const result = this.send({ kind: 'chat.line', who, text, privately: false })
    return result.ok ? result.value.answer : undefined
  }

  /** Says a line and gives what the bot said then: in the room as it is, to somebody alone as "to name: text". */
  hear(name: string, text: string, privately = false): string[] {
    const before = this.world.facts.length
    this.send({ kind: 'chat.line', who: { account: name.toLowerCase(), name }, text, privately })
    return this.saidSince(before)
  }

  /** What the bot said since there were so many facts. */
  saidSince(facts: number): string[] {
    const replies = this.world.facts.slice(facts).filter((fact) => fact.kind === 'chat.replied')
    return replies.map(({ body: { to, text } }) => (to === null ? text : `to ${to}: ${text}`))
  }

  /** Opens a seed that draws can be made from. */
  openSeed(): void {
    this.send({ kind: 'fairness.seed', seed: '11'.repeat(32), first: true })
  }

  /** Makes a command, or changes one. @returns Its id; what was refused is thrown. */
  command(settings: Partial<CommandSettings>, id: number | null = null): number {
    this.openSeed()
    const made = this.send({ kind: 'command.save', command: id, settings: { ...COMMAND, ...settings } })
    if (!made.ok) throw new Error(made.refusal.sentence)
    return made.value.command
  }

  /** Makes a trigger. @returns Its id; what was refused is thrown. */
  trigger(settings: Partial<TriggerSettings>, id: number | null = null): number {
    this.openSeed()
    const made = this.send({ kind: 'trigger.save', trigger: id, settings: { ...TRIGGER, ...settings } })
    if (!made.ok) throw new Error(made.refusal.sentence)
    return made.value.trigger
  }

  /** Puts a reward into the store, or changes one. @returns Its id; what was refused is thrown. */
  reward(settings: Partial<RewardSettings>, id: number | null = null): number {
    this.openSeed()
    const made = this.send({
      kind: 'store.save',
      reward: id,
      settings: { ...PLAIN_REWARD, name: 'Lamp', word: 'lamp', ...settings },
    })
    if (!made.ok) throw new Error(made.refusal.sentence)
    return made.value.reward
  }

  /** Makes an alert. @returns Its id. */
  alert(settings: Partial<AlertSettings> = {}): number {
    const made = this.send({ kind: 'alert.save', alert: null, settings: { ...ALERT, ...settings } })
    if (!made.ok) throw new Error(made.refusal.sentence)
    return made.value.alert
  }

  /** Makes a tally. */
  tally(settings: Partial<TallySettings> = {}): number {
    const made = this.send({ kind: 'tally.save', tally: null, settings: { ...TALLY, ...settings } })
    if (!made.ok) throw new Error(made.refusal.sentence)
    return made.value.tally
  }

  /** Switches a game on, with some of it set. What is refused is thrown. */
  game<G extends Game>(game: G, settings: Partial<SettingsOf[G]> = {}): void {
    this.openSeed()
    const wanted = { ...settingsOf(this.world, game), on: true, ...settings }
    const made = this.send({ kind: 'game.change', game, settings: wanted, confirmed: true })
    if (!made.ok) throw new Error(made.refusal.sentence)
  }

  /** Starts a raffle, at once if nothing else is said. @returns Its id; what is refused is thrown. */
  raffle(settings: Partial<RaffleSettings> = {}, opens: Opens = { of: 'now' }): number {
    this.openSeed()
    const made = this.send({
      kind: 'raffle.start',
      settings: { ...LAMP, ...settings },
      opens,
      setup: null,
      by: 'wanda',
    })
    if (!made.ok) throw new Error(made.refusal.sentence)
    return made.value.raffle
  }

  tallied(name: string, tally: number): number {
    return countOf(this.world, tally, this.viewer(name).id).total
  }

  /** Gives somebody currency by hand. */
  give(name: string, amount: number): void {
    const viewers = [this.viewer(name).id]
    this.send({ kind: 'people.adjust', viewers, of: 'balance', how: 'give', amount, why: '', by: 'wanda' })
  }

  /** Runs the timers that are due by now, those they set included, in the order in which they were set. */
  runTimers(): void {
    for (const intent of this.dueTimers()) this.send(intent)
  }

  /** The intents of the timers that are due by now, for as long as those handed in set more. */
  *dueTimers(): Generator<Intent> {
    for (;;) {
      const timer = this.world.timers.find((one) => one.at <= this.now && !this.#timersRun.has(one))
      if (timer === undefined) return
      this.#timersRun.add(timer)
      // Set again before it ran: the later one stands for both. Set again after that: it runs once more.
      if (this.world.timers.findLast(({ key }) => key === timer.key) !== timer) continue
      if ('intent' in timer) yield timer.intent
    }
  }

  arrive(name: string): void {
    this.send({ kind: 'presence.arrived', who: { account: name.toLowerCase(), name } })
  }

  leave(name: string, until?: number): void {
    this.send({ kind: 'presence.left', account: name.toLowerCase(), ...(until !== undefined && { until }) })
  }

  /** The facts so far, of one kind if given. */
  facts(): readonly Fact[]
  facts<K extends FactKind>(kind: K): readonly Fact<K>[]
  facts(kind?: FactKind): readonly Fact[] {
    return this.world.facts.filter((fact) => kind === undefined || fact.kind === kind)
  }

  startShow(): number {
    const started = this.send({ kind: 'show.start', title: 'Test' })
    return started.ok ? started.value.show : 0
  }

  /** The plan with some of it changed, applied from now on. */
  plan(changed: Partial<EarningPlan>): Result<Answer> {
    const plan = { ...readSetting(this.world, earningSetting), ...changed }
    return this.send({ kind: 'earning.change', plan, by: 'wanda' })
  }

  livePlan(): EarningPlan {
    return readSetting(this.world, earningSetting)
  }

  /** The intents by which a channel gets the rewards that this one has. */
  rewards(): Intent[] {
    return [WHISTLE, NAMING].map(sells)
  }

  habit(name: string) {
    return habitOf(this.world, this.viewer(name).id)
  }

  /** Ends the show on air and settles it. */
  endShow(show: number): void {
    this.send({ kind: 'show.end' })
    this.pay(show)
    this.send({ kind: 'show.settled', show })
  }

  /** Pays everyone up to now, as the server does: what is left of the time off air first. */
  pay(show: number): void {
    if (show !== 0) this.pay(0)
    this.send({ kind: 'earning.pay', show, after: 0, upTo: Number.MAX_SAFE_INTEGER })
  }

  viewer(name: string) {
    const viewer = this.world.find(viewers, 'accountKey', name.toLowerCase())
    if (viewer === undefined) throw new Error(`Nobody is called ${name}.`)
    return viewer
  }

  watch(name: string) {
    return watchOf(this.world, this.viewer(name).id)
  }

  balance(name: string): number {
    return this.world.get(accounts, this.viewer(name).id)?.balance ?? 0
  }

  /** The sum over all accounts, books included: always 0. */
  sum(): number {
    const held = this.world.all(accounts).reduce((all, { balance }) => all + balance, 0)
    const books = new Set<number>(Object.values(BOOKS))
    return this.world.appended(transfers).reduce((all, { from, to, amount }) => {
      return all + (books.has(to) ? amount : 0) - (books.has(from) ? amount : 0)
    }, held)
  }

  lowest(): number {
    return Math.min(0, ...this.world.all(accounts).map(({ balance }) => balance))
  }
}
