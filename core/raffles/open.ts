import { currencySetting, digits, durationInWords } from '../currency/index.ts'
import { commitmentOf, ownSeed } from '../fairness/index.ts'
import { openAccount } from '../ledger/index.ts'
import { openCircles, standingName } from '../people/index.ts'
import { readSetting } from '../settings/index.ts'
import { showOnAir } from '../show/index.ts'
import { rewardOf } from '../store/index.ts'
import { lookAlike } from '../texts/index.ts'
import { withCommitment } from '../voice/index.ts'
import { ok, type Result, refuse, type World } from '../world/index.ts'
import { answerCommitment, saltedAnswer } from './guess.ts'
import { type RaffleRow, raffles, runningRaffles, totals, totalsOf } from './rows.ts'
import type { Opens, RaffleSettings } from './schema.ts'
import { closesInWords, figuresOf, priceInWords, prizeInWords, tell, tellChanged } from './tell.ts'
import { weightInWords } from './tickets.ts'
import { setTimer, setTimers } from './timers.ts'

export interface Making {
  readonly settings: RaffleSettings
  /** The set-up it is started from; null: none that is kept. */
  readonly setup: number | null
  readonly opens: Opens
  /** Of a guess: the answer that the team sets. */
  readonly answer?: number | undefined
  readonly byName: string
}

/** What a raffle is before it opens. */
const NEW = {
  status: 'planned',
  openedAt: null,
  closesAt: null,
  remindAt: null,
  closedAt: null,
  finishAt: null,
  endedAt: null,
  show: null,
  seed: '',
  commitment: '',
  seedOrigin: 'own',
  draws: 0,
  won: 0,
  drawnAt: null,
  drawing: null,
  hidden: null,
  revealed: null,
  waiting: [],
  picked: [],
  each: null,
  returned: 0,
  why: null,
} as const

/** Makes a raffle, and opens it if that is wanted at once. Its settings have been checked. */
export function makeRaffle(world: World, { settings, setup, opens, answer, byName }: Making): Result<RaffleRow> {
  const set = answerSet(settings, answer)
  if (!set.ok) return set
  if (opens.of === 'at' && opens.at <= world.at)
    return refuse('raffle_invalid', 'Its opening time has passed. Choose a later one, or open it now.')
  const id = world.nextId()
  const salted = set.value === null ? '' : saltedAnswer(set.value, ownSeed(world, world.nextId()))
  const opensAt = opens.of === 'at' ? opens.at : null
  const raffle = world.put(raffles, {
    ...{ ...NEW, id, setup, settings, byName, madeAt: world.at, opensAt },
    ...{ answer: salted, answerCommitment: answerCommitment(salted) },
  })
  if (opens.of === 'now') return openRaffle(world, raffle)
  if (opens.of === 'at') setTimer(world, id, 'open', opens.at)
  tellChanged(world, raffle)
  return ok(raffle)
}

/** The answer to what is guessed, where the team sets it; null: there is none to set. */
function answerSet({ guess }: RaffleSettings, answer: number | undefined): Result<number | null> {
  if (guess?.answer !== 'set') return ok(null)
  if (answer !== undefined && Number.isSafeInteger(answer) && answer >= guess.least && answer <= guess.most)
    return ok(answer)
  return refuse(
    'raffle_answer',
    `Say the answer first, a whole number from ${digits(guess.least)} to ${digits(guess.most)}: open it from its page at the desk. Nobody sees it before the end.`,
  )
}

/** Opens a raffle: from now on people enter, its commitment is public, its clock runs. Refused where its word is taken, or there is no show. */
export function openRaffle(world: World, raffle: RaffleRow): Result<RaffleRow> {
  const { settings, id } = raffle
  const show = showOnAir(world)
  if (settings.thisShow && show === undefined)
    return refuse(
      'raffle_off_air',
      'It belongs to a show, and you are off air. Go on air first, or let it run over several days.',
    )
  const taken = wordTaken(world, raffle)
  if (taken !== undefined) return taken
  openAccount(world, id, 'pot')
  const seed = ownSeed(world, id)
  const opened = world.put(raffles, {
    ...raffle,
    status: 'open',
    opensAt: null,
    openedAt: world.at,
    closesAt: settings.closeSeconds === 0 ? null : world.at + settings.closeSeconds,
    show: show?.id ?? null,
    seed,
    commitment: commitmentOf(seed),
    seedOrigin: 'own',
    why: null,
  })
  world.put(totals, totalsOf(world, id))
  const timed = setTimers(world, opened)
  tell(world, withCommitment(world, openedInWords(world, timed), timed.commitment))
  tellChanged(world, timed)
  world.moment('raffleOpened', null, figuresOf(timed))
  return ok(timed)
}

