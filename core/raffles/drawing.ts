import { digits } from '../currency/index.ts'
import { accounts, mulDiv } from '../ledger/index.ts'
import { lists } from '../lists/index.ts'
import { needPayee, payeeOf, type ViewerRow, viewers } from '../people/index.ts'
import type { ViewerId } from '../schema.ts'
import { needCodes, rewardOf } from '../store/index.ts'
import { derived, type Need, needKey, ok, type Result, refuse, type World } from '../world/index.ts'
import { announce } from './announce.ts'
import { closeRaffle } from './close.ts'
import { type Pick, pickOne } from './draw.ts'
import { entrantsOf, type InList, needEntrants } from './entrants.ts'
import { guessDigest, nearestFirst } from './guess.ts'
import { answerTo, type Guesser, guessesOf, needGuesses } from './guesses.ts'
import { entries, type RaffleRow, raffles, raffleWins, totalsOf, winnerKey, winners } from './rows.ts'
import { MOST_WINNERS } from './schema.ts'
import { hiddenStrip, stripOf } from './strip.ts'
import { peopleInWords, tell, tellChanged } from './tell.ts'
import { ticketsInWords } from './tickets.ts'
import { setTimer } from './timers.ts'

/** Each further pick of one draw is shown for so long at least (seconds). */
const EACH_SECONDS = 3
const MOST_SUSPENSE = 30

/** A pick, and why the one who was picked cannot win; undefined: they can. */
interface Picked extends Pick {
  /** Of a guess: the number. */
  readonly guess?: number
  readonly cannot?: string
}

/** How many winners there are still to be drawn. */
export const toDraw = ({ settings, won, waiting }: RaffleRow): number => settings.winners - won - waiting.length

const wanted = (raffle: RaffleRow): number =>
  raffle.settings.draw === 'all' ? toDraw(raffle) : Math.min(1, toDraw(raffle))

/** What a draw needs: everybody who is in, and whoever is picked with all that a winner gets. To be asked again until nothing is missing. */
export function needDraw(world: World, raffle: RaffleRow): Need[] {
  const { prize } = raffle.settings
  const reward = prize.of === 'codes' ? rewardOf(world, prize.reward) : undefined
  const list = raffle.settings.guess === null ? needEntrants(raffle.id) : needGuesses(raffle.id)
  const needed = [
    needKey(accounts, raffle.id),
    list,
    ...(reward === undefined ? [] : needCodes(world, reward, MOST_WINNERS)),
  ]
  needed.push(...raffle.picked.map((id) => needKey(viewers, id)))
  // Who is not known yet is taken to be able to win, and asked for.
  const inMemory = (id: number) => (world.rows.has(needKey(viewers, id)) ? world.get(viewers, id) : undefined)
  if (raffle.seed === '' || !needed.every((need) => world.rows.has(need))) return needed
  return [...needed, ...picksOf(world, raffle, inMemory).flatMap(({ winner }) => needWinning(world, winner))]
}

/** Everybody who can be picked: who is in, or who has guessed. */
const inDraw = (world: World, { id, settings }: RaffleRow): readonly InList[] =>
  settings.guess === null ? entrantsOf(world, id) : guessesOf(world, id)

const without = <P extends InList>(all: readonly P[], picked: readonly number[]): readonly P[] =>
  picked.length === 0 ? all : all.filter(({ viewer }) => !picked.includes(viewer))

/** What it needs that somebody wins. */
export function needWinning(world: World, viewer: ViewerId): Need[] {
  const { payee, needs } = needPayee(world, viewer)
  return [...needs, needKey(viewers, payee), needKey(raffleWins, payee)]
}

