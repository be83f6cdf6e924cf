import type { KindFor } from '#core/engine'

/** The kinds of facts that viewer pages are told of. */
export type ViewerKind = KindFor<'everyone' | 'viewer'>

/** Which queries of the viewer pages a kind of fact makes outdated. */
export const OUTDATES: Readonly<Record<ViewerKind, readonly string[]>> = {
  'account.linked': ['accounts', 'me', 'channel'],
  'balance.changed': ['me', 'standing'],
  'balance.full': [],
  'commands.changed': ['commands'],
  'currency.changed': ['channel'],
  'duel.asked': ['games'],
  'earning.changed': ['channel'],
  'earning.paid': ['me'],
  'fairness.committed': [],
  'fairness.opened': [],
  'games.changed': ['games', 'channel'],
  'me.changed': ['standing', 'me'],
  'message.told': ['messages'],
  'order.changed': ['me', 'channel'],
  'player.sitsOut': ['ownGames'],
  'raffle.changed': ['raffles', 'raffle'],
  // These tell all that has changed.
  'raffle.counted': [],
  'raffle.drawn': [],
  'raffle.revealed': [],
  'raffle.ended': ['raffles', 'raffle', 'raffleCheck'],
  'raffle.own': ['raffle'],
  'ranks.changed': ['standing', 'channel'],
  'round.changed': ['games', 'ownGames', 'round'],
  'round.ended': ['games', 'ownGames', 'rounds', 'round'],
  'round.joined': [],
  'show.ended': ['channel', 'me', 'standing'],
  'show.guest': ['channel', 'me', 'standing'],
  'show.started': ['channel', 'me', 'standing'],
  'store.changed': ['channel'],
  'store.rests': [],
  'store.stock': [],
}
