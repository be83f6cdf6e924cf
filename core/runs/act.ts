import { currencySetting, digits, inWords } from '../currency/index.ts'
import { payFor } from '../earning/index.ts'
import { callOffOpen, GAME_NAMES, openForAll } from '../games/index.ts'
import { BOOKS, balanceOf, transfer } from '../ledger/index.ts'
import type { ViewerRow } from '../people/index.ts'
import { moveInCircle } from '../ranks/index.ts'
import type { Amount } from '../schema.ts'
import { showAlert, showSaved, showSound } from '../screen/index.ts'
import { readSetting } from '../settings/index.ts'
import type { Step, StepOf } from '../steps/index.ts'
import { award, passOn, tallyInWords, tallyOf } from '../tallies/index.ts'
import { answer, say, sayPrivately } from '../voice/index.ts'
import { ok, type Result, refuse } from '../world/index.ts'
import { turnBet } from './bets.ts'
import { fieldsNow } from './fields.ts'
import { fill } from './fill.ts'
import { amountOf, oneOf, peopleOf, whom } from './people.ts'
import { giveTickets, turnRaffle } from './raffles.ts'
import type { Run } from './run.ts'

type Acting = Exclude<Step, { do: 'choose' | 'when' | 'call' | 'wait' | 'order' }>

/** Does one step. @returns What it came to, as a sentence; or why it cannot be done, and with it the whole run. */
export function act(run: Run, step: Acting): Result<string> {
  switch (step.do) {
    case 'say':
      return speak(run, step.text)
    case 'tell':
      return tellOne(run, step)
    case 'pay':
      return pay(run, step)
    case 'take':
      return take(run, step)
    case 'tally':
      return step.how === 'pass' ? pass(run, step) : count(run, step)
    case 'alert':
      return alert(run, step)
    case 'sound':
      showSound(run.world, step.sound)
      return ok(`Plays ${step.sound}.`)
    case 'circle':
      return join(run, step)
    case 'round':
      return turnRound(run, step)
    case 'raffle':
      return turnRaffle(run, step)
    case 'tickets':
      return giveTickets(run, step)
    case 'bet':
      return turnBet(run, step)
  }
}

function turnRound(run: Run, { how, game }: StepOf<'round'>): Result<string> {
  const by = run.caller?.name ?? 'a trigger'
  const done = how === 'open' ? openForAll(run.world, game) : callOffOpen(run.world, game, by)
  return done.ok ? ok(`${how === 'open' ? 'Opens' : 'Calls off'} the game ${GAME_NAMES[game]}.`) : done
}

function speak(run: Run, text: string): Result<string> {
  const { world, asker, reply } = run
  const filled = fill(run, text)
  if (asker === null) say(world, { topic: 'triggers', to: null, text: filled })
  else answer(world, asker, filled, reply === null ? {} : { reply })
  return ok(filled === '' ? 'Says nothing: the text is empty.' : `Says: ${filled}`)
}

function tellOne(run: Run, { to, text }: StepOf<'tell'>): Result<string> {
  const who = oneOf(run, to)
  if (!who.ok) return who
  const filled = fill(run, text)
  sayPrivately(run.world, { viewer: who.value, text: filled })
  return ok(`Tells ${who.value.name} privately: ${filled}`)
}

const change = (run: Run, { name }: ViewerRow, before: number, after: number): string =>
  `${name} ${digits(before)} → ${inWords(after, readSetting(run.world, currencySetting))}`

function pay(run: Run, step: StepOf<'pay'>): Result<string> {
  const { world, source } = run
  const people = peopleOf(run, step.to)
  if (!people.ok) return people
  const amount = amountOf(run, step.amount)
  if (amount === 0) return ok('Pays nothing.')
  let [paid, said] = [0, '']
  for (const viewer of people.value) {
    const before = balanceOf(world, viewer.id)
    const got = payFor(world, viewer, amount, {
      reason: 'run',
      about: run.id,
      detail: { name: source.name, pays: amount },
    })
    paid += got
    said = change(run, viewer, before, before + got)
  }
  run.paid += paid
  return ok(`Pays ${sum(run, paid)} to ${whom(people.value)}${people.value.length === 1 ? `: ${said}` : ''}.`)
}

