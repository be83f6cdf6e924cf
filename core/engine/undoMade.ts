import { betHandlers } from '../bets/index.ts'
import { commandHandlers } from '../commands/index.ts'
import { libraryHandlers } from '../library/index.ts'
import { raffleHandlers } from '../raffles/index.ts'
import { rankHandlers } from '../ranks/index.ts'
import { roomHandlers } from '../rooms/index.ts'
import { screenHandlers } from '../screen/index.ts'
import { storeHandlers } from '../store/index.ts'
import { tallyHandlers } from '../tallies/index.ts'
import { triggerHandlers } from '../triggers/index.ts'
import { webhookHandlers } from '../webhooks/index.ts'
import type { Result, World } from '../world/index.ts'

/** What is set back is part of the intent at hand. */
export const envelopeOf = (world: World) => ({ key: world.intentKey, at: world.at })

type Remove = (world: World, id: number) => Result<unknown>

/** How the making of something is set back: it is removed, by the rule that its own page removes it by. */
export const REMOVES: Readonly<Record<string, Remove>> = {
  reward: (world, reward) =>
    storeHandlers['store.archive'].decide(world, { ...envelopeOf(world), kind: 'store.archive', reward }),
  command: (world, command) =>
    commandHandlers['command.remove'].decide(world, { ...envelopeOf(world), kind: 'command.remove', command }),
  trigger: (world, trigger) =>
    triggerHandlers['trigger.remove'].decide(world, { ...envelopeOf(world), kind: 'trigger.remove', trigger }),
  tally: (world, tally) =>
    tallyHandlers['tally.close'].decide(world, { ...envelopeOf(world), kind: 'tally.close', tally }),
  alert: (world, alert) =>
    libraryHandlers['alert.remove'].decide(world, { ...envelopeOf(world), kind: 'alert.remove', alert }),
  overlay: (world, overlay) =>
    screenHandlers['screen.remove'].decide(world, { ...envelopeOf(world), kind: 'screen.remove', overlay }),
  circle: (world, circle) =>
    rankHandlers['circle.close'].decide(world, { ...envelopeOf(world), kind: 'circle.close', circle }),
  room: (world, room) => roomHandlers['room.remove'].decide(world, { ...envelopeOf(world), kind: 'room.remove', room }),
  ownVoice: (world, room) =>
    roomHandlers['room.removeOwnVoice'].decide(world, { ...envelopeOf(world), kind: 'room.removeOwnVoice', room }),
  webhook: (world, webhook) =>
    webhookHandlers['webhook.remove'].decide(world, { ...envelopeOf(world), kind: 'webhook.remove', webhook }),
  betTemplate: (world, template) =>
    betHandlers['bet.removeTemplate'].decide(world, { ...envelopeOf(world), kind: 'bet.removeTemplate', template }),
  raffleSetup: (world, setup) =>
    raffleHandlers['raffle.removeSetup'].decide(world, { ...envelopeOf(world), kind: 'raffle.removeSetup', setup }),
}
