import { type EarningPlan, earningSetting } from '../earning/index.ts'
import { decide, type Intent } from '../engine/index.ts'
import { accounts, BOOKS, transfers } from '../ledger/index.ts'
import { habitOf, viewers, watchOf } from '../people/index.ts'
import { readSetting } from '../settings/index.ts'
import type { RewardSettings } from '../store/index.ts'
import { type Answer, type Envelope, type Fact, type Result, Rows, World } from '../world/index.ts'

export const CURRENCY = { one: 'rivet', many: 'rivets', word: 'rivets' }

export const WHISTLE: RewardSettings = {
  word: 'whistle',
  name: 'Factory whistle',
  description: '',
  price: 60,
  delivery: 'itself',
  ask: null,
  picture: 'whistle',
  sound: 'whistle',
  alertTitle: 'End of shift',
  alertLine: '{{ viewer.name }}, {{ order.cost }}',
  open: true,
}

export const NAMING: RewardSettings = {
  ...WHISTLE,
  word: 'name-it',
  name: 'Name the mended thing',
  price: 45,
  delivery: 'hand',
  ask: 'What is its name?',
}

/** A whole channel in memory, for tests: hands in intents one after the other and remembers what they led to. */
export class TestChannel {
  readonly world = new World(new Rows(true))
  now = 1_000_000
  #count = 0

  constructor(plan: Partial<EarningPlan> = { intervalSeconds: 60 }) {
    this.send({ kind: 'channel.setUp', currency: CURRENCY, plan })
    this.send({ kind: 'store.add', reward: WHISTLE })
    this.send({ kind: 'store.add', reward: NAMING })
  }

  send(intent: Intent, at = this.now): Result<Answer> {
    const result = decide(this.world, { ...intent, key: `test/${++this.#count}`, at } as Intent & Envelope)
    return result
  }

  /** Somebody says something in the room. @returns the bot's answer, if there is one. */
  say(name: string, text: string): string | undefined {
    const who = { account: name.toLowerCase(), name }
    const result = this.send({ kind: 'chat.line', who, text, privately: false })
    return result.ok ? (result.value.answer as string | undefined) : undefined
  }

  arrive(name: string): void {
    this.send({ kind: 'presence.arrived', who: { account: name.toLowerCase(), name } })
  }

  leave(name: string, until?: number): void {
    this.send({ kind: 'presence.left', account: name.toLowerCase(), ...(until !== undefined && { until }) })
  }

  /** The facts so far, of one kind if given. */
  facts(kind?: string): readonly Fact[] {
    return this.world.facts.filter((fact) => kind === undefined || fact.kind === kind)
  }

  startShow(): number {
    const started = this.send({ kind: 'show.start', title: 'Test' })
    return started.ok ? Number(started.value.show) : 0
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
    return [WHISTLE, NAMING].map((reward) => ({ kind: 'store.add', reward }))
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
    const viewer = this.world.find(viewers, 'account', name.toLowerCase())
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
