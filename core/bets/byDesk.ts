import type { BetId } from '../schema.ts'
import { type Handler, needKey, ok, refuse } from '../world/index.ts'
import { BET_GONE } from './act.ts'
import { openBet } from './open.ts'
import { betEvidence } from './rows.ts'
import type { BetSettings } from './schema.ts'

export interface OpenBet {
  readonly kind: 'bet.open'
  readonly settings: BetSettings
  readonly template: number | null
  readonly by: string
}

/** Opens a bet as the desk wants it. */
export const openByDesk = {
  decide(world, { settings, template, by }) {
    const opened = openBet(world, { settings, template, byName: by })
    return opened.ok ? ok({ bet: opened.value.id, status: opened.value.status }) : opened
  },
} satisfies Handler<OpenBet>

export interface RecordBet {
  readonly kind: 'bet.record'
  readonly bet: BetId
  readonly note: string
  readonly link: string
}

/** Notes what shows how a bet ended; also long after it has. */
export const recordBet = {
  needs: (_, { bet }) => [needKey(betEvidence, bet)],
  decide(world, { bet: id, note, link }) {
    if (world.get(betEvidence, id) === undefined) return refuse('bet_not_found', BET_GONE)
    world.put(betEvidence, { id, note: note.trim(), link })
    world.fact('bet.recorded', 'desk', { bet: id })
    return ok({ bet: id })
  },
} satisfies Handler<RecordBet>
