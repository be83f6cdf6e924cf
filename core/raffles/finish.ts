import { accounts, BOOKS, balanceOf, transfer } from '../ledger/index.ts'
import { needPayee, payeeOf } from '../people/index.ts'
import { homeSetting, readSetting } from '../settings/index.ts'
import { type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { entrantsOf, type InList, needEntrants } from './entrants.ts'
import { giveBack } from './entry.ts'
import { entries, entryKey, needWinner, type RaffleRow, raffles, totalsOf, winnerKey, winners } from './rows.ts'
import { tell, tellChanged } from './tell.ts'
import { setTimer } from './timers.ts'

const endedFact = (world: World, raffle: RaffleRow): void =>
  world.fact('raffle.ended', 'everyone', {
    raffle: raffle.id,
    status: raffle.status,
    title: raffle.settings.title,
    seed: raffle.seed,
    why: raffle.why,
  })

/** Where everybody can check a raffle; empty where the channel's address is not known. */
function whereToCheck(world: World, id: number): string {
  const { address } = readSetting(world, homeSetting)
  return address === '' ? '' : ` Check it: ${address.replace(/\/$/, '')}/raffles/${id}`
}

/** Ends a raffle for good: what the tickets brought is spent, the seed is told, nothing changes any more. Needs its pot. */
export function finishRaffle(world: World, raffle: RaffleRow): Result<RaffleRow> {
  const { title } = raffle.settings
  const [first] = raffle.waiting
  if (raffle.status === 'open')
    return refuse('raffle_not_drawn', 'It is still open. Close it and draw, or call it off.')
  if (raffle.status !== 'closed')
    return refuse(
      'raffle_closed',
      raffle.status === 'planned'
        ? 'It was never opened. Call it off if it is not needed.'
        : 'It is already called off.',
    )
  if (raffle.drawing !== null)
    return refuse('raffle_drawing', 'A draw is running: the winner is announced in a moment.')
  if (first !== undefined)
    return refuse('raffle_waiting', `${first.name} still has time to reply. Wait for them, or skip them first.`)
  if (raffle.won === 0 && totalsOf(world, raffle.id).paid > 0)
    return refuse('raffle_not_drawn', 'Nobody has won what people paid for. Draw, or call it off to refund everybody.')
  spendRest(world, raffle)
  const ended = world.put(raffles, { ...raffle, status: 'finished', finishAt: null, endedAt: world.at })
  tell(world, `“${title}” is finished, and the seed is published.${whereToCheck(world, raffle.id)}`)
  endedFact(world, ended)
  return ok(ended)
}

/** What is left in the pot is spent: of what goes back, what a wallet had no room for. */
function spendRest(world: World, { id, settings }: RaffleRow): void {
  const left = balanceOf(world, id)
  if (left === 0) return
  const moved = transfer(world, {
    from: id,
    to: BOOKS.spent,
    amount: left,
    reason: 'ticketsSpent',
    about: id,
    detail: { name: settings.title },
  })
  if (!moved.ok) throw new Error(`A raffle could not be finished: ${moved.refusal.sentence}`)
}

/** The picks of which it is not decided yet whether they win. */
const undecided = ({ waiting, hidden }: RaffleRow): number[] => [
  ...waiting.map(({ draw }) => draw),
  ...(hidden?.draws ?? []),
]

/** What calling off needs. */
export const needCallOff = (raffle: RaffleRow): Need[] => [
  needKey(accounts, raffle.id),
  ...undecided(raffle).map((draw) => needWinner(raffle.id, draw)),
]

/** Calls a raffle off: all money goes back, some people at a time, so that chat is not held up. */
export function callOffRaffle(world: World, raffle: RaffleRow, why: string): Result<RaffleRow> {
  const { title } = raffle.settings
  if (raffle.status === 'returning')
    return refuse('raffle_not_found', 'It is already called off; refunds are on their way.')
  if (raffle.won > 0)
    return refuse('raffle_delivered', 'Somebody has won already. Finish it; what is not drawn stays undrawn.')
  const off = world.put(raffles, {
    ...raffle,
    status: 'returning',
    closesAt: null,
    remindAt: null,
    opensAt: null,
    drawing: null,
    hidden: null,
    waiting: [],
    why,
  })
  for (const draw of undecided(raffle)) {
    const winner = world.get(winners, winnerKey(raffle.id, draw))
    if (winner !== undefined) world.put(winners, { ...winner, state: 'passed', claimUntil: null, why: 'called off' })
  }
  if (raffle.status === 'planned') return ok(endOff(world, off))
  const { paid } = totalsOf(world, raffle.id)
  tell(world, `“${title}” is called off: ${why}${paid > 0 ? ' All tickets are refunded.' : ''}`)
  if (paid === 0) return ok(endOff(world, off))
  setTimer(world, raffle.id, 'return', world.at, { after: 0 })
  tellChanged(world, off)
  return ok(off)
}

function endOff(world: World, raffle: RaffleRow): RaffleRow {
  const ended = world.put(raffles, { ...raffle, status: 'off', endedAt: world.at })
  endedFact(world, ended)
  return ended
}

/** So many people get their money back within one intent. */
const PAGE = 2000

const pageOf = (world: World, raffle: RaffleRow): readonly InList[] => {
  const all = entrantsOf(world, raffle.id)
  const from = all.findIndex(({ nr }) => nr > raffle.returned)
  return from === -1 ? [] : all.slice(from, from + PAGE)
}

/** What giving the next people their money back needs. To be asked again until nothing is missing. */
export function needReturn(world: World, raffle: RaffleRow): Need[] {
  const needed = [needKey(accounts, raffle.id), needEntrants(raffle.id)]
  if (!needed.every((need) => world.rows.has(need))) return needed
  const page = pageOf(world, raffle)
  return [
    ...needed,
    ...page.flatMap(({ viewer }) => [needKey(entries, entryKey(raffle.id, viewer)), ...needPayee(world, viewer).needs]),
  ]
}

/** Gives the next people their money back; once it is with all, the raffle is off. */
export function returnSome(world: World, raffle: RaffleRow): RaffleRow {
  const page = pageOf(world, raffle)
  for (const { viewer } of page) {
    const entry = world.get(entries, entryKey(raffle.id, viewer))
    if (entry?.state === 'in') giveBack(world, raffle, entry, payeeOf(world, viewer))
  }
  const returned = page.at(-1)?.nr
  if (returned === undefined || page.length < PAGE) spendRest(world, raffle)
  if (returned === undefined || page.length < PAGE)
    return endOff(world, { ...raffle, returned: returned ?? raffle.returned })
  setTimer(world, raffle.id, 'return', world.at, { after: returned })
  return world.put(raffles, { ...raffle, returned })
}
