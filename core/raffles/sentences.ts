import { daysInWords, type WhoNames, whoInWords } from '../access/index.ts'
import { type Currency, digits, durationInWords, inWords } from '../currency/index.ts'
import { somebodyWith, weightsInWords } from './open.ts'
import type { RaffleSettings } from './schema.ts'
import { priceInWords } from './tell.ts'
import { ticketsInWords } from './tickets.ts'

/** The rules of a raffle in plain words, one sentence each, for everybody to read. */
export function rulesInWords(settings: RaffleSettings, names: WhoNames, currency: Currency): string[] {
  return [
    whoMay(settings, names),
    ...howIn(settings),
    ...ticketRules(settings, names, currency),
    ...drawRules(settings),
  ]
}

function whoMay(settings: RaffleSettings, names: WhoNames): string {
  const { who, hours, followDays, seen, winnerDays } = settings
  const terms = [
    ...(hours > 0 ? [`has watched ${hours} h or more`] : []),
    ...(followDays > 0 ? [`has followed for ${daysInWords(followDays)} or more`] : []),
    ...(seen.least > 0 ? [`was at ${seen.least} of the last ${seen.of} shows for five minutes or more`] : []),
    ...(winnerDays > 0 ? [`has not won within ${daysInWords(winnerDays)}`] : []),
  ]
  const all = whoInWords(who, names)
  const may = `${all.charAt(0).toUpperCase()}${all.slice(1)} may enter`
  return terms.length === 0 ? `${may}.` : `${may} who ${terms.join(' and ')}.`
}

function howIn({ byWord, byPage, word, thisShow, mostPeople, guess }: RaffleSettings): string[] {
  const ways = [
    ...(byWord ? [`type !${word.word}${guess === null ? '' : ' and your number'} in chat`] : []),
    ...(byPage ? ['enter on this page'] : []),
  ]
  const how = ways.length === 0 ? 'Tickets are given out during the show.' : `To enter, ${ways.join(' or ')}.`
  return [
    how,
    ...(thisShow ? ['It belongs to this show and closes with it at the latest.'] : []),
    ...(mostPeople > 0 ? [`It closes once ${digits(mostPeople)} people are in.`] : []),
  ]
}

function guessRules({ guess, price }: RaffleSettings, currency: Currency): string[] {
  if (guess === null) return []
  return [
    `Everybody has one guess, a whole number from ${digits(guess.least)} to ${digits(guess.most)}; another one takes its place. Nobody sees the guesses of others before it closes.`,
    ...(price === 0 ? [] : [`A guess costs ${inWords(price, currency)}, once.`]),
    guess.answer === 'set'
      ? 'The number was set before it opened. Its fingerprint is shown below, so that it cannot be changed.'
      : 'The number is drawn from a secret seed that was fixed before it opened.',
    'The nearest guess wins; of equally near ones the earlier.',
  ]
}

function ticketRules(settings: RaffleSettings, { circles }: WhoNames, currency: Currency): string[] {
  const { price, mostTickets, free, weights } = settings
  if (settings.guess !== null) return guessRules(settings, currency)
  if (mostTickets === 1 && weights.length === 0 && price === 0) return ['Everybody who is in has the same chance.']
  const most =
    mostTickets === 1 ? 'Everybody can have one ticket' : `Everybody can have up to ${ticketsInWords(mostTickets)}`
  const weighed = weightsInWords(settings, circles)
  const freely = free.standings.map(
    ({ standing, tickets }) =>
      `For ${somebodyWith(standing, circles)} ${ticketsInWords(tickets)} ${tickets === 1 ? 'is' : 'are'} free.`,
  )
  return [
    `${most}: ${price === 0 ? 'they are free' : priceInWords(settings, currency)}.`,
    ...(price === 0 ? [] : freely),
    ...(price === 0 ? [] : [`Who leaves before it closes has all their ${currency.many} back.`]),
    weighed === ''
      ? 'Every ticket has the same chance.'
      : `${weighed} Any other ticket has weight 1. What counts is the role a viewer has when entering.`,
  ]
}

function drawRules({ winners, draw, claimSeconds, redraw, guess }: RaffleSettings): string[] {
  const many =
    guess !== null
      ? `${winners === 1 ? 'There is one winner' : `There are ${winners} winners`}.`
      : winners === 1
        ? 'One winner is drawn.'
        : `${winners} winners are drawn, ${draw === 'all' ? 'all at once' : 'one after the other'}; nobody wins twice.`
  if (claimSeconds === 0) return [many, 'Winners need not be there.']
  const again = redraw === 'itself' ? 'another one is drawn at once' : 'another one can be drawn'
  return [
    many,
    `Who is drawn says anything in chat, or presses here, within ${durationInWords(claimSeconds)}; else ${again}.`,
  ]
}