/** Opens a raffle again that was closed by mistake: nothing of it has been drawn yet. Its clock goes on if there is time left. */
export function openAgain(world: World, raffle: RaffleRow): Result<RaffleRow> {
  const { settings, draws, openedAt } = raffle
  if (draws > 0) return refuse('raffle_drawn', 'The draw has begun: it cannot be opened again.')
  if (settings.thisShow && showOnAir(world) === undefined)
    return refuse('raffle_off_air', 'It belongs to a show, and you are off air.')
  const taken = wordTaken(world, raffle)
  if (taken !== undefined) return taken
  const end = (openedAt ?? world.at) + settings.closeSeconds
  const closesAt = settings.closeSeconds > 0 && end > world.at ? end : null
  const timed = setTimers(world, world.put(raffles, { ...raffle, status: 'open', closedAt: null, closesAt }))
  tell(world, `“${settings.title}” is open again; it ${closesInWords(timed, world.at)}.`)
  tellChanged(world, timed)
  return ok(timed)
}

function wordTaken(world: World, { id, settings }: RaffleRow): Result<never> | undefined {
  const looks = new Set(wordsOf(settings).map(lookAlike))
  for (const other of runningRaffles(world)) {
    if (other.id === id || other.status !== 'open') continue
    const word = wordsOf(other.settings).find((one) => looks.has(lookAlike(one)))
    if (word !== undefined)
      return refuse(
        'words_overlap',
        `"!${word}" belongs to the raffle “${other.settings.title}”, which is open. Close that one first, or give this one another word.`,
      )
  }
  return undefined
}

/** Every word of a raffle, in lower case. */
export const wordsOf = ({ word }: Pick<RaffleSettings, 'word'>): string[] =>
  [word.word, ...word.aliases].map((one) => one.toLowerCase())

/** What each winner gets, in words. */
export const prizeOf = (world: World, { prize, winners }: RaffleSettings): string =>
  prizeInWords(
    prize,
    winners,
    readSetting(world, currencySetting),
    (id) => rewardOf(world, id)?.settings.name ?? 'a reward that is gone',
  )

/** "A ticket of a subscriber counts 1.5.": weights are never hidden. */
export function weightsInWords(
  { weights }: Pick<RaffleSettings, 'weights'>,
  circles: readonly { id: number; name: string }[],
): string {
  const parts = weights
    .filter(({ weight }) => weight > 100)
    .map(({ standing, weight }) => `a ticket of ${somebodyWith(standing, circles)} has weight ${weightInWords(weight)}`)
  const all = parts.join(', ')
  return all === '' ? '' : `${all.charAt(0).toUpperCase()}${all.slice(1)}.`
}

/** "a subscriber", "somebody in the circle Regulars". */
export const somebodyWith = (standing: string, circles: readonly { id: number; name: string }[]): string =>
  standing.startsWith('circle:')
    ? `somebody in the circle ${standingName(standing, circles)}`
    : `a ${standingName(standing, circles)}`

function openedInWords(world: World, raffle: RaffleRow): string {
  const { settings } = raffle
  const { title, winners, word, byWord, byPage } = settings
  const currency = readSetting(world, currencySetting)
  const { guess } = settings
  const number = guess === null ? '' : ` and a number from ${digits(guess.least)} to ${digits(guess.most)}`
  const how = byWord
    ? `Type !${word.word}${number}`
    : byPage
      ? 'Enter on the viewer page'
      : 'Tickets come by other ways'
  const most = settings.mostTickets === 1 ? '' : `, ${digits(settings.mostTickets)} at most`
  const weights = weightsInWords(settings, openCircles(world))
  return [
    `“${title}” is open: ${prizeOf(world, settings)}${winners > 1 ? `, ${winners} winners` : ''}.`,
    `${how} (${priceInWords(settings, currency)}${most}); it ${closesInWords(raffle, world.at)}.`,
    ...(weights === '' ? [] : [weights]),
  ].join(' ')
}

/** "It is 5 minutes to go." said again and again while a raffle is open. */
export function remindInWords(world: World, raffle: RaffleRow): string {
  const { people, tickets } = totalsOf(world, raffle.id)
  const { title, word, byWord, mostTickets } = raffle.settings
  const how = byWord ? ` !${word.word} to be in.` : ''
  const many = mostTickets === 1 ? '' : ` with ${digits(tickets)} ${tickets === 1 ? 'ticket' : 'tickets'}`
  const left = raffle.closesAt === null ? '' : ` ${durationInWords(Math.max(1, raffle.closesAt - world.at))} left.`
  return `“${title}”: ${people === 0 ? 'nobody is in yet' : `${digits(people)} in so far${many}`}.${left}${how}`
}
