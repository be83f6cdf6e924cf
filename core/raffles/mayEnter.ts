import { daysInWords, followShort, watchShort } from '../access/index.ts'
import { durationInWords } from '../currency/index.ts'
import type { Seconds, UnixSeconds } from '../schema.ts'
import { ok, type Result, refuse } from '../world/index.ts'
import type { RaffleRow } from './rows.ts'
import type { RaffleSettings } from './schema.ts'

const DAY = 86_400

/** All of somebody that decides whether they may enter. Times in seconds since 1970. */
export interface Person {
  readonly ignored: boolean
  /** Why they are none of those who may; undefined: they are. */
  readonly barred: string | undefined
  readonly watchedSeconds: Seconds
  readonly followedAt: UnixSeconds | null
  /** How many of the shows that are asked for they attended. */
  readonly attended: number
  /** When they won last; 0: never. */
  readonly wonAt: UnixSeconds
}

type Terms = Pick<RaffleSettings, 'hours' | 'followDays' | 'seen' | 'winnerDays'>

function followsLongEnough(days: number, followedAt: UnixSeconds | null, at: UnixSeconds): Result<true> {
  const left = followShort(days, { followedAt }, at)
  if (left === 0) return ok(true)
  const forWhom = `This raffle is for followers of ${daysInWords(days)}`
  if (left === null) return refuse('raffle_follow', `${forWhom}; you do not follow yet.`)
  return refuse('raffle_follow', `${forWhom}; for you that is in ${daysInWords(Math.ceil(left / DAY))}.`)
}

/** Whether somebody may be in a raffle with such terms, whatever its state; a refusal says what is missing. */
export function personMay(terms: Terms, person: Person, at: UnixSeconds): Result<true> {
  const { hours, followDays, seen, winnerDays } = terms
  if (person.ignored) return refuse('viewer_ignored', 'This account is ignored in this channel.')
  if (person.barred !== undefined) return refuse('raffle_not_for_you', person.barred)
  const short = watchShort(hours, person)
  if (short > 0)
    return refuse(
      'raffle_hours',
      `This raffle is for viewers who have watched ${hours} h or more; you need ${durationInWords(Math.ceil(short / 60) * 60)} more.`,
      { seconds: short },
    )
  const follows = followsLongEnough(followDays, person.followedAt, at)
  if (!follows.ok) return follows
  if (person.attended < seen.least)
    return refuse(
      'raffle_seen',
      `This raffle is for viewers who attended ${seen.least} of the last ${seen.of} shows for five minutes or more; you attended ${person.attended}.`,
      { attended: person.attended, least: seen.least },
    )
  const rests = winnerDays * DAY - (at - person.wonAt)
  if (winnerDays > 0 && person.wonAt > 0 && rests > 0)
    return refuse(
      'raffle_won_lately',
      `You won recently; you can enter again in ${daysInWords(Math.ceil(rests / DAY))}.`,
      {
        days: Math.ceil(rests / DAY),
      },
    )
  return ok(true)
}

/** Whether anybody can enter now; a refusal says since when not, or when it opens. */
export function takesEntries({ status, settings, opensAt, closedAt }: RaffleRow, at: UnixSeconds): Result<true> {
  const { title, word } = settings
  switch (status) {
    case 'open':
      return ok(true)
    case 'planned': {
      const when =
        opensAt === null ? 'Wait for it to be opened' : `It opens in ${durationInWords(Math.max(1, opensAt - at))}`
      return refuse('raffle_not_open', `The raffle “${title}” is not open yet. ${when}; then type !${word.word}.`)
    }
    case 'closed': {
      const ago = closedAt === null ? 0 : at - closedAt
      return refuse(
        'raffle_closed',
        `The raffle “${title}” closed ${ago < 5 ? 'just now' : `${durationInWords(ago)} ago`}.`,
      )
    }
    case 'returning':
    case 'off':
      return refuse('raffle_closed', `The raffle “${title}” was called off.`)
    case 'finished':
      return refuse('raffle_closed', `The raffle “${title}” is over.`)
  }
}
