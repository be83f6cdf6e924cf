import { and, asc, eq, isNull } from 'drizzle-orm'
import { type Reader, schema } from '../database/index.ts'

const { bet, goal, raffle } = schema

// That it has not ended is asked for so that the index of what runs serves, however many there have been.
/** What anybody can join this minute, with its name; the store says it, for whoever looks there sees no other page. */
export async function openNow(db: Reader, channel: number) {
  const [raffles, bets, goals] = await Promise.all([
    db
      .select({ id: raffle.id, settings: raffle.settings })
      .from(raffle)
      .where(and(eq(raffle.channel, channel), isNull(raffle.endedAt), eq(raffle.status, 'open')))
      .orderBy(asc(raffle.id)),
    db
      .select({ id: bet.id, settings: bet.settings })
      .from(bet)
      .where(and(eq(bet.channel, channel), isNull(bet.endedAt), eq(bet.status, 'open')))
      .orderBy(asc(bet.id)),
    db
      .select({ id: goal.id, settings: goal.settings })
      .from(goal)
      .where(and(eq(goal.channel, channel), isNull(goal.endedAt), eq(goal.status, 'open')))
      .orderBy(asc(goal.id)),
  ])
  return {
    raffles: raffles.map(({ id, settings: { title } }) => ({ id, name: title })),
    bets: bets.map(({ id, settings: { question } }) => ({ id, name: question })),
    goals: goals.map(({ id, settings: { title } }) => ({ id, name: title })),
  }
}
