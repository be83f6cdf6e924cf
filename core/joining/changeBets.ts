import { alertIds, type BetDefaults, betsSetting, termsFaults } from '../bets/index.ts'
import { firstFault } from '../faults.ts'
import { writeSetting } from '../settings/index.ts'
import { betListeners, checkListeners, otherListeners } from '../words/index.ts'
import { type Handler, ok, refuse } from '../world/index.ts'

export interface ChangeBets {
  readonly kind: 'bets.change'
  readonly defaults: BetDefaults
}

/** Changes the word by which people bet, and the usual terms. Bets that are on go on with theirs. */
export const changeBets = {
  decide(world, { defaults }) {
    const fault = firstFault(termsFaults(defaults.terms, alertIds(world)))
    if (fault !== undefined) return refuse('bet_invalid', fault)
    const words = checkListeners([...otherListeners(world, { bets: true }), ...betListeners(defaults)])
    if (!words.ok) return words
    writeSetting(world, betsSetting, defaults)
    world.fact('bet.setups', 'desk', { template: null })
    return ok({})
  },
} satisfies Handler<ChangeBets>
