import { digits } from '../currency/index.ts'
import { commitmentOf } from '../fairness/index.ts'
import type { CheckedStep } from '../games/index.ts'
import type { ViewerId } from '../schema.ts'
import { entrantsDigest, pickLabel, pickMany, weightOf } from './draw.ts'
import { answerCommitment, answerIn, drawnAnswer, guessDigest, nearestFirst, offBy } from './guess.ts'
import type { EntryRow, WinnerRow } from './rows.ts'

/** A raffle that has ended, as it is told: all that its picks follow from, and the picks. */
export interface ToldRaffle {
  readonly id: number
  readonly seed: string
  readonly commitment: string
  /** Who was in when the first was drawn, in the order of first entry. */
  readonly entrants: readonly (Pick<EntryRow, 'viewer' | 'name' | 'tickets' | 'weight'> &
    Partial<Pick<EntryRow, 'guess' | 'guessOrder'>>)[]
  readonly winners: readonly Pick<WinnerRow, 'draw' | 'viewer' | 'name' | 'digest' | 'point' | 'weight' | 'total'>[]
  /** Of a guess: within what, its answer as it was kept ("answer:salt"; '': it was drawn) and what was published of that. */
  readonly guess?: ToldGuess | null
}

export interface ToldGuess {
  readonly least: number
  readonly most: number
  readonly answer: string
  readonly commitment: string
}

/** Everything that was told of a raffle once more: the commitment from the seed, and of every pick its digest, total, point, winner and chance. */
export function recheck(told: ToldRaffle): CheckedStep[] {
  return told.guess ? recheckGuess(told, told.guess) : recheckDraw(told)
}

/** The number: drawn from the seed, or what its fingerprint was taken of. */
const answerStep = (id: number, { answer: salted, commitment }: ToldGuess, answer: number): CheckedStep =>
  salted === ''
    ? { what: 'The number', label: `guess/${id}`, drawn: digits(answer), told: digits(answer) }
    : {
        what: `The number, ${digits(answer)}`,
        label: 'SHA-256 of "answer:salt"',
        drawn: answerCommitment(salted),
        told: commitment,
      }

/** Of a guess: the answer, and of every pick who was the nearest of those left. */
function recheckGuess({ id, seed, commitment, entrants, winners }: ToldRaffle, guess: ToldGuess): CheckedStep[] {
  const answer = guess.answer === '' ? drawnAnswer(seed, id, guess) : answerIn(guess.answer)
  let left = nearestFirst(
    entrants.flatMap((one) =>
      typeof one.guess === 'number' ? [{ ...one, guess: one.guess, order: one.guessOrder ?? 0 }] : [],
    ),
    answer,
  )
  const lines = [
    { what: 'The commitment', label: 'SHA-256 of the seed', drawn: commitmentOf(seed), told: commitment },
    answerStep(id, guess, answer),
  ]
  for (const was of winners) {
    const [nearest] = left
    const said = (name: string, number: number) => `${name}, ${digits(offBy(number, answer))} off`
    const own = left.find(({ viewer }) => viewer === was.viewer)
    lines.push(
      {
        what: `Draw ${was.draw}: digest of the guesses`,
        label: `SHA-256 of ${left.length} lines "viewer:guess"`,
        drawn: guessDigest(left),
        told: was.digest,
      },
      {
        what: `Draw ${was.draw}: the nearest`,
        label: 'the least difference; of equal ones the earlier',
        drawn: nearest === undefined ? 'nobody' : said(nearest.name, nearest.guess),
        told: own === undefined ? 'nobody in the list' : said(own.name, own.guess),
      },
    )
    left = left.filter(({ viewer }) => viewer !== was.viewer)
  }
  return lines
}

function recheckDraw({ id, seed, commitment, entrants, winners }: ToldRaffle): CheckedStep[] {
  const names = new Map(entrants.map(({ viewer, name }) => [viewer, name]))
  const who = (viewer: ViewerId) => names.get(viewer) ?? `nobody in the list (${viewer})`
  const weighed = entrants.map(({ viewer, tickets, weight }) => ({ viewer, weight: weightOf(tickets, weight) }))
  const picks = pickMany(seed, id, weighed, winners.length)
  const lines: CheckedStep[] = [
    { what: 'The commitment', label: 'SHA-256 of the seed', drawn: commitmentOf(seed), told: commitment },
  ]
  let left = weighed
  for (const [i, was] of winners.entries()) {
    const pick = picks[i]
    const at = `Draw ${was.draw}`
    lines.push(
      {
        what: `${at}: digest of who was in`,
        label: `SHA-256 of ${left.length} lines "viewer:weight"`,
        drawn: entrantsDigest(left),
        told: was.digest,
      },
      {
        what: `${at}: the point`,
        label: pickLabel(id, was.draw, was.digest),
        drawn: `${pick?.point ?? 'none'} of ${pick?.total ?? 0}`,
        told: `${was.point} of ${was.total}`,
      },
      {
        what: `${at}: the winner`,
        label: 'the first whose running sum is above the point',
        drawn: pick === undefined ? 'nobody' : `${who(pick.winner)}, ${pick.weight} of ${pick.total}`,
        told: `${who(was.viewer)}, ${was.weight} of ${was.total}`,
      },
    )
    left = left.filter(({ viewer }) => viewer !== was.viewer)
  }
  return lines
}

const FILE = 'ricompensa-raffle'

/** The file by which a raffle can be checked without us. */
export interface RaffleFile extends ToldRaffle {
  readonly kind: typeof FILE
  readonly title: string
}

export const raffleFile = (title: string, raffle: ToldRaffle): RaffleFile => ({ kind: FILE, title, ...raffle })

const whole = (value: unknown): value is number => Number.isSafeInteger(value) && (value as number) >= 0
const record = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null

/** Reads such a file. @returns The raffle, or what is wrong with the file. */
export function readRaffleFile(text: string): { readonly file: RaffleFile } | { readonly fault: string } {
  let body: unknown
  try {
    body = JSON.parse(text)
  } catch {
    return { fault: 'This is not JSON. Choose the file from the raffle’s page.' }
  }
  if (!record(body) || body.kind !== FILE)
    return { fault: 'This is not a raffle’s file. Choose the one from the raffle’s page.' }
  const { id, title, seed, commitment, entrants, winners } = body
  if (!whole(id) || typeof title !== 'string') return { fault: 'The file does not say which raffle it belongs to.' }
  if (typeof seed !== 'string' || !/^[0-9a-f]{64}$/.test(seed))
    return { fault: 'The seed is missing: it is published when the raffle ends.' }
  if (typeof commitment !== 'string' || !Array.isArray(entrants) || !Array.isArray(winners))
    return { fault: 'The file is incomplete: commitment, entrants or winners are missing.' }
  const wrong = entrants.findIndex(
    (one) =>
      !record(one) || !whole(one.viewer) || !whole(one.tickets) || !whole(one.weight) || typeof one.name !== 'string',
  )
  if (wrong !== -1) return { fault: `Entrant ${wrong + 1} of the file is incomplete.` }
  const odd = winners.findIndex(
    (one) =>
      !record(one) ||
      ![one.draw, one.viewer, one.point, one.weight, one.total].every(whole) ||
      typeof one.digest !== 'string',
  )
  if (odd !== -1) return { fault: `Winner ${odd + 1} of the file is incomplete.` }
  return { file: body as unknown as RaffleFile }
}
