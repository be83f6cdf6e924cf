import { firstFault } from '../faults.ts'
import { type Handler, ok, type Result, refuse, type World } from '../world/index.ts'
import { alertIds, betFaults } from './faults.ts'
import { openBet } from './open.ts'
import { type BetRow, betTemplateOf, betTemplates, openBetTemplates, savedBetTemplates } from './rows.ts'
import type { BetSettings } from './schema.ts'

export interface SaveBetTemplate {
  readonly kind: 'bet.saveTemplate'
  /** Null: a new one. */
  readonly template: number | null
  readonly settings: BetSettings
  /** The digit that opens it at the desk; one that another has is taken over. */
  readonly digit: number | null
}

/** Keeps a bet to open it from, or changes one. Bets that were opened from it stay as they are. */
export const saveBetTemplate = {
  decide(world, { template, settings, digit }) {
    const fault = firstFault(betFaults(settings, alertIds(world)))
    if (fault !== undefined) return refuse('bet_invalid', fault)
    const before = savedBetTemplates.before(world, template)
    if (!before.ok) return before
    const id = before.value?.id ?? world.nextId()
    for (const other of openBetTemplates(world))
      if (digit !== null && other.digit === digit && other.id !== id) world.put(betTemplates, { ...other, digit: null })
    world.put(betTemplates, { id, settings, digit, goneAt: null })
    world.fact('bet.setups', 'desk', { template: id })
    return ok({ template: id })
  },
} satisfies Handler<SaveBetTemplate>

export interface RemoveBetTemplate {
  readonly kind: 'bet.removeTemplate'
  readonly template: number
}

/** Takes a template away. */
export const removeBetTemplate = {
  decide(world, { template }) {
    const found = savedBetTemplates.need(world, template)
    if (!found.ok) return found
    world.put(betTemplates, { ...found.value, digit: null, goneAt: world.at })
    world.fact('bet.setups', 'desk', { template })
    return ok({ template })
  },
} satisfies Handler<RemoveBetTemplate>

/** Opens a bet from a template that is kept. */
export function openFromTemplate(world: World, template: number, by: string): Result<BetRow> {
  const known = betTemplateOf(world, template)
  if (known === undefined) return refuse('bet_not_found', 'The bet’s template was removed.')
  return openBet(world, { settings: known.settings, template, byName: by })
}