/** The picks of a raffle from its next draw on, in order, whoever of them can win; undefined where nobody is left. */
const orderOfPicks = derived(
  'picks',
  [raffles, entries, lists],
  (world, id: number): ((nth: number) => Picked | undefined) => {
    const raffle = world.get(raffles, id)
    if (raffle !== undefined && raffle.settings.guess !== null) return nearestOf(world, raffle)
    const picks: Picked[] = []
    let left = raffle === undefined ? [] : without(entrantsOf(world, id), raffle.picked)
    return (nth) => {
      while (raffle !== undefined && picks.length <= nth) {
        const pick = pickOne(raffle.seed, id, raffle.draws + picks.length + 1, left)
        if (pick === undefined) break
        picks.push(pick)
        left = left.filter(({ viewer }) => viewer !== pick.winner)
      }
      return picks[nth]
    }
  },
)

/** The picks where the nearest guess wins: from the next draw on, the nearest first. */
function nearestOf(world: World, raffle: RaffleRow): (nth: number) => Picked | undefined {
  const order = nearestFirst(without(guessesOf(world, raffle.id), raffle.picked), answerTo(raffle) ?? 0)
  return (nth) => {
    const { viewer, guess, weight } = order[nth] ?? {}
    if (viewer === undefined || guess === undefined || weight === undefined) return undefined
    const left = order.slice(nth)
    const start = weight * before(left, viewer)
    const draw = raffle.draws + nth + 1
    const total = weight * left.length
    return { draw, digest: guessDigest(left), total, point: start + weight / 2, winner: viewer, weight, start, guess }
  }
}

/** How many of these have guessed before somebody. */
function before(all: readonly Guesser[], viewer: ViewerId): number {
  const own = all.find((one) => one.viewer === viewer)
  return all.filter(({ order }) => own !== undefined && order < own.order).length
}

type Find = (viewer: ViewerId) => ViewerRow | undefined

/** The next picks of a raffle: as many as its next draw takes, and between them those who cannot win. @param find - Somebody's row. */
function picksOf(world: World, raffle: RaffleRow, find: Find): readonly Picked[] {
  const pickAt = orderOfPicks(world, raffle.id)
  const picks: Picked[] = []
  for (let able = 0; able < wanted(raffle); ) {
    const pick = pickAt(picks.length)
    if (pick === undefined) break
    const cannot = cannotWin(raffle, pick.winner, picks, find)
    picks.push(cannot === undefined ? pick : { ...pick, cannot })
    if (cannot === undefined) able++
  }
  return picks
}

function cannotWin(raffle: RaffleRow, viewer: ViewerId, picks: readonly Picked[], find: Find): string | undefined {
  const payee = find(viewer)?.mergedInto ?? viewer
  if (find(viewer)?.ignored || find(payee)?.ignored) return 'An account that is ignored in this channel.'
  const earlier = [...raffle.picked, ...picks.map(({ winner }) => winner)]
  return earlier.some((one) => (find(one)?.mergedInto ?? one) === payee)
    ? 'The same person was drawn with another account.'
    : undefined
}

/** Two presses within this time (seconds) are one: two of the team at once. */
const SAME_PRESS = 5

function mayDraw(world: World, raffle: RaffleRow, next: number | null): Result<true> {
  const { status, drawing, waiting, drawnAt, draws, settings } = raffle
  if (status === 'returning') return refuse('raffle_closed', `The raffle “${settings.title}” was called off.`)
  if (status !== 'open' && status !== 'closed')
    return refuse('raffle_not_open', `The raffle “${settings.title}” has not been opened.`)
  if (drawing !== null) return refuse('raffle_drawing', 'A draw is running: the winner is announced in a moment.')
  const again =
    next === null ? drawnAt !== null && world.at >= drawnAt && world.at - drawnAt < SAME_PRESS : next !== draws + 1
  if (again)
    return refuse(
      'raffle_drawn',
      `Draw ${digits(draws)} was just made. See who was drawn, then draw again if you want to.`,
    )
  const [first] = waiting
  if (toDraw(raffle) <= 0 && first !== undefined)
    return refuse(
      'raffle_waiting',
      `${first.name} still has ${Math.max(1, first.until - world.at)} s to reply. Skip them first to draw again.`,
    )
  if (toDraw(raffle) <= 0) return refuse('raffle_drawn', 'All winners have been drawn. Finish it.')
  return ok(true)
}

