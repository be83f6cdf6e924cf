import { startFrom } from '../entering/index.ts'
import {
  actOn,
  enterRaffle,
  needAct,
  needEntry,
  type RaffleRow,
  raffleFrom,
  setupOf,
  ticketsInWords,
} from '../raffles/index.ts'
import type { StepOf } from '../steps/index.ts'
import { type Need, ok, type Result, refuse, type World } from '../world/index.ts'
import { amountOf, oneOf } from './people.ts'
import type { Run } from './run.ts'

const NOT_ON = 'No raffle from this template is on.'

/** What a step about raffles needs. @param people - Whom it gives tickets to. */
export function needRaffleStep(world: World, step: StepOf<'raffle' | 'tickets'>, people: readonly number[]): Need[] {
  const raffle = raffleFrom(world, step.setup)
  if (raffle === undefined) return []
  if (step.do === 'tickets') return people.flatMap((id) => needEntry(raffle.id, id))
  return step.how === 'start' ? [] : needAct(world, raffle, step.how)
}

/** Starts a raffle from a set-up that is kept, or goes on with the one that was started from it. */
export function turnRaffle(run: Run, { how, setup }: StepOf<'raffle'>): Result<string> {
  const { world } = run
  const by = run.caller?.name ?? 'a trigger'
  const done = how === 'start' ? startFrom(world, setup, by) : goOn(world, raffleFrom(world, setup), how, by)
  return done.ok ? ok(`${HOWS[how]} the raffle “${done.value.settings.title}”.`) : done
}

const HOWS = { start: 'Starts', close: 'Closes', draw: 'Draws', callOff: 'Calls off' } as const

const goOn = (world: World, raffle: RaffleRow | undefined, how: 'close' | 'draw' | 'callOff', by: string) =>
  raffle === undefined ? refuse('raffle_not_found', NOT_ON) : actOn(world, raffle, how, { by })

/** Gives somebody tickets of the raffle that is on, without their price. */
export function giveTickets(run: Run, { setup, to, tickets }: StepOf<'tickets'>): Result<string> {
  const { world } = run
  const raffle = raffleFrom(world, setup)
  if (raffle === undefined) {
    const title = setupOf(world, setup)?.settings.title
    return refuse('raffle_not_found', title === undefined ? NOT_ON : `The raffle “${title}” is not on.`)
  }
  const who = oneOf(run, to)
  if (!who.ok) return who
  const wanted = amountOf(run, tickets)
  if (wanted === 0) return ok('Gives no tickets.')
  const entered = enterRaffle(world, raffle, who.value, wanted, 'step')
  return entered.ok
    ? ok(`${who.value.name} gets ${ticketsInWords(entered.value.added)} of “${raffle.settings.title}”.`)
    : entered
}
