import { whyNotFor } from '../access/index.ts'
import { amount, currencySetting, digits } from '../currency/index.ts'
import { mayTakePart } from '../earning/index.ts'
import { needPlayerRow, sitsOut } from '../games/index.ts'
import { accounts, balanceOf, transfer } from '../ledger/index.ts'
import { attendedOfLast, standingsOf, type ViewerRow, watches, watchOf } from '../people/index.ts'
import type { RaffleId, ViewerId } from '../schema.ts'
import { checkEconomy, readSetting } from '../settings/index.ts'
import { latestShow, showOnAir } from '../show/index.ts'
import { type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { cheer } from './cheer.ts'
import { closeRaffle } from './close.ts'
import { chanceInWords, weightOf } from './draw.ts'
import { changedBy, entryOf } from './entry.ts'
import { type Guessing, readGuess } from './guess.ts'
import { type Person, personMay, takesEntries } from './mayEnter.ts'
import { type EntryRow, entries, entryKey, type RaffleRow, raffles, raffleWins, totalsOf } from './rows.ts'
import { count, figuresOf } from './tell.ts'
import { addTickets, freeTickets, PLAIN_WEIGHT, ticketsInWords, ticketWeight, type Wanted } from './tickets.ts'

/** What entering or leaving a raffle needs. @param viewer - Undefined for who is new. */
export const needEntry = (raffle: RaffleId, viewer: ViewerId | undefined): Need[] => [
  needKey(accounts, raffle),
  ...(viewer === undefined
    ? []
    : [
        needKey(entries, entryKey(raffle, viewer)),
        needKey(watches, viewer),
        needKey(raffleWins, viewer),
        ...needPlayerRow(viewer),
      ]),
]

/** All of somebody that decides whether they may enter a raffle. Needs `needEntry`. */
export function personOf(world: World, { settings }: RaffleRow, viewer: ViewerRow): Person {
  const watch = watchOf(world, viewer.id)
  return {
    ignored: viewer.ignored,
    barred: whyNotFor(world, settings.who, viewer, 'This raffle'),
    watchedSeconds: watch.watchedSeconds,
    followedAt: viewer.followedAt,
    attended: attendedOfLast(watch, latestShow(world)?.number ?? 0, settings.seen.of),
    wonAt: world.get(raffleWins, viewer.id)?.wonAt ?? 0,
  }
}

/** What came of entering: what was added, what there is now, and the sentence for who asked. */
export interface Entered {
  readonly raffle: RaffleId
  readonly added: number
  readonly cost: number
  readonly tickets: number
  readonly told: string
}

/** By which way somebody enters. A step gives tickets without their price. */
export type Way = 'word' | 'page' | 'step'

/**
 * Enters somebody into a raffle, or adds tickets to those they have. All of it happens, or nothing but the refusal. Their standing counts as it is
 * at that moment. Needs `needEntry`.
 */
export function enterRaffle(
  world: World,
  raffle: RaffleRow,
  viewer: ViewerRow,
  wanted: Wanted,
  way: Way,
): Result<Entered> {
  const allowed = mayEnterNow(world, raffle, viewer, way)
  if (!allowed.ok) return allowed
  if (raffle.settings.guess !== null) return guessIn(world, raffle, viewer, wanted, raffle.settings.guess)
  const { settings, id } = raffle
  const held = standingsOf(viewer, world.at)
  const before = entryOf(world, id, viewer.id)
  const purse = {
    held: before?.tickets ?? 0,
    heldFree: before?.free ?? 0,
    free: way === 'step' ? settings.mostTickets : freeTickets(settings, held),
    balance: balanceOf(world, viewer.id),
  }
  const adding = addTickets(settings, purse, wanted, readSetting(world, currencySetting))
  if (!adding.ok) return adding
  const { tickets, free, cost } = adding.value
  if (tickets === 0 && before !== undefined)
    return ok({ raffle: id, added: 0, cost: 0, tickets: before.tickets, told: standsAt(world, raffle, before) })
  const paid = cost > 0 ? pay(world, raffle, viewer, cost, tickets) : ok(true)
  if (!paid.ok) return paid
  const entry = put(world, raffle, viewer, before, {
    tickets: purse.held + tickets,
    free: purse.heldFree + free,
    paid: (before?.paid ?? 0) + cost,
    ...ticketWeight(settings, held),
    ...NO_GUESS,
  })
  tellEntered(world, raffle, viewer, entry, before)
  const told = enteredInWords(world, raffle, entry, tickets, cost, before === undefined)
  if (settings.mostPeople > 0 && totalsOf(world, id).people >= settings.mostPeople)
    closeRaffle(world, world.get(raffles, id) ?? raffle, 'full')
  return ok({ raffle: id, added: tickets, cost, tickets: entry.tickets, told })
}

const NO_GUESS = { guess: null, guessOrder: null }

/** Takes somebody's guess, or another one in its place: one each, paid for once. */
function guessIn(
  world: World,
  raffle: RaffleRow,
  viewer: ViewerRow,
  wanted: Wanted,
  guessing: Guessing,
): Result<Entered> {
  const { settings, id } = raffle
  const guess = readGuess(typeof wanted === 'number' ? wanted : '', guessing, settings.word.word)
  if (!guess.ok) return guess
  const before = entryOf(world, id, viewer.id)
  const cost = before === undefined ? settings.price : 0
  const paid = cost > 0 ? pay(world, raffle, viewer, cost, 1) : ok(true)
  if (!paid.ok) return paid
  const entry = put(world, raffle, viewer, before, {
    ...{ tickets: 1, free: before?.free ?? (cost > 0 ? 0 : 1), paid: (before?.paid ?? 0) + cost },
    ...{ weight: PLAIN_WEIGHT, standing: null, guess: guess.value, guessOrder: world.nextId() },
  })
  tellEntered(world, raffle, viewer, entry, before)
  const price = cost === 0 ? '' : ` for ${amount(world, cost)}`
  const told = `${entry.name} ${before === undefined ? 'guesses' : 'now guesses'} ${digits(guess.value)}${price} in “${settings.title}”.`
  if (settings.mostPeople > 0 && totalsOf(world, id).people >= settings.mostPeople)
    closeRaffle(world, world.get(raffles, id) ?? raffle, 'full')
  return ok({ raffle: id, added: before === undefined ? 1 : 0, cost, tickets: 1, told })
}

function mayEnterNow(world: World, raffle: RaffleRow, viewer: ViewerRow, way: Way): Result<true> {
  const { settings } = raffle
  const open = takesEntries(raffle, world.at)
  if (!open.ok) return open
  if (way === 'word' && !settings.byWord)
    return refuse('raffle_wrong_place', `The raffle “${settings.title}” is entered on the viewer page.`)
  if (way === 'page' && !settings.byPage)
    return refuse(
      'raffle_wrong_place',
      `The raffle “${settings.title}” is entered in chat: type !${settings.word.word}.`,
    )
  if (settings.thisShow && showOnAir(world) === undefined)
    return refuse('raffle_off_air', `The raffle “${settings.title}” can be entered only while the show is on air.`)
  if (way === 'step' && settings.guess !== null)
    return refuse('raffle_guess', `In “${settings.title}” one guesses a number: no ticket can be given.`)
  const newcomer = mayTakePart(world, viewer)
  if (!newcomer.ok) return newcomer
  return personMay(settings, personOf(world, raffle, viewer), world.at)
}

function pay(
  world: World,
  { id, settings }: RaffleRow,
  viewer: ViewerRow,
  cost: number,
  tickets: number,
): Result<true> {
  const economy = checkEconomy(world)
  if (!economy.ok) return economy
  const sits = sitsOut(world, viewer)
  if (!sits.ok) return sits
  const detail = { name: settings.title, tickets }
  const moved = transfer(world, { from: viewer.id, to: id, amount: cost, reason: 'tickets', about: id, detail })
  if (!moved.ok) return moved
  world.fact('balance.changed', `viewer:${viewer.id}`, { balance: balanceOf(world, viewer.id) })
  return ok(true)
}

type Has = Pick<EntryRow, 'tickets' | 'free' | 'paid' | 'weight' | 'standing' | 'guess' | 'guessOrder'>

function put(world: World, raffle: RaffleRow, viewer: ViewerRow, before: EntryRow | undefined, has: Has): EntryRow {
  const sums = totalsOf(world, raffle.id)
  const nr = before?.nr ?? sums.last + 1
  const entry = world.put(entries, {
    key: entryKey(raffle.id, viewer.id),
    raffle: raffle.id,
    viewer: viewer.id,
    name: viewer.name,
    nr,
    at: before?.at ?? world.at,
    changedAt: world.at,
    state: 'in',
    why: null,
    ...has,
  })
  count(
    world,
    raffle,
    { ...changedBy(sums, before, entry), last: Math.max(sums.last, nr) },
    before === undefined ? viewer.name : null,
  )
  return entry
}

function tellEntered(
  world: World,
  raffle: RaffleRow,
  viewer: ViewerRow,
  entry: EntryRow,
  before: EntryRow | undefined,
): void {
  world.fact('raffle.own', `viewer:${viewer.id}`, { raffle: raffle.id, tickets: entry.tickets, paid: entry.paid })
  if (before !== undefined) return
  const { people, tickets } = totalsOf(world, raffle.id)
  world.moment('raffleEntered', viewer.id, { ...figuresOf(raffle), people, tickets, own: entry.tickets })
  cheer(world, raffle, viewer.name)
}

/** "5 tickets for 80 rivets. You have 6 now: chance 2.3 %." */
function enteredInWords(
  world: World,
  raffle: RaffleRow,
  entry: EntryRow,
  added: number,
  cost: number,
  first: boolean,
): string {
  const { settings } = raffle
  const price = cost === 0 ? '' : ` for ${amount(world, cost)}`
  const plain = first && added === 1 && cost === 0 && settings.mostTickets === 1
  const what = plain
    ? `is in for “${settings.title}”`
    : `${first ? 'is in with' : 'adds'} ${ticketsInWords(added)}${price}`
  const now = first ? '' : `, ${entry.tickets} now`
  return `${entry.name} ${what}${now}. Chance now: ${chanceNow(world, entry)}${countsInWords(entry)}.`
}

/** ", each counts 1.5": said where a ticket is not a plain one. */
const countsInWords = ({ weight }: EntryRow): string =>
  weight === 100 ? '' : `, as each ticket counts ${weight / 100}`

const chanceNow = (world: World, { raffle, tickets, weight }: EntryRow): string =>
  chanceInWords(weightOf(tickets, weight), totalsOf(world, raffle).weight)

/** Where somebody stands who is in already and asked for nothing more. */
function standsAt(world: World, { settings }: RaffleRow, entry: EntryRow): string {
  const { price, mostTickets, word } = settings
  const more = price > 0 && entry.tickets < mostTickets ? ` !${word.word} 1 adds one for ${amount(world, price)}.` : ''
  return `${entry.name} is in with ${ticketsInWords(entry.tickets)}. Chance now: ${chanceNow(world, entry)}${countsInWords(entry)}.${more}`
}
