import { randomUUID } from 'node:crypto'
import type { EventSender } from './events.ts'

/** A reward of the platform's own points, as the streamer made it there. */
export interface NativeReward {
  readonly id: string
  readonly name: string
  readonly price: number
  readonly text?: string
  readonly asks?: boolean
  readonly paused?: boolean
  /** Whether it was made from the other side, and can be changed there. */
  readonly changeable?: boolean
  /** The icon as PNG (base64). */
  readonly icon?: string
}

/** What the other side wants a reward to be. */
interface Wanted {
  readonly reward?: string
  readonly name?: string
  readonly price?: number
  readonly text?: string
  readonly asks?: boolean
  readonly paused?: boolean
  readonly icon?: Readonly<Record<string, string>>
}

const MOST_REWARDS = 50

export const NATIVE_REWARDS: readonly NativeReward[] = [
  { id: 'native-stamp', name: 'Stamp the card', price: 100 },
  { id: 'native-first', name: 'First at the bench', price: 50 },
  { id: 'native-rivets', name: 'Swap for rivets', price: 500 },
  { id: 'native-advice', name: 'Ask for advice', price: 1000 },
]

/** One spending of points; `open` until the other side has said what became of it. */
export interface Redemption {
  readonly id: string
  readonly name: string
  readonly reward: NativeReward
  readonly text: string
  readonly status: 'open' | 'approved' | 'refused'
  readonly why: string
}

/** Everybody begins with so many of the platform's points. */
const BEGINS_WITH = 5000
const MOST_KEPT = 200

/** The platform's own points: who has how many, and what was spent on what. Points of what is refused are given back. */
export class NativePoints {
  readonly #points = new Map<string, number>()
  #redemptions: Redemption[] = []
  #rewards: readonly NativeReward[] = NATIVE_REWARDS

  constructor(readonly sender: EventSender) {}

  /** Tells the other side which rewards there are. */
  async list(): Promise<void> {
    const { status } = await this.sender.tell('rewards.listed', {
      rewards: this.#rewards.map(({ icon: _, ...one }) => one),
    })
    if (status >= 400) throw new Error(`The receiver answered ${status}.`)
  }

  /** What is on offer. */
  get rewards(): readonly NativeReward[] {
    return this.#rewards.filter(({ paused }) => !paused)
  }

  /** Makes a reward as the other side wants it, or changes one that it made. @returns what is wrong, or what there is now. */
  set({ reward, name, price, icon, ...wanted }: Wanted): NativeReward | string {
    const known = this.#rewards.find(({ id }) => id === reward)
    if (reward !== undefined && known?.changeable !== true) return 'This reward was not made by you.'
    if (typeof name !== 'string' || name === '' || !Number.isInteger(price)) return 'A reward needs a name and a price.'
    if (this.#rewards.some((one) => one !== known && one.name.toLowerCase() === name.toLowerCase()))
      return `There is a reward called ${name} already.`
    if (known === undefined && this.#rewards.length >= MOST_REWARDS) return `${MOST_REWARDS} rewards are the most.`
    const picture = icon?.['64'] ?? known?.icon
    const made = { ...wanted, name, price: price as number, id: known?.id ?? `made-${randomUUID()}`, changeable: true }
    const next: NativeReward = picture === undefined ? made : { ...made, icon: picture }
    this.#rewards = known ? this.#rewards.map((one) => (one === known ? next : one)) : [...this.#rewards, next]
    return next
  }

  /** Removes a reward that the other side made. @returns what is wrong, if anything. */
  remove(id: string): string | undefined {
    const known = this.#rewards.find((one) => one.id === id)
    if (known?.changeable !== true) return 'This reward was not made by you.'
    this.#rewards = this.#rewards.filter((one) => one !== known)
    return undefined
  }

  pointsOf(name: string): number {
    return this.#points.get(name.toLowerCase()) ?? BEGINS_WITH
  }

  /** What somebody spent points on lately, newest first. */
  ofViewer(name: string): Redemption[] {
    return this.#redemptions.filter((one) => one.name.toLowerCase() === name.toLowerCase()).slice(0, 8)
  }

  /** Spends somebody's points. @returns What is wrong, if anything. */
  async redeem(name: string, rewardId: string, text: string): Promise<string | undefined> {
    const reward = this.rewards.find(({ id }) => id === rewardId)
    if (reward === undefined) return 'There is no such reward.'
    const points = this.pointsOf(name)
    if (points < reward.price) return `${name} has ${points} points; ${reward.name} takes ${reward.price}.`
    this.#points.set(name.toLowerCase(), points - reward.price)
    const redemption: Redemption = { id: randomUUID(), name, reward, text, status: 'open', why: '' }
    this.#redemptions = [redemption, ...this.#redemptions].slice(0, MOST_KEPT)
    await this.sender.tell('reward.redeemed', {
      who: { account: name.toLowerCase(), name },
      redemption: redemption.id,
      reward: { id: reward.id, name: reward.name },
      ...(text === '' ? {} : { text }),
    })
    return undefined
  }

  /** The other side has decided; the same told again changes nothing. @returns false for one that is not known. */
  decided(id: string, status: 'approved' | 'refused', why: string): boolean {
    const found = this.#redemptions.find((one) => one.id === id)
    if (found === undefined) return false
    if (found.status !== 'open') return true
    const { name, reward } = found
    if (status === 'refused') this.#points.set(name.toLowerCase(), this.pointsOf(name) + reward.price)
    this.#redemptions = this.#redemptions.map((one) => (one === found ? { ...found, status, why } : one))
    return true
  }
}
