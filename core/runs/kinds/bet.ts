import { actOnBet, type BetRow, betFrom, needBetAct, openFromTemplate } from '../../bets/index.ts'
import type { StepOf } from '../../steps/index.ts'
import { type Need, ok, type Result, refuse, type World } from '../../world/index.ts'
import type { StepRule } from '../rule.ts'
import type { Run } from '../run.ts'

const HOWS = { open: 'Opens', lock: 'Locks', callOff: 'Calls off' } as const

function needBetStep(world: World, { how, template }: StepOf<'bet'>): Need[] {
  const bet = betFrom(world, template)
  return how === 'open' || bet === undefined ? [] : needBetAct(bet.id, how)
}

/** Opens a bet from a template that is kept, or goes on with the one that was opened from it. */
function turnBet(run: Run, { how, template }: StepOf<'bet'>): Result<string> {
  const { world } = run
  const by = run.caller?.name ?? 'a trigger'
  const done = how === 'open' ? openFromTemplate(world, template, by) : goOn(world, betFrom(world, template), how, by)
  return done.ok ? ok(`${HOWS[how]} the bet “${done.value.settings.question}”.`) : done
}

function goOn(world: World, bet: BetRow | undefined, how: 'lock' | 'callOff', by: string): Result<BetRow> {
  if (bet === undefined) return refuse('bet_not_found', 'No bet from this template is on.')
  return actOnBet(world, bet, how === 'lock' ? { does: 'lock' } : { does: 'callOff', why: '' }, by)
}

export const bet: StepRule<'bet'> = {
  faults: ({ template }, { bets }) => (bets.some(({ id }) => id === template) ? [] : ['Choose a template of a bet.']),
  needs: needBetStep,
  act: turnBet,
}