/** Of one person all of it or the run fails; of many at most what each has. */
function take(run: Run, step: StepOf<'take'>): Result<string> {
  const { world, source } = run
  const people = peopleOf(run, step.from)
  if (!people.ok) return people
  const amount = amountOf(run, step.amount)
  const many = step.from.of === 'present' || step.from.of === 'circle'
  let [taken, said] = [0, '']
  for (const viewer of people.value) {
    const before = balanceOf(world, viewer.id)
    const asked = many ? Math.min(amount, before) : amount
    if (asked === 0) continue
    const detail = { name: source.name }
    const moved = transfer(world, {
      from: viewer.id,
      to: BOOKS.spent,
      amount: asked,
      reason: 'charged',
      about: run.id,
      detail,
    })
    if (!moved.ok) return tooLittle(run, viewer, asked, before)
    world.fact('balance.changed', `viewer:${viewer.id}`, { balance: before - asked })
    taken += asked
    said = change(run, viewer, before, before - asked)
  }
  run.taken += taken
  return ok(`Takes ${sum(run, taken)} from ${whom(people.value)}${people.value.length === 1 ? `: ${said}` : ''}.`)
}

function tooLittle(run: Run, { name }: ViewerRow, asked: number, balance: Amount): Result<never> {
  const currency = readSetting(run.world, currencySetting)
  const short = asked - balance
  const sentence = `That takes ${inWords(asked, currency)}; ${name} has ${digits(balance)}, ${digits(short)} short.`
  return refuse('balance_too_small', sentence, { balance, short })
}

const sum = (run: Run, amount: Amount): string => inWords(amount, readSetting(run.world, currencySetting))

function count(run: Run, step: StepOf<'tally'>): Result<string> {
  const { world } = run
  const tally = tallyOf(world, step.tally)
  if (tally === undefined) return refuse('tally_not_found', 'The tally it counts is gone.')
  const people = peopleOf(run, step.to)
  if (!people.ok) return people
  const amount = amountOf(run, step.amount)
  let said = ''
  for (const { id, name } of people.value) {
    const { before, after } = award(world, tally, id, step.how as 'add', amount)
    said = `: ${name} ${digits(before)} → ${tallyInWords(tally, after)}`
  }
  const one = people.value.length === 1
  return ok(`${tally.name}, ${HOWS[step.how]} ${digits(amount)}, ${whom(people.value)}${one ? said : ''}.`)
}

const HOWS: Readonly<Record<string, string>> = { add: 'adds', take: 'takes', set: 'sets to', pass: 'passes on' }

function pass(run: Run, step: StepOf<'tally'>): Result<string> {
  const { world, caller } = run
  const tally = tallyOf(world, step.tally)
  if (tally === undefined) return refuse('tally_not_found', 'The tally it passes on is gone.')
  const to = oneOf(run, step.to)
  if (!to.ok) return to
  if (caller === undefined) return refuse('person_missing', 'There is nobody to pass anything on.')
  const amount = amountOf(run, step.amount)
  const done = passOn(world, tally, caller.id, to.value.id, amount)
  return done.ok ? ok(`${caller.name} passes ${tallyInWords(tally, amount)} on to ${to.value.name}.`) : done
}

function alert(run: Run, step: StepOf<'alert'>): Result<string> {
  const { picture, sound, seconds } = step
  if (step.alert !== undefined) {
    const shown = showSaved(run.world, step.alert, fieldsNow(run))
    return shown === undefined
      ? refuse('alert_not_found', 'The alert it shows was removed.')
      : ok(`Shows the alert “${shown.name}”.`)
  }
  const [title, line] = [fill(run, step.title), fill(run, step.line)]
  showAlert(run.world, { title, line, picture, sound, seconds })
  return ok(`Shows: ${title}${line === '' ? '' : ` / ${line}`}`)
}

function join(run: Run, { circle, how, who }: StepOf<'circle'>): Result<string> {
  const { world } = run
  const people = peopleOf(run, who)
  if (!people.ok) return people
  const ids = people.value.map(({ id }) => id)
  const done = moveInCircle(world, { circle, viewers: ids, how })
  if (!done.ok) return refuse('circle_not_found', 'The circle it is about is gone.')
  return ok(`${whom(people.value)} ${how === 'in' ? 'joins' : 'leaves'} the circle.`)
}
