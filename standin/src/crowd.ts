import { chanceFrom } from './chance.ts'
import type { Kind } from './events.ts'
import { LINES, type Person } from './people.ts'
import type { ChatRoom, Member } from './room.ts'

export interface CrowdOptions {
  readonly room: ChatRoom
  readonly people: readonly Person[]
  readonly seed: number
  /** Average time between two things that happen, in milliseconds. */
  readonly paceMs: number
  /** What somebody now and then types besides talking: commands of whoever runs the channel. */
  readonly commands: readonly string[]
  /** What they talk about; the workshop, if left out. */
  readonly lines?: readonly string[]
  /** Told when something happens that is no line of chat: a follow, a tip ... */
  readonly happens?: (kind: Kind, name: string, count: number) => void
  /** Told when somebody spends points of the platform; `roll`: a number from 0 to below 1 to choose by. */
  readonly redeems?: (name: string, roll: number) => void
}

/** About two thirds of the crowd is here at a time. */
const SHARE_HERE = 0.68

/** How often something happens, and how large it is at most. */
const HAPPENS = 0.04
const REDEEMS = 0.01
const HAPPENINGS: readonly (readonly [Kind, number])[] = [
  ['follow', 1],
  ['subscription', 1],
  ['resubscription', 30],
  ['gift', 5],
  ['raid', 60],
  ['tip', 2000],
  ['cheer', 500],
]

/** A crowd of viewers by a script made from a seed: they arrive, talk, try commands, and go. */
export class Crowd {
  readonly #chance: () => number
  readonly #here = new Map<string, Member>()
  #timer: NodeJS.Timeout | undefined

  constructor(readonly options: CrowdOptions) {
    this.#chance = chanceFrom(options.seed)
  }

  start(): void {
    for (const person of this.options.people) if (this.#chance() < SHARE_HERE / 2) this.#arrive(person)
    this.#next()
  }

  stop(): void {
    clearTimeout(this.#timer)
    for (const member of this.#here.values()) this.options.room.leave(member)
    this.#here.clear()
  }

  /** Takes somebody out of the script, because they are played by hand from now on. */
  release(account: string): Member | undefined {
    const member = this.#here.get(account)
    this.#here.delete(account)
    return member
  }

  #next(): void {
    const pause = this.options.paceMs * (0.4 + 1.2 * this.#chance())
    this.#timer = setTimeout(() => {
      this.#step()
      this.#next()
    }, pause)
  }

  #step(): void {
    const { people, room, commands, lines = LINES } = this.options
    const wanted = Math.round(people.length * SHARE_HERE)
    const away = people.filter(({ account, name }) => !this.#here.has(account) && room.find(name) === undefined)
    const roll = this.#chance()
    if (this.#here.size < wanted && roll < 0.35) return this.#arrive(this.#pick(away))
    if (this.#here.size > wanted && roll < 0.2) return this.#leave()
    if (roll > 0.97) return this.#leave()
    const speaker = this.#pick([...this.#here.values()])
    if (speaker === undefined) return
    if (this.#chance() < HAPPENS) this.#happen(speaker.nick)
    if (this.#chance() < REDEEMS) this.options.redeems?.(speaker.nick, this.#chance())
    room.say(speaker, (this.#chance() < 0.12 ? this.#pick(commands) : this.#pick(lines)) ?? '')
  }

  #happen(name: string): void {
    const [kind, most] = this.#pick(HAPPENINGS) ?? ['follow', 1]
    this.options.happens?.(kind, name, 1 + Math.floor(this.#chance() * most))
  }

  #arrive(person: Person | undefined): void {
    if (person === undefined || this.options.room.find(person.name) !== undefined) return
    const member = { nick: person.name, account: person.account, operator: person.operator }
    this.#here.set(person.account, member)
    this.options.room.join(member)
  }

  #leave(): void {
    const member = this.#pick([...this.#here.values()])
    if (member === undefined) return
    this.#here.delete(member.account)
    this.options.room.leave(member)
  }

  #pick<T>(list: readonly T[]): T | undefined {
    return list[Math.floor(this.#chance() * list.length)]
  }
}
