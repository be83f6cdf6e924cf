import type { Channels } from '../channels.ts'

const ROUNDS = "select id from round where channel = $1 and status not in ('settled', 'off')"
const RAFFLES = "select id from raffle where channel = $1 and status in ('planned', 'open', 'closed')"

const BETS = "select id from bet where channel = $1 and status in ('open', 'locked', 'announced')"

const GOALS = "select id from goal where channel = $1 and status in ('planned', 'open')"

interface Resting {
  readonly channels: Channels
  readonly channel: number
  /** Of the request that it follows from. */
  readonly key: string
  readonly by: string
}

/** Ends what goes on in a channel that is about to rest: the show, and games, with every stake given back. */
export async function endWhatGoesOn({ channels, channel, key, by }: Resting): Promise<void> {
  await channels.submit(channel, `${key}/show`, { kind: 'show.end' })
  for (const id of await idsOf(channels, channel, ROUNDS))
    await channels.submit(channel, `${key}/round/${id}`, { kind: 'game.callOff', round: id, by })
}

/** Calls off every raffle of a channel that is about to be closed; one where winners are drawn already is finished as it stands. */
export async function callOffRaffles({ channels, channel, key, by }: Resting): Promise<void> {
  for (const raffle of await idsOf(channels, channel, RAFFLES)) {
    const act = { kind: 'raffle.act', raffle, by } as const
    const why = 'The channel was closed.'
    const off = await channels.submit(channel, `${key}/raffle/${raffle}`, { ...act, does: 'callOff', why })
    if (!off.ok) await channels.submit(channel, `${key}/raffle/${raffle}/end`, { ...act, does: 'finish' })
  }
}

/** Calls off every bet of a channel that is about to be closed; what is being paid already goes on. */
export async function callOffBets({ channels, channel, key, by }: Resting): Promise<void> {
  const act = { does: 'callOff', why: 'The channel was closed.' } as const
  for (const bet of await idsOf(channels, channel, BETS))
    await channels.submit(channel, `${key}/bet/${bet}`, { kind: 'bet.act', bet, act, by })
}

/** Calls off every goal of a channel that is about to be closed: everybody is refunded. */
export async function callOffGoals({ channels, channel, key, by }: Resting): Promise<void> {
  const why = 'The channel was closed.'
  for (const goal of await idsOf(channels, channel, GOALS))
    await channels.submit(channel, `${key}/goal/${goal}`, { kind: 'goal.act', goal, does: 'callOff', why, by })
}

const idsOf = async ({ pool }: Channels, channel: number, text: string): Promise<number[]> =>
  (await pool.query<{ id: number }>(text, [channel])).rows.map(({ id }) => Number(id))
