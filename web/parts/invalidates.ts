import type { FactKind, KindFor } from '#core/engine'
import type { QueryName } from './queryKey.ts'

type Names = readonly QueryName[]

/**
 * Which queries a kind of fact makes outdated. The desk is told of everything, viewer pages of what is for everyone or for
 * their viewer. Where nothing is named, the fact itself tells all that has changed, or no page shows it.
 */
const INVALIDATES: {
  readonly [K in FactKind]: K extends KindFor<'everyone' | 'viewer'>
    ? { readonly desk: Names; readonly viewer: Names }
    : { readonly desk: Names }
} = {
  'account.linked': { desk: [], viewer: ['accounts', 'me', 'channel'] },
  'balance.changed': { desk: [], viewer: ['me', 'standing'] },
  'balance.full': { desk: [], viewer: [] },
  'bet.changed': { desk: ['bets'], viewer: ['bets', 'openNow'] },
  'bet.counted': { desk: ['bets'], viewer: [] },
  'bet.ended': { desk: ['bets'], viewer: ['bets', 'me', 'openNow'] },
  'bet.own': { desk: ['bets'], viewer: ['bets'] },
  'bet.recorded': { desk: ['bets'] },
  'bet.setups': { desk: ['bets', 'commands'] },
  'channel.changed': { desk: ['status', 'channelState', 'buttons'], viewer: ['channel'] },
  'channel.setUp': { desk: [] },
  'chat.replied': { desk: [] },
  'chat.said': { desk: [] },
  'chat.voice': { desk: ['status', 'commands', 'buttons'] },
  'chat.words': { desk: ['words', 'commands'] },
  'circle.changed': { desk: ['viewer', 'people'] },
  'commands.changed': { desk: ['commands', 'buttons', 'platformRewards'], viewer: ['commands'] },
  'currency.changed': { desk: ['status', 'words', 'earning'], viewer: ['channel'] },
  'duel.asked': { desk: [], viewer: ['games'] },
  'economy.switched': { desk: ['status', 'earning'], viewer: ['channel'] },
  'earning.changed': { desk: ['earning'], viewer: ['channel'] },
  'earning.drafted': { desk: ['earning'] },
  'earning.paid': { desk: ['status', 'present', 'evening', 'viewer'], viewer: ['me'] },
  'event.received': { desk: ['connections'] },
  'fairness.committed': { desk: [], viewer: [] },
  'fairness.opened': { desk: [], viewer: [] },
  'games.changed': { desk: ['games', 'commands'], viewer: ['games', 'channel'] },
  'goal.changed': { desk: ['goals'], viewer: ['goals', 'openNow'] },
  'goal.counted': { desk: ['goals'], viewer: [] },
  'goal.ended': { desk: ['goals'], viewer: ['goals', 'openNow'] },
  'goal.milestone': { desk: ['goals'], viewer: ['goals'] },
  'goal.own': { desk: [], viewer: ['goals'] },
  'goal.words': { desk: ['goals', 'commands'] },
  'me.changed': { desk: [], viewer: ['standing', 'me'] },
  'message.told': { desk: [], viewer: ['messages'] },
  'order.back': { desk: ['orders', 'history', 'store', 'status', 'present', 'evening', 'viewer'] },
  'order.changed': {
    desk: ['orders', 'history', 'store', 'status', 'present', 'evening', 'viewer'],
    viewer: ['me', 'channel'],
  },
  'order.ended': { desk: ['orders', 'history', 'store', 'status', 'present', 'evening', 'viewer'] },
  'order.placed': { desk: ['orders', 'history', 'store', 'status', 'present', 'evening', 'viewer'] },
  'order.taken': { desk: ['orders', 'history', 'store', 'status', 'present', 'evening', 'viewer'] },
  'people.adjusted': { desk: ['viewer', 'present', 'people', 'corrections', 'status'] },
  'people.arrived': { desk: ['status', 'present'] },
  'people.changed': { desk: ['people', 'viewer', 'ranks', 'status', 'present'] },
  'people.left': { desk: ['status', 'present'] },
  'player.sitsOut': { desk: [], viewer: ['ownGames'] },
  'presence.gap': { desk: ['gaps'] },
  'presence.gapEnded': { desk: ['gaps'] },
  'raffle.changed': { desk: ['raffles'], viewer: ['raffles', 'raffle', 'openNow'] },
  'raffle.counted': { desk: ['raffles'], viewer: [] },
  'raffle.drawn': { desk: ['raffles'], viewer: [] },
  'raffle.ended': { desk: ['raffles'], viewer: ['raffles', 'raffle', 'raffleCheck', 'openNow'] },
  'raffle.own': { desk: ['raffles'], viewer: ['raffle'] },
  'raffle.recorded': { desk: ['raffles'] },
  'raffle.revealed': { desk: ['raffles'], viewer: [] },
  'raffle.setups': { desk: ['raffleForm', 'commands', 'raffles'] },
  'rank.changed': { desk: ['viewer'] },
  'ranks.changed': { desk: ['ranks', 'people'], viewer: ['standing', 'channel'] },
  'redemption.ended': { desk: ['redemptions'] },
  'redemption.waits': { desk: ['redemptions'] },
  'rooms.changed': { desk: ['connections', 'rooms', 'status'] },
  'round.changed': { desk: ['rounds', 'games'], viewer: ['games', 'ownGames', 'round'] },
  'round.ended': { desk: ['rounds', 'games'], viewer: ['games', 'ownGames', 'rounds', 'round'] },
  'round.joined': { desk: ['rounds', 'games'], viewer: [] },
  'run.ended': { desk: ['runs', 'buttons'] },
  'screen.added': { desk: ['status', 'screen', 'store'] },
  'screen.alert': { desk: ['status', 'screen', 'store'] },
  'screen.changed': { desk: ['status', 'screen', 'store'] },
  'screen.control': { desk: ['status', 'screen', 'store'] },
  'screen.media': { desk: ['status', 'screen', 'store'] },
  'screen.renewed': { desk: ['status', 'screen', 'store'] },
  'screen.sound': { desk: ['status', 'screen', 'store'] },
  'show.ended': { desk: ['status', 'evening', 'present', 'buttons'], viewer: ['channel', 'me', 'standing'] },
  'show.guest': { desk: ['status', 'evening', 'present'], viewer: ['channel', 'me', 'standing'] },
  'show.settled': { desk: ['status', 'evening', 'present'] },
  'show.started': { desk: ['status', 'evening', 'present', 'buttons'], viewer: ['channel', 'me', 'standing'] },
  'starter.changed': { desk: ['starter'] },
  'store.changed': { desk: ['store', 'commands'], viewer: ['channel'] },
  'store.low': { desk: ['store'] },
  'store.codesLow': { desk: ['store', 'commands'] },
  'store.rests': { desk: ['store', 'commands'], viewer: [] },
  'store.stock': { desk: ['store', 'commands'], viewer: [] },
  'supporter.matched': { desk: ['supporters'] },
  'supporter.waits': { desk: ['supporters'] },
  'tally.changed': { desk: ['tally', 'viewer'] },
  'tally.corrected': { desk: ['tally', 'viewer'] },
  'team.changed': { desk: ['team', 'status'] },
  'tip.decided': { desk: ['connections'] },
  'tip.waits': { desk: ['connections'] },
  'webhooks.changed': { desk: ['webhooks'] },
}

/** A server that is newer than this page tells kinds that it does not know. */
const lineOf = (kind: FactKind): { readonly desk: Names; readonly viewer?: Names } =>
  Object.hasOwn(INVALIDATES, kind) ? INVALIDATES[kind] : { desk: [] }

/** The queries of the desk that a fact makes outdated. */
export const invalidatedAtDesk = (kind: FactKind): Names => lineOf(kind).desk

/** The queries of the viewer pages that a fact makes outdated. */
export const invalidatedForViewer = (kind: FactKind): Names => lineOf(kind).viewer ?? []