/**
 * Draws the next winner, or all that are still to be drawn; closes the raffle first if it is open. Whose name is told comes with the end of the
 * suspense, which a timer brings even if the server was away.
 * @param next - The number of the draw that was meant: pressed by two at once, it is made once. Null: it was asked for in chat.
 */
export function drawRaffle(world: World, asked: RaffleRow, next: number | null): Result<RaffleRow> {
  const allowed = mayDraw(world, asked, next)
  if (!allowed.ok) return allowed
  const { people } = totalsOf(world, asked.id)
  const { title } = asked.settings
  if (people === 0)
    return refuse(
      'raffle_nobody',
      `Nobody is in “${title}”, so there is nobody to draw. Wait for somebody, or call it off.`,
    )
  const raffle = asked.status === 'open' ? closeRaffle(world, asked, 'hand') : asked
  const picks = picksOf(world, raffle, (id) => world.get(viewers, id))
  if (!picks.some(({ cannot }) => cannot === undefined))
    return refuse('raffle_nobody', `Everybody who was in “${title}” has been drawn. Finish it.`)
  return ok(show(world, writeDown(world, raffle, picks), picks))
}

function writeDown(world: World, raffle: RaffleRow, picks: readonly Picked[]): RaffleRow {
  const all = inDraw(world, raffle)
  for (const { draw, digest, total, point, winner, weight, guess, cannot } of picks)
    world.put(winners, {
      key: winnerKey(raffle.id, draw),
      raffle: raffle.id,
      draw,
      viewer: winner,
      name: world.get(viewers, payeeOf(world, winner))?.name ?? all.find((one) => one.viewer === winner)?.name ?? '',
      digest,
      point,
      weight,
      total,
      guess: guess ?? null,
      drawnAt: world.at,
      state: cannot === undefined ? 'drawn' : 'passed',
      claimUntil: null,
      line: null,
      claimedAt: null,
      why: cannot ?? null,
      amount: 0,
      code: null,
      deliveredAt: null,
      note: '',
    })
  const { prize, winners: many } = raffle.settings
  const share = prize.of === 'pot' ? Math.floor(mulDiv(totalsOf(world, raffle.id).paid, prize.share, 100) / many) : null
  return world.put(raffles, {
    ...raffle,
    draws: raffle.draws + picks.length,
    picked: [...raffle.picked, ...picks.map(({ winner }) => winner)],
    drawnAt: world.at,
    each: raffle.each ?? share,
  })
}

/** Has everybody see the draw, from the press to the winner's name. */
function show(world: World, raffle: RaffleRow, picks: readonly Picked[]): RaffleRow {
  const { title, suspenseSeconds, mostTickets } = raffle.settings
  const seconds =
    suspenseSeconds === 0 ? 0 : Math.min(MOST_SUSPENSE, suspenseSeconds + EACH_SECONDS * (picks.length - 1))
  const before = raffle.picked.slice(0, raffle.picked.length - picks.length)
  const all = without(inDraw(world, raffle), before)
  const drawing = { ...hiddenStrip(all), from: world.at, until: world.at + seconds }
  const hidden = { draws: picks.map(({ draw }) => draw), reveal: stripOf(all, picks) }
  const drawn = world.put(raffles, { ...raffle, drawing, hidden })
  world.fact('raffle.drawn', 'everyone', { raffle: raffle.id, ...drawing })
  if (seconds === 0) return announce(world, drawn)
  const { people, tickets } = totalsOf(world, raffle.id)
  const many = mostTickets === 1 ? '' : ` with ${ticketsInWords(tickets)}`
  tell(world, `“${title}” is being drawn among ${peopleInWords(people)}${many} ...`)
  setTimer(world, raffle.id, 'announce', drawing.until)
  tellChanged(world, drawn)
  return drawn
}
