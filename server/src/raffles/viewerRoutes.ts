import { Type } from '@sinclair/typebox'
import { Count, closed, exactly, whole } from '#core/schema'
import type { Channels } from '../channels.ts'
import type { Reader } from '../database/index.ts'
import { before, hand, idOf, type Route, route, whoOf } from '../http/index.ts'
import { currencyOf } from '../settings/index.ts'
import { Entered, RaffleFile, RafflesView, RaffleView } from './answers.ts'
import { CheckFiles } from './checkFiles.ts'
import { endedRaffles, runningRafflesOf } from './read.ts'
import { publicRaffle } from './viewed.ts'

/** Raffles as viewers see them, entering, and claiming a prize. */
export function viewerRaffleRoutes(db: Reader, channels: Channels): Route[] {
  const files = new CheckFiles(db)
  return [
    rafflesRoute(db, channels),
    route({
      method: 'get',
      path: '/raffles/:raffle',
      does: 'One raffle: prize, rules, who is in, the caller’s part, and who won',
      answer: RaffleView,
      allowed: 'anyone',
      handle: (call) => publicRaffle(db, channels, call),
    }),
    route({
      method: 'get',
      path: '/raffles/:raffle/check',
      does: 'Everything that a raffle can be checked by; its seed once it has ended',
      answer: RaffleFile,
      allowed: 'anyone',
      limit: 'costly',
      handle: (call) => files.answer(call, 0),
    }),
    route({
      method: 'get',
      path: '/raffles/:raffle/file',
      does: 'The same as a file, to check without us',
      answer: RaffleFile,
      allowed: 'anyone',
      limit: 'costly',
      handle: async (call) => {
        const answer = await files.answer(call, 1)
        const name = `raffle-${call.channel.slug}-${idOf(call.param('raffle'))}.json`
        answer.headers.set('content-disposition', `attachment; filename="${name}"`)
        return answer
      },
    }),
    ...enterRoutes(channels),
  ]
}

const rafflesRoute = (db: Reader, channels: Channels): Route =>
  route({
    method: 'get',
    path: '/raffles',
    does: 'The raffles that are on, and the last that ended with who won',
    answer: RafflesView,
    asks: { before },
    allowed: 'anyone',
    handle: async ({ channel, asked }) => ({
      now: channels.clock(),
      currency: await currencyOf(db, channel.id),
      running: (await runningRafflesOf(db, channel.id)).map(inList),
      ended: (await endedRaffles(db, channel.id, asked)).map((row) => ({
        ...inList(row),
        winners: row.winners.filter(({ state }) => state === 'won').map(({ name }) => name),
      })),
    }),
  })

type Listed = Pick<
  Awaited<ReturnType<typeof runningRafflesOf>>[number],
  'id' | 'settings' | 'status' | 'opensAt' | 'closesAt' | 'endedAt' | 'people' | 'won'
>

const inList = ({ id, settings, status, opensAt, closesAt, endedAt, people, won }: Listed) => {
  const { title, picture, word, byWord, winners, price } = settings
  return {
    id,
    title,
    picture,
    word: word.word,
    byWord,
    winners,
    price,
    status,
    opensAt,
    closesAt,
    endedAt,
    people,
    won,
  }
}

/** So many tickets more, or a guess. */
const Wanted = Type.Union([Type.Literal('some'), Type.Literal('max'), Type.Literal('leave'), whole(0, 1_000_000_000)])

function enterRoutes(channels: Channels): Route[] {
  return [
    route({
      method: 'post',
      path: '/raffles/:raffle/enter',
      does: 'Enter a raffle, add tickets, or leave it',
      answer: Entered,
      allowed: 'viewer',
      body: Type.Object({ wanted: Wanted }, closed),
      handle: async ({ channel, caller, key, header, param, body }) => {
        const intent = {
          kind: 'raffle.enter',
          who: whoOf(caller),
          raffle: idOf(param('raffle')),
          wanted: body.wanted,
        } as const
        return hand(channels, { channel, key, header }, intent)
      },
    }),
    route({
      method: 'post',
      path: '/raffles/claim',
      does: 'Claim what one has been drawn for',
      answer: exactly({ claimed: Count }),
      allowed: 'viewer',
      handle: (call) => hand(channels, call, { kind: 'raffle.claim', who: whoOf(call.caller) }),
    }),
  ]
}
