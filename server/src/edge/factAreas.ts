import { type Area, may, type Rights } from '#core/team'
import type { Fact, FactKind } from '#core/world'

type Feature = FactKind extends `${infer F}.${string}` ? F : never

/** Who may look in one of these areas is told of a feature's facts; none: all of the team are. */
const AREAS_OF: { readonly [F in Feature]: readonly Area[] } = {
  account: ['people'],
  balance: ['people'],
  bet: ['bets'],
  channel: [],
  chat: ['show'],
  circle: ['ranks', 'people'],
  commands: [],
  currency: [],
  duel: ['games'],
  earning: ['earning', 'show'],
  economy: [],
  event: ['connections', 'show'],
  fairness: ['raffles', 'games'],
  games: ['games'],
  goal: ['bets'],
  me: ['people'],
  message: ['people'],
  order: ['waiting'],
  people: ['people', 'show'],
  player: ['games'],
  presence: ['show', 'earning'],
  raffle: ['raffles'],
  rank: ['ranks', 'people'],
  ranks: ['ranks', 'people'],
  redemption: ['waiting'],
  rooms: ['connections'],
  round: ['games', 'show'],
  run: ['commands'],
  screen: ['screen'],
  show: [],
  starter: [],
  store: ['store'],
  supporter: ['people'],
  tally: ['people', 'commands'],
  team: ['team'],
  tip: ['people'],
  webhooks: ['connections'],
}

/** Whether somebody of the team is told of a fact at the desk: what everybody is told, and what their rights let them see. */
export function maySee(rights: Rights, { kind, audience }: Pick<Fact, 'kind' | 'audience'>): boolean {
  const areas = AREAS_OF[kind.slice(0, kind.indexOf('.')) as Feature]
  return audience === 'everyone' || areas.length === 0 || areas.some((area) => may(rights, area, 'look'))
}
