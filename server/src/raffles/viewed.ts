import { whyNotFor } from '#core/access'
import { attendedOfLast, standingsOf } from '#core/people'
import {
  addTickets,
  chanceInWords,
  freeTickets,
  hasEnded,
  type Person,
  personMay,
  prizeInWords,
  rulesInWords,
  shareInWords,
  takesEntries,
  weightOf,
} from '#core/raffles'
import { accessWorld, whoNames } from '../access/index.ts'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { type Call, idOf, problem } from '../http/index.ts'
import { viewerByAccount } from '../people/index.ts'
import { currencyOf } from '../settings/index.ts'
import { latestShowOf } from '../show/index.ts'
import { entriesOf, ownPartOf, sharesIn } from './entries.ts'
import { codeRewards, type RaffleShown, raffleById, type WinnerShown, winnersOf, wonAtOf } from './read.ts'

/** So many of those who are in are named on a raffle's page, the latest first; the file names all. */
const NAMED = 60

/** One raffle as everybody may see it. */
export async function publicRaffle(db: Reader, channels: Channels, { channel, caller, param }: Call<unknown>) {
  const id = idOf(param('raffle'))
  const found = await raffleById(db, channel.id, id)
  if (found === undefined) throw problem('not_found')
  const currency = await currencyOf(db, channel.id)
  const names = await whoNames(db, channel.id, [found])
  const codes = await codeRewards(db, channel.id)
  const { settings } = found
  const latest = await entriesOf(db, channel.id, id, { state: 'in', order: 'late', limit: NAMED })
  return {
    now: channels.clock(),
    raffle: shownTo(found),
    prize: prizeInWords(
      settings.prize,
      settings.winners,
      currency,
      (reward) => codes.find((one) => one.id === reward)?.name ?? 'a reward',
    ),
    rules: rulesInWords(settings, names, currency),
    shares: (await sharesIn(db, channel.id, id)).map((share) => shareInWords(share, names.circles)),
    entrants: latest.map(({ name, tickets, weight, at, guess }) => ({
      name,
      tickets,
      weight,
      at,
      chance: chanceInWords(weightOf(tickets, weight), found.weight),
      guess,
    })),
    removed: (await entriesOf(db, channel.id, id, { state: 'removed', limit: NAMED })).map(({ name, why }) => ({
      name,
      why,
    })),
    winners: (await winnersOf(db, channel.id, [id])).map(winnerShown),
    own: caller.account === '' ? null : await ownOf(db, channels, channel.id, caller.account, found),
    currency,
  }
}

/** What of a raffle everybody may know: not what the desk alone goes by. */
function shownTo({ setup: _, byName: __, settings, ...row }: RaffleShown) {
  const { title, description, picture, winners, word, byWord, byPage, price, mostTickets, claimSeconds, guess } =
    settings
  return {
    ...row,
    title,
    description,
    picture,
    winners,
    word: word.word,
    byWord,
    byPage,
    price,
    mostTickets,
    claimSeconds,
    guess,
  }
}

/** A winner as everybody may see one: the name is told once the draw has been seen. */
function winnerShown({
  draw,
  name,
  weight,
  total,
  guess,
  state,
  drawnAt,
  claimUntil,
  line,
  claimedAt,
  why,
  amount,
}: WinnerShown) {
  return {
    draw,
    name,
    chance: chanceInWords(weight, total),
    guess,
    state,
    drawnAt,
    claimUntil,
    line,
    claimedAt,
    why,
    amount,
  }
}

/** What somebody has in a raffle, may have, and why they may not enter. */
async function ownOf(db: Reader, channels: Channels, channel: number, account: string, raffle: RaffleShown) {
  const at = channels.clock()
  const viewer = await viewerByAccount(db, channel, account)
  if (viewer === undefined) return null
  const { settings } = raffle
  const { entry, won } = await ownPartOf(db, channel, raffle.id, viewer.id)
  const person: Person = {
    ignored: viewer.ignored,
    barred: whyNotFor(await accessWorld(db, channel, at), settings.who, viewer, 'This raffle'),
    watchedSeconds: viewer.watchedSeconds,
    followedAt: viewer.followedAt,
    attended: attendedOfLast(viewer, (await latestShowOf(db, channel))?.number ?? 0, settings.seen.of),
    wonAt: await wonAtOf(db, channel, viewer.id),
  }
  const open = takesEntries({ ...raffle } as never, at)
  const may = open.ok ? personMay(settings, person, at) : open
  const purse = {
    held: entry?.tickets ?? 0,
    heldFree: entry?.free ?? 0,
    free: freeTickets(settings, standingsOf(viewer, at)),
    balance: viewer.balance,
  }
  const most = addTickets(settings, purse, 'max', await currencyOf(db, channel))
  return {
    balance: viewer.balance,
    tickets: purse.held,
    paid: entry?.paid ?? 0,
    freeLeft: Math.max(0, Math.min(purse.free - purse.heldFree, settings.mostTickets - purse.held)),
    couldAdd: most.ok ? most.value.tickets : 0,
    couldCost: most.ok ? most.value.cost : 0,
    chance: entry === null ? null : chanceInWords(weightOf(entry.tickets, entry.weight), raffle.weight),
    counts: entry?.weight ?? null,
    guess: entry?.guess ?? null,
    why: may.ok ? null : may.refusal.sentence,
    won: hasEnded(raffle) || won?.state !== 'drawn' ? won : null,
  }
}
